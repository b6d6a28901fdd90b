import { verdictOf } from '$core/verdict/check';
import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { continuousBeam, type LineLoad } from '$core/mechanics/statics/continuous-beam';
import { cleatRoll, hookRoll, rollPull } from '$core/mechanics/statics/roll';
import { sharedAt } from '$core/mechanics/statics/line-share';
import { combine, greatestTug, heavyEnd, lockStripUplift, seat, worstPart } from '$core/mechanics/statics/seat';
import { torqueShares } from '$core/mechanics/statics/torque-shares';
import { lipBearing, rodStress } from '$core/mechanics/members/rod';
import { torsionShear } from '$core/mechanics/members/cleat-section';
import { studBending } from '$core/mechanics/members/stud-bending';
import { wood } from '$core/materials/woods';

const point = (at: number, total: number): LineLoad => ({ from: at, to: at, total });
const even = (spans: number): LineLoad => ({ from: 0, to: spans, total: spans });
const supports = (spans: number) => Array.from({ length: spans + 1 }, (_, i) => i);

describe('a continuous beam', () => {
	// Beam tables (AISC Manual, continuous beams of equal spans): reactions and greatest moments as shares of wL and
	// wL^2.
	test.each([
		[2, [0.375, 1.25, 0.375], 0.125],
		[3, [0.4, 1.1, 1.1, 0.4], 0.1],
		[4, [11 / 28, 32 / 28, 26 / 28, 32 / 28, 11 / 28], 3 / 28],
		[5, [15 / 38, 43 / 38, 37 / 38, 37 / 38, 43 / 38, 15 / 38], 4 / 38]
	])('of %d equal spans, evenly loaded', (spans, reactions, moment) => {
		const got = continuousBeam(supports(spans), [even(spans)]);
		got.reactions.forEach((r, i) => expect(r).toBeCloseTo(reactions[i] as number, 9));
		expect(got.moment.value).toBeCloseTo(moment, 9);
	});

	// Beam tables: two equal spans with both middles loaded put 1.375 P on the middle support, 3/16 PL over it.
	it('of two spans with both middles loaded puts 1.375 P on the middle', () => {
		const got = continuousBeam([0, 1, 2], [point(0.5, 1), point(1.5, 1)]);
		[0.3125, 1.375, 0.3125].forEach((r, i) => expect(got.reactions[i]).toBeCloseTo(r, 9));
		expect(got.supportMoments[1]).toBeCloseTo(-3 / 16, 9);
	});

	// Beam tables: simple span with a third-point load, and a loaded overhang.
	it('of one span, and with an overhang', () => {
		const simple = continuousBeam([0, 3], [point(1, 9)]);
		expect(simple.reactions).toEqual([6, 3]);
		expect(simple.moment).toEqual({ value: 6, at: 1 });
		const out = continuousBeam([0, 2], [point(3, 4)]);
		expect(out.reactions).toEqual([-2, 6]);
		expect(out.moment).toEqual({ value: 4, at: 2 });
	});

	// Worked example, computed independently twice: irregular studs, an overhang, two point loads and a line load, in and
	// lb.
	it('over irregular studs with an overhang', () => {
		const got = continuousBeam([0, 14.5, 31, 46.25], [point(7, 30), point(52, 25), { from: 18, to: 40, total: 44 }]);
		[10.77, 33.7, 14.74, 39.79].forEach((r, i) => expect(got.reactions[i]).toBeCloseTo(r, 2));
	});

	/** An independent method: cubic beam elements, assembled and solved whole, with the loads chopped fine. */
	function elements(at: number[], loads: LineLoad[], from: number, to: number): number[] {
		const cells = 120;
		const h = (to - from) / cells;
		const n = 2 * (cells + 1);
		const K = Array.from({ length: n }, () => new Float64Array(n));
		const F = new Float64Array(n);
		const k = [
			[12, 6 * h, -12, 6 * h],
			[6 * h, 4 * h * h, -6 * h, 2 * h * h],
			[-12, -6 * h, 12, -6 * h],
			[6 * h, 2 * h * h, -6 * h, 4 * h * h]
		];
		for (let e = 0; e < cells; e++)
			for (let i = 0; i < 4; i++)
				for (let j = 0; j < 4; j++) (K[2 * e + i] as Float64Array)[2 * e + j]! += (k[i]?.[j] ?? 0) / h ** 3;
		for (const l of loads) {
			const parts = l.from === l.to ? 1 : 600;
			for (let p = 0; p < parts; p++) {
				const x = l.from + ((l.to - l.from) * (p + 0.5)) / parts;
				const e = Math.min(cells - 1, Math.floor((x - from) / h));
				const s = (x - from) / h - e;
				const shape = [
					1 - 3 * s * s + 2 * s ** 3,
					h * (s - 2 * s * s + s ** 3),
					3 * s * s - 2 * s ** 3,
					h * (s ** 3 - s * s)
				];
				shape.forEach((v, i) => (F[2 * e + i]! += (v * l.total) / parts));
			}
		}
		const stiff = 1e9;
		const dof = at.map((x) => 2 * Math.round((x - from) / h));
		for (const d of dof) (K[d] as Float64Array)[d]! += stiff;
		for (let i = 0; i < n; i++) {
			const Ki = K[i] as Float64Array;
			for (let r = i + 1; r < Math.min(n, i + 4); r++) {
				const Kr = K[r] as Float64Array;
				const f = Kr[i]! / Ki[i]!;
				if (f === 0) continue;
				for (let c = i; c < Math.min(n, i + 4); c++) Kr[c]! -= f * Ki[c]!;
				F[r]! -= f * F[i]!;
			}
		}
		for (let i = n - 1; i >= 0; i--) {
			let sum = F[i]!;
			for (let c = i + 1; c < Math.min(n, i + 4); c++) sum -= (K[i] as Float64Array)[c]! * F[c]!;
			F[i] = sum / (K[i] as Float64Array)[i]!;
		}
		return dof.map((d) => F[d]! * stiff);
	}

	it('agrees with beam elements on any studs and loads', () => {
		const place = fc.integer({ min: 0, max: 240 }).map((n) => n / 4);
		fc.assert(
			fc.property(
				fc.uniqueArray(
					fc.integer({ min: 2, max: 29 }).map((n) => n * 2),
					{ minLength: 2, maxLength: 6 }
				),
				fc.array(fc.record({ a: place, b: place, total: fc.integer({ min: 1, max: 50 }) }), {
					minLength: 1,
					maxLength: 4
				}),
				(xs, raw) => {
					const studs = [...xs].sort((a, b) => a - b);
					const loads = raw.map(({ a, b, total }) => ({ from: Math.min(a, b), to: Math.max(a, b), total }));
					const ours = continuousBeam(studs, loads).reactions;
					const theirs = elements(studs, loads, 0, 60);
					const scale = Math.max(1, ...ours.map(Math.abs));
					ours.forEach((r, i) => expect(Math.abs(r - (theirs[i] as number)) / scale).toBeLessThan(2e-3));
				}
			),
			{ numRuns: 12 }
		);
	});

	it("is in balance, and moving a load to the nearer stud never lowers that stud's share", () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 400, noNaN: true }),
				fc.double({ min: 1, max: 500, noNaN: true }),
				(x, P) => {
					const studs = [0, 400, 850, 1200];
					const got = continuousBeam(studs, [point(x, P)]);
					expect(got.reactions.reduce((a, b) => a + b, 0)).toBeCloseTo(P, 6);
					expect(got.reactions.reduce((a, r, i) => a + r * (studs[i] as number), 0)).toBeCloseTo(P * x, 3);
					expect(continuousBeam(studs, [point(x / 2, P)]).reactions[0]).toBeGreaterThanOrEqual(
						(got.reactions[0] as number) - 1e-9
					);
				}
			)
		);
	});

	it('needs two supports in order', () => {
		expect(() => continuousBeam([0], [])).toThrow(RangeError);
		expect(() => continuousBeam([5, 0], [])).toThrow(RangeError);
	});
});

