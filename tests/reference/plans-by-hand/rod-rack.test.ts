import { describe, expect, it } from 'vitest';
import { newRack } from '$core/arrange/first-rack';
import { boardShares } from '$core/mechanics/statics/boards-across';
import type { Load, Plan, Rack, Stud, Wall } from '$core/plan/types';
import { asked, smallWall } from '../../support/small-wall';

/**
 * A rod rack on two studs sixteen inches apart, worked with a pencil in inches and pounds. Statics; NDS 2018 chapter 12
 * and the beam of an upright on its lags, from memory; sizes of the rack are common practice.
 */
const IN = 25.4;
const LB = 4.4482216;
const KG = 0.45359237;
const studs: Stud[] = [0, 1, 2].map((i) => ({
	id: `s${i}`,
	x: (20 + 16 * i) * IN,
	width: 1.5 * IN,
	depth: 3.5 * IN,
	species: 'spf'
}));
const board = (of: Partial<Load> = {}): Load => ({
	name: 'board',
	mass: 20 * KG,
	width: 32 * IN,
	height: 0.75 * IN,
	depth: 5.5 * IN,
	count: 2,
	...of
});
const PARAMS = {
	stock: '2x4',
	height: 96 * IN,
	at: [0.75 * IN, 16.75 * IN],
	levels: [90 * IN],
	rod: 'emt-3/4',
	out: 14.375 * IN,
	embedded: 2.625 * IN,
	hole: 1 * IN,
	tilt: 10,
	layers: 1,
	lag: '1/4',
	lagLength: 6 * IN,
	lags: [3, 36, 66, 93].map((y) => y * IN),
	packing: 0
};
function rackOf(params: Record<string, unknown> = {}, loads: Load[] = [board()], x = 20 - 0.75): Rack {
	const bare = newRack('rod-rack', 'x', 'Boards', 'inch');
	const [c] = bare.carriers;
	return {
		...bare,
		mount: { kind: 'own', x: x * IN, y: 0 },
		carriers: [{ ...c!, params: { ...PARAMS, ...params }, loads }]
	};
}
const planOf = (rack: Rack, wall: Partial<Wall> = {}): Plan => ({
	...smallWall({
		wall: { width: 100 * IN, height: 100 * IN, studs, cladding: { kind: 'drywall', thickness: 0.5 * IN }, ...wall }
	}),
	rows: [],
	holders: [rack]
});
const LAGS = 'fixing:x:s0:508:lags';

/** How hard a weight presses on a spring that gives so much under it, let go so high above: step by step. */
function pressed(give: number, fall: number): number {
	const g = 9810;
	let [y, v, most] = [0, Math.sqrt(2 * g * fall), 0];
	for (let i = 0, dt = 1e-6; i < 2_000_000 && v > 0; i++) {
		v += (g - (g / give) * y) * dt;
		y += v * dt;
		most = Math.max(most, y / give);
	}
	return most;
}

