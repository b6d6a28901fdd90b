import { json } from '@sveltejs/kit';
import { planFrom, readBody } from '$lib/server/body';
import { cutsOf } from '$lib/server/cuts';
import type { RequestHandler } from './$types';

/** A plan document in, its cut plan out; nothing is stored. */
export const POST: RequestHandler = async ({ request }) => {
	const body = await readBody(request);
	if (!body.ok) return body.error;
	const plan = planFrom(body.value);
	return plan.ok ? json(await cutsOf(plan.value)) : plan.error;
};
