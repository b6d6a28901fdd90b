import { nth } from '../../nth';
import type { Millimetres } from '../../units/quantity';

/**
 * What each of some places in a line takes of one force by the lever rule of the two next to it; past the last ones
 * more than all of it goes to the last. What would ease the other there is not counted.
 * @param places ascending, two or more
 * @example nearestTwo([0, 100], 150) // [0, 1.5]
 */
export function nearestTwo(places: readonly Millimetres[], at: Millimetres): number[] {
	const after = places.findIndex((y) => y >= at);
	const j = after < 0 ? places.length - 1 : Math.max(1, after);
	const [low, high] = [nth(places, j - 1), nth(places, j)];
	const share = (at - low) / (high - low);
	return places.map((_, i) => {
		if (i === j) return Math.max(0, share);
		return i === j - 1 ? Math.max(0, 1 - share) : 0;
	});
}
