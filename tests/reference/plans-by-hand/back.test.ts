import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { backPulls } from '$core/places/back-pulls';
import { weightOf } from '$core/units/quantity';
import type { Plan } from '$core/plan/types';
import { rackOf } from '../../support/peg-rack';
import { front, t } from '../../support/rack-by-hand';
import { asked, smallWall, type Changes } from '../../support/small-wall';

/** A back bent up its height, by a pencil. */
const plain = rackOf(smallWall().holders[0]!);
/** Ply 400 wide and 400 high on a spacer, with one peg at its middle. */
const TALL: Changes['rack'] = {
	face: { stock: 'ply-18', width: 400, height: 400 },
	spacer: true,
	pegs: { ...plain.pegs, height: 200, spacing: { kind: 'equal-gaps', count: 1 } },
	load: { ...plain.load, mass: 20, perSeat: 1 }
};
const placedOf = (plan: Plan) => asked(plan).all.holders.get('h')!.placed;

describe('a back that hangs', () => {
	it('is bent at its peg by the push at its foot, its hook holding its top', () => {
		const plan = smallWall({ rack: TALL });
		const placed = placedOf(plan);
		// It bears at its foot and rides as high as the cleat's front is from its top.
		const d = 400 - front;
		const [thing] = placed.built.seats[0]!.things;
		const W = weightOf(20);
		// Under the peg the push alone; just over it that less the thing's own turn about the middle of the ply.
		const middle = t + 9;
		const under = ((W * thing!.at[2]) / d) * 200;
		const over = W * (thing!.at[2] - middle) - under;
		// The wood adds under a percent and a half of that.
		const M = Math.max(under, over);
		const check = asked(plan).check('holder:h:back-up');
		const bent = check.lines.find((l) => l.label === 'bends it')!.result.value;
		expect(under).toBeGreaterThan(over);
		// All of its width but the hole: it stands in the middle, and the board helps as far as it is held apart.
		const wood = (bent * (400 - 19.05)) / 400;
		expect(wood / M).toBeGreaterThan(1);
		expect(wood / M).toBeLessThan(1.1);
		expect(check.load!.demand.value).toBeCloseTo((6 * bent) / (400 * 18 ** 2), 6);
	});

	it('of solid wood bends across its grain: a third of its shear', () => {
		const face = { stock: '1x12' as const, width: 400, height: 280 };
		const solid = smallWall({ rack: { ...TALL, face, pegs: { ...TALL!.pegs!, height: 100 } } });
		// SPF: Fv 135 psi (NDS Supplement Table 4A, from memory), × 0.9 / 3.
		expect(asked(solid).check('holder:h:back-up').load!.capacity.value).toBeCloseTo((135 * 0.00689476 * 0.9) / 3, 3);
	});

	it('takes what stands past its end at the screws of what carries it, not on a sliver of its edge', () => {
		const made = (x: number): Plan => {
			const plan = smallWall({ rack: TALL });
			const thing = { name: 'thing', mass: 3, width: 40, height: 200, depth: 30, count: 1 };
			const sides = { stock: 'ply-18', height: 120, screws: 2, length: 50 };
			const rod = { width: 300, diameter: 20, out: 60, up: 60, sides, open: false, keeper: false, takes: 1 };
			const spacing = { kind: 'equal-gaps', count: 1 };
			const peg = {
				width: 20,
				spacing,
				diameter: 12,
				projection: 50,
				step: 0,
				depth: 10,
				tilt: 0,
				stack: 1,
				pair: null
			};
			return {
				...plan,
				holders: plan.holders.map((h) => ({
					...h,
					carriers: [
						{ id: 'c1', kind: 'side-rod', at: { on: 'back', x, y: 120 }, params: rod, loads: [{ ...thing, count: 0 }] },
						{ id: 'c2', kind: 'pegs', at: { on: 'c1:right', x: 30, y: 80 }, params: peg, loads: [thing] }
					]
				}))
			};
		};
		// Of two screws over each other, 25 from the ends of a side 120 high, its foot at 120, the lower one counts: the
		// shorter the lever, the harder both ends bend the back.
		const thing = backPulls(placedOf(made(50)).built).filter((l) => !l.always);
		expect(thing.map((l) => [l.low, l.top])).toEqual([[120, 145]]);
		const demand = (x: number) => asked(made(x)).check('holder:h:back-up').load!.demand.value;
		// Its right side flush with the end of the back, the peg 50 beyond: half the board beside it is missing, no more.
		expect(demand(100) / demand(50)).toBeGreaterThan(1);
		expect(demand(100) / demand(50)).toBeLessThan(1.6);
	});

	it('whatever of its things is off: every choice of them, by the other half of the back', () => {
		const real = (min: number, max: number) => fc.double({ min, max, noNaN: true, noDefaultInfinity: true });
		fc.assert(
			fc.property(
				fc.record({
					count: fc.integer({ min: 1, max: 5 }),
					mass: real(0.1, 20),
					height: real(200, 500),
					up: real(0.1, 0.7),
					inset: real(30, 200),
					spacer: fc.boolean()
				}),
				(r) => {
					const plan = smallWall({
						rack: {
							...TALL,
							face: { stock: 'ply-18', width: 600, height: r.height },
							spacer: r.spacer,
							pegs: {
								...plain.pegs,
								height: r.up * r.height,
								spacing: { kind: 'pitch', count: r.count, inset: r.inset, pitch: 60 }
							},
							load: { ...plain.load, mass: r.mass, perSeat: 1 }
						},
						x: 200
					});
					const p = placedOf(plan) as never as Placement;
					const check = asked(plan).check('holder:h:back-up');
					expect(check.load!.demand.value).toBeCloseTo(everyChoice(p, r.up * r.height), 3);
				}
			),
			{ numRuns: 40 }
		);
	});
});

