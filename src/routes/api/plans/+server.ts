import { json } from '@sveltejs/kit';
import { MOST_VALUES } from '$core/form/outside';
import { planFrom, readBody } from '$lib/server/body';
import { createPlan, listPlans } from '$lib/server/plans';
import { problem } from '$lib/server/problem';
import { shopExists } from '$lib/server/shops';
import { withDatabase } from '$lib/server/with-database';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () => withDatabase(async () => json(await listPlans()));

/** A plan document in, a new wall out; `?shop=` says whose things hang there. */
export const POST: RequestHandler = async ({ request, url }) => {
	const body = await readBody(request, MOST_VALUES.plan);
	if (!body.ok) return body.error;
	const plan = planFrom(body.value);
	if (!plan.ok) return plan.error;
	const shop = url.searchParams.get('shop');
	return withDatabase(async () => {
		if (shop !== null && !(await shopExists(shop)))
			return problem(422, {
				detail: 'There is no such workshop',
				errors: [{ path: 'shop', message: 'there is none with this id' }]
			});
		const made = await createPlan(plan.value, shop ?? undefined);
		return json(
			{ id: made.id, revision: made.revision },
			{ status: 201, headers: { location: `/api/plans/${made.id}` } }
		);
	});
};
