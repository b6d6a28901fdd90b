import { remembering } from '../remembering';
import type { Plan } from '../plan/types';

/** So many of a thing hang on a holder of a wall. */
export interface ThingPlace {
	thing: string;
	holder: string;
	count: number;
	/** On which wall. */
	wall: string;
	wallName: string;
}

/** What hangs where on one wall: only holders that say which thing of the stock-take they carry. */
export const thingsOn = remembering((plan: Plan): Omit<ThingPlace, 'wall' | 'wallName'>[] =>
	plan.holders.flatMap((h) =>
		h.carriers.flatMap((c) =>
			c.loads.flatMap(({ thing, count }) => (thing === undefined ? [] : [{ thing, holder: h.id, count }]))
		)
	)
);

/** How many of each thing hang, over all walls. @example placedCounts(places).get('t1') // 6 */
export function placedCounts(places: readonly Pick<ThingPlace, 'thing' | 'count'>[]): Map<string, number> {
	const counts = new Map<string, number>();
	for (const p of places) counts.set(p.thing, (counts.get(p.thing) ?? 0) + p.count);
	return counts;
}
