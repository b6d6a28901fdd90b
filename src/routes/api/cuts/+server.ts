import { json } from '@sveltejs/kit';
import { MOST_VALUES } from '$core/form/outside';
import { NO_SUPPLY } from '$core/cutting/offers';
import { planFrom, readBody } from '$lib/server/body';
import { cutsOf } from '$lib/server/cuts';
import type { RequestHandler } from './$types';

/** A plan document in, its cut plan out; nothing is stored. */
export const POST: RequestHandler = async ({ request }) => {
	const body = await readBody(request, MOST_VALUES.plan);
	if (!body.ok) return body.error;
	const plan = planFrom(body.value);
	if (!plan.ok) return plan.error;
	const cuts = await cutsOf(plan.value, NO_SUPPLY, request.signal);
	return cuts instanceof Response ? cuts : json(cuts);
};
