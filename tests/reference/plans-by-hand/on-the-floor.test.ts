import { describe, expect, it } from 'vitest';
import { newRack } from '$core/arrange/first-rack';
import { checkPlan } from '$core/checks/check-plan';
import { leaningPush } from '$core/mechanics/statics/leaning';
import type { Load, Plan, Rack, Stud, Wall } from '$core/plan/types';
import { GRAVITY, KG_PER_POUND, MM_PER_INCH, N_PER_POUND } from '$core/units/quantity';
import { asked, smallWall } from '../../support/small-wall';

/** Sheets that lean, and a bin for offcuts, worked with a pencil in inches and pounds. Statics; common practice. */
const inch = (n: number) => n * MM_PER_INCH;
const studs: Stud[] = [0, 1, 2, 3, 4, 5, 6].map((i) => ({
	id: `s${i}`,
	x: inch(8 + 16 * i),
	width: 38.1,
	depth: 88.9,
	species: 'spf'
}));
const wall: Partial<Wall> = { width: inch(120), height: inch(96), studs };
const planOf = (rack: Rack, of: Partial<Wall> = {}): Plan => ({
	...smallWall({ wall: { ...wall, ...of } }),
	rows: [],
	holders: [rack]
});
const says = (plan: Plan) =>
	checkPlan(plan)
		.warnings.map((w) => w.message.text)
		.join();
const rackOf = (kind: string, params: Record<string, unknown>, loads: Load[], y = 0): Rack => {
	const bare = newRack(kind, 'x', '', 'inch');
	const [c] = bare.carriers;
	return {
		...bare,
		mount: { kind: 'own', x: inch(6), y },
		carriers: [{ ...c!, params: { ...c!.params, ...params }, loads }]
	};
};
const sheets = (of: Partial<Load> = {}): Load => ({
	name: 'sheets',
	mass: 60 * KG_PER_POUND,
	width: inch(96),
	height: inch(48),
	depth: inch(0.75),
	count: 1,
	...of
});
const bay = (params: Record<string, unknown> = {}, load = sheets(), y = 0) =>
	rackOf('sheet-bay', { foot: inch(6), deep: inch(6), bar: null, ...params }, [load], y);
const KERB = { stock: '1x2', size: '#8', length: inch(2), count: 4 };
const BAR = { up: inch(24), stock: '1x3', size: '#8', length: inch(2), count: 4 };

describe('sheets that lean', () => {
	// 60 lb, 48 high, 6 out: 60 x 3 / sqrt(48^2 - 6^2) = 3.78 lb. Common practice.
	it('push the wall with 3.8 lb, which is all that keeps them', () => {
		expect(leaningPush(60 * N_PER_POUND, inch(48), inch(6)) / N_PER_POUND).toBeCloseTo(3.78, 2);
		const { check, all } = asked(planOf(bay()));
		expect(check('holder:x:tips').margin).toBeCloseTo(0.378, 3);
		expect(all.holders.get('x')?.verdict).toBe('does-not-hold');
	});
	it('are judged by one sheet alone, whatever stands with it', () => {
		const many = asked(planOf(bay({}, sheets({ count: 6 }))));
		expect(many.check('holder:x:tips').margin).toBeCloseTo(0.378, 3);
	});
	it('are judged by the lightest of all bays', () => {
		const two = rackOf('sheet-bay', { bays: 2, foot: inch(6), deep: inch(6), bar: null, width: inch(50) }, [
			sheets({ width: inch(48) }),
			sheets({ width: inch(48), mass: 30 * KG_PER_POUND })
		]);
		expect(asked(planOf(two)).check('holder:x:tips').margin).toBeCloseTo(0.378 / 2, 3);
	});
	// A bar with four screws at an end: 15 lb of a knock.
	it('hold behind a bar', () => {
		const { check } = asked(planOf(bay({ bar: BAR })));
		expect(check('holder:x:tips').load!.demand.value / N_PER_POUND).toBeCloseTo(15, 6);
		expect(check('holder:x:tips').margin!).toBeGreaterThan(3);
	});
	// The outermost of six stands 6 + 4 1/2 = 10 1/2 out: 5.25 / sqrt(48^2 - 10.5^2) = 0.112 of its weight.
	it('slide at their feet by the outermost one', () => {
		const { check } = asked(planOf(bay({}, sheets({ count: 6 }))));
		expect(check('holder:x:slides').load!.demand.value).toBeCloseTo(5.25 / Math.sqrt(48 ** 2 - 10.5 ** 2), 6);
		expect(check('holder:x:slides').margin).toBeCloseTo(0.3 / 0.11209, 2);
	});
	it('slide where they lean far, but for a kerb, which is close and no more', () => {
		const low = { foot: inch(20), deep: inch(6) };
		const short = sheets({ height: inch(32), count: 1 });
		const without = asked(planOf(bay({ ...low, kerb: null }, short))).check('holder:x:slides');
		// 10.375 / sqrt(32^2 - 20.75^2) = 0.426.
		expect(without.load!.demand.value).toBeCloseTo(10.375 / Math.sqrt(32 ** 2 - 20.75 ** 2), 6);
		expect(without.verdict).toBe('does-not-hold');
		const kept = asked(planOf(bay({ ...low, kerb: KERB }, short))).check('holder:x:slides');
		expect(kept.verdict).toBe('close');
	});
	it('are told what they do not go into', () => {
		expect(says(planOf(bay({ width: inch(90) })))).toContain('does not go into a bay');
		expect(says(planOf(bay({}, sheets({ count: 9 }))))).toContain('thick, the room is');
		expect(says(planOf(bay({ foot: 0 })))).toContain('Sheets that stand upright fall');
		expect(says(planOf(bay({}, sheets(), inch(4))))).toContain('It stands on the floor');
	});
	it('give nothing to any stud: the floor has them', () => expect(checkPlan(planOf(bay())).studs.size).toBe(0));
});

