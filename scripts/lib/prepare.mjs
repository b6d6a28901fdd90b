import { createHash } from 'node:crypto';
import {
	existsSync,
	mkdirSync,
	readdirSync,
	readFileSync,
	renameSync,
	rmSync,
	statSync,
	utimesSync,
	writeFileSync
} from 'node:fs';
import { join } from 'node:path';
import { inRoot, ROOT, STATE } from './paths.mjs';
import { must, quietly, which } from './run.mjs';

/** Debian packages by the command they bring. The server's core package brings no system service. */
const PACKAGES = {
	mariadbd: 'mariadb-server-core',
	'mariadb-install-db': 'mariadb-server-core',
	my_print_defaults: 'mariadb-client-core',
	chromium: 'chromium',
	chromedriver: 'chromium-driver'
};

/** What the private database needs. */
export const DATABASE_COMMANDS = ['mariadbd', 'mariadb-install-db', 'my_print_defaults'];
/** What the browser tests and the pictures need. */
export const BROWSER_COMMANDS = ['chromium', 'chromedriver'];

/**
 * Installs the Debian packages behind the commands, or says exactly how.
 * @param {string[]} commands
 * @param {Record<string, string>} [packages] the package that brings each
 */
export function needCommands(commands, packages = PACKAGES) {
	const missing = [...new Set(commands.filter((c) => !which(c)).map((c) => packages[c]))];
	if (missing.length === 0) return;
	if (process.getuid?.() !== 0) {
		console.error(
			`Kammer needs Debian packages that are not here. Run this, then start again:\n\n  sudo apt-get install --no-install-recommends ${missing.join(' ')}\n`
		);
		process.exit(1);
	}
	console.log(`Installing ${missing.join(', ')}`);
	const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
	must('apt-get', ['update', '-qq'], { env });
	must('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...missing], {
		env,
		stdio: ['ignore', 'ignore', 'inherit']
	});
}

function hashFiles(paths) {
	const hash = createHash('sha256');
	const walk = (path) => {
		if (!existsSync(path)) return;
		const entries = readdirSync(path, { withFileTypes: true }).sort((a, b) => (a.name < b.name ? -1 : 1));
		for (const e of entries) {
			const full = join(path, e.name);
			if (e.isDirectory()) walk(full);
			else if (!e.name.endsWith('.test.ts')) hash.update(full.slice(ROOT.length)).update(readFileSync(full));
		}
	};
	for (const p of paths) {
		const full = inRoot(p);
		if (!existsSync(full)) continue;
		try {
			hash.update(p).update(readFileSync(full));
		} catch {
			walk(full);
		}
	}
	return hash.digest('hex');
}

/** Does `work` only when what it depends on has changed since it last succeeded. */
async function onChange(name, hash, there, work) {
	const stamp = join(STATE, `${name}.stamp`);
	if (there && existsSync(stamp) && readFileSync(stamp, 'utf8') === hash) return false;
	await work();
	mkdirSync(STATE, { recursive: true });
	writeFileSync(stamp, hash);
	return true;
}

/** Installs the node modules of package-lock.json, when it changed. */
export async function needModules() {
	const hash = hashFiles(['package.json', 'package-lock.json']);
	await onChange('modules', hash, existsSync(inRoot('node_modules', '.package-lock.json')), () => {
		console.log('Installing node modules');
		// Not `npm ci`: it refuses a lock file without the packages of other platforms, which not every registry mirror
		// carries.
		must('npm', ['install', '--no-save', '--no-audit', '--no-fund', '--ignore-scripts', '--loglevel=error']);
	});
}

/** Builds that are kept: one of them may be what a running server serves from. */
const BUILDS_KEPT = 3;

/**
 * Builds the server and its pages, when sources changed: each state of the sources has a folder of its own, so that a
 * new build takes nothing away from a server that runs.
 * @returns {string} the server's entry file
 */
export function needBuild() {
	const hash = hashFiles([
		'src',
		'static',
		'package-lock.json',
		'svelte.config.js',
		'vite.config.ts',
		'tsconfig.json'
	]).slice(0, 16);
	const builds = join(STATE, 'builds');
	const folder = join(builds, hash);
	const entry = join(folder, 'index.js');
	if (existsSync(entry)) {
		// In use again: the last to be cleared away.
		utimesSync(folder, new Date(), new Date());
		return entry;
	}
	console.log('Building');
	const part = `${folder}.${process.pid}`;
	quietly(process.execPath, [inRoot('node_modules', 'vite', 'bin', 'vite.js'), 'build', '--logLevel', 'error'], {
		KAMMER_BUILD: part
	});
	// Another start may have built the same meanwhile: either is as good.
	if (existsSync(entry)) rmSync(part, { recursive: true, force: true });
	else renameSync(part, folder);
	const byAge = readdirSync(builds)
		.map((name) => join(builds, name))
		.sort((x, y) => statSync(y).mtimeMs - statSync(x).mtimeMs);
	for (const old of byAge.slice(BUILDS_KEPT)) rmSync(old, { recursive: true, force: true });
	return entry;
}
