import type { Millimetres } from '../../units/quantity';

/** Rectangles of one size to saw from sheets. */
export interface SheetPiece {
	/** Along the sheet's length, which is its grain. */
	length: Millimetres;
	width: Millimetres;
	count: number;
	/** It may lie across the grain as well. */
	turn: boolean;
}

/** Sheets, part sheets or wide boards of one size to saw from. */
export interface SheetStock {
	/** What can be used of it: its trimmed edges taken off. */
	length: Millimetres;
	width: Millimetres;
	/** What one costs in whatever is to be least; what is owned costs nothing. */
	cost: number;
	/** How many there are; Infinity for as many as are wanted. */
	count: number;
}

export interface SheetProblem {
	pieces: readonly SheetPiece[];
	stocks: readonly SheetStock[];
	kerf: Millimetres;
}

/** Pieces put together by cuts, without a place yet. Sizes in hundredths of a millimetre. */
export type Box =
	| { kind: 'piece'; item: number; turned: boolean; l: number; w: number }
	/** Side by side along the length (`x`) or across it (`y`), a kerf between them. */
	| { kind: 'pair'; dir: 'x' | 'y'; a: Box; b: Box; l: number; w: number };

/** Work is done in whole hundredths of a millimetre: finer than any saw, and sums of them are exact. */
export const HUNDREDTHS = 100;
export const toHundredths = (x: Millimetres): number => Math.round(x * HUNDREDTHS);

/** The problem in hundredths, a number for every kind of piece. */
export interface Kinds {
	n: number;
	l: Int32Array;
	w: Int32Array;
	turn: Uint8Array;
	count: Int32Array;
	/** Area with half a kerf all round: what a piece takes of a sheet at least. */
	area: Float64Array;
	kerf: number;
}

/** @example kindsOf(problem).l[0] // 40_000 for a piece of 400 mm */
export function kindsOf({ pieces, kerf }: SheetProblem): Kinds {
	const k = toHundredths(kerf);
	const l = Int32Array.from(pieces, (p) => toHundredths(p.length));
	const w = Int32Array.from(pieces, (p) => toHundredths(p.width));
	return {
		n: pieces.length,
		l,
		w,
		turn: Uint8Array.from(pieces, (p) => (p.turn && p.length !== p.width ? 1 : 0)),
		count: Int32Array.from(pieces, (p) => p.count),
		area: Float64Array.from(pieces, (_, i) => ((l[i] as number) + k) * ((w[i] as number) + k)),
		kerf: k
	};
}

/** Whether a piece goes onto a stock at all, as it lies or turned. Sizes in hundredths of a mm. */
export function goesOn({ l, w, turn }: Kinds, item: number, length: number, width: number): boolean {
	const [along, across] = [l[item] as number, w[item] as number];
	return (along <= length && across <= width) || (turn[item] === 1 && across <= length && along <= width);
}

/** Kinds of piece in a box, one entry a piece. */
export function itemsOf(box: Box): number[] {
	const found: number[] = [];
	const walk = (b: Box): void => {
		if (b.kind === 'piece') found.push(b.item);
		else {
			walk(b.a);
			walk(b.b);
		}
	};
	walk(box);
	return found;
}

/** Two boxes and the cut between them. */
export function pair(dir: 'x' | 'y', a: Box, b: Box, kerf: number): Box {
	return dir === 'x'
		? { kind: 'pair', dir, a, b, l: a.l + kerf + b.l, w: Math.max(a.w, b.w) }
		: { kind: 'pair', dir, a, b, l: Math.max(a.l, b.l), w: a.w + kerf + b.w };
}
