import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { CostSums } from '$core/cutting/cost-sums';
import { areaBound } from '$core/cutting/sheets/area-bound';
import { fewestSheets } from '$core/cutting/sheets/fewest-sheets';
import { Mixes, mixesOf } from '$core/cutting/sheets/mixes';
import { Patterns } from '$core/cutting/sheets/patterns';
import { kindsOf, type SheetProblem } from '$core/cutting/sheets/problem';
import type { Solver } from '$core/cutting/solver';
import { seeded } from '$core/seeded';
import { exactCost, holdAll, setsFrom } from '../support/exact-sheets';
import { highsSolver } from '../support/highs';
import { countdown } from '../support/countdown';

let solve: Solver;
beforeAll(async () => {
	solve = await highsSolver();
});

/** As sold: the whole, the half and the quarter of it, each dearer by the area than the one before. */
const WHOLE = { length: 1000, width: 600, cost: 100, count: Infinity };
const HALF = { length: 500, width: 600, cost: 60, count: Infinity };
const QUARTER = { length: 500, width: 300, cost: 35, count: Infinity };
const SOLD = [WHOLE, HALF, QUARTER];
const OFFCUT = { length: 480, width: 280, cost: 0, count: 1 };

const piece = fc.record({
	length: fc.integer({ min: 120, max: 700 }),
	width: fc.integer({ min: 100, max: 450 }),
	count: fc.constant(1),
	turn: fc.boolean()
});
const job = fc.record({
	pieces: fc.array(piece, { minLength: 2, maxLength: 7 }),
	stocks: fc.constantFrom(SOLD, [OFFCUT, ...SOLD]),
	kerf: fc.constantFrom(0, 3.2)
});
/** The same by trying everything. What is owned is bought for nothing there, and only once. */
function tried(p: SheetProblem) {
	const fits = p.stocks.map((s) => setsFrom(p.pieces, s, p.kerf));
	const owned = p.stocks.map((s) => (s.count === Infinity ? 0 : s.count));
	const holds = (counts: readonly number[]) =>
		holdAll(
			fits,
			counts.map((n, s) => n + owned[s]!)
		);
	const mixes = mixesOf(p.stocks, 0, 1000)!;
	return { fits, holds, cost: mixes.find((m) => holds(m.counts))?.cost ?? Infinity };
}

describe('sums of costs', () => {
	it('of 3 and 5 are 3, 5, 6 and all from 8 on', () => {
		const sums = new CostSums([5, 3, 0]);
		expect([0, 1, 4, 5, 7, 11].map((x) => sums.atLeast(x))).toEqual([0, 3, 5, 5, 8, 11]);
	});
	it('bring a bound up, unless costs are no whole numbers', () => {
		expect(new CostSums([400, 600]).atLeast(410)).toBe(600);
		expect(new CostSums([400, 600]).atLeast(200)).toBe(400);
		expect(new CostSums([400, 600.5]).atLeast(410)).toBe(410);
		expect(new CostSums([0]).atLeast(7)).toBe(7);
	});
	it('leave a bound alone that is met but for rounding', () => {
		expect(new CostSums([400]).atLeast(800.0000001)).toBe(800);
		expect(Object.is(new CostSums([400]).atLeast(-1e-9), 0)).toBe(true);
	});
	it('are reckoned in steps where there are very many', () => {
		expect(new CostSums([7, 11]).atLeast(3_000_000.5)).toBe(3_000_001);
	});
});

describe('the bound by area', () => {
	// 600 x 400 does not go onto the offcut, so all of it is bought: 0.24 of 0.6 square metres at 100.
	it('gives what is owned no more than goes onto it', () => {
		const large = { length: 600, width: 400, count: 1, turn: true };
		const p: SheetProblem = { pieces: [large], stocks: [OFFCUT, WHOLE], kerf: 0 };
		expect(areaBound(p, kindsOf(p))).toBeCloseTo(40, 9);
		const small = { length: 400, width: 200, count: 1, turn: true };
		const both = { ...p, pieces: [large, small] };
		expect(areaBound(both, kindsOf(both))).toBeCloseTo(40, 9);
	});
});