describe('the seat of a holder', () => {
	// Worked examples (statics, inches and pounds): W 30, x 6, t 3/4, d 7 from mid bevel.
	it('at 45 degrees keeps on by friction only', () => {
		const s = seat({ bevel: 45, standOff: 6, drop: 6.625 });
		expect(s.shape).toBeCloseTo(1.104, 3);
		expect(s.margin).toBeCloseTo(0.74, 2);
		expect(s.friction / 1.5).toBeCloseTo(1.37, 2);
		expect(verdictOf(s.margin, s.friction / 1.5)).toBe('close');
	});
	it('at 30 degrees does not hold', () => {
		const s = seat({ bevel: 30, standOff: 6, drop: 6.783 });
		expect(s.shape).toBeCloseTo(0.653, 3);
		expect(s.friction / 1.5).toBeCloseTo(0.8, 2);
		expect(verdictOf(s.margin, s.friction / 1.5)).toBe('does-not-hold');
	});
	// Worked by hand: the face must reach down 1.5 times its stand-off at 45 degrees, 2.6 times at 30.
	it('needs 1.5 times its stand-off at 45 degrees and 2.6 at 30', () => {
		expect(seat({ bevel: 45, standOff: 100, drop: 150 }).margin).toBeCloseTo(1, 9);
		expect(seat({ bevel: 30, standOff: 100, drop: 259.8 }).margin).toBeCloseTo(1, 3);
	});
	it('is sure behind the wall face, and tips with nothing below', () => {
		expect(seat({ bevel: 45, standOff: -1, drop: 0 }).margin).toBe(Infinity);
		expect(seat({ bevel: 45, standOff: 10, drop: 0 }).margin).toBe(0);
	});

	// Worked example, inches and pounds: self 3 at 2, 17 at 4, 10 at 10.6, d 7 from mid bevel. With the contact at mid
	// bevel the shape is d tan b / (x - t/2): 1.244 with all of it, 0.849 with the 17 taken off.
	it('is worst with only the far things left', () => {
		const self = { weight: 3, standOff: 2 };
		const things = [
			{ weight: 17, standOff: 4 },
			{ weight: 10, standOff: 10.6 }
		];
		const full = combine([self, ...things]);
		const left = worstPart(self, things);
		const midBevel = (x: number) => 7 / (x - 0.375);
		expect(left.weight).toBe(13);
		expect(midBevel(full.standOff)).toBeCloseTo(1.244, 3);
		expect(midBevel(left.standOff)).toBeCloseTo(0.849, 3);
	});

	// Brute force over every subset: none has its centre further out.
	it('is worst in no other subset', () => {
		const weight = fc.record({
			weight: fc.double({ min: 0.1, max: 50, noNaN: true }),
			standOff: fc.double({ min: 1, max: 400, noNaN: true })
		});
		fc.assert(
			fc.property(weight, fc.array(weight, { maxLength: 8 }), (self, things) => {
				let most = 0;
				for (let bits = 0; bits < 1 << things.length; bits++)
					most = Math.max(most, combine([self, ...things.filter((_, i) => bits & (1 << i))]).standOff);
				expect(worstPart(self, things).standOff).toBeCloseTo(most, 6);
			})
		);
	});

	it('is tipped by just the tug it names (moments by hand)', () => {
		const i = { bevel: 45, standOff: 60, drop: 200 };
		const F = greatestTug(100, i, 150);
		expect(100 * i.standOff + F * 150).toBeCloseTo(100 * i.drop, 6);
	});
	it('lifts its lock strip by H / tan b - W (statics by hand: 100 x 300 / 200 - 100)', () => {
		const at = { bevel: 45, drop: 200 };
		expect(lockStripUplift([{ weight: 100, standOff: 300 }], at)).toBeCloseTo(50, 9);
		expect(lockStripUplift([{ weight: 100, standOff: 100 }], at)).toBe(0);
		// What would hold it down may be taken off: 100 x (300/200 - 1) from 10 x (1 - 20/200) of its own; the 80 at 100 is
		// not there.
		expect(
			lockStripUplift(
				[
					{ weight: 10, standOff: 20 },
					{ weight: 80, standOff: 100 },
					{ weight: 100, standOff: 300 }
				],
				at
			)
		).toBeCloseTo(41, 9);
	});
	// Pressure under an off-centre load, as under a footing: 2 W / B at the kern, W/B in the middle.
	it('presses twice as hard at the heavy end from a sixth off the middle', () => {
		expect(heavyEnd(60, 600, 0)).toBeCloseTo(0.1, 9);
		expect(heavyEnd(60, 600, 100)).toBeCloseTo(0.2, 9);
		expect(heavyEnd(60, 600, 200)).toBeCloseTo(0.4, 9);
		expect(() => heavyEnd(60, 600, 300)).toThrow(RangeError);
	});
});

