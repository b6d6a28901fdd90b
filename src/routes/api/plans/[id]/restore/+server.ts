import { problem } from '$lib/server/problem';
import { restorePlan } from '$lib/server/trash';
import { withDatabase } from '$lib/server/with-database';
import type { RequestHandler } from './$types';

/** Out of the trash again. */
export const POST: RequestHandler = ({ params }) =>
	withDatabase(async () =>
		(await restorePlan(params.id))
			? new Response(null, { status: 204 })
			: problem(404, { detail: 'There is no such wall in the trash' })
	);
