import { error } from '@sveltejs/kit';
import { takeUpWall } from '$lib/state/take-up-wall';
import type { PageLoad } from './$types';

/** As the wall it hangs on, this is made in the browser. */
export const ssr = false;

export const load: PageLoad = async ({ params, fetch }) => {
	const { stored, keep, shop } = await takeUpWall(params.id, fetch);
	const plan = keep?.dirty ? keep.plan : stored.plan;
	if (!plan.holders.some((h) => h.id === params.holder))
		error(404, 'There is no such holder on this wall. It may have been deleted.');
	return { plan, wall: params.id, holder: params.holder, tools: shop?.stored.shop.tools ?? [] };
};
