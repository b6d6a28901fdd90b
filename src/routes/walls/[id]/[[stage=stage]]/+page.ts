import { takeUpWall } from '$lib/state/take-up-wall';
import type { PageLoad } from './$types';

/** The wall lives in the browser. */
export const ssr = false;

export const load: PageLoad = ({ params, fetch }) => takeUpWall(params.id, fetch);
