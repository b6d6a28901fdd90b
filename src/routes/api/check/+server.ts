import { json } from '@sveltejs/kit';
import { checkReport } from '$exchange/check-report';
import { planFrom, readBody } from '$lib/server/body';
import type { RequestHandler } from './$types';

/** A plan document in, all its checks out; nothing is stored. */
export const POST: RequestHandler = async ({ request }) => {
	const body = await readBody(request);
	if (!body.ok) return body.error;
	const plan = planFrom(body.value);
	return plan.ok ? json(checkReport(plan.value)) : plan.error;
};
