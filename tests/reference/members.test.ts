import { Matrix, solve } from 'ml-matrix';
import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import {
	CEILING_LIVE,
	deckShares,
	greatestShare,
	joistAllowance,
	joistMoment,
	joistShare,
	shareWithOneLost
} from '$core/mechanics/members/deck';
import { lumberArmStresses } from '$core/mechanics/members/lumber-arm';
import { rectangle } from '$core/mechanics/members/rectangle';
import { backBearing, lipBearing, rodTip, roundSection } from '$core/mechanics/members/rod';
import { beamDeflection, greatestDeflection } from '$core/mechanics/statics/beam-deflection';
import { beamReactions, continuousBeam, type LineLoad } from '$core/mechanics/statics/continuous-beam';
import { dropFactor } from '$core/mechanics/statics/drop';
import { leafAt, worstSwing } from '$core/mechanics/statics/leaf';
import { blockJointStress, cleatRoll, rollPull, sheetScrewHeights } from '$core/mechanics/statics/roll';
import { beamPulls, localPulls, worstPulls } from '$core/mechanics/statics/upright';
import { bendingMaterial } from '$core/materials/bending';
import { PANEL_MATERIALS } from '$core/materials/panels';
import { allowedRodStress, rod, ROD_MATERIALS } from '$core/materials/rods';
import { MM_PER_INCH, MPA_PER_PSI, N_PER_POUND } from '$core/units/quantity';

const point = (at: number, total: number): LineLoad => ({ from: at, to: at, total });
const even = (length: number, total = length): LineLoad => ({ from: 0, to: length, total });
const equal = (spans: number) => Array.from({ length: spans + 1 }, (_, i) => i);

const inch = (n: number) => n * MM_PER_INCH;

describe('deflection of a beam', () => {
	// Beam tables (AISC Manual, simple beams): P L^3 / 48, 5 w L^4 / 384; cantilever end P L^3 / 3 beyond a fixed end.
	it('on two supports', () => {
		expect(beamDeflection([0, 10], [point(5, 48)])(5)).toBeCloseTo(1000, 9);
		expect(beamDeflection([0, 2], [even(2, 2 * 384)])(1)).toBeCloseTo(5 * 16, 9);
	});
	// Beam tables: greatest deflection of equal continuous spans under an even load, as shares of w L^4 / E I (AISC
	// Manual, from memory).
	test.each([
		[2, 0.0054],
		[3, 0.0069],
		[4, 0.0065]
	])('of %d equal spans', (spans, share) => {
		expect(greatestDeflection(equal(spans), [even(spans)], 0, spans).value).toBeCloseTo(share, 4);
	});
	// The end span by itself, with the table's moment m over its inner support: x (1 - 2 x^2 + x^3) / 24 - m x (1 - x^2)
	// / 6, tried at every thousandth.
	test.each([
		[2, 1 / 8],
		[3, 1 / 10],
		[4, 3 / 28],
		[5, 4 / 38]
	])('of %d equal spans, from the moment over its inner support', (spans, m) => {
		const end = Array.from({ length: 1001 }, (_, i) => i / 1000).map(
			(x) => (x * (1 - 2 * x ** 2 + x ** 3)) / 24 - (m * x * (1 - x ** 2)) / 6
		);
		expect(greatestDeflection(equal(spans), [even(spans)], 0, 1).value).toBeCloseTo(Math.max(...end), 7);
	});
	// Worked example, computed independently twice: L 32, b 11.5, h 0.703, E 1.3e6, 2 lb/in and 20 lb in the middle, in
	// and lb: 0.0946 in at once.
	it('of a shelf with a thing in its middle', () => {
		const EI = 1.3e6 * rectangle(11.5, 0.703).inertia;
		expect(greatestDeflection([0, 32], [even(32, 64), point(16, 20)], 0, 32).value / EI).toBeCloseTo(0.0946, 4);
	});
	it('is nothing at any support', () => {
		const at = [0, 700, 1900, 2500];
		const curve = beamDeflection(at, [point(300, 20), even(2700, 90)]);
		for (const x of at) expect(Math.abs(curve(x))).toBeLessThan(1e-4);
	});
});

/**
 * A second solver: cubic beam elements between all supports and load ends, solved by a general matrix library
 * (ml-matrix).
 */
