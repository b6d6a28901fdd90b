import { json } from '@sveltejs/kit';
import { hostile, MOST_VALUES } from '$core/form/outside';
import { problemsOf } from '$core/form/problems';
import { exact, identifier, list, whole, within } from '$core/form/yup';
import { SHOP_LIMITS } from '$core/shop/schema';
import { quotes, type Quote } from '$devices/price-feed';
import { readBody } from '$lib/server/body';
import { problem } from '$lib/server/problem';
import type { RequestHandler } from './$types';

const asked = exact({
	seed: whole(0, 1e9),
	prices: list(exact({ id: identifier(), price: within(0, 1e6, '').nullable().defined() }), SHOP_LIMITS.prices)
});

/** Lines of a price list in, what the simulated stores ask for them out; nothing is stored. */
export const POST: RequestHandler = async ({ request }) => {
	const body = await readBody(request, MOST_VALUES.small);
	if (!body.ok) return body.error;
	const bad = hostile(body.value);
	const errors = bad ? [bad] : problemsOf(asked, body.value);
	if (errors.length > 0) return problem(422, { title: 'Not a valid request', errors });
	const { prices, seed } = body.value as { prices: Quote[]; seed: number };
	return json({ quotes: quotes(prices, seed) });
};
