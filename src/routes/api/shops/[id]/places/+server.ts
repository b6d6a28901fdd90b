import { json } from '@sveltejs/kit';
import { placesOf } from '$lib/server/shops';
import { withDatabase } from '$lib/server/with-database';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ params }) => withDatabase(async () => json(await placesOf(params.id)));
