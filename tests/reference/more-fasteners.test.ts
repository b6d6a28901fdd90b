import { describe, expect, it, test } from 'vitest';
import { nailUsed } from '$core/mechanics/fasteners/combined';
import { CD_BUMP, CD_STORAGE, jointCapacity, type Joint } from '$core/mechanics/fasteners/joint';
import { dowelBearing, governing, lateral, reduction, yieldLoads } from '$core/mechanics/fasteners/lateral';
import { pilotFor } from '$core/mechanics/fasteners/pilot';
import { spacingMinimums } from '$core/mechanics/fasteners/spacing-minimums';
import { withdrawalPerLength } from '$core/mechanics/fasteners/withdrawal';
import { bendingYield } from '$core/materials/fastener';
import { lag, LAGS, lagThread, type LagSize } from '$core/materials/lags';
import { nail, NAILS } from '$core/materials/nails';
import { screw, SCREWS } from '$core/materials/screws';
import { MM_PER_INCH, N_PER_POUND } from '$core/units/quantity';
import { chapter12 } from '../support/chapter12';

const inch = (n: number) => n * MM_PER_INCH;
const pounds = (n: number) => n / N_PER_POUND;
const spf = { thickness: inch(3.5), G: 0.42 };

describe('lag screws', () => {
	// NDS 2018 Table 12.2A, G 0.50, lb per inch of thread; quoted from memory.
	test.each<[LagSize, number]>([
		['1/4', 225],
		['5/16', 266],
		['3/8', 305],
		['1/2', 378]
	])('of %s in pull %d lb an inch at G 0.50', (size, want) => {
		expect(Math.round(pounds(withdrawalPerLength(lag(size), 0.5)) * 25.4)).toBe(want);
	});

	// NDS 2018 Appendix L Table L2, from memory: 3/8 x 6 has 3 1/2 in of thread, x 2 has 1 1/2 in, x 1 has 3/4 in.
	it('have the thread of Table L2', () => expect([6, 2, 1].map(lagThread)).toEqual([3.5, 1.5, 0.75]));

	// By hand: 3/8 x 4 through 1 1/2 in: 2 1/2 in past, less 7/32 tip = 2.281 in; 1800 x 0.42^1.5 x 0.375^0.75 = 234.8
	// lb/in (by hand); x 2.281 x 0.9 = 482.
	it('hold by what stands in the wood without its tip', () => {
		const c = jointCapacity({
			fastener: lag('3/8'),
			length: inch(4),
			side: { thickness: inch(1.5), G: 0.42 },
			gap: 0,
			main: spf
		});
		expect(c.penetration / 25.4).toBeCloseTo(2.281, 3);
		expect(pounds(c.withdrawal)).toBeCloseTo(482.0, 0);
	});

	// NDS 2018 12.1.4: 4 D without the tip. 3/8 lag: 1.5 in; with its tip 1.719 in.
	it('count for nothing below 4 diameters', () => {
		const at = (past: number) =>
			jointCapacity({
				fastener: lag('3/8'),
				length: inch(1.5 + past),
				side: { thickness: inch(1.5), G: 0.42 },
				gap: 0,
				main: spf
			}).lateral;
		expect(at(1.71)).toBe(0);
		expect(at(1.73)).toBeGreaterThan(0);
	});
});

describe('dowel bearing from 1/4 in on (NDS 2018 Table 12.3.3)', () => {
	// Table values at G 0.42, from memory, to the nearest 50: along 4700; across at 1/4 in 3450, at 1/2 in 2450.
	it('is by the direction of the grain', () => {
		expect(dowelBearing(0.42, 0.25, 0)).toBeCloseTo(4704, 0);
		expect(Math.abs(dowelBearing(0.42, 0.25, 90) - 3450)).toBeLessThan(50);
		expect(Math.abs(dowelBearing(0.42, 0.5, 90) - 2450)).toBeLessThan(50);
	});
	// Hankinson by hand at 45 degrees: 2 x a x b / (a + b).
	it('is between them at 45 degrees', () => {
		const [a, b] = [dowelBearing(0.5, 0.375, 0), dowelBearing(0.5, 0.375, 90)];
		expect(dowelBearing(0.5, 0.375, 45)).toBeCloseTo((2 * a * b) / (a + b), 6);
	});
	it('does not ask for the grain below 1/4 in', () =>
		expect(dowelBearing(0.5, 0.19, 0)).toBe(dowelBearing(0.5, 0.19, 90)));
});

