import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { handsOut, liftIndex, liftLimit, type Lift } from '$core/handling/lifting';
import { reachBand, reachOf } from '$core/handling/reach';
import { workingSpace } from '$core/survey/service-panel';
import { proofLoad } from '$core/verdict/proof-load';
import { KG_PER_POUND, MM_PER_INCH } from '$core/units/quantity';

const inch = (n: number) => n * MM_PER_INCH;
const lift = (H: number, V: number, D: number, more: Partial<Lift> = {}) =>
	liftLimit({ out: inch(H), height: inch(V), travel: inch(D), twist: 0, coupling: 'good', frequency: 1, ...more })
		.limit / KG_PER_POUND;

describe('NIOSH revised lifting equation, 1991', () => {
	// Check figures of the equation, computed independently twice: lb.
	test.each([
		[10, 30, 10, 51],
		[15, 70, 40, 20.6],
		[15, 72, 40, 0],
		[26, 30, 10, 0],
		[10, 30, 71, 0]
	])('H %d V %d D %d recommends %d lb', (H, V, D, want) => expect(lift(H, V, D)).toBeCloseTo(want, 1));

	// Applications Manual 94-110, from memory: HM 1 within 10 in, VM 0.78 at the floor, DM 0.85 at 70 in, AM 0.71 at 90
	// degrees, CM 0.90 for a poor grip.
	it('has the multipliers of the manual', () => {
		const m = liftLimit({ out: 0, height: 0, travel: inch(70), twist: 90, coupling: 'poor', frequency: 1 });
		expect([m.HM, m.VM, m.DM, m.AM, m.CM].map((x) => Number(x.toFixed(2)))).toEqual([1, 0.78, 0.85, 0.71, 0.9]);
	});
	it('is nothing past a turn of 135 degrees', () => expect(lift(10, 30, 10, { twist: 136 })).toBe(0));
	it('has the index of a weight over its limit', () =>
		expect([liftIndex(20, 10), liftIndex(0, 0), liftIndex(1, 0)]).toEqual([2, 0, Infinity]));
	// Applications Manual 94-110, from memory: 8 + W/2 in, below 10 in of height 10 + W/2.
	it('holds a thing at its depth from the body', () =>
		expect([handsOut(inch(12), inch(30)), handsOut(inch(12), inch(5))].map((x) => x / MM_PER_INCH)).toEqual([14, 16]));
	it('never recommends more further out, further up or further round', () => {
		const some = fc.double({ min: 0, max: 1, noNaN: true });
		fc.assert(
			fc.property(some, some, some, some, (a, b, c, d) => {
				const at = (H: number, V: number, D: number, A: number) => lift(H, V, D, { twist: A });
				const base = at(10 + 12 * a, 30 + 35 * b, 10 + 50 * c, 100 * d);
				expect(at(11 + 12 * a, 30 + 35 * b, 10 + 50 * c, 100 * d)).toBeLessThanOrEqual(base);
				expect(at(10 + 12 * a, 31 + 35 * b, 10 + 50 * c, 100 * d)).toBeLessThanOrEqual(base);
				expect(at(10 + 12 * a, 30 + 35 * b, 11 + 50 * c, 100 * d)).toBeLessThanOrEqual(base);
				expect(at(10 + 12 * a, 30 + 35 * b, 10 + 50 * c, 101 * d + 1)).toBeLessThanOrEqual(base);
			})
		);
	});
});

describe('reach (Drillis and Contini, 1966, from memory)', () => {
	it('is by shares of stature', () =>
		expect(reachOf(1000)).toEqual({
			fingertip: 377,
			wrist: 485,
			eye: 936,
			top: expect.closeTo(818 + 186 + 146 + 54, 9)
		}));
	it('has its prime band from wrist to eye', () => {
		const r = reachOf(1750);
		expect(
			[r.fingertip - 1, r.wrist - 1, r.wrist, r.eye, r.eye + 1, r.top + 1].map((y) => reachBand(y, 0, 1750))
		).toEqual(['stoop', 'low', 'prime', 'prime', 'high', 'step']);
	});
	// By Pythagoras: an arm of 386 that reaches 300 out reaches 243 up.
	it('is less high for what is further out', () => {
		expect(reachBand(818 + 240, 300, 1000)).toBe('high');
		expect(reachBand(818 + 246, 300, 1000)).toBe('step');
		expect(reachBand(700, 400, 1000)).toBe('step');
	});
});

describe('working space of a service panel (NEC 110.26, from memory)', () => {
	it('is 30 in or its own width, 36 in deep and 6 1/2 ft high', () => {
		const space = workingSpace({ x: 1000, y: 1200, width: 400, height: 600 });
		expect([space.right - space.left, space.depth, space.high].map((x) => x / MM_PER_INCH)).toEqual([
			expect.closeTo(30, 9),
			36,
			78
		]);
		expect((space.left + space.right) / 2).toBe(1200);
		expect(workingSpace({ x: 0, y: 1200, width: 900, height: 600 })).toMatchObject({ left: 0, right: 900 });
	});
});

describe('a proof load (common practice: 2 times over heads, else 1.8)', () => {
	it('goes to its target a bag at a time, the working load first', () => {
		const low = proofLoad(20, { foot: 1200, bag: 5 });
		expect(low).toMatchObject({ factor: 1.8, target: 36, minutes: 10, overhead: false });
		expect(low.steps).toEqual([
			{ total: 20, bags: 4 },
			{ total: 25, bags: 5 },
			{ total: 30, bags: 6 },
			{ total: 35, bags: 7 },
			{ total: 36, bags: 8 }
		]);
		expect(proofLoad(20, { foot: 2100, bag: 5 })).toMatchObject({ factor: 2, target: 40, overhead: true });
	});
	it('never has a last step short of its target', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.1, max: 900, noNaN: true }),
				fc.double({ min: 0.1, max: 40, noNaN: true }),
				(working, bag) => {
					const { steps } = proofLoad(working, { foot: 0, bag });
					expect((steps.at(-1) as { total: number }).total / working).toBeCloseTo(1.8, 9);
					for (let i = 1; i < steps.length; i++) expect(steps[i]?.total).toBeGreaterThan(steps[i - 1]?.total as number);
				}
			)
		);
	});
	it('is none of nothing', () => expect(() => proofLoad(0, { foot: 0, bag: 5 })).toThrow(RangeError));
});
