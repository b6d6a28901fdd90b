import { highsSolver } from '../../../../tests/support/highs';
import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { seeded } from '../../seeded';
import type { Solver } from '../solver';
import { fewestLines } from './fewest-lines';
import { LineSearch } from './line-search';
import { worthiest } from './knapsack';
import type { Line, LineProblem } from './line-problem';
import { listPatterns } from './list-patterns';

let solve: Solver;
beforeAll(async () => {
	solve = await highsSolver();
});
const cut = (p: LineProblem, seconds = 20) => fewestLines(p, { solve, secondsLeft: () => seconds, random: seeded(1) });
const boards = (length: number) => [{ length, cost: 1, count: Infinity }];

const problem = fc.record({
	items: fc.uniqueArray(
		fc.record({ length: fc.integer({ min: 100, max: 1200 }), count: fc.integer({ min: 1, max: 6 }) }),
		{ minLength: 1, maxLength: 5, selector: (i) => i.length }
	),
	stocks: fc.constantFrom(
		boards(1250),
		[...boards(1250), { length: 900, cost: 0, count: 2 }],
		[
			{ length: 1250, cost: 5, count: Infinity },
			{ length: 1900, cost: 7, count: Infinity }
		]
	),
	kerf: fc.constantFrom(0, 3.2)
});

/**
 * Every piece is there, once, every board has room for its pieces and the kerfs between them, and none is used too
 * often.
 */
function sound(p: LineProblem, lines: Line[]): void {
	for (const [i, item] of p.items.entries())
		expect(lines.flatMap((l) => l.items).filter((x) => x === i)).toHaveLength(item.count);
	for (const { stock, items } of lines) {
		const taken = items.reduce((sum, i) => sum + p.items[i]!.length, 0) + (items.length - 1) * p.kerf;
		expect(taken).toBeLessThanOrEqual(p.stocks[stock]!.length + 1e-6);
	}
	for (const [s, { count }] of p.stocks.entries())
		expect(lines.filter((l) => l.stock === s).length).toBeLessThanOrEqual(count);
}

