import { join } from 'node:path';
import { startDatabase } from './lib/mariadb.mjs';
import { inRoot, STATE } from './lib/paths.mjs';
import { DATABASE_COMMANDS, needCommands, needModules } from './lib/prepare.mjs';
import { run } from './lib/run.mjs';
import { plainly } from './lib/start-fault.mjs';

/** npm run dev: the same database as npm start, with pages rebuilt as sources change. */
const foreign = process.env.DATABASE_URL;
let database = null;
const stopDatabase = async () => database?.stop();

async function start() {
	if (!foreign) needCommands(DATABASE_COMMANDS);
	await needModules();
	if (!foreign) database = await startDatabase(process.env.KAMMER_DATA ?? join(STATE, 'mariadb'));
	// Ctrl+C reaches the pages' server too, which ends; then the database is stopped.
	process.on('SIGINT', () => undefined);
	const ending = new AbortController();
	process.on('SIGTERM', () => ending.abort());
	const vite = inRoot('node_modules', 'vite', 'bin', 'vite.js');
	const env = { ...process.env, DATABASE_URL: database?.url ?? foreign, KAMMER_MIGRATIONS: inRoot('drizzle') };
	process.exitCode = await run(process.execPath, [vite, 'dev', '--host', '127.0.0.1'], { env, signal: ending.signal });
	await stopDatabase();
}

await plainly(start, stopDatabase);
process.exit();