describe('boards across two rods', () => {
	const { all, check, line } = asked(planOf(rackOf()));
	// Two boards of 20 lb side by side, 5.5 in each: the last at the rod's tip, since nothing keeps them back.
	// Along the tilted rod, so a little nearer to the wall: cos 10.
	const along = 14.375 - 5.5;
	const out = 3.5 + along * Math.cos((10 * Math.PI) / 180);
	// A board 32 in long may lie a tenth of that off the middle of two rods 16 in apart.
	const share = (8 + 3.2) / 16;
	const rod = { mass: 0.284, len: 17 };
	// Conduit .922 x .049 at 7850 kg/m3, which is .2836 lb/in³.
	const ownRod = ((Math.PI / 4) * (0.922 ** 2 - 0.824 ** 2) * rod.len * 7850 * (IN / 1000) ** 3) / KG;
	const couple = 40 * share * out + ownRod * (3.5 + (14.375 - 2.625) / 2);

	it('gives each rod the most that it may have of them', () => {
		expect(boardShares([0, 16], 32)).toEqual([share, share]);
		// Arms at 16 48 80 under 96 in: as a beam 34 28 34 of 96 lb; the middle one has all with an end one low.
		expect(boardShares([16, 48, 80], 96)[1]).toBeCloseTo(1, 9);
		// 9.6 off the middle and the middle rod low: the near end has (80 - 38.4) / 64.
		expect(boardShares([16, 48, 80], 96)[0]).toBeCloseTo((80 - 38.4) / 64, 9);
		// One that spans a single gap only rests there; too short for any gap rests nowhere.
		expect(boardShares([16, 48, 80], 20)).toEqual([0, 0, 0]);
	});

	it('pulls the top lag by the couple over the distance to the next, more by the beam, and both weigh on all four', () => {
		// Of the upright itself: 1.5 x 3.5 x 96 of SPF at 455 kg/m3, half its depth out, at its middle.
		const own = (1.5 * 3.5 * 96 * IN ** 3 * 455e-9) / KG;
		expect(line(LAGS, 'arms turn it')).toBeCloseTo((couple + own * 1.75) * LB * IN, -2);
		// The rod at 90 is between the lags at 66 and 93: bounded by that distance.
		expect(line(LAGS, 'pull, bounded')).toBeCloseTo((couple / 27) * LB, 1);
		const down = 40 * share + ownRod + own;
		expect(line(LAGS, 'across each')).toBeCloseTo((down / 4) * LB, 1);
		expect(all.given('s0')).toBeCloseTo(down * LB, 0);
	});

	it('takes a fall of its outer board until its rods yield by 1.67, both of them lying there', () => {
		const KEY = 'holder:x:laid-hard';
		// Section of the conduit; 30 ksi / 1.67; 29,000 ksi, from memory, common to all steel.
		const modulus = (Math.PI * (0.922 ** 4 - 0.824 ** 4)) / 32 / 0.922;
		const EI = 29e6 * modulus * 0.461;
		const cos = Math.cos((10 * Math.PI) / 180);
		// Along a rod that leans by 10 degrees: so much nearer to the wall.
		const P = 20 * share;
		const middles = [14.375 - 2.75, 14.375 - 8.25].map((z) => z * cos);
		const holds = (30000 / 1.67) * modulus;
		const [outer, inner] = middles.map((z) => P * z);
		const n = (holds - inner!) / outer!;
		expect(line(KEY, 'lies there') / LB / IN).toBeCloseTo(outer!, 1);
		const told = line(KEY, 'may press');
		expect(told / n).toBeCloseTo(1, 3);
		// The board between the rods is 3/4 by 5 1/2 of the stiffest wood, 2.18 million psi.
		const z = middles[0]!;
		const give = (P * z ** 3) / 3 / EI + (P * 16 ** 3) / (120 * (15000 / 0.00689476) * ((5.5 * 0.75 ** 3) / 12));
		expect(line(KEY, 'gives') / IN / give).toBeCloseTo(1, 3);
		const [toldGive, toldN] = [line(KEY, 'gives'), told];
		expect(line(KEY, 'takes a fall of')).toBeCloseTo((toldGive * ((toldN - 1) ** 2 - 1)) / 2, 6);
		// Dropped from there it presses just so many times its weight: a spring and a weight, step by step.
		expect(pressed(toldGive, line(KEY, 'takes a fall of'))).toBeCloseTo(toldN, 1);
		expect(check(KEY).basis).toBe('grab');
	});

	it('asks no fall of what hangs, or of a rack with nothing on it', () => {
		const empty = asked(planOf(rackOf({}, [board({ count: 0 })])));
		expect(empty.all.checks.some((c) => c.id.includes('laid-hard'))).toBe(false);
	});

	it('a 50 lb rod at 90 pulls the top lag with 41 lb as a beam: its own check figure', () => {
		// So much at the tip that the couple is 534.4 in lb, as in the quick sum; the upright and the rod weigh as well.
		const mass = (534.4 / out / share) * KG;
		// All seven rods of that rack are there, and the upright leans on its wall at each.
		const levels = [6, 20, 34, 48.5, 62, 76, 90].map((y) => y * IN);
		const only = (of: Partial<Load>) => [...levels.slice(1).map(() => board({ count: 0 })), board({ count: 1, ...of })];
		const heavy = asked(planOf(rackOf({ levels }, only({ mass }))));
		const empty = asked(planOf(rackOf({ levels }, only({ mass: 1e-6 }))));
		const along1 = 14.375 - 5.5 / 2;
		const out1 = 3.5 + along1 * Math.cos((10 * Math.PI) / 180);
		const pull = (heavy.line(LAGS, 'as a beam') - empty.line(LAGS, 'as a beam')) / LB;
		expect(pull / ((534.4 * out1) / out)).toBeCloseTo(41 / 534.4, 2);
	});

	it('holds by thread: 2 in of it less the tip, in SPF', () => {
		const perInch = 1800 * 0.42 ** 1.5 * 0.25 ** 0.75;
		// 6 in, through 3.5 and half an inch: two in the stud, 5/32 of tip.
		expect(line(LAGS, 'in the stud')).toBeCloseTo((2 - 5 / 32) * IN, 4);
		expect(line(LAGS, 'thread holds')).toBeCloseTo(perInch * (2 - 5 / 32) * 0.9 * LB, 0);
		expect(check(LAGS).verdict).toBe('holds');
	});

	it('bends the rod at its hole, and presses its lip along the grain', () => {
		const M = 40 * share * along;
		const S = ((Math.PI / 32) * (0.922 ** 4 - 0.824 ** 4)) / 0.922;
		const bending = check('holder:x:rod:c1');
		// By what goes across the rod, which is tilted: what presses along it bends nothing.
		expect(bending.load!.demand.value / 6.894757).toBeCloseTo(M / S / 1000, 0);
		expect(bending.load!.capacity.value / 6.894757).toBeCloseTo(30 / 1.67, 1);
		expect(check('holder:x:lip:c1').load!.capacity.value / 6.894757e-3).toBeCloseTo((11200 * 0.42) / 4, -1);
	});

	it('bends the upright beside its hole: half an inch is left of its edge', () => {
		const modulus = (0.5 * 3.5 ** 2) / 6;
		expect(check('holder:x:upright-1').load!.demand.value / 6.894757e-3).toBeCloseTo(couple / modulus, 0);
	});
});

