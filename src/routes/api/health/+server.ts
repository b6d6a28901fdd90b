import { json } from '@sveltejs/kit';
import { sql } from 'drizzle-orm';
import { database } from '$lib/server/db/database';
import { photos, plans, shopItems, shops } from '$lib/server/db/schema';
import { log } from '$lib/server/log';
import { problem } from '$lib/server/problem';
import { isDatabaseDown, withDatabase } from '$lib/server/with-database';

/** What the driver says, not the statement around it. */
function reasonOf(error: unknown): string {
	if (!(error instanceof Error)) return String(error);
	return error.cause instanceof Error ? reasonOf(error.cause) : error.message;
}

/** Well when every table can be read; else why not. */
export const GET = () =>
	withDatabase(async () => {
		try {
			const db = await database();
			for (const table of [plans, photos, shops, shopItems]) await db.execute(sql`select 1 from ${table} limit 1`);
			return json({ status: 'ok' });
		} catch (error) {
			if (isDatabaseDown(error)) throw error;
			log.error({ reason: reasonOf(error) }, 'database not usable');
			return problem(500, { detail: `${reasonOf(error)}: a table is missing or damaged; put a copy of the data back` });
		}
	});