function elements(supports: readonly number[], loads: readonly LineLoad[]) {
	const xs = [...new Set([...supports, ...loads.flatMap((l) => [l.from, l.to])])].sort((a, b) => a - b);
	const K = Matrix.zeros(2 * xs.length, 2 * xs.length);
	const F = Matrix.zeros(2 * xs.length, 1);
	for (let e = 0; e + 1 < xs.length; e++) {
		const [x0, x1] = [xs[e] as number, xs[e + 1] as number];
		const h = x1 - x0;
		const k = [
			[12, 6 * h, -12, 6 * h],
			[6 * h, 4 * h * h, -6 * h, 2 * h * h],
			[-12, -6 * h, 12, -6 * h],
			[6 * h, 2 * h * h, -6 * h, 4 * h * h]
		];
		for (let i = 0; i < 4; i++)
			for (let j = 0; j < 4; j++) K.set(2 * e + i, 2 * e + j, K.get(2 * e + i, 2 * e + j) + (k[i]?.[j] ?? 0) / h ** 3);
		const w = loads.reduce(
			(sum, l) => (l.to > l.from && l.from <= x0 && l.to >= x1 ? sum + l.total / (l.to - l.from) : sum),
			0
		);
		[(w * h) / 2, (w * h * h) / 12, (w * h) / 2, (-w * h * h) / 12].forEach((f, i) =>
			F.set(2 * e + i, 0, F.get(2 * e + i, 0) + f)
		);
	}
	for (const l of loads)
		if (l.from === l.to) F.set(2 * xs.indexOf(l.from), 0, F.get(2 * xs.indexOf(l.from), 0) + l.total);
	const free = Array.from({ length: 2 * xs.length }, (_, i) => i).filter(
		(i) => i % 2 === 1 || !supports.includes(xs[i / 2] as number)
	);
	const u = solve(K.selection(free, free), F.selection(free, [0]));
	const whole = Matrix.zeros(2 * xs.length, 1);
	free.forEach((f, i) => whole.set(f, 0, u.get(i, 0)));
	const R = K.mmul(whole).sub(F);
	return {
		reactions: supports.map((s) => -R.get(2 * xs.indexOf(s), 0)),
		deflection: (x: number) => whole.get(2 * xs.indexOf(x), 0)
	};
}

describe('a second solver (beam elements through ml-matrix)', () => {
	const beam = fc.record({
		gaps: fc.array(fc.integer({ min: 100, max: 900 }), { minLength: 1, maxLength: 6 }),
		over: fc.integer({ min: 0, max: 300 }),
		loads: fc.array(
			fc.record({
				from: fc.integer({ min: -200, max: 3000 }),
				length: fc.constantFrom(0, 120, 700),
				total: fc.integer({ min: 1, max: 500 })
			}),
			{ minLength: 1, maxLength: 5 }
		)
	});
	it('finds the same reactions and deflections over any studs', () => {
		fc.assert(
			fc.property(beam, ({ gaps, loads: wanted, over }) => {
				const supports = gaps.reduce((all, g) => [...all, (all.at(-1) as number) + g], [0]);
				const [left, right] = [-over, (supports.at(-1) as number) + over];
				const loads = wanted.map(({ from, length, total }): LineLoad => {
					const a = Math.max(left, Math.min(right, from));
					return { from: a, to: Math.min(right, a + length), total };
				});
				const [ours, theirs] = [beamReactions(supports, loads), elements(supports, loads)];
				const scale = loads.reduce((sum, l) => sum + l.total, 0);
				ours.reactions.forEach((r, i) =>
					expect(Math.abs(r - (theirs.reactions[i] as number))).toBeLessThan(1e-6 * scale * 10)
				);
				const curve = beamDeflection(supports, loads);
				// Against what such a load does in the middle of the longest span: near a support both are nearly nothing.
				const most = (scale * Math.max(...gaps) ** 3) / 48;
				for (const l of loads) expect(Math.abs(curve(l.from) - theirs.deflection(l.from)) / most).toBeLessThan(1e-5);
			}),
			{ numRuns: 200 }
		);
	});
	it('is right about a beam anybody can reckon', () =>
		expect(elements([0, 1000, 2000], [point(500, 1), point(1500, 1)]).reactions[1]).toBeCloseTo(1.375, 9));
});