describe('what a rod rack needs', () => {
	const verdict = (rack: Rack, wall: Partial<Wall> = {}) => asked(planOf(rack, wall)).all.holders.get('x')?.verdict;
	const told = (rack: Rack) =>
		asked(planOf(rack))
			.all.warnings.map((w) => `${w.level}: ${w.message.text}`)
			.join('; ');

	it('a stud behind every upright', () => {
		expect(verdict(rackOf())).toBe('holds');
		expect(verdict(rackOf({}, [board()], 23))).toBe('cannot-be-built');
		expect(told(rackOf({}, [board()], 23))).toMatch(/stop: The upright at {x@tape} stands on no stud/);
		expect(verdict(rackOf(), { studs: [] })).toBe('cannot-be-judged');
	});

	it('two lags in every upright: by one alone it turns', () => {
		// Studs that lean a fiftieth are under the lowest lag, and not under those above.
		const lean = studs.map((s) => ({ ...s, lean: 20 }));
		const { all } = asked(planOf(rackOf(), { studs: lean }));
		expect(all.holders.get('x')?.verdict).toBe('does-not-hold');
		expect(all.holders.get('x')?.check?.reason.text).toMatch(/one lag alone holds the upright/);
	});

	it('counts packing as so much less of the lag in the stud, and turns about it', () => {
		const packed = asked(planOf(rackOf({ lagLength: 7 * IN, packing: 1 * IN })));
		expect(packed.line(LAGS, 'in the stud')).toBeCloseTo((2 - 5 / 32) * IN, 4);
		const plain = asked(planOf(rackOf({ lagLength: 7 * IN })));
		expect(packed.line(LAGS, 'arms turn it')).toBeCloseTo(plain.line(LAGS, 'arms turn it'), 3);
	});

	it('a heavy board that lies low is lifted low: the highest level is not its height', () => {
		const loads = [board({ mass: 25, name: 'beam' }), board({ mass: 1, name: 'lath' })];
		const { all } = asked(planOf(rackOf({ levels: [20 * IN, 76 * IN] }, loads)));
		const lifting = all.warnings.find((w) => w.message.text.startsWith('Lifting'));
		expect(lifting?.message.values.name).toBe('beam');
		expect((lifting?.message.values.h as { value: number }).value).toBeCloseTo(20 * IN + (0.922 * IN) / 2, 1);
	});

	it('of boards on each other the uppermost is lifted highest', () => {
		const { all } = asked(planOf(rackOf({ levels: [20 * IN], layers: 3 }, [board({ mass: 25, count: 6 })])));
		const lifting = all.warnings.find((w) => w.message.text.startsWith('Lifting'));
		const top = (20 + 0.922 / 2 + 2 * 0.75) * IN;
		expect((lifting?.message.values.h as { value: number }).value).toBeCloseTo(top, 1);
	});

	it('lags long enough', () => expect(verdict(rackOf({ lagLength: 4.5 * IN }))).toBe('does-not-hold'));

	it.each([
		[{ lags: [3, 36, 66, 90].map((y) => y * IN) }, /stop: The lag at {l@tape} meets the rod/],
		[{ hole: 1.45 * IN }, /stop: A hole of {h} leaves/],
		[{ hole: 0.9 * IN }, /stop: {r} does not go into a hole/],
		[{ embedded: 3.4 * IN }, /stop: A hole {e} deep comes out behind/],
		[{ levels: [95 * IN] }, /mind: The rod at {y@tape} stands near the end/],
		[{ lagLength: 9 * IN }, /stop: Lags of {l} come out behind/],
		[{ tilt: 0 }, /mind: Level rods let boards walk off/]
	])('%j is told', (params, words) => {
		expect(told(rackOf())).not.toMatch(words);
		expect(told(rackOf(params))).toMatch(words);
	});

	it.each([
		[board({ width: 15 * IN }), /stop: Boards of {l} rest on one rod alone/],
		[board({ depth: 15 * IN }), /stop: Boards {d} wide do not lie/]
	])('boards %# that do not lie there are told', (load, words) => expect(told(rackOf({}, [load]))).toMatch(words));

	it('loads that grow make no margin larger, and what nobody weighed is not judged', () => {
		const margin = (mass: number) => asked(planOf(rackOf({}, [board({ mass })]))).all.holders.get('x')!.check!.margin!;
		for (const m of [1, 10, 40]) expect(margin(m * 1.3)).toBeLessThanOrEqual(margin(m));
		expect(verdict(rackOf({}, [board({ mass: null })]))).toBe('cannot-be-judged');
	});

	it('whose boards reach into the room of another, or past the end of the wall, says so', () => {
		const told = (rack: Rack, wall: Partial<Wall> = {}) =>
			asked(planOf(rack, wall))
				.all.warnings.map((w) => `${w.level}: ${w.message.text}`)
				.join('; ');
		// Boards of 60 about 28 and a quarter: from under nothing to 58 and a quarter.
		const long = rackOf({}, [board({ width: 60 * IN })]);
		expect(told(long)).toMatch(/mind: What lies on it reaches {d} past the end of the wall/);
		expect(told(rackOf())).not.toMatch(/past the end of the wall/);
		const beside = (x: number, y: number): Plan => {
			// Two boards of 7.15 fill rods of 14.375: from right before the uprights on.
			const start = planOf(rackOf({ levels: [60 * IN] }, [board({ depth: 7.15 * IN })]));
			const pin = newRack('lone-pin', 'p', 'Brush', 'inch');
			return {
				...start,
				holders: [...start.holders, { ...pin, mount: { kind: 'own', x: x * IN - 10, y: y * IN - 10 } }]
			};
		};
		const meets = (plan: Plan) =>
			asked(plan).all.warnings.some((w) => w.message.text.startsWith('It, or what is on it'));
		// The ends of boards 32 long are at 12 and 44: beside the rack, in their room and above it.
		expect(meets(beside(41, 60.75))).toBe(false);
		const out = (plan: Plan): Plan => ({
			...plan,
			holders: plan.holders.map((h) =>
				h.id === 'p' ? { ...h, carriers: h.carriers.map((c) => ({ ...c, params: { ...c.params, out: 95 } })) } : h
			)
		});
		expect(meets(out(beside(41, 60.75)))).toBe(true);
		expect(meets(out(beside(41, 70)))).toBe(false);
		expect(meets(out(beside(50, 60.75)))).toBe(false);
	});

	it('a door that swings through its boards is told', () => {
		const door = {
			id: 'd',
			kind: 'door' as const,
			name: 'shop door',
			x: 40 * IN,
			y: 0,
			width: 32 * IN,
			height: 80 * IN,
			motion: { kind: 'swing' as const, hinge: 'right' as const, angle: 90, into: 'room' as const }
		};
		const told = (x: number) =>
			asked(planOf(rackOf({ levels: [60 * IN] }), { obstructions: [{ ...door, x: x * IN }] }))
				.all.warnings.map((w) => `${w.level}: ${w.message.text}`)
				.join('; ');
		expect(told(40)).toMatch(/stop: {name} would hit what hangs on it as it moves|mind: What hangs on it covers/);
		expect(told(60)).not.toMatch(/would hit|covers/);
	});

	it('shares its studs with rows: what they carry is counted together', () => {
		const rack = rackOf();
		const start = planOf(rack);
		const row = {
			...smallWall().rows[0]!,
			y: 20 * IN,
			left: 10 * IN,
			right: 19 * IN,
			screws: { size: '#10' as const, length: 76.2, perStud: 1 as const }
		};
		const both = asked({ ...start, rows: [{ ...row, left: 30 * IN, right: 60 * IN }] }).all;
		expect(both.warnings.some((w) => w.subject.kind === 'holder' && w.message.text.includes('in its place'))).toBe(
			true
		);
		const above = asked({ ...start, rows: [{ ...row, y: 97 * IN, left: 15 * IN, right: 60 * IN }] }).all;
		expect(above.given('s0')).toBeGreaterThan(asked(start).all.given('s0'));
	});
});
