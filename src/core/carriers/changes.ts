import { phrase } from '../units/phrase';
import type { CarrierChange } from './carrier';

/** Most screws in a side, and in the end of what stands between two. */
const MOST = 12;

/**
 * Another screw in each side.
 * @example changes: (p) => [moreInSides(p)]
 */
export const moreInSides = <P extends { sides: { screws: number } }>(p: P): CarrierChange<P> => ({
	text: phrase('Another screw in each side'),
	params: { ...p, sides: { ...p.sides, screws: Math.min(MOST, p.sides.screws + 1) } },
	effort: 'screws'
});

/**
 * Another screw in each end of what stands between the sides.
 * @param of 'the bottom', 'a shelf'
 */
export const moreInEnds = <P extends { ends: number }>(p: P, of: string): CarrierChange<P> => ({
	text: phrase(`Another screw in each end of ${of}`),
	params: { ...p, ends: Math.min(MOST, p.ends + 1) },
	effort: 'screws'
});
