import { MM_PER_INCH, type Millimetres } from '../units/quantity';

/**
 * Lengths that brads are sold in, common practice. They keep glued pieces in place while the glue dries: no sum counts
 * them.
 */
export const BRAD_LENGTHS: readonly Millimetres[] = [0.75, 1, 1.25, 1.5, 2].map((l) => l * MM_PER_INCH);

/** Brads stand no further apart, and never fewer than two: common practice. */
const APART: Millimetres = 150;

/**
 * The brads for a strip or block: through it, and most of that again into what it stands on.
 * @example bradsFor(18, 600) // { length: 31.75, count: 5 }
 */
export function bradsFor(thickness: Millimetres, along: Millimetres): { length: Millimetres; count: number } {
	const needed = 1.75 * thickness;
	const longest = BRAD_LENGTHS.at(-1) ?? needed;
	return {
		length: BRAD_LENGTHS.find((l) => l >= needed) ?? longest,
		count: Math.max(2, Math.ceil(along / APART) + 1)
	};
}
