import { screwsOf, segmentsOn } from '../cleats/segments';
import { touching } from '../supports/block-check';
import { builtOf } from '../places/any-place';
import { isFixed } from '../plan/held';
import { screwsOf as screwsOfHolder, smallParts, type SmallPart } from '../holders/made-of';
import { screwDiameter, type ScrewSize } from '../materials/screws';
import type { Plan, PlugChoice } from '../plan/types';
import type { Millimetres } from '../units/quantity';

/** Screws of one size and length that a plan needs. */
export interface ScrewsWanted {
	size: ScrewSize;
	length: Millimetres;
	/** Into studs through the rows or their sheets, from behind into cleats and blocks; into hooks and carriers. */
	rows: number;
	hooks: number;
}

/**
 * All screws of a plan: those of every cleat at every stud it crosses, and those of the holders; thickest and
 * longest first.
 * @example screwsWanted(plan)[0] // { size: '#10', length: 80, rows: 52, hooks: 0 }
 */
export function screwsWanted(plan: Plan): ScrewsWanted[] {
	const found = new Map<string, ScrewsWanted>();
	const take = (size: ScrewSize, length: Millimetres, what: 'rows' | 'hooks', n: number) => {
		const key = `${size} ${length.toFixed(2)}`;
		const screws = found.get(key) ?? { size, length, rows: 0, hooks: 0 };
		screws[what] += n;
		found.set(key, screws);
	};
	for (const row of plan.rows) {
		const segments = segmentsOn(row, plan.wall, plan.cutting.kerf);
		take(row.screws.size, row.screws.length, 'rows', screwsOf(segments).length);
		if (row.backer) {
			const { size, length, pitch } = row.backer.behind;
			take(
				size,
				length,
				'rows',
				segments.reduce((n, s) => n + Math.ceil((s.to - s.from) / pitch) + 1, 0)
			);
		}
	}
	for (const b of plan.wall.blocking ?? [])
		if (b.fixing) take(b.fixing.size, b.fixing.length, 'rows', b.fixing.count * touching(plan.wall, b).length);
	for (const holder of plan.holders) {
		const built = builtOf(plan, holder);
		for (const { size, length, count } of built ? screwsOfHolder(holder, built) : [])
			take(size, length, 'hooks', count);
	}
	return [...found.values()]
		.filter((s) => s.rows + s.hooks > 0)
		.sort((a, b) => screwDiameter(b.size) - screwDiameter(a.size) || b.length - a.length);
}

/** Small things of all holders: brads, and what is bought whole. @example smallPartsWanted(plan)[0]?.count */
export const smallPartsWanted = (plan: Plan): SmallPart[] =>
	smallParts(plan.holders.flatMap((h) => builtOf(plan, h)?.parts ?? []));

/**
 * Plugs that a masonry wall needs, of its rows and of what is screwed to it: one for every screw into it. Null for a
 * wall that takes none.
 * @example plugsWanted(plan)?.count
 */
export function plugsWanted(plan: Plan): { count: number; plug: PlugChoice } | null {
	const { build } = plan.wall;
	if (build?.kind !== 'masonry') return null;
	const rows = plan.rows.reduce((sum, row) => sum + screwsOf(segmentsOn(row, plan.wall, plan.cutting.kerf)).length, 0);
	const fixed = plan.holders.filter(isFixed).reduce((sum, h) => sum + h.mount.places.length, 0);
	return { count: rows + fixed, plug: build.plug };
}