describe('reduction terms (NDS 2018 Table 12.3.1B)', () => {
	it('are 4, 3.6 and 3.2 times K_theta from 1/4 in of root on', () => {
		expect(reduction({ D: 0.375, Dr: 0.265 }, 0)).toEqual({ Im: 4, Is: 4, II: 3.6, IIIm: 3.2, IIIs: 3.2, IV: 3.2 });
		expect(reduction({ D: 0.375, Dr: 0.265 }, 90).IIIs).toBeCloseTo(4, 9);
	});
	it('are K_D K_theta for a lag whose root is thinner', () =>
		expect(reduction(lag('1/4'), 90).IV).toBeCloseTo((10 * 0.173 + 0.5) * 1.25, 9));
});

describe('all six modes of larger fasteners', () => {
	it('agree with chapter 12 at no gap, over a sweep of angles, woods and lengths', () => {
		let compared = 0;
		for (const f of LAGS)
			for (const toGrain of [0, 30, 60, 90])
				for (const Gm of [0.36, 0.42, 0.55])
					for (const Gs of [0.36, 0.5, 0.67])
						for (const lm of [1, 2, 4])
							for (const ls of [0.75, 1.5]) {
								const input = {
									D: f.Dr,
									Fyb: f.Fyb,
									Fem: dowelBearing(Gm, f.D, 0),
									Fes: dowelBearing(Gs, f.D, toGrain),
									lm,
									ls,
									gap: 0
								};
								const theirs = chapter12(input);
								const Rd = reduction(f, toGrain);
								const got = lateral({
									fastener: f,
									side: { length: inch(ls), G: Gs, toGrain },
									main: { length: inch(lm), G: Gm, toGrain: 0 },
									gap: 0
								});
								expect(pounds(got.load) / governing(theirs, Rd).load).toBeCloseTo(1, 9);
								for (const mode of Object.keys(theirs) as (keyof typeof theirs)[])
									expect(yieldLoads(input)[mode] / theirs[mode]).toBeCloseTo(1, 9);
								compared++;
							}
		expect(compared).toBeGreaterThanOrEqual(1000);
	});
});

describe('nails', () => {
	// By hand from NDS 2018 12.2-3: 1380 x 0.5^2.5 x 0.131 = 31.96 lb an inch; Table 12.2C gives 32 for an 8d at G 0.50,
	// from memory.
	it('in withdrawal hold 32 lb an inch, 8d at G 0.50', () =>
		expect(Math.round(pounds(withdrawalPerLength(nail('8d'), 0.5)) * 25.4)).toBe(32));
	it('add what is used of both (NDS 2018 12.4-2)', () => {
		expect(nailUsed(100, 200, 50, 100)).toBeCloseTo(1, 9);
		expect(nailUsed(0, 200, 0, 100)).toBeCloseTo(0.5, 9);
		expect(nailUsed(0, 200, 10, 100)).toBe(Infinity);
	});
	it('are as thick as their table says (NDS 2018 Table L4, from memory)', () =>
		expect(NAILS.map((n) => n.D)).toEqual([0.113, 0.131, 0.148, 0.162]));
});

describe('factors on a joint', () => {
	const joint = (more: Partial<Joint>): Joint => ({
		fastener: screw('#10'),
		length: inch(3),
		side: { thickness: inch(0.75), G: 0.42 },
		gap: 0,
		main: spf,
		...more
	});
	const base = jointCapacity(joint({}));

	// NDS 2018 Table 2.3.2: 0.9 permanent, 1.6 ten minutes.
	it('go with the duration of the load', () => {
		const bump = jointCapacity(joint({}), CD_BUMP);
		for (const key of ['withdrawal', 'pullThrough', 'lateral'] as const)
			expect(bump[key] / base[key]).toBeCloseTo(CD_BUMP / CD_STORAGE, 9);
	});
	// NDS 2018 Table 11.3.3: 0.7 for screws, in withdrawal 0.25 for nails.
	it('are less when wet', () => {
		const wet = jointCapacity(joint({ wet: true }));
		expect([wet.withdrawal / base.withdrawal, wet.lateral / base.lateral]).toEqual([
			expect.closeTo(0.7, 9),
			expect.closeTo(0.7, 9)
		]);
		const nailed = (isWet: boolean) => jointCapacity(joint({ fastener: nail('16d'), wet: isWet })).withdrawal;
		expect(nailed(true) / nailed(false)).toBeCloseTo(0.25, 9);
	});
	// NDS 2018 12.5.2: end grain 0.67 across; in withdrawal 0.75 for lags, nothing for screws and nails.
	it('are less in end grain', () => {
		expect(jointCapacity(joint({ endGrain: true })).withdrawal).toBe(0);
		expect(jointCapacity(joint({ endGrain: true })).lateral / base.lateral).toBeCloseTo(0.67, 9);
		const lagged = (endGrain: boolean) =>
			jointCapacity(joint({ fastener: lag('1/4'), length: inch(4), endGrain })).withdrawal;
		expect(lagged(true) / lagged(false)).toBeCloseTo(0.75, 9);
	});
	it('cladding only costs', () => {
		const over = [0, 5, 12.5, 25, 40].map((gap) => jointCapacity(joint({ gap, length: inch(3) + gap })).lateral);
		for (let i = 1; i < over.length; i++) expect(over[i]).toBeLessThan(over[i - 1] as number);
	});
});

