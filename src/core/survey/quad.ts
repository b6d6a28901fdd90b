import { fail, ok, type Result } from '../result';
import type { Millimetres } from '../units/quantity';
import type { Point } from './outline';

/** Four points from their distances: 1 lower left, 2 lower right, 3 upper right, 4 upper left. */
export interface QuadDistances {
	bottom: Millimetres;
	right: Millimetres;
	top: Millimetres;
	left: Millimetres;
	/** From 1 to 3. */
	diagonal: Millimetres;
}

/** Above the line from a to b, at these distances from them. */
function apex(a: Point, b: Point, fromA: Millimetres, fromB: Millimetres, up: 1 | -1): Point | null {
	const d = Math.hypot(b.x - a.x, b.y - a.y);
	const along = (d * d + fromA * fromA - fromB * fromB) / (2 * d);
	const square = fromA * fromA - along * along;
	if (!(square > 0)) return null;
	const off = up * Math.sqrt(square);
	const [ux, uy] = [(b.x - a.x) / d, (b.y - a.y) / d];
	return { x: a.x + along * ux - off * uy, y: a.y + along * uy + off * ux };
}

/**
 * Four corners from four sides and a diagonal, the first at a known place and the lower side level.
 * @example quadFrom({ bottom: 400, right: 300, top: 400, left: 300, diagonal: 500 }, { x: 0, y: 0 })
 */
export function quadFrom(d: QuadDistances, first: Point): Result<[Point, Point, Point, Point]> {
	const second = { x: first.x + d.bottom, y: first.y };
	const third = apex(first, second, d.diagonal, d.right, 1);
	if (!third) return fail('Bottom, right side and diagonal do not make a triangle: measure again');
	const fourth = apex(first, third, d.left, d.top, 1);
	if (!fourth) return fail('Left side, top and diagonal do not make a triangle: measure again');
	return ok([first, second, third, fourth]);
}