describe('the least that boards cost', () => {
	it('counts one kerf between pieces, so that six that add up to the board do not fit it', () => {
		// 3 x 18 + 22 + 14 + 6 = 96, and five cuts of 1/8 in beside.
		const items = [18, 22, 14, 6].map((length, i) => ({ length, count: i === 0 ? 3 : 1 }));
		expect(cut({ items, stocks: boards(96), kerf: 0.125 }).cost).toBe(2);
		expect(cut({ items, stocks: boards(96), kerf: 0 }).cost).toBe(1);
	});

	it('beats first fit where that is not the fewest, and proves it', () => {
		// Longest first puts 6 with 3: four boards. 6 + 4 and 3 + 3 + 4 do it in three.
		const items = [6, 5, 4, 3].map((length) => ({ length, count: length === 3 ? 3 : 2 }));
		const p = { items, stocks: boards(13), kerf: 0 };
		const got = cut(p);
		sound(p, got.lines);
		expect([got.cost, got.proven]).toEqual([3, true]);
	});

	it('takes what is owned before anything is bought, and the cheaper of two lengths', () => {
		const items = [{ length: 800, count: 3 }];
		const owned = { length: 850, cost: 0, count: 2 };
		// Two from what is there; the third from the cheaper board.
		const stocks = [owned, { length: 2400, cost: 8, count: Infinity }, { length: 1000, cost: 5, count: Infinity }];
		const got = cut({ items, stocks, kerf: 3 });
		expect([got.cost, got.proven]).toEqual([5, true]);
		expect(got.lines.map((l) => l.stock).sort()).toEqual([0, 0, 2]);
	});

	// Three of 800 are 2406 with their kerfs: one of 2440 for 8 against three of 1000 for 5 each.
	it('buys one long board for what two short ones would cost more for', () =>
		expect(
			cut({
				items: [{ length: 800, count: 3 }],
				stocks: [
					{ length: 1000, cost: 5, count: Infinity },
					{ length: 2440, cost: 8, count: Infinity }
				],
				kerf: 3
			}).cost
		).toBe(8));

	it('is sound, and never below its bound, on any problem', () => {
		fc.assert(
			fc.property(problem, (p) => {
				const possible = p.items.every((i) => p.stocks.some((s) => s.count === Infinity && s.length >= i.length));
				if (!possible) return;
				const got = cut(p);
				sound(p, got.lines);
				expect(got.cost).toBeGreaterThanOrEqual(got.bound);
				expect(got.proven).toBe(true);
			}),
			{ numRuns: 60 }
		);
	});

	it('states its bound and keeps the best so far when time is up', () => {
		const items = [
			{ length: 700, count: 3 },
			{ length: 420, count: 4 },
			{ length: 365, count: 5 },
			{ length: 340, count: 4 }
		];
		const p = { items, stocks: boards(1250), kerf: 3.2 };
		const got = cut(p, 0);
		sound(p, got.lines);
		expect(got.bound).toBeLessThanOrEqual(got.cost);
		expect(got.proven).toBe(got.bound === got.cost);
	});

	it('generates columns where there are too many patterns to list', () => {
		const items = Array.from({ length: 22 }, (_, i) => ({ length: 61 + 17 * i, count: 5 }));
		const p = { items, stocks: boards(2440), kerf: 3.2 };
		expect(listPatterns(p, p.stocks[0]!, 4000)).toBeNull();
		const got = cut(p);
		sound(p, got.lines);
		expect(got.proven).toBe(true);
	});

	it.each([
		['a piece longer than a board', boards(2440)],
		['too few boards', [{ length: 3000, cost: 0, count: 0 }]]
	])('refuses %s', (_, stocks) =>
		expect(() => cut({ items: [{ length: 2500, count: 1 }], stocks, kerf: 3 })).toThrow(RangeError)
	);
});

describe('what is worth most', () => {
	// Every way to choose, one after another.
	function byTrying(choices: { size: number; value: number; count: number }[], room: number): number {
		const [first, ...rest] = choices;
		if (!first) return 0;
		let best = 0;
		for (let n = 0; n <= first.count && n * first.size <= room; n++)
			best = Math.max(best, n * first.value + byTrying(rest, room - n * first.size));
		return best;
	}

	it('is what trying every choice gives, and fits', () => {
		const choice = fc.record({
			size: fc.double({ min: 0.5, max: 40, noNaN: true }),
			value: fc.double({ min: 0, max: 10, noNaN: true }),
			count: fc.integer({ min: 1, max: 3 })
		});
		fc.assert(
			fc.property(fc.array(choice, { maxLength: 6 }), fc.double({ min: 0, max: 120, noNaN: true }), (choices, room) => {
				const got = worthiest(choices, room);
				expect(got.value).toBeCloseTo(byTrying(choices, room), 6);
				expect(got.counts.reduce((sum, n, i) => sum + n * choices[i]!.size, 0)).toBeLessThanOrEqual(room + 1e-9);
				expect(got.counts.reduce((sum, n, i) => sum + n * choices[i]!.value, 0)).toBeCloseTo(got.value, 6);
				got.counts.forEach((n, i) => expect(n).toBeLessThanOrEqual(choices[i]!.count));
			}),
			{ numRuns: 300 }
		);
	});
});

describe('the search for a better way', () => {
	it('ends where time is up, however many boards one takes', () => {
		const p = { items: [{ length: 900, count: 20 }], stocks: [{ length: 1000, cost: 1, count: Infinity }], kerf: 3 };
		const search = new LineSearch(p, seeded(1));
		let asked = 0;
		expect(search.anew(Infinity, () => ++asked < 2)).toBeNull();
		expect(asked).toBe(2);
		expect(search.anew(Infinity, () => true)).toHaveLength(20);
	});
});
