import { fail, ok, type Result } from '../result';
import type { Millimetres, Radians } from '../units/quantity';

/** How far the ends of a wall are from square to its lower edge. */
export interface OutOfSquare {
	/** At the lower corners; a right angle is a quarter turn. */
	left: Radians;
	right: Radians;
	/** How far the top of each end stands to the right of its foot. */
	leftLean: Millimetres;
	rightLean: Millimetres;
}

/** Angle opposite the long side of a triangle; NaN when three such sides make none. */
const angleOf = (a: number, b: number, opposite: number): Radians =>
	Math.acos((a * a + b * b - opposite * opposite) / (2 * a * b));

/**
 * Out of square, from the two diagonals: the law of cosines in the two triangles that share the lower edge.
 * @param up from the lower left to the upper right corner; `down` from the upper left to the lower right
 * @returns a failure when no such triangle exists: one of the figures is wrong
 * @example outOfSquare({ width: 4000, left: 3000, right: 3000, up: 5000, down: 5000 }) // both ends lean by 0
 */
export function outOfSquare({
	width,
	left,
	right,
	up,
	down
}: {
	width: Millimetres;
	left: Millimetres;
	right: Millimetres;
	up: Millimetres;
	down: Millimetres;
}): Result<OutOfSquare> {
	const atLeft = angleOf(width, left, down);
	const atRight = angleOf(width, right, up);
	if (Number.isNaN(atLeft))
		return fail('The diagonal from the upper left does not go with this width and height: measure again');
	if (Number.isNaN(atRight))
		return fail('The diagonal from the lower left does not go with this width and height: measure again');
	return ok({ left: atLeft, right: atRight, leftLean: left * Math.cos(atLeft), rightLean: -right * Math.cos(atRight) });
}

/** The reference line over a floor that slopes. */
export interface LevelLine {
	/** Height above the floor at either end. */
	left: Millimetres;
	right: Millimetres;
	/** Where it meets the floor; null when it does not on this wall. */
	meets: Millimetres | null;
}

/**
 * Where a level line stands above a floor that rises by `rise` from the left end to the right.
 * @example levelLine(40, { width: 4000, rise: 80 }).meets // 2000
 */
export function levelLine(line: Millimetres, { width, rise }: { width: Millimetres; rise: Millimetres }): LevelLine {
	const x = rise === 0 ? Number.NaN : (line / rise) * width;
	return { left: line, right: line - rise, meets: x >= 0 && x <= width ? x : null };
}
