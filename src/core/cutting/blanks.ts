import type { Degrees, Millimetres } from '../units/quantity';
import type { Cut, LaidPiece, Rest } from './cut-sheet';
import type { Piece } from './pieces';

/** A strip that is ripped in two at a slant, with the cleats that each half is cut into. */
export interface Blank {
	length: Millimetres;
	width: Millimetres;
	bevel: Degrees;
	halves: [Piece[], Piece[]];
}

/** Cleats that are ripped from one kind of blank. */
export interface OneBlank {
	blank: Millimetres;
	bevel: Degrees;
	pieces: Piece[];
}

/** Cleats by the blank they come from; other pieces are left out. @example byBlank(pieces)[0]?.blank // 130 */
export function byBlank(pieces: readonly Piece[]): OneBlank[] {
	const kinds = new Map<string, OneBlank>();
	for (const piece of pieces) {
		if (piece.form.kind !== 'cleat') continue;
		const { blank, bevel } = piece.form;
		const key = `${blank} ${bevel}`;
		const kind = kinds.get(key) ?? { blank, bevel, pieces: [] };
		kind.pieces.push(piece);
		kinds.set(key, kind);
	}
	return [...kinds.values()];
}

const lengthOf = (half: readonly Piece[], kerf: Millimetres): Millimetres =>
	half.reduce((sum, p) => sum + p.length, 0) + Math.max(0, half.length - 1) * kerf;

/**
 * Blanks from lanes: two lanes side by side are one, cut apart wherever both halves can end without taking more length.
 * Shorter blanks find more room, on offcuts too.
 * @param lanes pieces one behind another, each no longer than what is ripped
 * @example blanksOf([[a, b], [c, d]], 130, 30, 3.2).length // 2, where a is as long as c
 */
export function blanksOf(
	lanes: readonly (readonly Piece[])[],
	width: Millimetres,
	bevel: Degrees,
	kerf: Millimetres
): Blank[] {
	const sorted = [...lanes].map((l) => [...l].sort((a, b) => b.length - a.length));
	sorted.sort((a, b) => lengthOf(b, kerf) - lengthOf(a, kerf));
	const blanks: Blank[] = [];
	for (let i = 0; i < sorted.length; i += 2)
		blanks.push(...cutApart(sorted[i] ?? [], sorted[i + 1] ?? [], width, bevel, kerf));
	return blanks;
}

/**
 * Blanks of two cleats each, as long as each other as can be; the last of an odd number has one half only.
 * @example twosOf([a, b, c], 3.2).map((blank) => blank.halves[1].length) // [1, 0]
 */
export const twosOf = (pieces: readonly Piece[], kerf: Millimetres): Blank[] =>
	byBlank(pieces).flatMap(({ blank, bevel, pieces: cleats }) =>
		blanksOf(
			cleats.map((c) => [c]),
			blank,
			bevel,
			kerf
		)
	);

function cutApart(a: Piece[], b: Piece[], width: Millimetres, bevel: Degrees, kerf: Millimetres): Blank[] {
	const whole = Math.max(lengthOf(a, kerf), lengthOf(b, kerf));
	for (let i = 1; i < a.length; i++) {
		for (let j = 0; j < b.length; j++) {
			const first = Math.max(lengthOf(a.slice(0, i), kerf), lengthOf(b.slice(0, j), kerf));
			const second = Math.max(lengthOf(a.slice(i), kerf), lengthOf(b.slice(j), kerf));
			if (first + kerf + second > whole + 1e-6) continue;
			const near = { length: first, width, bevel, halves: [a.slice(0, i), b.slice(0, j)] as [Piece[], Piece[]] };
			return [near, ...cutApart(a.slice(i), b.slice(j), width, bevel, kerf)];
		}
	}
	return [{ length: whole, width, bevel, halves: [a, b] }];
}

/** A blank where it lies: the rip, then each half cut to length from its left end. */
export function layBlank(
	{ length, width, bevel, halves }: Blank,
	x: Millimetres,
	y: Millimetres,
	kerf: Millimetres
): { pieces: LaidPiece[]; cuts: Cut[]; rests: Rest[] } {
	const half = (width - kerf) / 2;
	const pieces: LaidPiece[] = [];
	const cuts: Cut[] = [{ across: false, at: y + half, from: x, to: x + length, bevel }];
	const rests: Rest[] = [];
	for (const [h, cleats] of halves.entries()) {
		const low = y + h * (half + kerf);
		let at = x;
		for (const piece of cleats) {
			pieces.push({ piece, x: at, y: low, length: piece.length, width: half });
			at += piece.length;
			if (x + length - at > 1e-6) cuts.push({ across: true, at, from: low, to: low + half });
			at += kerf;
		}
		if (x + length - at > 1e-6) rests.push({ x: at, y: low, length: x + length - at, width: half });
	}
	return { pieces, cuts, rests };
}
