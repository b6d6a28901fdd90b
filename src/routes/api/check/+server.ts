import { json } from '@sveltejs/kit';
import { checkReport } from '$exchange/check-report';
import { MOST_VALUES } from '$core/form/outside';
import { planFrom, readBody } from '$lib/server/body';
import type { RequestHandler } from './$types';

/** A plan document in, all its checks out; nothing is stored. */
export const POST: RequestHandler = async ({ request }) => {
	const body = await readBody(request, MOST_VALUES.plan);
	if (!body.ok) return body.error;
	const plan = planFrom(body.value);
	return plan.ok ? json(checkReport(plan.value)) : plan.error;
};
