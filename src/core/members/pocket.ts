import type { Degrees, Millimetres } from '../units/quantity';

/**
 * A pocket screw: its hole leans along the board and comes out in the middle of its edge, its head on a shoulder in the
 * board. Angle, bit and shoulder as the usual jigs have them, common practice.
 */
export const POCKET: { angle: Degrees; diameter: Millimetres } = { angle: 15, diameter: 9.5 };

/** Share of the board's thickness that is left between shoulder and edge, along the screw: common practice. */
const LEFT = 0.85;

/** Wood under the head of a pocket screw: that, and not the board, is what it holds. @example leftUnder(19) // 16.15 */
export const leftUnder = (thickness: Millimetres): Millimetres => LEFT * thickness;

/** How far a pocket screw goes into what its board stands on. @example entersBy(32, 19) // 15.3 */
export const entersBy = (length: Millimetres, thickness: Millimetres): Millimetres =>
	(length - leftUnder(thickness)) * Math.cos((POCKET.angle * Math.PI) / 180);

/**
 * The longest of the usual lengths that does not come out of what a board stands on.
 * @example usualPocket(19, 19) // 31.75
 */
export const usualPocket = (thickness: Millimetres, into: Millimetres): Millimetres =>
	[25.4, 31.75, 38.1, 50.8, 63.5].filter((l) => entersBy(l, thickness) <= into - 2).at(-1) ?? 25.4;
