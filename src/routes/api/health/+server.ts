import { json } from '@sveltejs/kit';
import { sql } from 'drizzle-orm';
import { database } from '$lib/server/db/database';
import { withDatabase } from '$lib/server/with-database';

export const GET = () =>
	withDatabase(async () => {
		const db = await database();
		await db.execute(sql`select 1`);
		return json({ status: 'ok' });
	});
