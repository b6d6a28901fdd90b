import { nth } from '../../nth';
import { fail, ok, type Result } from '../../result';
import type { Millimetres } from '../../units/quantity';
import type { Point } from '../outline';
import { homography, mapPoint, homographyOf, type Homography } from './homography';

/** Where a straightened photograph lies on the wall, and how it is drawn. */
export interface PhotoPlace {
	x: Millimetres;
	y: Millimetres;
	width: Millimetres;
	height: Millimetres;
	/** Of the new picture. */
	pixels: { width: number; height: number };
	/** From pixels of the new picture to pixels of the photograph. */
	back: Homography;
}

/** Longest side of what is kept, pixels: a pixel is then a few millimetres of a wall. */
export const MOST_SIDE = 2400;
/** Finer than this, a tape cannot tell. */
const FINEST: Millimetres = 0.5;

/**
 * Where a photograph comes to lie, from four points seen in it and where they are on the wall. It is cut to a stretch
 * about them.
 * @param seen in pixels of the photograph, from its upper left
 * @param known on the wall, in the same order
 * @param stretch of the wall to draw
 * @example placePhoto(corners, onWall, { left: 0, right: 3600, low: 0, high: 2400 }, { width: 4000, height: 3000 })
 */
export function placePhoto(
	seen: readonly Point[],
	known: readonly Point[],
	stretch: { left: Millimetres; right: Millimetres; low: Millimetres; high: Millimetres },
	photo: { width: number; height: number }
): Result<PhotoPlace> {
	const width = stretch.right - stretch.left;
	const height = stretch.high - stretch.low;
	if (!(width > 0 && height > 0)) return fail('The stretch of wall to draw has no size');
	const map = homography(known, seen);
	if (!map.ok) return map;
	const corners = [
		[stretch.left, stretch.low],
		[stretch.right, stretch.low],
		[stretch.right, stretch.high],
		[stretch.left, stretch.high]
	].map(([x, y]) => ({ x: x as number, y: y as number }));
	const depth = (p: Point) => map.value[6] * p.x + map.value[7] * p.y + map.value[8];
	const side = Math.sign(depth(nth(known, 0)));
	if (corners.some((p) => depth(p) * side <= 0))
		return fail('From there the photograph cannot show that much of the wall: choose points farther apart');
	// As fine as the photograph is, where it is finest.
	const grain = Math.max(
		...corners.map((p) => {
			const [o, r] = [mapPoint(map.value, p), mapPoint(map.value, { x: p.x + 1, y: p.y })];
			return Math.hypot(r.x - o.x, r.y - o.y);
		})
	);
	const scale = Math.min(grain, 1 / FINEST, MOST_SIDE / Math.max(width, height));
	const pixels = { width: Math.max(8, Math.round(width * scale)), height: Math.max(8, Math.round(height * scale)) };
	if (photo.width < 8 || photo.height < 8) return fail('The photograph is too small');
	const [kx, ky] = [width / pixels.width, height / pixels.height];
	const h = map.value;
	// A pixel (u, v) of the new picture is the place left + u kx, high - v ky on the wall.
	const back = homographyOf(
		[0, 3, 6].flatMap((r) => [
			nth(h, r) * kx,
			-nth(h, r + 1) * ky,
			nth(h, r) * stretch.left + nth(h, r + 1) * stretch.high + nth(h, r + 2)
		])
	);
	return ok({ x: stretch.left, y: stretch.low, width, height, pixels, back });
}