describe('screws of a hook in a line', () => {
	// Balance about the load by hand; what no test of the seat shows: a load past the last screw turns the hook about the
	// next one, or about its far end.
	it.each([
		['past the first: 1 / (1 + 50 / 100)', [100, 200, 300], 50, 2 / 3],
		['past the last: 1 / (1 + 40 / 100)', [100, 200, 300], 340, 5 / 7],
		['past the only one, about the far end at 400: 1 / (1 + 50 / 300)', [100], 50, 6 / 7],
		['past the only one, about the near end at 0: 1 / (1 + 100 / 100)', [100], 200, 1 / 2],
		['beside an only one with nothing to turn about', [0], 10, 0],
		['on a screw, with one at either side', [100, 200, 300], 200, 3],
		['between: 1 at 60, 60 / 140 at 140 further', [40, 240], 100, 1 + 60 / 140],
		['no screw', [], 100, 0]
	] as const)('%s', (_, places, at, total) => expect(sharedAt(places, at, [0, 400])).toBeCloseTo(total, 9));
	it('shares the worked example of common practice: 2.19 of four', () =>
		expect(sharedAt([1.6, 16.5, 31.5, 46.4], 11, [0, 48])).toBeCloseTo(2.19, 2));
});

describe('the roll of a cleat', () => {
	const profile = { thickness: 0.75, bevel: 45 as const, back: 1.65, front: 2.4 };
	// Worked example: W 30, y_back 1.65, t 3/4, 45 degrees: 94.5 lb in; one screw at 1.2: 78.8 lb; two at 0.5 and 1.2:
	// 28.0 and 67.1.
	it('is 94.5 lb in for 30 lb', () => expect(cleatRoll(30, 6, profile)).toBeCloseTo(94.5, 9));
	it("is no more than the load's own turn", () => expect(cleatRoll(30, 2, profile)).toBe(60));
	it('pulls one screw with 78.8 lb, two with 28.0 and 67.1', () => {
		expect(rollPull(94.5, [1.2], 0)[0]).toBeCloseTo(78.75, 2);
		const [low, top] = rollPull(94.5, [0.5, 1.2], 0);
		expect(low).toBeCloseTo(27.96, 2);
		expect(top).toBeCloseTo(67.1, 1);
	});
	it('is not resisted by a screw at or below the line it turns about', () => {
		expect(rollPull(94.5, [0.15], 0.2)).toEqual([Infinity]);
		expect(rollPull(0, [0.15], 0.2)).toEqual([0]);
	});
	// Worked example: W 30, y_k 1.5, t 3/4: 56.25 lb in, over a screw 0.75 from the top edge 75 lb.
	it('of a hook pulls its screw with 75 lb', () => expect(hookRoll(30, 1, 1.5, 0.75) / 0.75).toBeCloseTo(75, 9));

	it('goes to the next studs by the lever rule, all of it at an end', () => {
		expect(torqueShares([0, 100], [[[{ from: 25, to: 25, total: 8 }]]])).toEqual({ shares: [6, 2], greatest: 6 });
		expect(torqueShares([0, 100, 200], [[[{ from: 50, to: 150, total: 8 }]]]).shares).toEqual([1, 6, 1]);
		expect(torqueShares([0, 100], [[[{ from: 120, to: 160, total: 8 }]]]).shares).toEqual([0, 8]);
		expect(torqueShares([0, 100], [[[{ from: -50, to: 50, total: 8 }]]]).shares).toEqual([7, 1]);
		// Of two ways to spread one roll each stud takes the worse; a second roll adds to that.
		const ways = [[{ from: 25, to: 25, total: 8 }], [{ from: 75, to: 75, total: 8 }]];
		expect(torqueShares([0, 100], [ways])).toEqual({ shares: [6, 6], greatest: 6 });
		expect(torqueShares([0, 100], [ways, [[{ from: 0, to: 0, total: 5 }]]]).shares).toEqual([11, 6]);
	});
});

