import { json } from '@sveltejs/kit';
import { MOST_VALUES } from '$core/form/outside';
import { planFrom, readBody } from '$lib/server/body';
import { cutsOf } from '$lib/server/cuts';
import type { RequestHandler } from './$types';

/** A plan document in, its cut plan out; nothing is stored. */
export const POST: RequestHandler = async ({ request }) => {
	const body = await readBody(request, MOST_VALUES.plan);
	if (!body.ok) return body.error;
	const plan = planFrom(body.value);
	return plan.ok ? json(await cutsOf(plan.value)) : plan.error;
};
