import type { Millimetres } from '../../units/quantity';

/**
 * Shares of a load by a stiff board on screws that give alike: evenly, and more to those on the load's side. Adds up to
 * 1; negative where a screw is lifted.
 * @param places of the columns, with how many screws each has
 * @param at of the load
 * @returns the share of each column
 * @example rigidShares([{ x: 0, n: 1 }, { x: 100, n: 1 }], 25) // [0.75, 0.25]
 */
export function rigidShares(places: readonly { x: Millimetres; n: number }[], at: Millimetres): number[] {
	const N = places.reduce((sum, p) => sum + p.n, 0);
	const middle = places.reduce((sum, p) => sum + p.n * p.x, 0) / N;
	const spread = places.reduce((sum, p) => sum + p.n * (p.x - middle) ** 2, 0);
	return places.map((p) => p.n * (1 / N + (spread > 0 ? ((at - middle) * (p.x - middle)) / spread : 0)));
}
