import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { continuousBeam } from './continuous-beam';
import { worstPattern } from './pattern-loads';

/** Beams of the handbooks' tables: two supports, point loads; P a b / L and P a, from memory, each worked beside it. */
const NONE = { from: 0, to: 2000, total: 0 };
const point = (at: number, total: number) => ({ from: at, to: at, total });

describe('the worst of what may be left on a beam', () => {
	it('under one point load is P b / L, P a / L and P a b / L', () => {
		const worst = worstPattern([0, 2000], NONE, [point(500, 80)]);
		expect(worst.down).toEqual([60, 20].map((r) => expect.closeTo(r, 9)));
		expect(worst.lift).toEqual([0, 0].map((r) => expect.closeTo(r, 9)));
		expect(worst.moment).toEqual({ value: expect.closeTo((80 * 500 * 1500) / 2000, 6), at: 500 });
		expect(worst.shear).toBeCloseTo(60, 9);
	});

	it('past the last support is P a there, and lifts the first by P a / L', () => {
		const worst = worstPattern([0, 1000], { ...NONE, to: 1300 }, [point(1300, 50)]);
		expect(worst.down[1]).toBeCloseTo(65, 9);
		expect(worst.lift[0]).toBeCloseTo(15, 9);
		expect(worst.moment).toEqual({ value: expect.closeTo(50 * 300, 6), at: 1000 });
		expect(worst.shear).toBeCloseTo(50, 9);
	});

	it('that is never all of it at once counts what adds to each figure only', () => {
		// One in the span, one past the end, either may be missing: the span bends by the first alone, the support by the
		// second alone.
		const worst = worstPattern([0, 1000], { ...NONE, to: 1300 }, [point(500, 80), point(1300, 50)]);
		expect(worst.down).toEqual([40, 40 + 65].map((r) => expect.closeTo(r, 9)));
		expect(worst.lift).toEqual([15, 0].map((r) => expect.closeTo(r, 9)));
		expect(worst.moment).toEqual({ value: expect.closeTo(80 * 250, 6), at: 500 });
		expect(worst.removable).toBeCloseTo(80 * 250, 6);
	});

	it('counts what a load two spans away adds to a span, and what one beside it adds over a support', () => {
		const supports = [0, 1000, 2000, 3000];
		const loads = [point(500, 80), point(2500, 80)];
		const both = continuousBeam(supports, loads).moment.value;
		const one = continuousBeam(supports, [loads[0]!]).moment.value;
		expect(both).toBeGreaterThan(1.05 * one);
		expect(worstPattern(supports, NONE, loads).moment.value).toBeCloseTo(both, 6);
	});

	it('takes off of two loads beside a span the one that eases it, though both come from one side', () => {
		// The last span bends most: what sags the first sags it too, what hangs past the first support eases it.
		const supports = [0, 1000, 2000, 3000];
		const loads = [point(-400, 10), point(500, 80), point(2500, 81)];
		const without = (i: number) =>
			continuousBeam(
				supports,
				loads.filter((_, k) => k !== i)
			).moment;
		const all = continuousBeam(supports, loads).moment;
		expect(without(0).at).toBe(2500);
		expect(without(0).value).toBeGreaterThan(all.value + 100);
		expect(worstPattern(supports, NONE, loads).moment).toEqual({
			value: expect.closeTo(without(0).value, 6),
			at: 2500
		});
	});

	it('right on a support bends nothing and shears nothing beyond itself', () => {
		const worst = worstPattern([0, 1000], { ...NONE, to: 1000 }, [point(0, 30), point(1000, 70)]);
		expect(worst.down).toEqual([30, 70].map((r) => expect.closeTo(r, 9)));
		expect(worst.moment.value).toBeCloseTo(0, 9);
	});

	it('is the worst of every choice of them, each solved as a beam by itself', () => {
		const real = (min: number, max: number) => fc.double({ min, max, noNaN: true, noDefaultInfinity: true });
		fc.assert(
			fc.property(
				fc.array(real(50, 900), { minLength: 1, maxLength: 5 }),
				fc.array(fc.tuple(real(-0.2, 1.2), real(1, 100)), { minLength: 1, maxLength: 6 }),
				(gaps, given) => {
					const supports = gaps.reduce<number[]>((xs, gap) => [...xs, xs.at(-1)! + gap], [0]);
					// Beside the supports: the walk along a beam meets a load right on one before or after it, see above.
					const beside = (x: number) => (supports.some((s) => Math.abs(s - x) < 0.01) ? x + 0.1 : x);
					const loads = given.map(([share, P]) => point(beside(share * supports.at(-1)!), P));
					const worst = worstPattern(supports, NONE, loads);
					let [moment, shear] = [0, 0];
					const lift = supports.map(() => 0);
					for (let on = 1; on < 1 << loads.length; on++) {
						const left = loads.filter((_, i) => on & (1 << i));
						const beam = continuousBeam(supports, left);
						moment = Math.max(moment, beam.moment.value);
						shear = Math.max(shear, beam.shear.value);
						beam.reactions.forEach((r, i) => (lift[i] = Math.max(lift[i]!, -r)));
					}
					expect(worst.moment.value).toBeCloseTo(moment, 5);
					expect(worst.removable).toBeCloseTo(moment, 5);
					expect(worst.lift).toEqual(lift.map((l) => expect.closeTo(l, 6)));
					// Shear is looked at beside the supports: of point loads it is greatest there.
					expect(worst.shear).toBeCloseTo(shear, 6);
				}
			),
			{ numRuns: 300 }
		);
	});
});
