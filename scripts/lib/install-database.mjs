import { spawn } from 'node:child_process';
import { existsSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { which } from './run.mjs';
import { pathFault, StartFault } from './start-fault.mjs';

const asRoot = () => (process.getuid?.() === 0 ? ['--user=root'] : []);
/** Name of a folder that an installation is at work in. */
const NEW = 'data.new-';

function runInstaller(into) {
	return new Promise((resolve) => {
		const child = spawn(
			which('mariadb-install-db'),
			['--no-defaults', `--datadir=${into}`, '--auth-root-authentication-method=socket', '--skip-test-db', ...asRoot()],
			{ stdio: ['ignore', 'pipe', 'pipe'] }
		);
		let said = '';
		const hear = (chunk) => (said = (said + String(chunk)).slice(-20_000));
		child.stdout.on('data', hear);
		child.stderr.on('data', hear);
		child.once('error', (error) => resolve({ code: 1, said: error.message }));
		child.once('close', (code) => resolve({ code, said }));
	});
}

/** Lines that only follow from another. */
const FOLLOWS =
	/Aborting|registration as a STORAGE ENGINE failed|Unknown\/unsupported storage engine|Some plugins may be not loaded/;

/**
 * What the installer or the server says, as the one line that tells most: the first fault that does not follow from
 * another.
 */
export function faultIn(said) {
	if (/Errcode: 28|errno: 28|with error 28|error number 28|No space left/i.test(said))
		return 'there is no space left on the disk: free some, then start again';
	if (/Errcode: (13|30)|with error (13|30)\b|Permission denied|Read-only file system/i.test(said))
		return 'it may not write there: make the folder writable for this user';
	const lines = said.split('\n').filter((line) => line.trim() !== '');
	const errors = lines.filter((line) => /\bERROR\b/i.test(line));
	const telling = errors.find((line) => !FOLLOWS.test(line)) ?? errors[0] ?? lines.at(-1) ?? '';
	return telling
		.replace(/^.*?\[ERROR\]\s*/, '')
		.trim()
		.slice(0, 300);
}

/**
 * Makes a new, empty database in `folder/data`, where there is none. It is made in a folder beside and gets its name
 * when it is whole, so that a start that is killed at any moment leaves either all of it or none. What lies there
 * already is never touched.
 * @throws {StartFault}
 */
export async function installDatabase(folder) {
	const data = join(folder, 'data');
	if (existsSync(data)) {
		if (existsSync(join(data, 'mysql'))) return;
		throw new StartFault(
			`${data} is no whole database: its system tables are missing. Nothing was changed. Put a copy of it back, or move it away and start again for an empty one`
		);
	}
	const left = readdirSync(folder).filter((name) => name.startsWith(NEW));
	if (left.length > 0)
		console.log(
			`Left over from starts that were broken off, of no use any more: ${left.map((name) => join(folder, name)).join(', ')}`
		);
	const into = join(folder, `${NEW}${process.pid}-${Date.now()}`);
	const { code, said } = await runInstaller(into);
	try {
		if (code !== 0) throw new StartFault(`MariaDB could not make its tables in ${folder}: ${faultIn(said)}`);
		renameSync(into, data);
	} catch (error) {
		rmSync(into, { recursive: true, force: true });
		throw error instanceof StartFault ? error : pathFault(data, error);
	}
}
