import { describe, expect, it } from 'vitest';
import { newRack } from '$core/arrange/first-rack';
import { checkPlan } from '$core/checks/check-plan';
import type { Load, Plan, Rack, Stud, Wall } from '$core/plan/types';
import { GRAVITY, KG_PER_POUND, MM_PER_INCH, N_PER_POUND } from '$core/units/quantity';
import { asked, smallWall } from '../../support/small-wall';

/** A leaf on two studs 16 in apart, worked with a pencil in inches and pounds. Statics; common practice. */
const inch = (n: number) => n * MM_PER_INCH;
const studs: Stud[] = [0, 1, 2, 3].map((i) => ({
	id: `s${i}`,
	x: inch(16 + 16 * i),
	width: 38.1,
	depth: 88.9,
	species: 'spf'
}));
const clamps = (of: Partial<Load> = {}): Load => ({
	name: 'clamp',
	mass: 30 * KG_PER_POUND,
	width: 60,
	height: 400,
	depth: 10,
	count: 1,
	...of
});
const BARE = newRack('swing-leaves', 'x', 'Leaves', 'inch');
const START = BARE.carriers[0]!.params as Record<string, Record<string, unknown>>;
/** One leaf on its hinge 2 in right of the first column of screws, with one slot 12 in out. */
function leaves(params: Record<string, unknown> = {}, loads = [clamps()], x = inch(12)): Rack {
	const of = {
		...START,
		at: [inch(6)],
		leaf: { stock: 'ply-1/4', long: inch(14), high: inch(16), stop: 170 },
		slots: { count: 1, pitch: inch(1.5), first: inch(12), width: 10, depth: 40 },
		spine: { stock: 'ply-3/4', width: inch(24), high: inch(18) },
		screws: { size: '#10', length: inch(3), along: [inch(4), inch(20)], up: [inch(1), inch(17)] },
		...params
	};
	return {
		...BARE,
		mount: { kind: 'own', x, y: inch(40) },
		carriers: [{ ...BARE.carriers[0]!, params: of, loads }]
	};
}
const planOf = (rack: Rack, wall: Partial<Wall> = {}): Plan => ({
	...smallWall({
		wall: { width: inch(90), height: inch(96), studs, cladding: { kind: 'none', thickness: 0 }, ...wall }
	}),
	rows: [],
	holders: [rack]
});
const KEY = 'fixing:x:s0:406:screws';
const of = (plan: Plan) => {
	const { line, check } = asked(plan);
	const n = (label: string, key = KEY) => line(key, label) / N_PER_POUND;
	return { n, check, line };
};

describe('a leaf on two studs', () => {
	const plan = planOf(leaves());
	const { n, check } = of(plan);
	// 1/4 ply of 14 by 16 in, and a board of 24 by 18 in 23/32: what they weigh by their volume, below.
	const bare = of(planOf(leaves({}, [clamps({ count: 0 })])));
	const OUT = 23 / 32;

	// Worst at its stop, 170 degrees: 30 x (0.72 + 12 x sin 170) = 84.1 lb in, all at the hinge line, 2 in right of the
	// first stud of two 16 apart: 14/16 of it there. It hangs 12 x cos 170 = 11.8 in left of its hinge, 9.8 past it:
	// past 90 more hangs on that than a leaf straight out pulls.
	it('turns its board out at the hinge line, and hangs where it is', () => {
		const turned = check(KEY).notes.at(-1)?.values.a as { value: number };
		expect(turned.value).toBeCloseTo((170 * Math.PI) / 180, 6);
		const by = (30 * (OUT + 12 * Math.sin(turned.value)) * 14) / 16;
		expect((n('M: roll here') - bare.n('M: roll here')) / MM_PER_INCH).toBeCloseTo(by, 0);
		expect(n('V: taken here') - bare.n('V: taken here')).toBeCloseTo((30 * (14 + 11.818)) / 16, 0);
		const stopped = of(planOf(leaves({ leaf: { stock: 'ply-1/4', long: inch(14), high: inch(16), stop: 90 } })));
		expect(stopped.check(KEY).margin!).toBeGreaterThan(check(KEY).margin!);
	});
	it('lifts the far stud then, and its screws take that', () => {
		const { studs: judged } = checkPlan(plan);
		// 30 lb at 11.8 - 2 = 9.8 past the near stud: 30 x 25.8 / 16 = 48.4 there, 18.4 up on the far one.
		expect(judged.get('s0')!.load / N_PER_POUND).toBeGreaterThan(48);
		expect(judged.get('s0')!.load / N_PER_POUND).toBeLessThan(48.4 + 12);
		expect(judged.get('s1')!.load / N_PER_POUND).toBeGreaterThan(15);
	});
	// 25 lb at 9, z 14: 16 lb. Common practice; here with a leaf 14 in and 2 x 40 mm between its hinges.
	it('pulls its upper hinge by its reach over what is between', () => {
		const high = inch(14) + 80;
		const one = leaves(
			{
				leaf: { stock: 'ply-1/4', long: inch(14), high, stop: 170 },
				slots: { count: 1, pitch: inch(1.5), first: inch(9), width: 10, depth: 40 }
			},
			[clamps({ mass: 25 * KG_PER_POUND })]
		);
		const empty = leaves(
			{
				leaf: { stock: 'ply-1/4', long: inch(14), high, stop: 170 },
				slots: { count: 1, pitch: inch(1.5), first: inch(9), width: 10, depth: 40 }
			},
			[clamps({ count: 0 })]
		);
		const pull = (r: Rack) => of(planOf(r)).n('upper hinge', 'holder:x:hinge');
		expect(pull(one) - pull(empty)).toBeCloseTo((25 * 9) / 14, 1);
	});
	it('counts half of what its face would hold in the edge of ply', () => {
		const edge = check('holder:x:hinge').load!.capacity.value;
		expect(edge).toBeGreaterThan(0);
		const solid = of(planOf(leaves({ leaf: { stock: '1x12', long: inch(14), high: inch(11), stop: 170 } })));
		// SPF 0.42 against ply 0.42: twice as much where it is no edge of ply.
		expect(solid.check('holder:x:hinge').load!.capacity.value / edge).toBeGreaterThan(1.5);
	});
	it('never holds better with another clamp', () => {
		const two = { count: 2, pitch: inch(1.5), first: inch(10.5), width: 10, depth: 40 };
		const margin = (count: number) => of(planOf(leaves({ slots: two }, [clamps({ count })]))).check(KEY).margin!;
		expect(margin(2)).toBeLessThan(margin(1));
	});
});