describe('a bin for offcuts', () => {
	const PARAMS = { width: inch(32), depth: inch(14), back: inch(28), front: inch(14), stock: 'ply-3/4', bays: 3 };
	const pieces: Load = { name: 'offcuts', mass: 0.5, width: 40, height: inch(24), depth: 20, count: 10 };
	const bin = (params: Record<string, unknown> = {}) =>
		rackOf('offcut-bin', { ...PARAMS, screws: null, ...params }, [pieces]);
	// About its front edge: 15 lb at 28 + 23/32 = 28.72 up is 430.8 lb in; empty it weighs by how far back its middle is.
	it('is tipped by a knock, empty, where nothing screws it', () => {
		const plan = planOf(bin());
		const { check, line } = asked(plan);
		expect(line('holder:x:knock', 'tips it') / N_PER_POUND / MM_PER_INCH).toBeCloseTo(15 * (28 + 23 / 32), 0);
		const weight = line('holder:x:knock', 'its weight');
		// Ply at 3/4: back 32 x 28, front 32 x 14, bottom 32 x 14, four sides of 12.6 by 21: some 2,850 in2 by 0.72.
		expect(weight / GRAVITY / KG_PER_POUND / MM_PER_INCH).toBeGreaterThan(250);
		expect(weight / GRAVITY / KG_PER_POUND / MM_PER_INCH).toBeLessThan(420);
		expect(check('holder:x:knock').margin!).toBeLessThan(1);
		expect(checkPlan(plan).holders.get('x')?.verdict).toBe('does-not-hold');
	});
	it('holds with two screws in studs, and not with two beside them', () => {
		const screws = { size: '#10', length: inch(2.75) };
		const on = asked(planOf({ ...bin({ screws }), mount: { kind: 'own', x: inch(8) - 40, y: 0 } }));
		expect(on.check('holder:x:knock').margin!).toBeGreaterThan(1.25);
		const off = asked(planOf({ ...bin({ screws, width: inch(30) }), mount: { kind: 'own', x: inch(13), y: 0 } }));
		expect(off.check('holder:x:knock').margin!).toBeLessThan(1);
	});
	it('says what is lost in it, and what falls over it', () => {
		const of = (height: number) => says(planOf(rackOf('offcut-bin', PARAMS, [{ ...pieces, height }])));
		expect(of(inch(10))).toContain('lost behind a front');
		expect(of(inch(80))).toContain('fall over a back');
		expect(says(planOf(bin({ bays: 8, width: inch(8) })))).toContain('take nothing');
	});
});

describe('sheets under something', () => {
	const over = (up: number): Rack => {
		const bare = newRack('bought-rack', 'y', 'Shelves', 'inch');
		return {
			...bare,
			mount: { kind: 'own', x: inch(30), y: inch(up) },
			carriers: [{ ...bare.carriers[0]!, loads: [] }]
		};
	};
	const told = (up: number, kerb: typeof KERB | null) => {
		const plan = planOf(bay({ kerb }));
		return says({ ...plan, holders: [...plan.holders, over(up)] });
	};
	// A sheet of 48 in stands on its base board, 3/4 in; the kerb is 1 1/2 in high.
	const top = 48 + 0.75;
	it('come out where there is room for the kerb they are lifted over', () => {
		expect(told(top + 1.7, KERB)).not.toMatch(/to come out/);
		expect(told(top + 1, KERB)).toMatch(/what stands in it takes {rise} over its wood to come out/);
	});
	it('need no more than themselves without a kerb', () => {
		expect(told(top + 0.2, null)).not.toMatch(/to come out/);
		expect(told(top + 0.2, KERB)).toMatch(/to come out/);
	});
});
