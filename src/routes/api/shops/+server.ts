import { json } from '@sveltejs/kit';
import { text } from '$core/form/yup';
import { hostile } from '$core/form/outside';
import { problemsOf } from '$core/form/problems';
import { MOST_VALUES } from '$core/form/outside';
import { readBody } from '$lib/server/body';
import { problem } from '$lib/server/problem';
import { createShop, listShops } from '$lib/server/shops';
import { withDatabase } from '$lib/server/with-database';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = () => withDatabase(async () => json(await listShops()));

const NAME = text(120, true);

/** `{ name }` in, a workshop with nothing in it out. */
export const POST: RequestHandler = async ({ request }) => {
	const body = await readBody(request, MOST_VALUES.small);
	if (!body.ok) return body.error;
	const bad = hostile(body.value);
	const name = (body.value as { name?: unknown } | null)?.name;
	const errors = bad ? [bad] : problemsOf(NAME, name).map((p) => ({ path: 'name', message: p.message }));
	if (errors.length > 0)
		return problem(422, { title: 'Not a valid workshop', detail: `${errors[0]?.path} ${errors[0]?.message}`, errors });
	return withDatabase(async () => {
		const id = await createShop((name as string).trim());
		return json({ id }, { status: 201, headers: { location: `/api/shops/${id}` } });
	});
};
