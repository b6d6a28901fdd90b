import { join } from 'node:path';
import { startDatabase } from './lib/mariadb.mjs';
import { inRoot, STATE } from './lib/paths.mjs';
import { freePort } from './lib/ports.mjs';
import { DATABASE_COMMANDS, needBuild, needCommands, needModules } from './lib/prepare.mjs';
import { plainly, StartFault } from './lib/start-fault.mjs';
import { databaseUrlFrom, checkHost, originFrom, portFrom, untilWell } from './lib/start-server.mjs';

/** npm start: everything a fresh machine lacks, then a private database and the server; Ctrl+C stops both. */
const foreign = process.env.DATABASE_URL;
let database = null;
const stopDatabase = async () => database?.stop();

/**
 * Ctrl+C before the server is there to hear it: what was started by then is stopped, and what is just starting once it
 * has.
 */
let broken = false;
async function breakOff() {
	broken = true;
	if (!database) return;
	await stopDatabase();
	process.exit(130);
}
const SIGNALS = ['SIGINT', 'SIGTERM'];

/**
 * Between a port found free and the server listening on it another program may take it. The server tells that to nobody
 * but the process.
 */
function losingPort(port) {
	let hear;
	const lost = new Promise((_, reject) => {
		hear = (error) => {
			const taken = new StartFault(
				`Another program took port ${port} just now: start again, or name another with PORT`
			);
			reject(error?.code === 'EADDRINUSE' ? taken : error);
		};
		process.once('uncaughtException', hear);
	});
	return { lost, done: () => process.off('uncaughtException', hear) };
}

async function start() {
	checkHost(process.env.HOST);
	const wanted = portFrom(process.env.PORT, 5180);
	originFrom(process.env.ORIGIN, '');
	if (foreign) databaseUrlFrom(foreign);
	else needCommands(DATABASE_COMMANDS);
	await needModules();
	const entry = needBuild();

	SIGNALS.forEach((name) => process.on(name, breakOff));
	if (!foreign) {
		database = await startDatabase(process.env.KAMMER_DATA ?? join(STATE, 'mariadb'));
		process.env.DATABASE_URL = database.url;
		if (broken) await breakOff();
	}
	const port = await freePort(wanted);
	const address = `http://127.0.0.1:${port}`;
	Object.assign(process.env, {
		HOST: '127.0.0.1',
		PORT: String(port),
		ORIGIN: originFrom(process.env.ORIGIN, address),
		NODE_ENV: 'production',
		LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
		// The routes measure bodies themselves and answer with a clear error.
		BODY_SIZE_LIMIT: 'Infinity',
		SHUTDOWN_TIMEOUT: '1',
		KAMMER_MIGRATIONS: inRoot('drizzle')
	});
	process.on('sveltekit:shutdown', async () => {
		await stopDatabase();
		process.exit(0);
	});
	const portLost = losingPort(port);
	await import(entry);
	SIGNALS.forEach((name) => process.off(name, breakOff));
	const well = untilWell(address, database, () => console.log('Waiting for the database at DATABASE_URL'));
	await Promise.race([well, portLost.lost]);
	portLost.done();
	console.log(`\nKammer is at ${address}   (Ctrl+C stops it)\n`);
}

await plainly(start, stopDatabase);
