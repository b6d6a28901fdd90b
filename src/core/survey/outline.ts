import { nth } from '../nth';
import type { Wall, WallShape } from '../plan/types';
import type { Millimetres } from '../units/quantity';

/** A place on the wall. */
export interface Point {
	x: Millimetres;
	y: Millimetres;
}

type Outline = Pick<Wall, 'width' | 'height' | 'shape'>;

/**
 * The top of the wall as a line of points, from its left end to its right.
 * @example topLine({ width: 3000, height: 2400 }).length // 2
 */
function topLine({ width, height, shape }: Outline): Point[] {
	const peak = shape?.peak ? [{ x: shape.peak.x, y: shape.peak.height }] : [];
	return [{ x: 0, y: height }, ...peak, { x: width, y: shape?.right ?? height }];
}

/** Height of a line of points at x; its ends go on level. */
function heightOn(line: readonly Point[], x: Millimetres): Millimetres {
	const i = line.findIndex((p) => p.x >= x);
	const b = nth(line, i === -1 ? line.length - 1 : i);
	const a = nth(line, i === -1 ? line.length - 1 : Math.max(0, i - 1));
	if (x <= a.x) return a.y;
	return b.x === a.x ? b.y : a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x);
}

/** Height of the ceiling line at x, above the floor at the left end. */
export function topAt(wall: Outline, x: Millimetres): Millimetres {
	return heightOn(topLine(wall), x);
}

/**
 * Least height of the top over a stretch: what a thing so wide must stay under. It is at an end, for a gable's top is
 * outside in.
 */
export function lowestTop(wall: Outline, from: Millimetres, to: Millimetres): Millimetres {
	return Math.min(
		...[
			from,
			to,
			...topLine(wall)
				.map((p) => p.x)
				.filter((x) => x > from && x < to)
		].map((x) => topAt(wall, x))
	);
}

/** The highest place of the wall: what a drawing must have room for. */
export function tallest(wall: Outline): Millimetres {
	return Math.max(...topLine(wall).map((p) => p.y));
}

/**
 * Height of the floor at x, above that at the left end.
 * @example floorAt({ width: 4000, height: 2400, shape: { right: 2400, peak: null, floorRise: 40 } }, 2000) // 20
 */
export function floorAt({ width, shape }: Outline, x: Millimetres): Millimetres {
	return ((shape?.floorRise ?? 0) * x) / width;
}

/**
 * The shape of a wall with some of it changed; undefined where that leaves a plain rectangle, which needs no shape.
 * @example reshaped({ width: 3000, height: 2400 }, { right: 2300 })?.right // 2300
 */
export function reshaped({ height, shape }: Outline, change: Partial<WallShape>): WallShape | undefined {
	const next = { right: height, peak: null, floorRise: 0, ...shape, ...change };
	return next.right === height && !next.peak && next.floorRise === 0 ? undefined : next;
}

/** The outline as a closed shape, from the floor at the left end. */
export function outlineOf(wall: Outline): Point[] {
	return [{ x: 0, y: 0 }, ...topLine(wall), { x: wall.width, y: floorAt(wall, wall.width) }];
}