describe('mixes of sheets', () => {
	it('are all there are at a cost, the cheapest first', () => {
		const stocks = [WHOLE, OFFCUT, HALF];
		expect(mixesOf(stocks, 60, 200)).toEqual([
			{ counts: [0, 0, 1], cost: 60 },
			{ counts: [1, 0, 0], cost: 100 },
			{ counts: [0, 0, 2], cost: 120 },
			{ counts: [1, 0, 1], cost: 160 },
			{ counts: [0, 0, 3], cost: 180 }
		]);
	});
	it('are not gone through where all cost the same, something costs nothing, or there are too many', () => {
		expect(mixesOf([WHOLE, { ...HALF, cost: 100 }], 0, 1000)).toBeNull();
		expect(mixesOf([WHOLE, { ...HALF, cost: 0 }], 0, 1000)).toBeNull();
		expect(mixesOf([{ ...OFFCUT, cost: 5 }, ...SOLD], 0, 1000)).toBeNull();
		expect(mixesOf(SOLD, 0, 20_000)).toBeNull();
	});

	it('are ruled out only where trying everything finds no way, and mostly where it finds none', () => {
		let [out, hopeless] = [0, 0];
		fc.assert(
			fc.property(job, (p) => {
				const { holds, cost } = tried(p);
				const kinds = kindsOf(p);
				const mixes = new Mixes(p, kinds, new Patterns(p, kinds, [], { cells: 60, keep: 4 }), solve);
				for (const mix of mixesOf(p.stocks, 0, Math.min(cost + 40, 400))!) {
					const isOut = mixes.rulesOut(mix, countdown(0.4));
					if (holds(mix.counts)) expect(isOut).toBe(false);
					else hopeless++;
					if (isOut) out++;
				}
			}),
			{ numRuns: 60, seed: 5 }
		);
		expect(hopeless).toBeGreaterThan(100);
		expect(out / hopeless).toBeGreaterThan(0.9);
	});

	// Two of 145 with a kerf between are 293.2: one on each offcut of 280, two on a quarter of 300, four on a half of
	// 600. By area the three offcuts would hold five.
	it('count what goes onto an offcut, not what its area comes to', () => {
		const p: SheetProblem = {
			pieces: [{ length: 470, width: 145, count: 6, turn: false }],
			stocks: [{ ...OFFCUT, count: 3 }, ...SOLD],
			kerf: 3.2
		};
		const kinds = kindsOf(p);
		const mixes = new Mixes(p, kinds, new Patterns(p, kinds, [], { cells: 60, keep: 4 }), solve);
		expect(mixes.rulesOut({ counts: [0, 0, 0, 1], cost: 35 }, countdown(0.4))).toBe(true);
		expect(mixes.rulesOut({ counts: [0, 0, 1, 0], cost: 60 }, countdown(0.4))).toBe(false);
		const got = fewestSheets(p, { solve, random: seeded(1), secondsLeft: countdown(30) });
		expect([got.packing.cost, got.bound, got.proven]).toEqual([60, 60, true]);
	});
	it('count nothing for an offcut that no piece goes onto, however many sizes there are', () => {
		const offcuts = Array.from({ length: 12 }, (_, i) => ({ ...OFFCUT, length: 300 + i }));
		const p: SheetProblem = {
			pieces: [{ length: 470, width: 145, count: 6, turn: false }],
			stocks: [...offcuts, ...SOLD],
			kerf: 3.2
		};
		const patterns = new Patterns(p, kindsOf(p), [], { cells: 60, keep: 4 });
		for (const s of offcuts.keys()) expect(patterns.worth(s, [1]).value).toBe(0);
		expect(patterns.worth(offcuts.length, [1]).value).toBeGreaterThan(0);
	});

	it('end in the cheapest there is, and in proof of it', () => {
		let [proven, all] = [0, 0];
		fc.assert(
			fc.property(job, (p) => {
				const { cost } = tried(p);
				const got = fewestSheets(p, { solve, random: seeded(1), secondsLeft: countdown(6) });
				expect(got.bound).toBeLessThanOrEqual(cost + 1e-9);
				expect(got.packing.cost).toBe(cost);
				all++;
				if (got.proven) proven++;
			}),
			{ numRuns: 40, seed: 9 }
		);
		expect(proven / all).toBeGreaterThan(0.8);
	});

	it('agree with the least by sets where nothing is owned', () => {
		fc.assert(
			fc.property(job, (p) => {
				const sold = { ...p, stocks: SOLD };
				const { fits, cost } = tried(sold);
				expect(cost).toBe(
					exactCost(
						fits,
						SOLD.map((s) => s.cost)
					)
				);
			}),
			{ numRuns: 20, seed: 2 }
		);
	});
});
