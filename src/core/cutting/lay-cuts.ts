import type { Millimetres } from '../units/quantity';

/** Pieces as they lie in one board or across one sheet, from its first end on. */
export interface LaidCuts<T> {
	cuts: { piece: T; from: Millimetres; to: Millimetres }[];
	/** What is left at the far end, behind the last cut. */
	offcut: Millimetres;
}

/**
 * Lays pieces one after another, the longest first, with a kerf behind each.
 * @example layCuts([{ length: 300 }, { length: 500 }], 1000, 3).cuts[1] // { piece: { length: 300 }, from: 503, to: 803
 * }
 */
export function layCuts<T extends { length: Millimetres }>(
	pieces: readonly T[],
	board: Millimetres,
	kerf: Millimetres
): LaidCuts<T> {
	let at = 0;
	const cuts = [...pieces]
		.sort((a, b) => b.length - a.length)
		.map((piece) => {
			const from = at;
			at = from + piece.length + kerf;
			return { piece, from, to: from + piece.length };
		});
	return { cuts, offcut: Math.max(0, board - at) };
}
