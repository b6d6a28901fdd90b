import { describe, expect, it } from 'vitest';
import { newRack } from '$core/arrange/first-rack';
import { checkPlan } from '$core/checks/check-plan';
import { placeHolders } from '$core/places/row/place';
import type { Load, Plan, Rack, Row, Stud } from '$core/plan/types';
import { GRAVITY, KG_PER_POUND, MM_PER_INCH, N_PER_POUND } from '$core/units/quantity';
import { asked, ROW, smallWall } from '../../support/small-wall';

/** Three arms under boards of 96 in, 1 lb an inch, worked with a pencil in inches and pounds. Statics. */
const inch = (n: number) => n * MM_PER_INCH;
const studs: Stud[] = Array.from({ length: 8 }, (_, i) => ({
	id: `s${i}`,
	x: inch(8 + 16 * i),
	width: 38.1,
	depth: 88.9,
	species: 'spf'
}));
const row: Row = {
	...ROW,
	y: inch(60),
	left: inch(2),
	right: inch(122),
	stock: '1x6',
	blank: inch(5.5),
	screws: { size: '#12', length: 88.9, perStud: 2 }
};
const boards = (of: Partial<Load> = {}): Load => ({
	name: 'boards',
	mass: 96 * KG_PER_POUND,
	width: inch(96),
	height: inch(1.5),
	depth: inch(12),
	count: 1,
	...of
});
const BARE = newRack('lumber-arms', 'x', 'Arms', 'inch');
const START = BARE.carriers[0]!.params;
function arms(params: Record<string, unknown> = {}, load = boards(), x = inch(8)): Rack {
	return {
		...BARE,
		mount: { kind: 'row-hook', row: 'r', x },
		carriers: [{ ...BARE.carriers[0]!, params: { ...START, at: [16, 48, 80].map(inch), ...params }, loads: [load] }]
	};
}
const planOf = (rack: Rack, rows: Row[] = [row]): Plan => ({
	...smallWall({ wall: { width: inch(140), height: inch(96), studs } }),
	rows,
	holders: [rack]
});
const says = (plan: Plan) =>
	checkPlan(plan)
		.warnings.map((w) => w.message.text)
		.join();

