import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { highsSolver } from '../../../tests/support/highs';
import type { Solver } from '../cutting/solver';
import { cheapest, cheapestOf, packsUpTo } from './packs';
import { newPrice, type Price } from './price';
import { offered, type Buying, type Offered, type Ware } from './ware';

let solve: Solver;
beforeAll(async () => {
	solve = await highsSolver();
});

const screw: Ware = { sold: 'screw', size: '#8', length: 32 };
const box = (pack: number, of: number | null, store = ''): Price => ({
	...newPrice(`${pack}${store}`, 'screw'),
	width: 4.17,
	length: 32,
	pack,
	price: of,
	store
});
const tin = (pack: number, of: number): Price => ({ ...newPrice(`${pack}`, 'finish'), pack, price: of });
const buying = (prices: Price[], store = ''): Buying => ({ prices, tax: 0, store, currency: '' });
const lots = (ware: Ware, count: number, from: Buying) =>
	cheapest(ware, count, from)?.lots.map(({ packs, price }) => [packs, price.pack]);

describe('the cheapest packs', () => {
	const list = buying([box(50, 4), box(200, 9), box(10, null)]);
	it.each([
		[30, [[1, 50]], 4],
		[60, [[2, 50]], 8],
		[130, [[1, 200]], 9],
		// 200 and a box of 50 are 13; two of 200 are 18, six of 50 are 24.
		[
			210,
			[
				[1, 200],
				[1, 50]
			],
			13
		]
	])('for %i', (n, packs, money) => {
		expect(lots(screw, n, list)).toEqual(packs);
		expect(cheapest(screw, n, list)!.money).toBeCloseTo(money, 9);
	});
	it('say what one costs of all that is in them, and cost nothing where nothing is wanted', () => {
		expect(cheapest(screw, 210, list)!.each).toBeCloseTo(13 / 250, 12);
		expect(cheapest(screw, 0, list)).toMatchObject({ lots: [], each: 0, money: 0 });
	});
	it('are of one store, of the said one only, and nothing where no price is known', () => {
		const two = [box(100, 8, 'Yard'), box(50, 5, 'Yard'), box(100, 9, 'Town'), box(50, 1, 'town ')];
		expect(lots(screw, 150, buying(two))).toEqual([[3, 50]]);
		expect(cheapest(screw, 150, buying(two))!.store).toBe('Town');
		expect(lots(screw, 150, buying(two, ' yard'))).toEqual([
			[1, 100],
			[1, 50]
		]);
		expect(cheapest(screw, 10, buying([box(50, 0), box(50, null)]))).toBeNull();
	});
	// Nine hundred millilitres of oil: a tin of 0.75 and one of 0.25 are 22, a litre is 25.
	it('are tins of several sizes', () => {
		const tins = buying([tin(1, 25), tin(0.75, 15), tin(0.25, 7)]);
		expect(lots({ sold: 'finish' }, 0.9, tins)).toEqual([
			[1, 0.75],
			[1, 0.25]
		]);
		// To the brim, and a hair over it.
		expect(lots({ sold: 'finish' }, 0.1 + 0.65, tins)).toEqual([[1, 0.75]]);
		expect(cheapest({ sold: 'finish' }, 0.751, tins)!.money).toBeCloseTo(22, 9);
		// Full to the brim but for rounding: no third tin.
		expect(cheapest({ sold: 'finish' }, 1 + 1e-13, tins)!.money).toBeCloseTo(22, 9);
		// Half a millilitre is no reason for a second tin.
		const odd = buying([tin(0.4735, 10), tin(2, 60)]);
		expect(lots({ sold: 'finish' }, 0.4735, odd)).toEqual([[1, 0.4735]]);
	});
	it('for the same money are as few as can be', () => {
		expect(lots(screw, 100, buying([box(50, 5), box(100, 10)]))).toEqual([[1, 100]]);
		expect(lots(screw, 100, buying([box(100, 10), box(50, 5)]))).toEqual([[1, 100]]);
	});
	it('of very many are of one line', () => {
		expect(lots(screw, 1_000_010, list)).toEqual([[5001, 200]]);
	});
});

/** The least money by an integer programme: so many packs of each line that they hold enough. */
function exactMoney(lines: readonly Offered[], count: number): number {
	const name = (i: number) => `x${i}`;
	const money = lines.map(({ price, each }, i) => `${price.pack * each!} ${name(i)}`).join(' + ');
	const holds = lines.map(({ price }, i) => `${price.pack} ${name(i)}`).join(' + ');
	const lp = `Minimize\n obj: ${money}\nSubject To\n c: ${holds} >= ${count}\nGeneral\n ${lines.map((_, i) => name(i)).join(' ')}\nEnd`;
	return solve(lp, { time_limit: 10, output_flag: false }).ObjectiveValue;
}

describe('the cheapest packs, against an integer programme by HiGHS', () => {
	const line = (packs: fc.Arbitrary<number>) => fc.record({ pack: packs, cents: fc.integer({ min: 50, max: 4000 }) });
	const held = (
		ware: Ware,
		make: (pack: number, of: number) => Price,
		packs: fc.Arbitrary<number>,
		unit: number,
		most = 900
	) =>
		fc.assert(
			fc.property(
				fc.uniqueArray(line(packs), { minLength: 1, maxLength: 5, selector: (l) => l.pack }),
				fc.integer({ min: 1, max: most }),
				(made, n) => {
					const lines = offered(ware, buying(made.map(({ pack, cents }) => make(pack, cents / 100))));
					const count = n * unit;
					const got = cheapestOf(lines, count)!;
					expect(got.money).toBeCloseTo(exactMoney(lines, count), 6);
					const inThem = got.lots.reduce((sum, { packs: k, price }) => sum + k * price.pack, 0);
					expect(inThem).toBeGreaterThanOrEqual(count - 1e-9);
					expect(got.lots.reduce((sum, l) => sum + l.money, 0)).toBeCloseTo(got.money, 9);
					// The same out of a table for more.
					expect(packsUpTo(lines, 2 * count)(count)!.money).toBeCloseTo(got.money, 9);
				}
			),
			{ numRuns: 150, seed: 7 }
		);
	it('cost as little of what is counted', () => held(screw, box, fc.integer({ min: 1, max: 300 }), 1));
	it('of few, too', () => held(screw, box, fc.integer({ min: 1, max: 12 }), 1, 60));
	it('and of what is poured', () =>
		held({ sold: 'finish' }, tin, fc.constantFrom(0.125, 0.25, 0.375, 0.75, 1, 2.5, 5), 0.01));
});
