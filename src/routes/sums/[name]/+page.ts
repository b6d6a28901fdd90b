import { error } from '@sveltejs/kit';
import { sumByName } from '$core/sums/registry';
import type { PageLoad } from './$types';

/** Inputs stand in the link and the unit on this device: the page is made there. */
export const ssr = false;

export const load: PageLoad = ({ params }) => {
	const sum = sumByName(params.name);
	if (!sum) error(404, 'There is no such sum');
	return { name: sum.name };
};
