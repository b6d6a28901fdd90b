import { join } from 'node:path';
import { startDatabase } from './lib/mariadb.mjs';
import { inRoot, STATE } from './lib/paths.mjs';
import { freePort, listens } from './lib/ports.mjs';
import { DATABASE_COMMANDS, needBuild, needCommands, needModules } from './lib/prepare.mjs';

/** npm start: everything a fresh machine lacks, then a private database and the server; Ctrl+C stops both. */
const ownDatabase = !process.env.DATABASE_URL;
if (ownDatabase) needCommands(DATABASE_COMMANDS);
await needModules();
const entry = needBuild();

const database = ownDatabase ? await startDatabase(process.env.KAMMER_DATA ?? join(STATE, 'mariadb')) : null;
if (database) process.env.DATABASE_URL = database.url;
const port = await freePort(Number(process.env.PORT ?? 5180));
Object.assign(process.env, {
	HOST: '127.0.0.1',
	PORT: String(port),
	ORIGIN: process.env.ORIGIN ?? `http://127.0.0.1:${port}`,
	NODE_ENV: 'production',
	LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
	// The routes measure bodies themselves and answer with a clear error.
	BODY_SIZE_LIMIT: 'Infinity',
	SHUTDOWN_TIMEOUT: '1',
	KAMMER_MIGRATIONS: inRoot('drizzle')
});

process.on('sveltekit:shutdown', async () => {
	await database?.stop();
	process.exit(0);
});
await import(entry);
while (!(await listens(port))) await new Promise((resolve) => setTimeout(resolve, 20));
console.log(`\nKammer is at http://127.0.0.1:${port}   (Ctrl+C stops it)\n`);
