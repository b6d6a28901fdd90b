import { json } from '@sveltejs/kit';
import { drill } from '$devices/stud-scanner';
import { hiddenWall } from '$lib/server/hidden-wall';
import { problem } from '$lib/server/problem';
import type { RequestHandler } from './$types';

/** A pilot hole in the simulated wall: wood, or nothing. */
export const GET: RequestHandler = ({ url }) => {
	const read = hiddenWall(url.searchParams);
	const x = Number(url.searchParams.get('x') ?? Number.NaN);
	const onWall = read.ok && x >= 0 && x <= read.value.wall.width;
	const wrong = read.ok ? 'x' : read.error;
	if (!read.ok || !onWall)
		return problem(422, {
			title: 'Not a valid request',
			errors: [{ path: wrong, message: 'is missing, or not on a wall' }]
		});
	return json({ hit: drill(read.value.wall, x, read.value.y) });
};