describe('sections', () => {
	// Section properties by formula: pi d^4 / 64, pi (D^4 - d^4) / 64; 3/4 in conduit 0.922 x 0.049 in by hand: I 0.01284
	// in^4.
	it('of bars and tubes', () => {
		expect(roundSection(10, 0).inertia).toBeCloseTo((Math.PI * 1e4) / 64, 6);
		expect(roundSection(0.922, 0.049).inertia).toBeCloseTo(0.01284, 5);
	});
	it('of boards', () => expect(rectangle(2, 6)).toEqual({ area: 12, modulus: 12, inertia: 36 }));
});

describe('a rod in a hole', () => {
	// Worked example, computed independently twice (in and lb): 3/4 conduit, 14.375 in out, 2.625 in deep, 50 lb spread.
	const [W, L, l, D] = [50, 14.375, 2.625, 0.922];
	const M = (W * L) / 2;
	const s = roundSection(D, 0.049);
	it('bends by 12.9 of 18.0 ksi', () => {
		expect(M / s.modulus / 1000).toBeCloseTo(12.9, 1);
		expect(allowedRodStress(ROD_MATERIALS.conduit) / MPA_PER_PSI / 1000).toBeCloseTo(18.0, 1);
	});
	it('presses its lip by 422 psi, and less at the back', () => {
		expect(lipBearing(W, M, l, D)).toBeCloseTo(422, 0);
		// Statics by hand: (2 x 50 x 2.625 + 6 x 359.4) / 2.625^2 / 0.922 = 380.7.
		expect(backBearing(W, M, l, D)).toBeCloseTo(380.7, 1);
	});
	it('is in balance: lip less back carry the weight and its moment', () => {
		// The pressure is a straight line from q_lip down to q_back up: its sum is W, its moment about the face M.
		const [q1, q2] = [lipBearing(W, M, l, D) * D, -backBearing(W, M, l, D) * D];
		expect(((q1 + q2) / 2) * l).toBeCloseTo(W, 9);
		expect(-(q1 * l * l) / 6 - (q2 * l * l) / 3).toBeCloseTo(M, 9);
	});
	it('drops 0.050 in at its tip by bending and 0.43 in by play', () => {
		const tip = rodTip({
			weight: W,
			projection: L,
			embedded: l,
			outer: D,
			hole: 1,
			EI: 29e6 * s.inertia,
			lip: 0,
			back: 0,
			allowed: 1
		});
		expect(tip.bending).toBeCloseTo(0.05, 3);
		expect(tip.play).toBeCloseTo(0.43, 2);
	});
	// Common practice: 3/4 in conduit, 17 in rods, 2 5/8 in the wood.
	it('is as thick as its table says', () =>
		expect([rod('emt-3/4').outer / 25.4, rod('emt-3/4').wall / 25.4]).toEqual([
			expect.closeTo(0.922, 9),
			expect.closeTo(0.049, 9)
		]));
	// Worked example, computed independently twice: hook of 5/16 wire, 40 lb at 1 3/4 in: 23.4 ksi, over 36 / 1.67 =
	// 21.6.
	it('bent to a hook fails at 40 lb', () => {
		expect((40 * 1.75) / roundSection(0.3125, 0).modulus / 1000).toBeCloseTo(23.4, 1);
		expect(allowedRodStress(ROD_MATERIALS.steel) / MPA_PER_PSI / 1000).toBeCloseTo(21.6, 1);
	});
});

