import type { Millimetres, NewtonMillimetres, Newtons } from '../../units/quantity';

/**
 * A couple in the plane of what screws over each other hold: sideways on each, by its height from their middle.
 * @returns without end where one screw, or all at one height, take it: all turns about them
 * @example sideways(1000, [0, 100]) // [10, 10]
 */
export function sideways(turn: NewtonMillimetres, heights: readonly Millimetres[]): Newtons[] {
	if (turn === 0) return heights.map(() => 0);
	const middle = heights.reduce((a, b) => a + b, 0) / heights.length;
	const spread = heights.reduce((sum, y) => sum + (y - middle) ** 2, 0);
	if (!(spread > 1e-9)) return heights.map(() => Infinity);
	return heights.map((y) => (turn * Math.abs(y - middle)) / spread);
}
