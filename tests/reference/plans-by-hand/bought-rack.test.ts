import { describe, expect, it } from 'vitest';
import { newRack, onStuds } from '$core/arrange/first-rack';
import { checkPlan } from '$core/checks/check-plan';
import type { Load, Plan, Rack, Stud, Wall } from '$core/plan/types';
import { KG_PER_POUND, MM_PER_INCH, N_PER_POUND } from '$core/units/quantity';
import { asked, smallWall } from '../../support/small-wall';

/** Something bought on two studs 16 in apart, worked with a pencil in inches and pounds. NDS 2018 chapter 12. */
const inch = (n: number) => n * MM_PER_INCH;
const studs: Stud[] = [0, 1, 2].map((i) => ({
	id: `s${i}`,
	x: inch(8 + 16 * i),
	width: 38.1,
	depth: 88.9,
	species: 'spf'
}));
const load = (of: Partial<Load> = {}): Load => ({
	name: 'box',
	mass: 40 * KG_PER_POUND,
	width: inch(20),
	height: inch(2),
	depth: inch(10),
	count: 1,
	...of
});
const BARE = newRack('bought-rack', 'x', 'Bought', 'inch');
const PARAMS = {
	width: inch(20),
	height: inch(10),
	out: inch(10),
	plate: 0.5,
	mass: 0.05,
	rated: 60 * KG_PER_POUND,
	levels: [inch(5)],
	screws: { size: '#10', length: inch(2.5), along: [inch(2), inch(18)], up: [inch(1.5), inch(8.5)] }
};
function bought(params: Record<string, unknown> = {}, loads = [load()]): Rack {
	return {
		...BARE,
		mount: { kind: 'own', x: inch(6), y: inch(40) },
		carriers: [{ ...BARE.carriers[0]!, params: { ...PARAMS, ...params }, loads }]
	};
}
const planOf = (rack: Rack, wall: Partial<Wall> = {}): Plan => ({
	...smallWall({ wall: { width: inch(60), height: inch(96), studs, ...wall } }),
	rows: [],
	holders: [rack]
});
const KEY = 'fixing:x:s0:203:screws';

describe('something bought, on two studs', () => {
	const { check, line, all } = asked(planOf(bought()));
	// W 40, x_g 5, screws at 1 1/2 and 8 1/2 above the foot, drywall: 3.7 and 23.5 lb in all; half of it on either stud.
	it('pulls its upper screws as a back that is screwed on', () => {
		expect(line(KEY, 'pull on the worst') / N_PER_POUND).toBeCloseTo(23.5 / 2, 0);
		expect(line(KEY, 'V: taken here') / N_PER_POUND).toBeCloseTo(20, 0);
		expect(line(KEY, 'across each') / N_PER_POUND).toBeCloseTo(10, 0);
	});
	// 2 1/2 in less a thin plate and half an inch of drywall: 1.98 in; threads are two thirds of it: 1.667 in all.
	// 2850 G^2 D = 95.5 lb an inch of SPF, 0.42; times 0.9.
	it('draws its screws from the stud', () =>
		expect(line(KEY, 'thread holds') / N_PER_POUND).toBeCloseTo(2850 * 0.42 ** 2 * 0.19 * (2.5 * (2 / 3)) * 0.9, 0));
	it('carries by its maker’s word, and is not judged without', () => {
		expect(check('holder:x:bought rack:c1').margin).toBeCloseTo(1.5, 9);
		expect(all.holders.get('x')?.verdict).toBe('holds');
		const nobody = checkPlan(planOf(bought({ rated: null })));
		expect(nobody.holders.get('x')?.verdict).toBe('cannot-be-judged');
		const more = checkPlan(planOf(bought({}, [load({ mass: 61 * KG_PER_POUND })])));
		expect(more.holders.get('x')?.verdict).toBe('does-not-hold');
	});
	it('gives both studs their half', () => {
		for (const id of ['s0', 's1']) expect(all.studs.get(id)!.load / N_PER_POUND).toBeCloseTo(20, 0);
	});
	it('is bent out by half of its own weight on its levels', () => {
		const heavy = asked(planOf(bought({ mass: 20 * KG_PER_POUND }, [load({ count: 0 })])));
		// 10 lb at the plate, 10 lb 5 in out: 50 lb in, half on either.
		expect(heavy.line(KEY, 'M: roll here') / N_PER_POUND / MM_PER_INCH).toBeCloseTo(25, 0);
	});
});

describe('something bought that does not hang so', () => {
	const says = (plan: Plan) =>
		checkPlan(plan)
			.warnings.map((w) => w.message.text)
			.join();
	it('misses its studs, and finds them by a press', () => {
		const off = { ...bought(), mount: { kind: 'own' as const, x: inch(10), y: inch(40) } };
		expect(says(planOf(off))).toContain('misses every stud');
		expect(checkPlan(planOf(off)).holders.get('x')?.verdict).toBe('does-not-hold');
		const on = onStuds(planOf(bought()), bought({ screws: { ...PARAMS.screws, along: [inch(2), inch(12)] } }));
		const { screws } = on.carriers[0]!.params as typeof PARAMS;
		expect(screws.along.map((x) => Math.round(x / MM_PER_INCH))).toEqual([2, 18]);
	});
	it('is told of screws past its edge, and of what does not go under the next level', () => {
		expect(says(planOf(bought({ screws: { ...PARAMS.screws, along: [inch(2), inch(22)] } })))).toContain(
			'past its edge'
		);
		const two = bought({ levels: [inch(2), inch(4)] }, [load({ height: inch(3) })]);
		expect(says(planOf(two))).toContain('does not go under the next level');
	});
	it('hangs by its plugs’ maker on masonry', () => {
		const build = {
			kind: 'masonry' as const,
			material: 'brick' as const,
			thickness: 200,
			first: 0,
			pitch: 200,
			plug: { diameter: 8, length: 40, load: null }
		};
		const judged = checkPlan(planOf(bought(), { build, studs: [] }));
		expect(judged.holders.get('x')?.path.some((c) => c.title === 'plug')).toBe(true);
		expect(judged.holders.get('x')?.verdict).toBe('cannot-be-judged');
	});
});
