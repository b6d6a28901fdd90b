import { spawn } from 'node:child_process';
import { inRoot } from './paths.mjs';

/**
 * Starts Kammer as `npm start` does, on any free port and without its log: on a private database in `folder`, or on the
 * one at `databaseUrl`.
 * @param {{ folder?: string, databaseUrl?: string }} options
 * @returns {Promise<{ url: string, child: import('node:child_process').ChildProcess, stop: () => Promise<void> }>} stop
 * is Ctrl+C and the wait for it to end
 */
export async function startKammer({ folder, databaseUrl }) {
	const env = { ...process.env, PORT: '0', LOG_LEVEL: 'silent' };
	delete env.DATABASE_URL;
	if (databaseUrl) env.DATABASE_URL = databaseUrl;
	if (folder) env.KAMMER_DATA = folder;
	const child = spawn(process.execPath, [inRoot('scripts', 'start.mjs')], { env, stdio: ['ignore', 'pipe', 'pipe'] });
	const ended = new Promise((resolve) => child.once('exit', resolve));
	const url = await new Promise((resolve, reject) => {
		let said = '';
		const hear = (chunk) => {
			said += String(chunk);
			const at = /Kammer is at (http:\S+)/.exec(said);
			if (at) resolve(at[1]);
		};
		child.stdout.on('data', hear);
		child.stderr.on('data', hear);
		child.once('exit', (code) => reject(new Error(`start ended with ${code}:\n${said}`)));
	});
	return {
		url,
		child,
		async stop() {
			child.kill('SIGINT');
			await ended;
		}
	};
}
