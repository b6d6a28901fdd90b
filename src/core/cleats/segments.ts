import { rowProfile } from '../plan/profile';
import type { Row, Wall } from '../plan/types';
import { remembering } from '../remembering';
import type { Support } from '../survey/supports';
import type { Millimetres } from '../units/quantity';
import { rowScrews, type RowScrew } from './row-screws';

/** One cleat of a row, from joint to joint, with the studs it is screwed to. */
export interface Segment {
	from: Millimetres;
	to: Millimetres;
	/** Where it is held, ascending by x: every support with at least one screw that counts. */
	fixings: Fixing[];
	/** Screws that count for nothing. */
	missed: RowScrew[];
}

/** Where a cleat is screwed to one support. */
export interface Fixing {
	stud: Support;
	/** Screw line: the mean of the screws that count. */
	x: Millimetres;
	/** Those that count, lowest first. */
	screws: readonly RowScrew[];
}

/** What a row's screws are placed by. */
export type ScrewedRow = Pick<
	Row,
	'left' | 'right' | 'joints' | 'y' | 'stock' | 'bevel' | 'blank' | 'screws' | 'backer'
>;

function fixingsOf(screws: readonly RowScrew[]): Fixing[] {
	const bySupport = new Map<string, RowScrew[]>();
	for (const s of screws) {
		if (s.fault) continue;
		const list = bySupport.get(s.support.id);
		if (list) list.push(s);
		else bySupport.set(s.support.id, [s]);
	}
	return [...bySupport.values()]
		.map((list) => {
			const sorted = list.sort((a, b) => a.y - b.y);
			return {
				stud: (sorted.at(-1) as RowScrew).support,
				x: sorted.reduce((sum, s) => sum + s.x, 0) / sorted.length,
				screws: sorted
			};
		})
		.sort((a, b) => a.x - b.x);
}

/** Supports this near beside each other are one to a cleat: it cannot rest on both. */
const ONE_PLACE: Millimetres = 1;

/**
 * Of fixings at one place along the cleat (a stud that leans past a block), the one with more screws counts, of two
 * alike the one whose screws stand higher; the other's stand too near it.
 */
function apart(fixings: readonly Fixing[]): { fixings: Fixing[]; missed: RowScrew[] } {
	const kept: Fixing[] = [];
	const missed: RowScrew[] = [];
	for (const f of fixings) {
		const before = kept.at(-1);
		if (!before || f.x - before.x >= ONE_PLACE) {
			kept.push(f);
			continue;
		}
		const top = (x: Fixing) => x.screws.at(-1)?.y ?? 0;
		const more = f.screws.length - before.screws.length || top(f) - top(before);
		const out = more > 0 ? before : f;
		if (out === before) kept[kept.length - 1] = f;
		const fault = { kind: 'neighbour' as const, has: f.x - before.x, needs: ONE_PLACE };
		missed.push(...out.screws.map((s) => ({ ...s, fault })));
	}
	return { fixings: kept, missed };
}

function lay(row: ScrewedRow, wall: Wall, kerf: Millimetres): Segment[] {
	const profile = rowProfile(row, kerf);
	const ends = [row.left, ...[...row.joints].sort((a, b) => a - b), row.right];
	return ends.slice(1).map((to, i) => {
		const from = ends[i] as number;
		const screws = rowScrews(row, { from, to }, wall, profile);
		const { fixings, missed } = apart(fixingsOf(screws));
		return { from, to, fixings, missed: [...screws.filter((s) => s.fault), ...missed] };
	});
}

/**
 * The cleats of a row with their screws, on a surveyed wall: in studs where they stand at each screw's own height,
 * blocking, or a solid wall. The same list for the same row and wall.
 * @example segmentsOn(row, plan.wall, plan.cutting.kerf).flatMap((s) => s.fixings)
 */
export const segmentsOn: (row: ScrewedRow, wall: Wall, kerf: Millimetres) => readonly Segment[] = remembering(lay);

/**
 * Every screw a row really takes into the wall: those that count.
 * @example screwsOf(segmentsOn(row, wall, kerf)).length
 */
export function screwsOf(segments: readonly Segment[]): RowScrew[] {
	return segments.flatMap((s) => s.fixings.flatMap((f) => f.screws));
}
