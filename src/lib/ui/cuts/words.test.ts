import { describe, expect, it } from 'vitest';
import type { Offer } from '$core/cutting/offers';
import { boardWord, takenOf } from './words';

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
		each: null
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
