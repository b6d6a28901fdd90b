import { describe, expect, it } from 'vitest';
import { newRack, onStuds } from '$core/arrange/first-rack';
import type { Load, Plan, Rack, Stud, Wall } from '$core/plan/types';
import { asked, smallWall } from '../../support/small-wall';

/** Two bicycles on screw hooks in studs 400 apart, worked with a pencil. Statics; NDS 2018 chapter 12, from memory. */
const g = 9.80665;
const studs: Stud[] = [0, 1, 2, 3].map((i) => ({
	id: `s${i}`,
	x: 200 + 400 * i,
	width: 45,
	depth: 95,
	species: 'spf'
}));
const bike = (of: Partial<Load> = {}): Load => ({
	name: 'bicycle',
	mass: 14,
	width: 600,
	height: 1800,
	depth: 1050,
	count: 2,
	...of
});
const PARAMS = { at: [20, 420], step: 300, wire: 10, opening: 65, out: 60, thread: 50, rated: 25 };
function hooks(params: Record<string, unknown> = {}, load = bike(), x = 180): Rack {
	const bare = newRack('wheel-hooks', 'x', 'Bicycles', 'mm');
	const [c] = bare.carriers;
	return {
		...bare,
		mount: { kind: 'own', x, y: 1840 },
		carriers: [{ ...c!, params: { ...PARAMS, ...params }, loads: [load] }]
	};
}
const planOf = (rack: Rack, wall: Partial<Wall> = {}): Plan => ({
	...smallWall({ wall: { width: 2000, height: 2600, studs, cladding: { kind: 'none', thickness: 0 }, ...wall } }),
	rows: [],
	holders: [rack]
});

describe('two bicycles on hooks', () => {
	const { all, check, line } = asked(planOf(hooks()));
	const W = 14 * g;
	const KEY = 'fixing:x:s0:200:thread';

	it('bend the wire where it comes out of the wood', () => {
		expect(check('holder:x:hook-1:wire').load!.demand.value).toBeCloseTo((32 * W * 60) / (Math.PI * 1000), 6);
		// 36 ksi over 1.67.
		expect(check('holder:x:hook-1:wire').load!.capacity.value).toBeCloseTo((36_000 / 1.67) * 0.006894757, 1);
		// Hung 40 lb at 1 3/4 on 5/16 of wire: 23.4 ksi of 21.6 fails. Common practice.
		const plan = planOf(hooks({ wire: 7.9375, out: 44.45 }, bike({ mass: 18.1437 })));
		const thin = asked(plan);
		expect(thin.check('holder:x:hook-1:wire').load!.demand.value / 6.894757).toBeCloseTo(23.4, 1);
		expect(thin.all.holders.get('x')?.verdict).toBe('does-not-hold');
	});

	it('pull at the thread, since they hang further out than their hook and lean below it', () => {
		// Half of 1050 out from the tyre, leaning 0.55 of its height below.
		expect(line(KEY, 'pulls')).toBeCloseTo((W * 525) / (0.55 * 1800), 6);
		expect(line(KEY, 'in the stud')).toBeCloseTo(50, 9);
		// 10 mm of wire: a lag of .394 in: 1800 G^1.5 D^.75 an inch.
		const perMm = (1800 * 0.42 ** 1.5 * (10 / 25.4) ** 0.75 * 4.448222) / 25.4;
		expect(line(KEY, 'thread holds')).toBeCloseTo(perMm * 50 * 0.9, 1);
	});

	it('tip in the stud as a stiff pin, or bend: P (e + l/2) + P²/4q = q l²/4', () => {
		// Its shank is plain at the face: ten, not the root of its thread.
		const Dr = 10;
		const q = 11200 * 0.42 * 0.006894757 * Dr;
		const tips = 2 * q * (Math.sqrt((60 + 25) ** 2 + 50 ** 2 / 4) - (60 + 25));
		const My = (45_000 * (Dr / 25.4) ** 3 * 4.448222 * 25.4) / 6;
		const bends = q * (Math.sqrt(60 ** 2 + (2 * My) / q) - 60);
		// Over a quarter inch, along the grain of the stud: 3.6 and 3.2.
		const Z = Math.min(tips / 3.6, bends / 3.2) * 0.9;
		expect(line(KEY, 'across')).toBeCloseTo(Z, 0);
		expect(check(KEY).verdict).toBe('holds');
	});

	it('are pulled and pushed across at once', () => {
		const pull = (W * 525) / (0.55 * 1800);
		const [P, Z] = [line(KEY, 'thread holds'), line(KEY, 'across')];
		const [cos2, sin2] = [W ** 2 / (W ** 2 + pull ** 2), pull ** 2 / (W ** 2 + pull ** 2)];
		expect(check(KEY).load!.demand.value).toBeCloseTo(Math.hypot(W, pull), 6);
		const both = (P * Z) / (P * cos2 + Z * sin2);
		expect(check(KEY).load!.capacity.value).toBeCloseTo(Math.min(both, Z / Math.sqrt(cos2), P / Math.sqrt(sin2)), 3);
	});

	it('stand further from the wood where plasterboard is between', () => {
		const wall = { cladding: { kind: 'drywall' as const, thickness: 12.5 } };
		const clad = asked(planOf(hooks({ thread: 70 }), wall));
		expect(clad.check('holder:x:hook-1:wire').load!.demand.value).toBeCloseTo((32 * W * 72.5) / (Math.PI * 1000), 6);
		expect(clad.line(KEY, 'in the stud')).toBeCloseTo(70 - 12.5, 9);
	});

	it('are judged by the maker’s load, and not without it', () => {
		expect(check('holder:x:hook-1:rated').margin).toBeCloseTo(25 / 14, 9);
		expect(asked(planOf(hooks({ rated: null }))).all.holders.get('x')?.verdict).toBe('cannot-be-judged');
		expect(all.holders.get('x')?.verdict).toBe('holds');
	});

	it('stand where they are: every other one lower, each looked up at its own height', () => {
		const { placed } = all.holders.get('x')!;
		if (!('on' in placed)) throw new Error('no rack');
		expect(placed.screws.map((s) => [s.x, s.y])).toEqual([
			[200, 1840 + 10 + 300],
			[600, 1840 + 10]
		]);
		// Studs that lean 5 in a thousand stand 10.75 and 9.25 further on up there: only the lower one is near enough.
		const lean = studs.map((s) => ({ ...s, x: s.x - 18, lean: 5 }));
		const faults = asked(planOf(hooks(), { studs: lean })).all.holders.get('x')!.placed as typeof placed;
		expect(faults.screws.map((s) => s.fault === undefined)).toEqual([true, false]);
	});

	it('weigh on the stud of each, which is pulled as well', () => {
		for (const s of ['s0', 's1']) expect(all.given(s)).toBeCloseTo(W, 6);
		expect(all.given('s2')).toBe(0);
	});
});