describe('three arms under a board', () => {
	const plan = planOf(arms());
	const { all, check, line } = asked(plan);

	// Arms at 16 48 80, a board of 96: 34 28 34 as a beam; the middle one has all of it where an end one is low and
	// the board lies off its middle. The end ones no more than that. Common practice.
	it('has all of the board on its middle arm when another is low', () => {
		expect(line('holder:x:arm-2-seat', 'carries') / N_PER_POUND).toBeGreaterThan(96);
		const own = line('holder:x:arm-2-seat', 'carries') / N_PER_POUND - 96;
		// Two uprights of 1 1/2 by 3 1/2 by 22 and an arm of 1 1/2 by 3 1/2 by 15 1/2: 312 in3 of SPF, between 4 and 6 lb.
		expect(own).toBeGreaterThan(4);
		expect(own).toBeLessThan(6);
	});
	// Top of the wall cleat at the back: a 5 1/2 board ripped at 45, less the kerf and half of the slope.
	// The tip is 2 1/2 over the notch: the foot is 22 - 2 1/2 = 19 1/2 under where it rides. 12 in board on an arm of 12,
	// uprights of 3 1/2: its middle 9 1/2 out. Shape 19.5 / 9.5 x tan 45 = 2.05, for the board alone.
	it('stays on its cleat by its foot, which stands far down', () => {
		expect(line('holder:x:arm-2-seat', 'reaches down')).toBeCloseTo(inch(19.5), 6);
		const out = line('holder:x:arm-2-seat', 'stands out');
		// Its own wood, nearer to the wall, draws the middle of all of it in a little.
		expect(out).toBeLessThan(inch(9.5));
		expect(out).toBeGreaterThan(inch(9));
		expect(line('holder:x:arm-2-seat', 'shape')).toBeCloseTo(inch(19.5) / out, 9);
		expect(check('holder:x:arm-2-seat').margin).toBeCloseTo(inch(19.5) / out / 1.5, 9);
	});
	// 96 lb 6 in out of the uprights: 576 lb in on 1 1/2 by 3 1/2: S 3.0625, 188 psi.
	it('bends each arm at its uprights', () =>
		expect(check('holder:x:arm:c1').load!.demand.value / 0.006894757).toBeCloseTo(576 / 3.0625, 0));
	// Tip 2 1/2 by 3 of both: 1.5 x 96 / 7.5 = 19.2 psi.
	it('shears the tip over the cleat', () =>
		expect(check('holder:x:tip:c1').load!.demand.value / 0.006894757).toBeCloseTo((1.5 * 96) / 7.5, 1));

	// Its top at 20 1/2, an inch over the notch's at 19 1/2 that goes through it: housed 3 1/2 - 3/4 = 2 3/4 deep.
	// (4 x 96 x 2.75 + 6 x 576) / 2.75^2 / 1.5 = 397.7 psi.
	it('presses its housing, less by what the notch takes of it', () => {
		const cut = asked(planOf(arms({ up: inch(20.5) })));
		expect(cut.check('holder:x:housing:c1').load!.demand.value / 0.006894757).toBeCloseTo(397.7, 0);
		expect(says(planOf(arms({ up: inch(20.5) })))).not.toContain('sawn through');
		expect(says(planOf(arms({ up: inch(20) })))).toContain('sawn through');
	});

	it('puts every arm on the row where it hangs', () => {
		// Its own three arms and the board, each at the most that it may have: more than the whole.
		const given = [...all.studs.values()].reduce((sum, s) => sum + s.load, 0) / N_PER_POUND;
		expect(given).toBeGreaterThan(96 + 9);
		const none = checkPlan(planOf(arms({}, boards({ count: 0 }))));
		const bare = [...none.studs.values()].reduce((sum, s) => sum + s.load, 0) / N_PER_POUND;
		expect(given - bare).toBeGreaterThan(96);
		// Studs at 8 + 16 i: arms stand at 24, 56, 88: on them.
		const on = (id: string) => all.studs.get(id)!.load / N_PER_POUND;
		expect(on('s3')).toBeGreaterThan(on('s2'));
		expect(on('s3')).toBeGreaterThan(96 * 0.8);
	});
	// The bevel bounds the roll: where it rides at most the cleat's front out, not the 9 1/2 in of the load.
	it('rolls its row no more than its bevel lets it', () => {
		const lever = (y: number) => checkPlan(planOf(arms({ out: inch(12) }, boards()), [{ ...row, y: inch(y) }]));
		const roll = lever(60).rows.get('r')!.check;
		expect(roll).toBeDefined();
		// Further out, the same cleat: the same roll on it.
		const far = checkPlan(planOf(arms({ out: inch(20) })));
		const screws = (c: typeof far) => c.checks.filter((k) => k.title === 'screws').map((k) => k.load!.demand.value);
		const near = screws(checkPlan(plan));
		expect(near.length).toBeGreaterThan(2);
		screws(far).forEach((v, i) => expect(v / near[i]!).toBeLessThan(1.05));
	});
	// On a backer sheet all of it stands 3/4 further from the wall, and from its cleat as far as before.
	it('stands out from what its cleat is on, sheet or wall', () => {
		const sheet = { stock: 'ply-3/4' as const, height: inch(40), below: inch(30), perStud: 3 };
		const backer = { ...sheet, behind: { size: '#10' as const, length: 38.1, pitch: inch(4) } };
		const on = asked(planOf(arms(), [{ ...row, backer }]));
		expect(on.line('holder:x:arm-2-seat', 'stands out')).toBeCloseTo(line('holder:x:arm-2-seat', 'stands out'), 6);
	});
	it('pulls its cleat out where its feet bear on the wall', () => {
		const bears = (p: Plan) => placeHolders(p)[0]!.extras.map((e) => e.load.bearsBelow);
		expect(bears(plan)).toEqual([true, true, true]);
		const low: Row = { ...row, id: 'q', y: inch(45) };
		expect(bears(planOf(arms(), [row, low]))).toEqual([false, false, false]);
	});
	it('never gets better when there is another board', () => {
		const more = asked(planOf(arms({}, boards({ count: 2 }))));
		for (const [id, s] of all.studs) expect(more.all.studs.get(id)!.load).toBeGreaterThanOrEqual(s.load - 1e-9);
		expect(more.check('holder:x:arm:c1').margin!).toBeLessThan(check('holder:x:arm:c1').margin!);
	});
	it('weighs what its wood weighs on the row when it is empty', () => {
		const with3 = checkPlan(planOf(arms({}, boards({ count: 0 }))));
		const without = checkPlan({ ...planOf(arms()), holders: [] });
		const sum = (c: typeof with3) => [...c.studs.values()].reduce((s, j) => s + j.load, 0);
		expect((sum(with3) - sum(without)) / GRAVITY / KG_PER_POUND).toBeGreaterThan(7);
	});
});

describe('arms that cannot hang so', () => {
	it('are told from what is at their foot', () => {
		const low: Row = { ...row, id: 'q', y: inch(45) };
		expect(says(planOf(arms(), [row, low]))).toContain('meet the row below');
		// A notch over it: the foot is at 60 + back - 19 1/2, some 43 1/2 up.
		const clear = arms({ lower: { from: inch(0.5), high: inch(6) } });
		expect(says(planOf(clear, [row, low]))).not.toContain('meet the row below');
		// Over a window nothing is behind the foot: its own cleat's edge is left, and that tips.
		const window = {
			id: 'w',
			kind: 'window' as const,
			name: 'Window',
			x: inch(10),
			y: inch(30),
			width: inch(100),
			height: inch(24)
		};
		const over = planOf(arms());
		const open = { ...over, wall: { ...over.wall, obstructions: [window] } };
		expect(says(open)).toContain('Nothing is behind the foot');
		const seat = asked(open).check('holder:x:arm-2-seat');
		expect(seat.margin!).toBeLessThan(0.5);
		expect(seat.verdict).toBe('does-not-hold');
	});
	it('are told of a notch that does not go over its cleat', () => {
		expect(says(planOf(arms({ notch: { tip: inch(2.5), depth: inch(0.5), high: inch(5) } })))).toContain(
			'does not go over a cleat'
		);
		expect(says(planOf(arms({ notch: { tip: inch(2.5), depth: inch(0.75), high: inch(2) } })))).toContain(
			'does not lift over the cleat'
		);
	});
	it('are told of the end of their row, and of a board on one arm alone', () => {
		expect(says(planOf(arms({}, boards(), inch(60))))).toContain('past the end of its row');
		expect(says(planOf(arms({}, boards({ width: inch(24) }))))).toContain('rest on one');
	});
});
