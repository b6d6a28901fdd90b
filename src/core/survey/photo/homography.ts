import { nth } from '../../nth';
import { fail, ok, type Result } from '../../result';
import { solveLinear } from '../../solve-linear';
import type { Point } from '../outline';

/** A perspective map of the plane, row by row; the last entry is 1. */
export type Homography = readonly [number, number, number, number, number, number, number, number, number];

/** The nine numbers of a map. @throws RangeError where one is missing */
export function homographyOf(h: ArrayLike<number>): Homography {
	const at = (place: number) => nth(h, place);
	return [at(0), at(1), at(2), at(3), at(4), at(5), at(6), at(7), at(8)];
}

/** Twice the area of the triangle a, b, c; positive where they turn to the left. */
const turn = (a: Point, b: Point, c: Point) => (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);

/** Four corners one after another about a convex shape, none in line with two others. */
export function isQuad(p: readonly Point[]): boolean {
	if (p.length !== 4) return false;
	const size = Math.max(...p.map((a) => Math.max(...p.map((b) => Math.hypot(a.x - b.x, a.y - b.y)))));
	const turns = p.map((a, i) => turn(a, nth(p, (i + 1) % 4), nth(p, (i + 2) % 4)));
	return turns.every((t) => t > 1e-3 * size * size) || turns.every((t) => t < -1e-3 * size * size);
}

/** Moves points to about the origin and to about unit size: the equations are then well conditioned. */
function normal(points: readonly Point[]): { at: Point; size: number; points: Point[] } {
	const at = {
		x: points.reduce((s, p) => s + p.x, 0) / points.length,
		y: points.reduce((s, p) => s + p.y, 0) / points.length
	};
	const size = points.reduce((s, p) => s + Math.hypot(p.x - at.x, p.y - at.y), 0) / points.length / Math.SQRT2;
	return { at, size, points: points.map((p) => ({ x: (p.x - at.x) / size, y: (p.y - at.y) / size })) };
}

const multiply = (a: Homography, b: Homography) =>
	homographyOf(
		Array.from({ length: 9 }, (_, i) =>
			[0, 1, 2].reduce((sum, k) => sum + nth(a, 3 * Math.floor(i / 3) + k) * nth(b, 3 * k + (i % 3)), 0)
		)
	);

/**
 * The perspective map that takes four points to four others: the direct linear method, on normalised points.
 * Source: Hartley and Zisserman, Multiple View Geometry in Computer Vision, chapter 4, from memory.
 * @returns a failure when three of four points lie in a line, or they are not in order about the shape
 * @example homography(square, square).ok // true, the identity
 */
export function homography(from: readonly Point[], to: readonly Point[]): Result<Homography> {
	if (!isQuad(from) || !isQuad(to))
		return fail('The four points must be the corners of a shape, in order: no three in a line, none crossed over');
	const [a, b] = [normal(from), normal(to)];
	const rows = a.points.flatMap((p, i) => {
		const q = nth(b.points, i);
		return [
			[p.x, p.y, 1, 0, 0, 0, -q.x * p.x, -q.x * p.y, q.x],
			[0, 0, 0, p.x, p.y, 1, -q.y * p.x, -q.y * p.y, q.y]
		];
	});
	const h = solveLinear(rows, 1e-9);
	if (!h) return fail('The four points do not decide the view');
	const core = homographyOf([...h, 1]);
	const into: Homography = [1 / a.size, 0, -a.at.x / a.size, 0, 1 / a.size, -a.at.y / a.size, 0, 0, 1];
	const back: Homography = [b.size, 0, b.at.x, 0, b.size, b.at.y, 0, 0, 1];
	const all = multiply(back, multiply(core, into));
	return ok(homographyOf(all.map((v) => v / all[8])));
}

/** Takes a point through a map. @example mapPoint([1, 0, 5, 0, 1, 0, 0, 0, 1], { x: 1, y: 2 }) // { x: 6, y: 2 } */
export function mapPoint(h: Homography, { x, y }: Point): Point {
	const w = h[6] * x + h[7] * y + h[8];
	return { x: (h[0] * x + h[1] * y + h[2]) / w, y: (h[3] * x + h[4] * y + h[5]) / w };
}
