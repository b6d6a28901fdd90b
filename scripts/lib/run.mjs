import { spawn, spawnSync } from 'node:child_process';
import { accessSync, constants } from 'node:fs';
import { delimiter, join } from 'node:path';
import { ROOT } from './paths.mjs';

/** Debian keeps servers in sbin, which ordinary users do not have on their path. */
const PLACES = [...(process.env.PATH ?? '').split(delimiter), '/usr/sbin', '/usr/local/sbin', '/sbin'];

/** Full path of a command, or null. */
export function which(command) {
	for (const place of PLACES) {
		try {
			accessSync(join(place, command), constants.X_OK);
			return join(place, command);
		} catch {
			// Not here; the next place may have it.
		}
	}
	return null;
}

/** Runs a command with its output shown; ends the script with a clear line when it fails. */
export function must(command, args, options = {}) {
	const done = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
	if (done.status !== 0) {
		console.error(`\n${command} ${args.join(' ')} failed${done.error ? `: ${done.error.message}` : ''}`);
		process.exit(1);
	}
}

/** Runs a command whose output matters only when it fails. */
export function quietly(command, args, env = {}) {
	const done = spawnSync(command, args, {
		cwd: ROOT,
		encoding: 'utf8',
		maxBuffer: 64 * 1024 * 1024,
		env: { ...process.env, ...env }
	});
	if (done.status === 0) return;
	console.error(`${done.stdout}\n${done.stderr}\n${command} ${args.join(' ')} failed`);
	process.exit(1);
}

/** Runs a command to its end and gives its exit code. */
export function run(command, args, options = {}) {
	return new Promise((resolve) => {
		const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
		child.on('error', () => resolve(127));
		child.on('exit', (code) => resolve(code ?? 1));
	});
}
