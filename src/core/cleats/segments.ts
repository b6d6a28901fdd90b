import type { Row, Wall } from '../plan/types';
import { supportsAt, type Support } from '../survey/supports';
import type { Millimetres } from '../units/quantity';

/** One cleat of a row, from joint to joint, with the studs it is screwed to. */
export interface Segment {
	from: Millimetres;
	to: Millimetres;
	/** Ascending by x. */
	fixings: Fixing[];
}

/** Where a cleat crosses a stud. */
export interface Fixing {
	stud: Support;
	/** Screw line: the stud's centre, or the middle of the lap where a cleat's end lies on the stud. */
	x: Millimetres;
	/** The cleat's end lies on this stud, so the screws stand near it. */
	atEnd: boolean;
}

/** A cleat's end this near to a stud's centre leaves no full screw line there. */
const NEAR_END = 19;
/** Least lap of a cleat on a stud that takes a screw at all. */
const LEAST_LAP = 10;

function fixingsOf(from: Millimetres, to: Millimetres, studs: readonly Support[]): Fixing[] {
	const found = studs.flatMap((stud): Fixing[] => {
		if (stud.x >= from + NEAR_END && stud.x <= to - NEAR_END) return [{ stud, x: stud.x, atEnd: false }];
		const lapFrom = Math.max(from, stud.x - stud.width / 2);
		const lapTo = Math.min(to, stud.x + stud.width / 2);
		return lapTo - lapFrom >= LEAST_LAP ? [{ stud, x: (lapFrom + lapTo) / 2, atEnd: true }] : [];
	});
	return found.sort((a, b) => a.x - b.x);
}

/**
 * The cleats of a row and their screws: one line at every stud a cleat crosses. At a joint on a stud each cleat has its own.
 * @param studs of the wall, in any order
 * @example rowSegments({ left: 0, right: 1000, joints: [] }, studs)
 */
export function rowSegments(row: Pick<Row, 'left' | 'right' | 'joints'>, studs: readonly Support[]): Segment[] {
	const ends = [row.left, ...[...row.joints].sort((a, b) => a - b), row.right];
	const sorted = [...studs].sort((a, b) => a.x - b.x);
	return ends.slice(1).map((to, i) => {
		const from = ends[i] as number;
		return { from, to, fixings: fixingsOf(from, to, sorted) };
	});
}

/** Screws of a row go so far above its lower edge, or near enough: studs lean little. */
const SCREWS_UP = 25;

/**
 * The cleats of a row with their screws, on a surveyed wall: in studs where they stand at that height, blocking, or a solid wall.
 * @example segmentsOn(row, plan.wall).flatMap((s) => s.fixings)
 */
export function segmentsOn(row: Pick<Row, 'left' | 'right' | 'joints' | 'y'>, wall: Wall): Segment[] {
	return rowSegments(row, supportsAt(wall, row.y + SCREWS_UP));
}