describe('an upright on lags', () => {
	// By hand: a couple of 1000 half way between two lags 1000 apart pulls the upper one with 1.
	it('gives a couple to the lag above it', () => {
		expect(localPulls([0, 1000], [{ at: 500, couple: 1000 }], 0)).toEqual([0, 1]);
		expect(localPulls([200, 1000], [{ at: 100, couple: 1000 }], 0)).toEqual([5, 0]);
		expect(localPulls([200, 1000], [{ at: 1200, couple: 800 }], 0)).toEqual([0, 1]);
	});
	// Beam tables: a couple M anywhere on a simple beam gives reactions M / L; two equal spans with a couple at the
	// middle of one, by slope: 9/8 M / L at its end.
	it('as a beam agrees with the tables', () => {
		const [a, b] = beamPulls([0, 1000], [{ at: 300, couple: 1000 }]) as [number, number];
		expect(a).toBeCloseTo(-1, 9);
		expect(b).toBeCloseTo(1, 9);
		expect(
			beamPulls(
				[0, 1, 2].map((x) => x * 1000),
				[{ at: 500, couple: 1000 }]
			).reduce((x, y) => x + y, 0)
		).toBeCloseTo(0, 9);
	});
	it('as a beam is in balance, whatever its lags and arms', () => {
		const places = fc
			.uniqueArray(fc.integer({ min: 0, max: 2400 }), { minLength: 2, maxLength: 6 })
			.map((all) => all.sort((a, b) => a - b));
		fc.assert(
			fc.property(places, fc.array(fc.integer({ min: 0, max: 2400 }), { minLength: 1, maxLength: 4 }), (lags, arms) => {
				const pulls = beamPulls(
					lags,
					arms.map((at) => ({ at, couple: 1000 }))
				);
				const most = Math.max(...pulls.map(Math.abs)) * 2400;
				expect(Math.abs(pulls.reduce((sum, p) => sum + p, 0))).toBeLessThan(1e-9 * most);
				expect(
					Math.abs(pulls.reduce((sum, p, i) => sum + p * (lags[i] as number), 0) - 1000 * arms.length)
				).toBeLessThan(1e-6 * most);
			})
		);
	});
	// By the three-moment equations by hand: lags at 0, 1000 and 1300, a couple just over the lowest; the beam pulls the
	// middle lag more than the local bound of 1. Worked example, computed with beam elements and contact by another hand:
	// one rod of 50 lb at 90, 10.69 in out of the wall side; lags 3 36 66 93; the upright may press at its ends and at
	// every rod. Held at the lags alone it would be 24.6.
	it('pulls its top lag with 41 lb where the wall keeps it from bowing in', () => {
		const touches = [0, 6, 20, 34, 48.5, 62, 76, 90, 96];
		const couple = 50 * (3.5 + 14.375 / 2);
		expect(
			beamPulls([3, 36, 66, 93].map(inch), [{ at: inch(90), couple: couple * MM_PER_INCH }], touches.map(inch)).at(-1)
		).toBeCloseTo(41, 0);
		expect(beamPulls([3, 36, 66, 93].map(inch), [{ at: inch(90), couple: couple * MM_PER_INCH }]).at(-1)).toBeCloseTo(
			24.6,
			0
		);
		expect(
			worstPulls(
				[3, 36, 66, 93].map(inch),
				[
					{ at: inch(90), couple: couple * MM_PER_INCH },
					{ at: inch(20), couple: 1 }
				],
				touches.map(inch)
			).at(-1)
		).toBeGreaterThan(40.9);
	});
	// One-sided contact has one answer: of all ways to lay on some touches and not the others, the one where none pulls
	// and none sinks in.
	it('lies on the wall where it presses and nowhere else, as trying every way to lie finds', () => {
		const loaded = { at: 1500, couple: 1000 };
		const touches = [0, 300, 600, 900, 1200, 1800, 2100, 2400];
		const lags = [200, 700, 1000, 1700, 2300];
		let lain = 0;
		for (let from = 0; from < lags.length - 1; from++) {
			for (const at of [100, 450, 800, 1100, 1500, 2000]) {
				const held = lags.slice(from);
				const turn = { ...loaded, at };
				const free = touches.filter((y) => [...held, at].every((l) => Math.abs(l - y) > 10));
				const loads = [
					{ from: at + 5, to: at + 5, total: 100 },
					{ from: at - 5, to: at - 5, total: -100 }
				];
				const lies = Array.from({ length: 2 ** free.length }, (_, n) => free.filter((__, i) => (n >> i) & 1)).filter(
					(on) => {
						const places = [...held, ...on].sort((a, b) => a - b);
						const { reactions } = beamReactions(places, loads);
						const curve = beamDeflection(places, loads);
						return (
							places.every((y, i) => held.includes(y) || (reactions[i] as number) <= 1e-9) &&
							free.every((y) => on.includes(y) || curve(y) >= -1e-3)
						);
					}
				);
				const all = lies.map((on) => {
					const places = [...held, ...on].sort((a, b) => a - b);
					const { reactions } = beamReactions(places, loads);
					return held.map((y) => reactions[places.indexOf(y)] as number);
				});
				expect(all.length).toBeGreaterThan(0);
				lain += (lies[0] as number[]).length;
				for (const answer of all)
					beamPulls(held, [turn], touches).forEach((p, i) => expect(p).toBeCloseTo(answer[i] as number, 6));
			}
		}
		expect(lain).toBeGreaterThan(20);
	});
	it('as a beam may pull more than the bound: the greater counts', () =>
		expect(Math.max(...beamPulls([0, 1000, 1300], [{ at: 20, couple: 1000 }]))).toBeGreaterThan(1));
});