describe('a leaf that cannot swing or hold', () => {
	const stops = (plan: Plan) =>
		checkPlan(plan)
			.warnings.filter((w) => w.level === 'stop')
			.map((w) => w.message.text)
			.join();
	it('hits what stands in its way', () => {
		const bench = {
			id: 'b',
			kind: 'bench' as const,
			name: 'Bench',
			x: inch(40),
			y: 0,
			width: inch(20),
			height: inch(60),
			out: inch(20)
		};
		// Closed it lies 14 in to the right of its hinge at 18: to 32. The bench begins at 40.
		expect(stops(planOf(leaves(), { obstructions: [bench] }))).not.toContain('would hit');
		expect(stops(planOf(leaves(), { obstructions: [{ ...bench, x: inch(37.5), near: inch(2) }] }))).not.toContain(
			'would hit'
		);
		expect(
			stops(
				planOf(leaves({ leaf: { stock: 'ply-1/4', long: inch(26), high: inch(16), stop: 170 } }), {
					obstructions: [bench]
				})
			)
		).toContain('would hit');
	});
	it('swings through a door', () => {
		const door = {
			id: 'd',
			kind: 'door' as const,
			name: 'Door',
			x: inch(38),
			y: 0,
			width: inch(32),
			height: inch(80),
			motion: { kind: 'swing' as const, hinge: 'right' as const, angle: 90, into: 'room' as const }
		};
		const long = leaves({ leaf: { stock: 'ply-1/4', long: inch(26), high: inch(16), stop: 170 } });
		// Closed it lies from 18 to 44, over the door's edge at 38.
		expect(stops(planOf(long, { obstructions: [door] }))).toContain('would hit');
		expect(stops(planOf(leaves(), { obstructions: [door] }))).not.toContain('would hit');
	});
	it('is told of slots past its end, and of screws that miss', () => {
		expect(stops(planOf(leaves({ slots: { ...START.slots, count: 30 } })))).toContain('past the end of its leaf');
		expect(checkPlan(planOf(leaves({}, [clamps()], inch(20)))).holders.get('x')?.verdict).toBe('does-not-hold');
	});
	it('catches one stud and is turned about it', () => {
		const one = leaves({ screws: { ...START.screws, along: [inch(4)], up: [inch(1), inch(17)] } });
		const judged = checkPlan(planOf(one));
		const check = judged.holders.get('x')!.path.find((c) => c.title === 'screws')!;
		// 30 lb at 14 in to the right of its only stud, closed: by two screws 16 apart, 26 lb sideways on each.
		expect(check.notes.map((x) => x.text).join()).toContain('It catches one stud');
		expect(judged.studs.get('s0')!.load / GRAVITY / KG_PER_POUND).toBeGreaterThan(30);
	});
});

describe('a leaf with a second board under its slots', () => {
	const second = { under: inch(10), deep: inch(2) };
	const told = (params: Record<string, unknown>, load: Partial<Load> = {}) =>
		checkPlan(planOf(leaves({ ...params }, [clamps(load)])))
			.warnings.map((w) => w.message.text)
			.join();
	it('is told of clamps too short to reach it', () => {
		expect(told({ second }, { height: inch(11) })).not.toMatch(/does not reach the second board/);
		expect(told({ second }, { height: inch(9) })).toMatch(/does not reach the second board/);
		expect(told({}, { height: inch(9) })).not.toMatch(/second board/);
	});
	it('has it no lower than its own foot', () => {
		// A leaf of 16 in, slots of 40 mm, a board of 1/4 in: 14.17 in are left under the slots.
		expect(told({ second: { ...second, under: inch(14.1) } })).not.toMatch(/under the foot of its leaf/);
		expect(told({ second: { ...second, under: inch(14.3) } })).toMatch(/under the foot of its leaf/);
	});
	it('weighs as much more as two strips of it', () => {
		const weighs = (params: Record<string, unknown>) =>
			of(planOf(leaves(params, [clamps({ count: 0 })]))).line(KEY, 'weight');
		// Two strips of 14 x 2 in of what is called a quarter of an inch, 7/32.
		const strips = (560 * 2 * 14 * 2 * (7 / 32) * MM_PER_INCH ** 3 * GRAVITY) / 1e9;
		expect(weighs({ second }) - weighs({})).toBeCloseTo(strips, 9);
	});
});
