import { lastOf, nth } from '$core/nth';
import type { Point } from '$core/survey/outline';
import type { DrawnShape } from './shape';

/** Ends this near are one, as a share of the whole drawing. */
const SAME = 1e-5;

/**
 * Joins lines of one layer end to end: four lines that meet make a closed shape. Each end is looked up on a grid, so
 * thousands are no matter.
 * @example joinLines([line(0, 0, 1, 0), line(1, 0, 1, 1), line(1, 1, 0, 0)]).length // 1, closed
 */
export function joinLines(shapes: readonly DrawnShape[]): DrawnShape[] {
	const done = shapes.filter((s) => s.closed);
	const open = shapes.filter((s) => !s.closed && s.points.length > 1).map((s) => ({ ...s, points: [...s.points] }));
	const all = open.flatMap((s) => s.points);
	if (all.length === 0) return done;
	const size = all.reduce((most, p) => Math.max(most, Math.abs(p.x), Math.abs(p.y)), 0);
	const cell = Math.max(size * SAME, 1e-9);
	const key = (name: string, p: Point) => `${name} ${Math.round(p.x / cell)} ${Math.round(p.y / cell)}`;
	const ends = new Map<string, Set<DrawnShape>>();
	const put = (s: DrawnShape) =>
		[s.points[0], s.points.at(-1)].forEach((p) => {
			const k = key(s.name, p as Point);
			const set = ends.get(k) ?? new Set();
			set.add(s);
			ends.set(k, set);
		});
	const drop = (s: DrawnShape) =>
		[s.points[0], s.points.at(-1)].forEach((p) => ends.get(key(s.name, p as Point))?.delete(s));
	open.forEach(put);
	const left = new Set(open);
	for (const first of open) {
		if (!left.delete(first)) continue;
		drop(first);
		for (;;) {
			const last = lastOf(first.points);
			if (first.points.length > 2 && key('', last) === key('', nth(first.points, 0))) break;
			const [next] = ends.get(key(first.name, last)) ?? [];
			if (!next) break;
			left.delete(next);
			drop(next);
			const points = key('', nth(next.points, 0)) === key('', last) ? next.points : [...next.points].reverse();
			first.points.push(...points.slice(1));
		}
		const closed = first.points.length > 3 && key('', lastOf(first.points)) === key('', nth(first.points, 0));
		done.push(closed ? { ...first, points: first.points.slice(0, -1), closed } : first);
	}
	return done;
}