describe('members', () => {
	// Worked example: conduit .922 outside, M 359 lb in, V 50 lb, 2 5/8 in: lip 422 psi.
	it("lip of a rod's hole", () => expect(lipBearing(50, 359, 2.625, 0.922)).toBeCloseTo(422, 0));
	// Section modulus of a round rod, pi d^3 / 32, handbook of sections: 1 in rod, 0.0982 in^3.
	it('bending of a rod', () => expect(rodStress(1, 1)).toBeCloseTo(1 / 0.09817, 2));
	// Torsion of a square: exact tau = T / (0.208 a^3) (Timoshenko); the approximate form is within 1 % of it.
	it('twist of a square', () => expect(torsionShear(1, 1, 1)).toBeCloseTo(1 / 0.208, 1));
	it('a slim stud buckles before it crushes: Euler by hand', () => {
		const w = wood('spf');
		const s = studBending([{ height: 1500, force: 2000, couple: 0 }], 2400, { width: 38, depth: 89 }, w, 0.9);
		expect(s.FcE).toBeCloseTo((0.822 * w.Emin) / (2400 / 89) ** 2, 9);
		expect(s.Fc).toBeLessThan(Math.min(s.FcE, w.Fc * 0.9));
		expect(s.ratio).toBeCloseTo((2000 / (38 * 89) / s.Fc) ** 2, 9);
	});
	// Beam tables, couple C at a on a pinned span L: the moment jumps by C there, C a / L on one side and C (L - a) / L
	// on the other.
	it('a couple on a stud', () =>
		expect(
			studBending([{ height: 1800, force: 0, couple: 1000 }], 2400, { width: 38, depth: 89 }, wood('spf'), 0.9).moment
		).toBeCloseTo(750, 9));
});