describe('a swinging leaf', () => {
	const leaf = { weight: 10, reach: 300, hingeOut: 50, hinge: 0, studs: [0, 400] as [number, number] };
	// Statics by hand.
	it('pulls out most at right angles, and lifts the far stud past them', () => {
		expect(leafAt(leaf, 0).pullOut).toBeCloseTo(500, 9);
		expect(leafAt(leaf, 90).pullOut).toBeCloseTo(3500, 9);
		expect(leafAt(leaf, 0).down).toEqual([expect.closeTo(2.5, 9), expect.closeTo(7.5, 9)]);
		expect(leafAt(leaf, 180).down).toEqual([expect.closeTo(17.5, 9), expect.closeTo(-7.5, 9)]);
	});
	it('always gives its weight to the studs', () => {
		for (let angle = 0; angle <= 180; angle += 7)
			expect(leafAt(leaf, angle).down.reduce((a, b) => a + b)).toBeCloseTo(10, 9);
	});
	it('is looked at at the stop itself, between degrees too, and where it is worst between two degrees', () => {
		expect(worstSwing(leaf, 139.56, (at) => at.down[0]).angle).toBe(139.56);
		expect(worstSwing(leaf, 0.4, (at) => at.pullOut).angle).toBe(0.4);
		// r (sin a + 2 cos a) is greatest at atan(1 / 2) = 26.565 degrees.
		const { angle } = worstSwing(leaf, 180, (at) => at.pullOut + 2 * 400 * at.down[1]);
		expect(Math.abs(angle - (Math.atan(1 / 2) * 180) / Math.PI)).toBeLessThan(0.02);
	});
});

describe('a deck', () => {
	// Statics by hand: middle of 1000 at 400 of 800: half and half. Beam tables, even load over equal spans: the middle
	// of three takes 1.25 w L, 0.625 of all; the second of four 1.1 of a span, 1.1/3. With an end one of three gone,
	// moments about the other end: the middle takes all.
	it('is shared by the lever rule, and along its line as one piece', () => {
		expect(deckShares({ weight: 1000, centre: 400, hangLine: 800, hangers: 2 })).toMatchObject({
			ledger: 500,
			line: 500,
			hanger: 250,
			lost: Infinity
		});
		expect(deckShares({ weight: 1000, centre: 400, hangLine: 800, hangers: 3 })).toMatchObject({
			hanger: expect.closeTo(312.5, 9),
			lost: expect.closeTo(500, 9)
		});
		expect(greatestShare(4)).toBeCloseTo(1.1 / 3, 9);
		expect(shareWithOneLost(3)).toBeCloseTo(1, 9);
	});
	it('falls with its only hanger, and with one of two', () => {
		expect(deckShares({ weight: 1, centre: 1, hangLine: 2, hangers: 1 }).lost).toBe(Infinity);
		expect(shareWithOneLost(2)).toBe(Infinity);
	});
	// Two joists under the ends of a spreader hung at its ends: half each; three under four hangers: by the beam solver
	// of the second-solver test.
	it('hands its hangers on to joists by the same rule', () => {
		expect(joistShare(2, 2)).toBeCloseTo(0.5, 9);
		expect(joistShare(3, 3)).toBeCloseTo(0.625, 9);
		expect(joistShare(4, 4)).toBeCloseTo(1.1 / 3, 9);
	});
	// P a (L - a) / L and w L^2 / 8 of beam tables, against the beam solver.
	it('bends joists as the beam solver says', () => {
		expect(joistMoment(100, 1, 4)).toBeCloseTo(continuousBeam([0, 4], [point(1, 100)]).moment.value, 9);
		expect(joistAllowance(3, 2, 5)).toBeCloseTo(continuousBeam([0, 5], [even(5, 30)]).moment.value, 9);
	});
	// IRC Table R301.5, from memory: 10 psf without storage, 20 psf with limited storage; a pound per square foot is
	// 47.88 Pa.
	it('is held against 10 and 20 psf', () =>
		expect([CEILING_LIVE.none, CEILING_LIVE.limited].map((q) => (q / N_PER_POUND) * (12 * MM_PER_INCH) ** 2)).toEqual([
			expect.closeTo(10, 3),
			expect.closeTo(20, 3)
		]));
});

