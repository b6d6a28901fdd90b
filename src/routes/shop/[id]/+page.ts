import { error } from '@sveltejs/kit';
import { takeUpShop } from '$lib/state/take-up-shop';
import type { PageLoad } from './$types';

/** The stock-take lives in the browser, as a wall does. */
export const ssr = false;

export const load: PageLoad = async ({ params, fetch }) => {
	const shop = await takeUpShop(params.id, fetch);
	if (!shop)
		error(404, 'There is no such stock-take, or the database cannot be reached and this device has no copy of it.');
	return { shop };
};
