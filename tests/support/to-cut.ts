import type { Aim } from '$core/cutting/aim';
import type { Piece } from '$core/cutting/pieces';
import type { Working } from '$core/cutting/working';
import { newPrice, type Price } from '$core/prices/price';
import { seeded } from '$core/seeded';
import { highsSolver } from './highs';

export const KERF = 3.2;
export const CUTTING = { kerf: KERF, lengths: [] };

/** So many equal pieces of ply 18. */
export const pieces = (n: number, length: number, width: number, turn = false): Piece[] =>
	Array.from({ length: n }, (_, i) => ({
		id: `${length}x${width}-${i}`,
		name: 'part',
		owner: { kind: 'holder', id: 'h', name: 'h' },
		length,
		form: { kind: 'flat', stock: 'ply-18', width, turn }
	}));

/** So many equal pegs of 25 mm. */
export const dowels = (n: number, length: number): Piece[] =>
	Array.from({ length: n }, (_, i) => ({
		id: `${length}-${i}`,
		name: 'peg',
		owner: { kind: 'holder', id: 'h', name: 'h' },
		length,
		form: { kind: 'dowel', diameter: 25 }
	}));

let made = 0;
/** A line of the price list that sells ply 18 in a size. */
export const sheetPrice = (width: number, length: number, price: number | null): Price => ({
	...newPrice(`s${++made}`, 'sheet'),
	thickness: 18,
	width,
	length,
	price
});

/** Work on one group, within so many seconds. */
export async function workshop(): Promise<(aim: Aim, seconds: number) => Working> {
	const solve = await highsSolver();
	return (aim, seconds) => {
		const end = performance.now() + seconds * 1000;
		return {
			kerf: KERF,
			aim,
			inStrips: false,
			currency: 'EUR',
			solve,
			secondsLeft: () => (end - performance.now()) / 1000,
			random: seeded(1)
		};
	};
}
