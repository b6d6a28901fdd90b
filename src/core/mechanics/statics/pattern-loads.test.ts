import { describe, expect, it } from 'vitest';
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

	it('right on a support bends nothing and shears nothing beyond itself', () => {
		const worst = worstPattern([0, 1000], { ...NONE, to: 1000 }, [point(0, 30), point(1000, 70)]);
		expect(worst.down).toEqual([30, 70].map((r) => expect.closeTo(r, 9)));
		expect(worst.moment.value).toBeCloseTo(0, 9);
	});
});
