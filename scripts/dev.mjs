import { join } from 'node:path';
import { startDatabase } from './lib/mariadb.mjs';
import { inRoot, STATE } from './lib/paths.mjs';
import { DATABASE_COMMANDS, needCommands, needModules } from './lib/prepare.mjs';
import { run } from './lib/run.mjs';

/** npm run dev: the same database as npm start, with pages rebuilt as sources change. */
const ownDatabase = !process.env.DATABASE_URL;
if (ownDatabase) needCommands(DATABASE_COMMANDS);
await needModules();
const database = ownDatabase ? await startDatabase(process.env.KAMMER_DATA ?? join(STATE, 'mariadb')) : null;
process.on('SIGINT', () => undefined);
const code = await run(process.execPath, [inRoot('node_modules', 'vite', 'bin', 'vite.js'), 'dev', '--host', '127.0.0.1'], {
	env: { ...process.env, DATABASE_URL: database?.url ?? process.env.DATABASE_URL, KAMMER_MIGRATIONS: inRoot('drizzle') }
});
await database?.stop();
process.exit(code);