describe('spacing, pilots, strengths', () => {
	// NDS 2018 Tables 12.5.1A to D, softwood, from memory: across the grain 4 D to the end and the loaded edge; along it
	// 7 D and 1.5 D.
	it('of a 3/8 lag', () => {
		expect(spacingMinimums(lag('3/8'), { acrossGrain: true, drilled: true })).toMatchObject({
			end: expect.closeTo(inch(1.5), 6),
			edge: expect.closeTo(inch(1.5), 6)
		});
		expect(spacingMinimums(lag('3/8'), { acrossGrain: false, drilled: true })).toMatchObject({
			end: expect.closeTo(inch(2.625), 6),
			edge: expect.closeTo(inch(0.5625), 6)
		});
	});
	// NDS 2018 Commentary Table C12.1.5.7, from memory: 2.5 D to an edge; toward the end 15 D without a pilot hole, 10 D
	// with one.
	it('of a small screw', () => {
		expect(spacingMinimums(screw('#10'), { acrossGrain: false, drilled: false })).toMatchObject({
			end: expect.closeTo(inch(2.85), 6),
			edge: expect.closeTo(inch(0.475), 6)
		});
		expect(spacingMinimums(screw('#10'), { acrossGrain: false, drilled: true }).end).toBeCloseTo(inch(1.9), 6);
	});
	// NDS 2018 12.1.4.2, from memory: lag thread 40 to 70 % of the shank at G 0.5 or less, 60 to 75 above, 65 to 85 above
	// 0.6.
	it('of lag pilots lie in the range of the table', () => {
		const share = (G: number) => pilotFor(lag('1/2'), G).thread / inch(0.5);
		for (const [G, low, high] of [
			[0.42, 0.4, 0.7],
			[0.55, 0.6, 0.75],
			[0.67, 0.65, 0.85]
		] as const) {
			expect(share(G)).toBeGreaterThan(low);
			expect(share(G)).toBeLessThan(high);
		}
		expect(pilotFor(lag('1/2'), 0.42).shank).toBeCloseTo(inch(0.5), 9);
	});
	// NDS 2018 12.1.6.3, from memory: nails 75 % of their diameter, 90 % in wood harder than G 0.6.
	it('of nails are three quarters of them, nine tenths in hard wood', () => {
		const [d, nail] = [0.131, NAILS.find((n) => n.size === '8d')!];
		expect(pilotFor(nail, 0.42).thread).toBeCloseTo(inch(d) * 0.75, 9);
		expect(pilotFor(nail, 0.67).thread).toBeCloseTo(inch(d) * 0.9, 9);
	});
	it('of screws may be driven without at G 0.5 and softer', () =>
		expect([0.42, 0.5, 0.55].map((G) => pilotFor(screw('#8'), G).mayBeLeftOut)).toEqual([true, true, false]));
	// NDS 2018 Appendix I Table I1, from memory.
	it('of bending yield by diameter', () =>
		expect([0.142, 0.177, 0.236, 0.273, 0.344, 0.375].map(bendingYield)).toEqual([
			100_000, 90_000, 80_000, 70_000, 60_000, 45_000
		]));
	it('of metric screws lie between their neighbours in inches', () => {
		const sorted = [...SCREWS].sort((a, b) => a.D - b.D);
		for (let i = 1; i < sorted.length; i++) {
			expect((sorted[i] as (typeof sorted)[number]).D).toBeGreaterThan((sorted[i - 1] as (typeof sorted)[number]).D);
			expect((sorted[i] as (typeof sorted)[number]).Fyb).toBeLessThanOrEqual(
				(sorted[i - 1] as (typeof sorted)[number]).Fyb
			);
		}
		for (const s of SCREWS) expect(s.Dr).toBeLessThan(s.D);
	});
});
