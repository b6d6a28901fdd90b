import { redirect } from '@sveltejs/kit';
import { problem } from '$lib/server/problem';
import { whereIs } from '$lib/server/shops';
import { withDatabase } from '$lib/server/with-database';
import type { RequestHandler } from './$types';

/** What a label's code opens: the thing's holder on its wall, or its line in the stock-take where it hangs nowhere. */
export const GET: RequestHandler = ({ params }) =>
	withDatabase(async () => {
		const found = await whereIs(params.thing);
		if (!found) return problem(404, { detail: 'Nothing has this label any more' });
		const { shop, place } = found;
		redirect(
			303,
			place
				? `/walls/${place.wall}/stock?thing=${params.thing}&holder=${place.holder}`
				: `/shop/${shop}?thing=${params.thing}`
		);
	});
