import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { combinedAllowable } from '$core/mechanics/fasteners/combined';
import { jointCapacity } from '$core/mechanics/fasteners/joint';
import { dowelBearing, governing, lateral, reduction, yieldLoads } from '$core/mechanics/fasteners/lateral';
import { headPullThrough, withdrawalPerLength } from '$core/mechanics/fasteners/withdrawal';
import { screw, type ScrewSize } from '$core/materials/screws';
import { N_PER_POUND } from '$core/units/quantity';
import { chapter12 } from '../support/chapter12';

const inch = (n: number) => n * 25.4;
const pounds = (n: number) => n / N_PER_POUND;

describe('withdrawal', () => {
	// NDS 2018 Table 12.2B, cut thread wood screws, G 0.50, lb per inch; quoted from memory.
	test.each<[ScrewSize, number]>([
		['#6', 98],
		['#8', 117],
		['#9', 126],
		['#10', 135],
		['#12', 154],
		['#14', 172]
	])('of %s at G 0.50 is %d lb/in', (size, want) => {
		expect(Math.round(pounds(withdrawalPerLength(screw(size), 0.5)) * 25.4)).toBe(want);
	});

	it('goes with the square of specific gravity (NDS 2018 12.2-2)', () => {
		expect(withdrawalPerLength(screw('#10'), 0.6) / withdrawalPerLength(screw('#10'), 0.3)).toBeCloseTo(4, 9);
	});
});

describe('head pull-through', () => {
	// Worked by hand from NDS 2018 12.2.5: 690 pi 0.385 0.42^2 0.75 = 110.4 lb.
	it('of a #10 head in 3/4 ply of G 0.42 is 110 lb', () =>
		expect(pounds(headPullThrough(0.385, inch(0.75), 0.42))).toBeCloseTo(110.4, 1));

	it('is the same from either formula at 2.5 head diameters (NDS 2018 12.2.5)', () => {
		const t = 2.5 * screw('#8').head;
		expect(headPullThrough(screw('#8').head, inch(t * 0.999999), 0.5)).toBeCloseTo(
			headPullThrough(screw('#8').head, inch(t * 1.000001), 0.5),
			2
		);
	});
});

describe('lateral', () => {
	it('in all six modes agrees with chapter 12 at no gap, over a sweep', () => {
		let compared = 0;
		for (const D of [0.113, 0.152, 0.196])
			for (const Fyb of [70_000, 80_000, 100_000])
				for (const Gm of [0.36, 0.42, 0.5, 0.55])
					for (const Gs of [0.35, 0.42, 0.5])
						for (const lm of [0.5, 1, 1.5, 2])
							for (const ls of [0.5, 0.75, 1.5]) {
								const input = { D, Fyb, Fem: dowelBearing(Gm, D, 0), Fes: dowelBearing(Gs, D, 90), lm, ls, gap: 0 };
								const [ours, theirs] = [yieldLoads(input), chapter12(input)];
								for (const mode of Object.keys(theirs) as (keyof typeof theirs)[])
									expect(ours[mode] / theirs[mode], `${mode} ${JSON.stringify(input)}`).toBeCloseTo(1, 9);
								compared++;
							}
		expect(compared).toBeGreaterThanOrEqual(1000);
	});

	// Worked examples by NDS 2018 12.3, side 3/4 in, same species, main 10 D, no gap, lb before adjustment; computed
	// independently twice.
	test.each<[ScrewSize, number, number, string]>([
		['#8', 0.42, 68.8, 'IIIs'],
		['#10', 0.42, 83.7, 'IIIs'],
		['#10', 0.5, 106.3, 'IIIs'],
		['#8', 0.55, 100.4, 'IV']
	])('of %s at G %d is %d lb in mode %s', (size, G, want, mode) => {
		const got = lateral({
			fastener: screw(size),
			side: { length: inch(0.75), G, toGrain: 90 },
			main: { length: inch(10 * screw(size).D), G, toGrain: 0 },
			gap: 0
		});
		expect(pounds(got.load)).toBeCloseTo(want, 1);
		expect(got.mode).toBe(mode);
	});

	// Worked examples by Technical Report 12 with a gap: #10, SPF, 3/4 in side, 1 1/4 in main.
	test.each([
		[0, 83.7],
		[0.25, 64.7],
		[0.5, 51.8],
		[1, 36.2]
	])('over a gap of %d in is %d lb', (gap, want) => {
		expect(
			pounds(
				lateral({
					fastener: screw('#10'),
					side: { length: inch(0.75), G: 0.42, toGrain: 90 },
					main: { length: inch(1.25), G: 0.42, toGrain: 0 },
					gap: inch(gap)
				}).load
			)
		).toBeCloseTo(want, 1);
	});

	it('reduces by K_D of Table 12.3.1B', () =>
		expect([0.12, 0.17, 0.2].map((Dr) => reduction({ D: Dr + 0.03, Dr }, 90).IIIs)).toEqual([2.2, 2.2, 2.5]));

	it('is governed by the least of the modes', () =>
		expect(
			governing({ Im: 5, Is: 4, II: 3, IIIm: 2, IIIs: 1, IV: 6 }, { Im: 1, Is: 1, II: 1, IIIm: 1, IIIs: 1, IV: 1 })
		).toEqual({
			mode: 'IIIs',
			load: 1
		}));
});

