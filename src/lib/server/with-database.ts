import { log } from './log';
import { problem } from './problem';

const DOWN =
	/ECONN|ENOTFOUND|ETIMEDOUT|EHOSTUNREACH|PROTOCOL_CONNECTION_LOST|ER_SERVER_SHUTDOWN|ER_ACCESS_DENIED|ENOENT|EPIPE|Pool is closed|closed state/;

/** Is this the driver saying that there is no database to talk to? The cause may be wrapped. */
export function isDatabaseDown(error: unknown): boolean {
	for (let e = error; e instanceof Error; e = e.cause) {
		const code = (e as { code?: unknown }).code;
		if (DOWN.test(`${typeof code === 'string' ? code : ''} ${e.message}`)) return true;
	}
	return false;
}

/** Runs a route's work; without a database it answers 503, so that the screen keeps the work and tries again. */
export async function withDatabase(work: () => Promise<Response>): Promise<Response> {
	try {
		return await work();
	} catch (error) {
		if (!isDatabaseDown(error)) throw error;
		log.error({ err: error }, 'database down');
		return problem(
			503,
			{ detail: 'Your work is kept on this screen and is saved when the database is back' },
			{ 'retry-after': '3' }
		);
	}
}
