import { json } from '@sveltejs/kit';
import { listShops } from '$lib/server/shops';
import { withDatabase } from '$lib/server/with-database';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () => withDatabase(async () => json(await listShops()));
