import type { Millimetres } from '../units/quantity';

/** What a mark on the wall marks. */
export type MarkOf = 'centre' | 'left' | 'right';

/** From a mark to the stud's centre, in widths of the stud. */
const TO_CENTRE: Record<MarkOf, number> = { centre: 0, left: 0.5, right: -0.5 };

/** A mark that somebody made with a finder, or found as a line of screws. */
export interface Mark {
	x: Millimetres;
	y: Millimetres;
}

/**
 * A stud from marks: its centre at the floor, and how far it is out of plumb. One mark makes it plumb; more are a line
 * by least squares.
 * @param of edges lie half the stud's width off its centre
 * @example studFromMarks([{ x: 800, y: 500 }, { x: 806, y: 2000 }], 'centre', 38) // { x: 798, lean: 4 }
 */
export function studFromMarks(
	marks: readonly [Mark, ...Mark[]],
	of: MarkOf,
	width: Millimetres
): { x: Millimetres; lean: number } {
	const off = width * TO_CENTRE[of];
	const n = marks.length;
	const my = marks.reduce((sum, m) => sum + m.y, 0) / n;
	const mx = marks.reduce((sum, m) => sum + m.x, 0) / n;
	const yy = marks.reduce((sum, m) => sum + (m.y - my) ** 2, 0);
	const slope = yy > 0 ? marks.reduce((sum, m) => sum + (m.y - my) * (m.x - mx), 0) / yy : 0;
	return { x: mx + off - slope * my, lean: slope * 1000 };
}
