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

/** Who needs something: a row or a holder; a block in the wall belongs to the wall. */
export interface Owner {
	kind: 'row' | 'holder' | 'wall';
	id: string;
	name: string;
}

/** Screws of one size that one row, holder or block needs. */
export interface ScrewsOf {
	owner: Owner;
	size: ScrewSize;
	length: Millimetres;
	count: number;
}

/** Screws of a plan one owner after another: those of every cleat at every stud it crosses, and of the holders. */
export function* screwsByOwner(plan: Plan): Generator<ScrewsOf> {
	for (const row of plan.rows) {
		const segments = segmentsOn(row, plan.wall, plan.cutting.kerf);
		const owner = { kind: 'row', id: row.id, name: row.name } as const;
		const { size, length } = row.screws;
		yield { owner, size, length, count: screwsOf(segments).length };
		if (row.backer) {
			const { size, length, pitch } = row.backer.behind;
			const count = segments.reduce((n, s) => n + Math.ceil((s.to - s.from) / pitch) + 1, 0);
			yield { owner, size, length, count };
		}
	}
	const owner = { kind: 'wall', id: 'wall', name: 'Blocks in the wall' } as const;
	for (const b of plan.wall.blocking ?? []) {
		if (!b.fixing) continue;
		const { size, length, count } = b.fixing;
		yield { owner, size, length, count: count * touching(plan.wall, b).length };
	}
	for (const holder of plan.holders) {
		const built = builtOf(plan, holder);
		const owner = { kind: 'holder', id: holder.id, name: holder.name } as const;
		for (const screws of built ? screwsOfHolder(holder, built) : []) yield { owner, ...screws };
	}
}

/**
 * All screws of a plan, thickest and longest first.
 * @example screwsWanted(plan)[0] // { size: '#10', length: 80, rows: 52, hooks: 0 }
 */
export function screwsWanted(plan: Plan): ScrewsWanted[] {
	const found = new Map<string, ScrewsWanted>();
	for (const { owner, size, length, count } of screwsByOwner(plan)) {
		const key = `${size} ${length.toFixed(2)}`;
		const screws = found.get(key) ?? { size, length, rows: 0, hooks: 0 };
		screws[owner.kind === 'holder' ? 'hooks' : 'rows'] += count;
		found.set(key, screws);
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
