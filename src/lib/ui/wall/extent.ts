import type { Subject } from '$core/verdict/check';
import type { AnyPlaced } from '$core/places/any-place';
import { alone, isFixed } from '$core/plan/held';
import { rowProfile } from '$core/plan/profile';
import type { Plan } from '$core/plan/types';
import { topAt } from '$core/survey/outline';
import { studAt } from '$core/survey/supports';
import type { Selection } from '$lib/state/open-plan.svelte';

/** A stretch of wall, mm. */
export interface Extent {
	left: number;
	right: number;
	low: number;
	high: number;
}

/** The stretch of wall a picked thing takes, to be thrown onto the tapes. */
export function extentOf(
	plan: Plan,
	standing: ReadonlyMap<string, AnyPlaced>,
	selection: Selection | null
): Extent | null {
	if (!selection) return null;
	switch (selection.kind) {
		case 'holder': {
			const p = standing.get(selection.id);
			return p ? { left: p.left, right: p.right, low: p.foot, high: p.top } : null;
		}
		case 'row': {
			const row = plan.rows.find((r) => r.id === selection.id);
			return row
				? { left: row.left, right: row.right, low: row.y, high: row.y + rowProfile(row, plan.cutting.kerf).front }
				: null;
		}
		case 'stud': {
			const s = plan.wall.studs.find((x) => x.id === selection.id);
			if (!s) return null;
			const high = topAt(plan.wall, s.x);
			const [foot, head] = [s.x, studAt(s, high)];
			return { left: Math.min(foot, head) - s.width / 2, right: Math.max(foot, head) + s.width / 2, low: 0, high };
		}
		case 'obstruction': {
			const o = plan.wall.obstructions.find((x) => x.id === selection.id);
			return o ? { left: o.x, right: o.x + o.width, low: o.y, high: o.y + o.height } : null;
		}
	}
}

/**
 * The place of what a check is about, to be ringed: screws at a stud as a small box, a row or a stud whole. Holders are
 * picked already.
 */
export function placeOf(plan: Plan, subject: Subject | null): Extent | null {
	if (subject?.kind === 'row' || subject?.kind === 'stud') return extentOf(plan, new Map(), subject);
	if (subject?.kind === 'block') {
		const b = plan.wall.blocking?.find((x) => x.id === subject.id);
		return b ? { left: b.x, right: b.x + b.width, low: b.y, high: b.y + b.height } : null;
	}
	if (subject?.kind !== 'fixing') return null;
	const beside = { left: subject.x - 35, right: subject.x + 35 };
	if (subject.of.kind === 'holder') {
		const h = plan.holders.find((o) => o.id === subject.of.id);
		if (h && isFixed(h)) return { ...beside, low: h.mount.y - 15, high: h.mount.y + h.back.height + 15 };
		return h && alone(h.mount) ? { ...beside, low: h.mount.y - 15, high: h.mount.y + 35 } : null;
	}
	const row = plan.rows.find((r) => r.id === subject.of.id);
	if (!row) return null;
	const low = row.y - (row.backer?.below ?? 0);
	const high = row.backer ? low + row.backer.height : row.y + rowProfile(row, plan.cutting.kerf).front;
	return { ...beside, low: low - 15, high: high + 15 };
}
