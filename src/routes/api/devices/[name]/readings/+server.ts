import { MANNERS, METERS, readings, type Manner } from '$devices/meters';
import { eventStream } from '$lib/server/event-stream';
import { problem } from '$lib/server/problem';
import type { RequestHandler } from './$types';

/** Readings a second, as such instruments give them. */
const EVERY = 110;

/** Readings of a simulated instrument. `truth` is what it measures, in mm or kg: the page plays the world as well. */
export const GET: RequestHandler = ({ params, url }) => {
	const meter = METERS.find((m) => m.name === params.name);
	if (!meter) return problem(404, { detail: 'There is no such instrument' });
	const truth = Number(url.searchParams.get('truth') ?? Number.NaN);
	const manner = (url.searchParams.get('manner') ?? 'quiet') as Manner;
	const seed = Number(url.searchParams.get('seed') ?? 1);
	if (!Number.isFinite(truth) || truth < 0 || truth > 1e6)
		return problem(422, {
			title: 'Not a valid request',
			errors: [{ path: 'truth', message: 'must be a number, in mm or kg' }]
		});
	if (!MANNERS.includes(manner))
		return problem(422, {
			title: 'Not a valid request',
			errors: [{ path: 'manner', message: `must be one of: ${MANNERS.join(', ')}` }]
		});
	return eventStream(readings(meter, truth, manner, Number.isFinite(seed) ? seed : 1), EVERY);
};
