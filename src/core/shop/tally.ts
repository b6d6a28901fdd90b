import { isMeasured } from '../things/measured';
import type { Thing, ThingState } from '../things/types';
import type { Kilograms } from '../units/quantity';

/** Where a thing stands: what hangs on a planned wall counts before what was said of it. */
export function stateOf(thing: Thing, placed: number): ThingState {
	if (thing.state === 'not-to-keep') return 'not-to-keep';
	return placed >= thing.count ? 'on-wall' : thing.state;
}

/** One group's things: how many, how heavy, and how much of that hangs already. */
export interface GroupTally {
	group: string;
	count: number;
	/** Of those whose weight is known, or typical. */
	mass: Kilograms;
	placedCount: number;
	placedMass: Kilograms;
	/** Things (lines) in it of which something is unmeasured. */
	open: number;
	lines: number;
	/** Pieces whose weight nobody knows: the mass is too small by them. */
	unweighed: number;
}

/** Weight and count by group, heaviest first; what is not kept is left out. */
export function tallyByGroup(things: readonly Thing[], placed: ReadonlyMap<string, number>): GroupTally[] {
	const groups = new Map<string, GroupTally>();
	for (const t of things) {
		if (t.state === 'not-to-keep') continue;
		const g = groups.get(t.group) ?? {
			group: t.group,
			count: 0,
			mass: 0,
			placedCount: 0,
			placedMass: 0,
			open: 0,
			lines: 0,
			unweighed: 0
		};
		groups.set(t.group, g);
		const on = t.state === 'on-wall' ? t.count : Math.min(t.count, placed.get(t.id) ?? 0);
		g.lines++;
		g.count += t.count;
		g.mass += t.count * (t.mass ?? 0);
		g.placedCount += on;
		g.placedMass += on * (t.mass ?? 0);
		if (!isMeasured(t)) g.open++;
		if (t.mass === null) g.unweighed += t.count;
	}
	return [...groups.values()].sort((a, b) => b.mass - a.mass || a.group.localeCompare(b.group));
}

/** All groups together. */
export function totalOf(groups: readonly GroupTally[]): Omit<GroupTally, 'group'> {
	const total = { count: 0, mass: 0, placedCount: 0, placedMass: 0, open: 0, lines: 0, unweighed: 0 };
	for (const g of groups) for (const key of Object.keys(total) as (keyof typeof total)[]) total[key] += g[key];
	return total;
}