interface Load {
	W: number;
	at: number[];
	y: number;
}

interface Placement {
	foot: number;
	row: { y: number };
	profile: { back: number };
	bearing: { y: number };
	built: {
		seats: { at: number[]; things: { mass: number; at: number[] }[] }[];
		self: { mass: number; at: number[] };
		carriers: { taken: { left: number; right: number }; own: { mass: number; at: number[] } }[];
		holes: { x: number; diameter: number }[];
	};
}

/** The hardest bending stress of any choice of things, at a section just under, over and at the hook: what is above. */
function everyChoice({ built, foot, row, profile, bearing }: Placement, peg: number): number {
	const [yb, yh, middle] = [bearing.y - foot, row.y + profile.back - foot, t + 9];
	const things = built.seats.flatMap((s) => s.things.map((t) => ({ W: weightOf(t.mass), at: t.at, y: s.at[1]! })));
	const pegs = built.carriers[0]!.own;
	const { left, right } = built.carriers[0]!.taken;
	const board = built.self.mass - pegs.mass;
	const rest = (i: number) => (built.self.mass * built.self.at[i]! - pegs.mass * pegs.at[i]!) / board;
	const own = [
		{ W: weightOf(pegs.mass), at: pegs.at, y: pegs.at[1]! },
		{ W: weightOf(board), at: [rest(0), 0, rest(2)], y: built.self.at[1]! }
	];
	const sections = [yb, yh, ...[...things, ...own].flatMap(({ y }) => [y - 1e-6, y + 1e-6])].filter(
		(y) => y > 0 && y <= yh
	);
	const bends = (l: Load, y: number) => {
		const H = (l.W * l.at[2]!) / (yh - yb);
		const held = y < yb ? H * (yh - yb) : H * (yh - y);
		return (l.y > y ? l.W * (l.at[2]! - middle) : 0) + l.W * middle - held;
	};
	let worst = 0;
	for (const y of sections) {
		for (const sign of [1, -1]) {
			const cut = Math.abs(y - peg) <= 19.05 / 2 + 0.01 ? built.holes : [];
			const spread = yh - yb;
			// Per width, every millimetre along: what stands near enough, whatever choice of it bends it most.
			for (let x = 0.5; x < 600; x++) {
				const near = things.filter((l) => Math.abs(l.at[0]! - x) <= spread);
				const per = (l: Load, half: number) => {
					const [from, to] = [Math.max(0, l.at[0]! - half - spread), Math.min(600, l.at[0]! + half + spread)];
					const bored = cut.filter((h) => h.x > from && h.x < to).length * 19.05;
					return x < from || x > to ? 0 : (sign * bends(l, y)) / (to - from - bored);
				};
				for (let on = 0; on < 1 << near.length; on++) {
					const M = near.reduce(
						(sum, l, i) => (on & (1 << i) ? sum + per(l, 0) : sum),
						per(own[0]!, (right - left) / 2) + per(own[1]!, 300)
					);
					worst = Math.max(worst, (6 * M) / 18 ** 2);
				}
			}
		}
	}
	return worst;
}
