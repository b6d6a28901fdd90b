import type { Trace } from '$core/survey/scan/trace';
import { DEFAULT_NOISE, sweep } from '$devices/stud-scanner';
import { eventStream } from '$lib/server/event-stream';
import { hiddenWall } from '$lib/server/hidden-wall';
import { problem } from '$lib/server/problem';
import type { RequestHandler } from './$types';

/** Parts a sweep comes in, and how often one does, ms: a hand moves along the wall. */
const PARTS = 40;
const EVERY = 25;

/** The samples of a sweep as they come, part by part. */
function* parts(trace: Trace): Generator<Trace & { of: number }> {
	const n = trace.density.length;
	for (let i = 0; i < PARTS; i++) {
		const [from, to] = [Math.floor((i * n) / PARTS), Math.floor(((i + 1) * n) / PARTS)];
		yield {
			...trace,
			from: trace.from + from * trace.step,
			density: trace.density.slice(from, to),
			metal: trace.metal.slice(from, to),
			mains: trace.mains.slice(from, to),
			of: n
		};
	}
}

/** One sweep of the simulated scanner, as events. `samples` along the wall; `noise` as a share of what a stud shows. */
export const GET: RequestHandler = ({ url }) => {
	const read = hiddenWall(url.searchParams);
	const bad = (path: string, message: string) =>
		problem(422, { title: 'Not a valid request', errors: [{ path, message }] });
	if (!read.ok) return bad(read.error, 'is missing, or not on a wall');
	const samples = Number(url.searchParams.get('samples') ?? 2000);
	const noise = Number(url.searchParams.get('noise') ?? DEFAULT_NOISE);
	if (!Number.isInteger(samples) || samples < 100 || samples > 20_000)
		return bad('samples', 'must be a whole number from 100 to 20000');
	if (!(noise >= 0 && noise <= 1)) return bad('noise', 'must be between 0 and 1');
	const { wall, y, seed } = read.value;
	return eventStream(parts(sweep(wall, y, { samples, noise, seed: Math.round(seed * 31 + y) })), EVERY);
};