describe('a lumber arm', () => {
	// Statics by hand, in N and mm: 400 N spread over 300 of arm 38 x 89; uprights 19 x 89 twice; notch 19; tip 40.
	const s = lumberArmStresses({
		weight: 400,
		length: 300,
		arm: { thickness: 38, height: 89 },
		upright: { thickness: 19, depth: 89 },
		notch: 19,
		tip: 40
	});
	it('is stressed as worked by hand', () => {
		expect(s.bending).toBeCloseTo(60_000 / ((38 * 89 ** 2) / 6), 9);
		expect(s.standOff).toBe(239);
		expect(s.notched).toBeCloseTo((400 * 239 * 6) / (38 * 70 ** 2), 9);
		expect(s.housing).toBeCloseTo((4 * 400 * 89 + 6 * 60_000) / 89 ** 2 / 38, 9);
		expect(s.tipShear).toBeCloseTo(600 / (40 * 38), 9);
		expect(s.tipSplit).toBeCloseTo((6 * 400 * 9.5) / (38 * 40 ** 2), 9);
		// Two squares of 89: shear 400 / 15842; polar 2 x 89 x 89 x (89^2 + 89^2) / 12; turned by 60000 + 400 x 44.5, out
		// to 62.93.
		expect(s.glue).toBeCloseTo(400 / 15842 + (77_800 * 62.933) / ((2 * 89 ** 2 * 2 * 89 ** 2) / 12), 4);
	});
});

describe('drops, blocks and sheets', () => {
	// Statics by hand: let go at no height it presses twice; h / delta of 4 gives 1 + 3 = 4.
	it('of a weight laid down hard', () => {
		expect(dropFactor(0, 5)).toBe(2);
		expect(dropFactor(4, 1)).toBe(4);
		expect(() => dropFactor(1, 0)).toThrow(RangeError);
	});
	// Statics by hand: 94.5 about an edge 1 lower: arms 2.2 and 1.5 against 1.2 and 0.5.
	it('of a twist block lower the edge', () => {
		expect(rollPull(94.5, [1.2], 0)[0]).toBeCloseTo(78.75, 2);
		expect(rollPull(94.5, [2.2], 0)[0]).toBeCloseTo(42.95, 2);
		expect(blockJointStress(200, 60, { width: 50, thickness: 18 })).toBeCloseTo((6 * 200 * 60) / (50 * 324), 9);
	});
	it('of a lower edge give the push of the bevel a longer arm, never longer than the stand-off', () => {
		const p = { thickness: 0.75, bevel: 45, back: 1.65, front: 2.4 } as const;
		expect(cleatRoll(30, 6, p, { below: 1 })).toBeCloseTo(30 * 4.15, 9);
		expect(cleatRoll(30, 6, p, { below: 10 })).toBe(180);
		// On a sheet 1/2 thick everything stands so much further out: 30 x (2.4 + 0.75 + 0.5).
		expect(cleatRoll(30, 6, p, { behind: 0.5 })).toBeCloseTo(30 * 3.65, 9);
		// With a lock strip at work nothing caps it: 30 x 6.
		expect(cleatRoll(30, 6, p, { locked: true })).toBe(180);
	});
	it('of sheet screws are even from edge to edge', () => expect(sheetScrewHeights(300, 3)).toEqual([25, 150, 275]));
});

describe('what bends', () => {
	// EN 1995-1-1 Table 3.2, k_def in service class 1, from memory: plywood 0.8, OSB 1.5, MDF 2.25; and 1 + k_def counts.
	it('creeps by 1 + k_def', () =>
		expect([PANEL_MATERIALS.ply.creep, PANEL_MATERIALS.osb.creep, PANEL_MATERIALS.mdf.creep]).toEqual([
			1.8, 2.5, 3.25
		]));
	it('counts duration in solid wood', () =>
		expect(bendingMaterial('spf', 0.9).Fb / bendingMaterial('spf', 1).Fb).toBeCloseTo(0.9, 9));
});