describe('pulled and pushed at once (NDS 2018 12.4-1)', () => {
	it('is the axial value straight out and the lateral value straight across', () => {
		expect(combinedAllowable(300, 200, 1, 0).allowed).toBeCloseTo(300, 9);
		expect(combinedAllowable(300, 200, 0, 1).allowed).toBeCloseTo(200, 9);
	});
	// Worked by hand: at 45 degrees 300 x 200 / (300/2 + 200/2) = 240.
	it('at 45 degrees is 240 for 300 and 200', () =>
		expect(combinedAllowable(300, 200, 7, 7).allowed).toBeCloseTo(240, 9));
	// By hand: 12.4-1 at 400 and 100, pulled by 1 and across by 2, is 400 x 100 / (400 x 0.8 + 100 x 0.2) = 117.6, which
	// would carry 105.2 across: more than the 100 it has. The limit is 100 / cos a = 111.8.
	it('is never more across than it has by itself', () =>
		expect(combinedAllowable(400, 100, 1, 2).allowed).toBeCloseTo(111.8, 1));
	it('never gains by more load', () => {
		const some = fc.double({ min: 0.01, max: 1000, noNaN: true });
		fc.assert(
			fc.property(some, some, some, some, some, some, (W, Z, T, V, t, v) => {
				const margin = (pull: number, across: number) =>
					combinedAllowable(W, Z, pull, across).allowed / Math.hypot(pull, across);
				expect(margin(T + t, V + v)).toBeLessThanOrEqual(margin(T, V) * (1 + 1e-9));
			})
		);
	});
	it('is nothing when a value that is asked for is nothing', () =>
		expect(combinedAllowable(0, 200, 1, 1).allowed).toBe(0));
});

describe('a screw through cleat and cladding', () => {
	const joint = (length: number, gap = 0) =>
		jointCapacity({
			fastener: screw('#10'),
			length: inch(length),
			side: { thickness: inch(0.75), G: 0.42 },
			gap: inch(gap),
			main: { thickness: inch(3.5), G: 0.42 }
		});

	// NDS 2018 12.1.5: 6 D of a #10 is 1.14 in. Common practice: 2 1/2 in through 1 1/2 in and drywall leaves 1/2 in and
	// counts for nothing.
	it('that enters less than 6 diameters counts for nothing', () => {
		expect(joint(1.88).withdrawal).toBe(0);
		expect(joint(1.9).withdrawal).toBeGreaterThan(0);
		expect(joint(2.5, 1.25).lateral).toBe(0);
	});

	// Worked by hand: 1.75 in of thread at most 2/3 of 2 1/2 = 1.667; 2850 0.42^2 0.19 = 95.5 lb/in; x 1.667 x 0.9 =
	// 143.3 lb.
	it('holds by its thread, at the duration of storage', () =>
		expect(pounds(joint(2.5).withdrawal)).toBeCloseTo(143.3, 1));

	// Worked by hand: the head in 3/4 ply holds 110.4 x 0.9 = 99.4 lb, less than the thread.
	it('is no better than its head', () => expect(pounds(joint(2.5).axial)).toBeCloseTo(99.4, 1));

	// Worked example: one #8 with 1/2 in of thread in ply of G 0.42 carries 37 lb at C_D 0.9.
	it('in thin ply holds 37 lb by half an inch of thread', () =>
		expect(pounds(withdrawalPerLength(screw('#8'), 0.42)) * 12.7 * 0.9).toBeCloseTo(37.1, 1));
});
