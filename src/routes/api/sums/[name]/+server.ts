import { json } from '@sveltejs/kit';
import { hostile } from '$core/form/outside';
import { sumByName } from '$core/sums/registry';
import { readInputs } from '$core/sums/sum';
import { sumReport } from '$exchange/sums-catalogue';
import { MOST_VALUES } from '$core/form/outside';
import { readBody } from '$lib/server/body';
import { problem } from '$lib/server/problem';
import type { RequestHandler } from './$types';

/** Inputs of one sum in, its worked answer out; nothing is stored. */
export const POST: RequestHandler = async ({ params, request }) => {
	const sum = sumByName(params.name);
	if (!sum) return problem(404, { detail: `There is no sum "${params.name.slice(0, 40)}"; GET /api/sums lists them` });
	const body = await readBody(request, MOST_VALUES.small);
	if (!body.ok) return body.error;
	const bad = hostile(body.value);
	const inputs = bad ? ({ ok: false, error: [bad] } as const) : readInputs(sum, body.value);
	if (!inputs.ok) {
		const [first] = inputs.error;
		return problem(422, {
			title: 'Not valid inputs',
			detail: first ? `${first.path} ${first.message}`.trim() : undefined,
			errors: [...inputs.error]
		});
	}
	return json(sumReport(sum, inputs.value));
};
