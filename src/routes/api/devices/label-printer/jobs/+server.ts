import { MOST_LABELS } from '$exchange/labels/label';
import { eventStream } from '$lib/server/event-stream';
import { problem } from '$lib/server/problem';
import { printing, ROLL } from '$devices/label-printer';
import type { RequestHandler } from './$types';

/** A label takes so long, ms. */
const EVERY = 220;

/** Prints `labels` of them on a roll with `roll` left, and tells how it goes. */
export const GET: RequestHandler = ({ url }) => {
	const whole = (name: string, otherwise: number) => Number(url.searchParams.get(name) ?? otherwise);
	const [labels, roll] = [whole('labels', Number.NaN), whole('roll', ROLL)];
	if (!Number.isInteger(labels) || labels < 1 || labels > MOST_LABELS)
		return problem(422, {
			title: 'Not a valid request',
			errors: [{ path: 'labels', message: `must be a whole number from 1 to ${MOST_LABELS}` }]
		});
	if (!Number.isInteger(roll) || roll < 0 || roll > MOST_LABELS)
		return problem(422, {
			title: 'Not a valid request',
			errors: [{ path: 'roll', message: 'must be a whole number' }]
		});
	return eventStream(printing(labels, roll), EVERY, (e) => e.kind !== 'printed');
};
