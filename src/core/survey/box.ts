import type { Millimetres } from '../units/quantity';

/** A stretch of wall. */
export interface Box {
	left: Millimetres;
	right: Millimetres;
	low: Millimetres;
	high: Millimetres;
}

/** Half a millimetre is nothing: a line in common is no overlap. */
const NOTHING: Millimetres = 0.5;

/** Do two stretches share more than a line? @example overlap(a, a) // true */
export const overlap = (a: Box, b: Box): boolean =>
	a.left < b.right - NOTHING && b.left < a.right - NOTHING && a.low < b.high - NOTHING && b.low < a.high - NOTHING;

/** Does one stretch hold all of another? @example covers(a, a) // true */
export const covers = (a: Box, b: Box): boolean =>
	a.left <= b.left + NOTHING && a.right >= b.right - NOTHING && a.low <= b.low + NOTHING && a.high >= b.high - NOTHING;