describe('where bicycles cannot hang', () => {
	const verdict = (rack: Rack, wall: Partial<Wall> = {}) => asked(planOf(rack, wall)).all.holders.get('x')?.verdict;
	const told = (rack: Rack) =>
		asked(planOf(rack))
			.all.warnings.map((w) => `${w.level}: ${w.message.text}`)
			.join('; ');

	it('a hook beside its stud: a stop; on plasterboard alone it holds nothing', () => {
		expect(told(hooks({}, bike(), 250))).toMatch(/stop: The screw at {x@tape}, {y@tape} up, misses every stud/);
		expect(verdict(hooks({}, bike(), 250))).toBe('cannot-be-built');
		expect(verdict(hooks(), { studs: [] })).toBe('cannot-be-judged');
	});

	it('too near each other, or with handlebars at one height', () => {
		const closer = studs.map((s, i) => ({ ...s, x: 200 + 220 * i }));
		const near = asked(planOf(hooks({ at: [20, 240] }), { studs: closer }));
		expect(near.all.warnings.map((w) => w.message.text).join()).toMatch(/pedals stand in the next one/);
		expect(told(hooks())).not.toMatch(/Handlebars/);
		expect(told(hooks({ step: 100 }))).toMatch(/mind: Handlebars of {w} meet/);
	});

	it('a thread too short counts for nothing, and one that comes out behind is a stop', () => {
		expect(verdict(hooks({ thread: 30 }))).toBe('does-not-hold');
		expect(told(hooks({ thread: 110 }))).toMatch(/stop: A hook comes out behind/);
	});

	it('within a child’s reach it says so', () => expect(told(hooks())).toMatch(/child’s reach/));

	it('in a plug it is not judged; nor where nobody weighed it', () => {
		const plug = { diameter: 10, length: 60, load: 60 };
		const build = {
			kind: 'masonry' as const,
			material: 'brick' as const,
			thickness: 200,
			first: 100,
			pitch: 400,
			plug
		};
		expect(verdict(hooks(), { studs: [], build })).toBe('cannot-be-judged');
		expect(verdict(hooks({}, bike({ mass: null })))).toBe('cannot-be-judged');
	});

	it('go onto studs far enough apart, from the one they stand at on', () => {
		const plan = planOf(hooks());
		const at = (rack: Rack) => onStuds(plan, rack).carriers[0]!.params.at;
		expect(at(hooks({ at: [20, 400] }))).toEqual([20, 420]);
		// Wider apart than the studs are: every other one.
		expect(at(hooks({ at: [20, 620] }))).toEqual([20, 820]);
	});
});
