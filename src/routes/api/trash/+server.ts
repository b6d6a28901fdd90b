import { json } from '@sveltejs/kit';
import { listTrash } from '$lib/server/trash';
import { withDatabase } from '$lib/server/with-database';
import type { RequestHandler } from './$types';

/** What is in the trash, and when it is gone for good. */
export const GET: RequestHandler = () => withDatabase(async () => json(await listTrash()));
