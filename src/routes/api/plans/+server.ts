import { json } from '@sveltejs/kit';
import { planFrom, readBody } from '$lib/server/body';
import { createPlan, listPlans } from '$lib/server/plans';
import { withDatabase } from '$lib/server/with-database';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () => withDatabase(async () => json(await listPlans()));

/** A plan document in, a new wall out. */
export const POST: RequestHandler = async ({ request }) => {
	const body = await readBody(request);
	if (!body.ok) return body.error;
	const plan = planFrom(body.value);
	if (!plan.ok) return plan.error;
	return withDatabase(async () => {
		const made = await createPlan(plan.value);
		return json({ id: made.id, revision: made.revision }, { status: 201, headers: { location: `/api/plans/${made.id}` } });
	});
};
