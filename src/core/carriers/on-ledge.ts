import { count, mm, phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import type { Load } from './carrier';
import type { findings } from './findings';

/** What of a ledge decides whether things stand on it. */
interface LedgeSize {
	width: Millimetres;
	depth: Millimetres;
	places: number;
	lip: unknown;
}

/** Things deeper or wider than their ledge, and ones that nothing keeps from its edge. */
export function onLedge(p: LedgeSize, load: Load | undefined, say: ReturnType<typeof findings>['say']): void {
	if (!load || load.count === 0) return;
	if (load.depth > p.depth)
		say('mind', 'depth', phrase('What stands there is {d} deep, the ledge {l}', { d: mm(load.depth), l: mm(p.depth) }));
	if (load.width * p.places > p.width)
		say('mind', 'places', phrase('{n} of {w} are wider than the ledge', { n: count(p.places), w: mm(load.width) }));
	if (!p.lip) say('mind', 'lip', phrase('Nothing keeps things from sliding off the front: a lip'));
}
