import { Matrix, solve } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { nth } from '$core/nth';
import { addTo, banded, solveBanded } from '$core/mechanics/statics/banded';
import { drawing, pullsOfOne, softPulls, worstSoftPulls, type SoftUpright } from '$core/mechanics/statics/soft-upright';

// An upright that bends, on a wall that gives, by lags that draw. In inches and pounds, turned to mm and pounds.
const IN = 25.4;
const TIMBER = 1.4e6 * ((1.5 * 3.5 ** 3) / 12) * IN ** 2;
const at = (wall: number, lag: number): SoftUpright => ({
	length: 96 * IN,
	bending: TIMBER,
	wall: wall / IN ** 2,
	lag: lag / IN,
	lags: [3, 36, 66, 93].map((y) => y * IN)
});
/** One rod of 50 lb at 90, 10.69 out of the wall side. */
const rod = { at: 90 * IN, couple: 50 * (3.5 + 14.375 / 2) * IN };
const top = (u: SoftUpright) => nth(softPulls(u, [rod]), 3);

describe('a banded solver', () => {
	// ml-matrix, whole matrices, by elimination.
	it('solves as a library of whole matrices does', () => {
		const n = 40;
		const A = banded(n, 3);
		const whole = Matrix.zeros(n, n);
		for (let i = 0; i < n; i++)
			for (let k = 0; k <= 3 && i + k < n; k++) {
				const v = k === 0 ? 9 + (i % 5) : Math.sin(i * 3 + k);
				addTo(A, i + k, i, v);
				whole.set(i, i + k, v);
				whole.set(i + k, i, v);
			}
		const b = Array.from({ length: n }, (_, i) => Math.cos(i));
		const other = solve(whole, Matrix.columnVector(b)).to1DArray();
		solveBanded(A, b).forEach((x, i) => expect(x).toBeCloseTo(nth(other, i), 10));
	});
	it('says when nothing holds it', () => expect(() => solveBanded(banded(2, 1), [1, 1])).toThrow('Nothing'));
});

describe('an upright on a wall that gives', () => {
	// By hand, in mm: a bar that does not bend turns about a height c, the wall pressed below it, the one lag L above the
	// foot drawn by theta (L - c). Balance: k c^2 / 2 = K (L - c); moments: k c^3 / 3 + K (L - c)^2 = M / theta.
	// L 2500, k 2, K 2500: c^2 = 2500 (2500 - c), c = 1545.1; T = 2500 theta 954.9, 1 / theta = 2.4591e9 + 2.2797e9.
	it('as a stiff bar turns about where the wall ends to press', () => {
		const u = { length: 2500, bending: 1e18, wall: 2, lag: 2500, lags: [0, 2500] };
		const [low, high] = softPulls(u, [{ at: 1000, couple: 1e6 }]);
		expect(low).toBe(0);
		expect(high).toBeCloseTo((2500 * 954.9 * 1e6) / 4.7388e9, 0);
	});
	// Nearer than the lag stands over the couple a bent timber cannot lean on its wall: it never comes to M / 3.
	it('pulls more the stiffer wall and lags are, and never without end', () => {
		const pulls = [30, 1e3, 1e4, 1e5, 1e6].map((wall) => top(at(wall, 5 * wall)));
		pulls.slice(1).forEach((p, i) => expect(p).toBeGreaterThan(nth(pulls, i)));
		expect(nth(pulls, 4)).toBeLessThan(rod.couple / IN / 3);
	});
	// Common practice has 41 lb on the top lag; wood a thirtieth as hard across as along, lags as screws draw: about it.
	it('pulls its top lag with about what the quick sum has, for wood and lags as they are', () => {
		const kPerIn = (1.4e6 / 30) * (1.5 / 3.5);
		const lag = (drawing(455, 6.35, 50.8) / 4.448) * IN;
		const pull = top(at(kPerIn, lag));
		expect(pull).toBeGreaterThan(41);
		expect(pull).toBeLessThan(55);
	});
	// The wall can only push: whatever touches, the lags pull by no less than the couple over all of its length.
	it('needs a lever no longer than the upright', () => {
		for (const wall of [10, 1e3, 1e5])
			expect(softPulls(at(wall, 5e4), [rod]).reduce((a, b) => a + b, 0)).toBeGreaterThan(rod.couple / 96 / IN);
	});
	it('grows as its couple does, and never eases by another arm', () => {
		const u = at(1e4, 5e4);
		const once = softPulls(u, [rod]);
		nth(pullsOfOne(u, [rod.at]), 0).forEach((p, i) => expect(p * rod.couple).toBeCloseTo(nth(once, i), 6));
		softPulls(u, [{ ...rod, couple: 2 * rod.couple }]).forEach((p, i) => expect(p).toBeCloseTo(2 * nth(once, i), 6));
		const more = [rod, { at: 48 * IN, couple: 300 }];
		worstSoftPulls(u, more).forEach((p, i) => expect(p).toBeGreaterThanOrEqual(nth(once, i) - 1e-9));
	});
	// A couple is felt no further than a beam on springs carries it, 1 1/4 pi over the fourth root of k / (4 E I).
	it('forgets a couple far away', () => {
		const u = at(1e4, 5e4);
		expect((1.25 * Math.PI) / (u.wall / (4 * TIMBER)) ** 0.25).toBeLessThan(60 * IN);
		expect(nth(softPulls(u, [rod]), 0)).toBeLessThan(0.01 * top(u));
	});
});
