import { describe, expect, it } from 'vitest';
import type { LineKind } from '$core/buying/bill';
import type { Lot } from '$core/prices/packs';
import { newPrice, type Price } from '$core/prices/price';
import type { Offer } from '$core/cutting/offers';
import { boardWord, inOne, keptWords, packsWords, packWord, takenOf } from './words';

describe('what a bought piece is called', () => {
	it.each([
		['dowel', 1, 'dowel'],
		['board', 2, 'boards'],
		['sheet', 0, 'sheets'],
		['rod', 3, 'rods']
	] as const)('%s, %i of them: %s', (kind, n, word) => expect(boardWord(kind, n)).toBe(word));
});

describe('what is taken', () => {
	const offer = (title: string): Offer => ({
		title,
		length: 1,
		width: 1,
		trim: { ends: 0, edges: 0 },
		count: 9,
		owned: null,
		stock: null,
		ware: null,
		price: null,
		each: null,
		lines: []
	});
	const sheet = (of: number) => ({ offer: of, pieces: [], cuts: [], rests: [] });
	it('is counted by what it is, and what is not taken is left out', () => {
		const offers = [offer('a'), offer('b'), offer('c')];
		const taken = takenOf({ offers, sheets: [sheet(2), sheet(0), sheet(2)] });
		expect(taken.map((t) => [t.offer.title, t.count])).toEqual([
			['a', 1],
			['c', 2]
		]);
	});
});

describe('packs', () => {
	it.each([
		[{ pack: 1, sold: 'board', per: 'pack' }, 'of one'],
		[{ pack: 50, sold: 'screw', per: 'pack' }, 'of a pack of 50'],
		[{ pack: 1, sold: 'glue', per: 'pack' }, 'of a tin of 1 l'],
		[{ pack: 1, sold: 'board', per: 'metre' }, 'of a metre'],
		[{ pack: 1, sold: 'sheet', per: 'square-metre' }, 'of a square metre']
	] as const)('a price of %j is asked %s', (price, words) => expect(packWord(price)).toBe(words));
	it('are told as a sum that can be done again', () => {
		const price = { ...newPrice('a', 'screw'), pack: 50 };
		const money = (n: number) => n.toFixed(2);
		const lot = (price: Price, each: number, packs: number) => ({
			price,
			each,
			packs,
			money: each * packs * price.pack
		});
		const words = (kind: LineKind, ...lots: Lot[]) =>
			packsWords({ lots, store: '', each: lots[0]!.each, money: 0 }, kind, money);
		expect(words('screws', lot(price, 0.2, 2))).toBe('2 × pack of 50, 10.00');
		const [board, five] = [1, 5].map((pack) => ({ ...newPrice('b', 'board'), pack }));
		expect(words('wood', lot(board!, 7, 3))).toBe('7.00 each, tax in it');
		expect(words('wood', lot(five!, 6, 1), lot(board!, 7, 2))).toBe('1 × pack of 5, 30.00 and 2 × single, 7.00');
		expect(words('finish', lot({ ...newPrice('c', 'finish') }, 20, 1))).toBe('1 × tin of 1 l, 20.00');
		expect(inOne({ pack: 0.75, sold: 'finish' })).toBe('tin of 0.75 l');
	});
	it('and offcuts kept, none too', () => {
		expect([0, 1, 2].map(keptWords)).toEqual([
			'Nothing left is worth keeping.',
			'1 offcut is in the stock-take now.',
			'2 offcuts are in the stock-take now.'
		]);
	});
});
