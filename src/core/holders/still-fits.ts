import { carrierKind } from '../kinds/registry';
import type { Carrier } from '../plan/types';
import type { Thing } from '../things/types';
import { mass, phrase, type Phrase } from '../units/phrase';

/** Weights nearer than this are the same. */
const SAME = 0.001;

/**
 * Whether a group of seats still goes with the thing it was made for, as the stock-take has it now: what does not fit
 * and by how much, and a weight that is no longer what is counted. Nothing where all is as it was, or nothing of the
 * stock-take hangs there.
 * @param things of the stock-take
 * @example stillFits(carrier, 0, shop.things).map((p) => sayPhrase(p, 'mm'))
 */
export function stillFits(carrier: Carrier, group: number, things: readonly Thing[]): Phrase[] {
	const load = carrier.loads[group];
	if (!load || load.thing === undefined) return [];
	const thing = things.find((t) => t.id === load.thing);
	if (!thing) return [phrase('it is in the stock-take no more: what is written here still counts')];
	const found = carrierKind(carrier.kind).suits?.(carrier.params, thing) ?? [];
	if (thing.mass !== null && (load.mass === null || Math.abs(thing.mass - load.mass) > SAME))
		return [
			...found,
			load.mass === null
				? phrase('it weighs {now} in the stock-take; nothing is counted here', { now: mass(thing.mass) })
				: phrase('it weighs {now} in the stock-take; {was} is counted here', {
						now: mass(thing.mass),
						was: mass(load.mass)
					})
		];
	return found;
}
