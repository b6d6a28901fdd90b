import type { Thing, Use } from './types';

/** A kind of thing of which some hang nowhere yet. */
export interface ToPlace {
	thing: Thing;
	left: number;
}

const RANK: Record<Use, number> = { daily: 0, weekly: 1, monthly: 2, seldom: 3 };

/**
 * What hangs nowhere yet, group by group, the most used first.
 * @param placed how many of each hang, by id
 * @example toPlace(shop.things, placedCounts(places))[0]?.left // 24
 */
export function toPlace(
	things: readonly Thing[],
	placed: ReadonlyMap<string, number>
): { group: string; things: ToPlace[] }[] {
	const groups = new Map<string, ToPlace[]>();
	for (const thing of things) {
		const left = thing.count - (placed.get(thing.id) ?? 0);
		if (thing.state !== 'to-place' || left <= 0) continue;
		const here = groups.get(thing.group) ?? [];
		here.push({ thing, left });
		groups.set(thing.group, here);
	}
	const rank = (t: ToPlace) => (t.thing.use === null ? 4 : RANK[t.thing.use]);
	return [...groups]
		.map(([group, all]) => ({
			group,
			things: all.sort((a, b) => rank(a) - rank(b) || a.thing.name.localeCompare(b.thing.name))
		}))
		.sort(
			(a, b) => Math.min(...a.things.map(rank)) - Math.min(...b.things.map(rank)) || a.group.localeCompare(b.group)
		);
}
