import type { Millimetres } from '../../units/quantity';

/** Boards, rods or strips of one length to cut from. */
export interface LineStock {
	length: Millimetres;
	/** What one costs in whatever is to be least; what is owned costs nothing. */
	cost: number;
	/** How many there are; Infinity for as many as are wanted. */
	count: number;
}

/** Pieces of given lengths to cut from boards, one behind another. */
export interface LineProblem {
	items: readonly { length: Millimetres; count: number }[];
	stocks: readonly LineStock[];
	kerf: Millimetres;
}

/** One board: of which stock, and its pieces as indices of the items. */
export interface Line {
	stock: number;
	items: number[];
}

/** Room a board gives: every cut but the last costs a kerf, so it counts one kerf longer. */
export const roomOf = ({ length }: { length: Millimetres }, kerf: Millimetres): number => length + kerf + 1e-6;

/** What boards cost together. */
export const costOf = ({ stocks }: LineProblem, lines: readonly Line[]): number =>
	lines.reduce((sum, l) => sum + (stocks[l.stock]?.cost ?? 0), 0);

/** Pieces of each kind in a board. */
export function givesOf(items: readonly number[], n: number): number[] {
	const gives = new Array<number>(n).fill(0);
	for (const i of items) gives[i] = (gives[i] as number) + 1;
	return gives;
}
