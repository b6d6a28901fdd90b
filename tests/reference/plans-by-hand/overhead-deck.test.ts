import { Matrix, solve } from 'ml-matrix';
import { beforeAll, describe, expect, it } from 'vitest';
import { cutPlan } from '$core/cutting/cut-plan';
import { sawWork } from '$core/machining/steps';
import { newRack, onStuds } from '$core/arrange/first-rack';
import { checkPlan } from '$core/checks/check-plan';
import { hangerLoads, ledgerLoads, spreaderLoads, type DeckFrame } from '$core/mechanics/statics/deck-frame';
import { nth } from '$core/nth';
import { placeRacks } from '$core/places/rack/place';
import type { Ceiling, Load, Plan, Rack, Stud, Wall } from '$core/plan/types';
import { GRAVITY, KG_PER_POUND, MM_PER_INCH, N_PER_POUND } from '$core/units/quantity';
import type { Solver } from '$core/cutting/solver';
import { highsSolver } from '../../support/highs';
import { asked, smallWall } from '../../support/small-wall';

/**
 * A deck of 63 by 31 in for six bins of 20 lb, two on each other, worked with a pencil in inches and pounds. Statics;
 * NDS 2018 chapter 12 from memory; the ceiling by IRC Table R301.5 from memory.
 */
const inch = (n: number) => n * MM_PER_INCH;
const lb = (n: number) => n * N_PER_POUND;
const studs: Stud[] = [0, 1, 2, 3, 4, 5].map((i) => ({
	id: `s${i}`,
	x: inch(8 + 16 * i),
	width: 38.1,
	depth: 88.9,
	species: 'spf'
}));
const CEILING: Ceiling = {
	kind: 'joists',
	direction: 'across',
	first: inch(8),
	pitch: inch(16),
	width: 38.1,
	depth: 139.7,
	height: inch(96),
	species: 'spf',
	span: inch(144),
	attic: 'limited'
};
const bins = (of: Partial<Load> = {}): Load => ({
	name: 'bin',
	mass: 20 * KG_PER_POUND,
	width: inch(21),
	height: inch(12),
	depth: inch(31),
	count: 6,
	...of
});
const BARE = newRack('overhead-deck', 'x', 'Deck', 'inch');
const START = BARE.carriers[0]!.params as Record<string, Record<string, unknown>>;
/** Its left end at 6 in: studs and joists at 2, 18, 34, 50 in along it. */
const AT = [2, 18, 34, 50].map(inch);
function deck(params: Record<string, unknown> = {}, load = bins(), y = inch(60)): Rack {
	const of = {
		...START,
		layers: 2,
		ledger: { ...START.ledger, at: AT },
		spreader: { ...START.spreader, at: AT },
		...params
	};
	return {
		...BARE,
		mount: { kind: 'own', x: inch(6), y },
		carriers: [{ ...BARE.carriers[0]!, params: of, loads: [load] }]
	};
}
const planOf = (rack: Rack, wall: Partial<Wall> = {}): Plan => ({
	...smallWall({ wall: { width: inch(100), height: inch(96), studs, ceiling: CEILING, ...wall } }),
	rows: [],
	holders: [rack]
});
const says = (plan: Plan) => checkPlan(plan).warnings.map((w) => w.message.text);

let lp: Solver;
beforeAll(async () => {
	lp = await highsSolver();
});

describe('a deck of six bins', () => {
	const plan = planOf(deck());
	const [placed] = placeRacks(plan);
	const { all, check, line } = asked(plan);
	const { self } = placed!.built;
	/** Own wood, lb, and the part of it that is on the hang line. */
	const own = (self.mass * GRAVITY) / N_PER_POUND;
	const hang = 31.0625;
	const ownLine = (own * self.at[2]) / inch(hang);

	it('weighs what its wood weighs', () => {
		// Boards of SPF at 455 kg/m3: by volume, ledger and rail 63, five members of 28, spreader 63,
		// all 1 1/2 by 3 1/2: 329 in of it; ply 63 by 31 3/4. Between 60 and 85 lb.
		expect(own).toBeGreaterThan(60);
		expect(own).toBeLessThan(85);
	});

	// Two equal spans of 27 1/2 between hangers at 4, 31 1/2, 59. A weight P at 6 1/2 in the first turns the middle by
	// P a (L2 - a2) / (4 L2) = 1.5342 P: 0.3479 P on the middle hanger. One in the middle stands right over it.
	// 40 lb a stack; half of its depth out: 15 1/2 / 31 1/16. Own wood, over all 63 with 4 past either end:
	// M_B = (27.5^2 / 2 - 16) / 4 w = 90.53 w; on the middle 2 (13.75 + 82.53 / 27.5) w = 33.50 w of 63.
	it('gives its middle hanger most', () => {
		const stacks = 40 * (15.5 / hang) * (2 * 0.34794 + 1);
		const each = stacks + ownLine * (33.502 / 63);
		expect(check('holder:x:hanger-lag').load!.demand.value / lb(each)).toBeCloseTo(1, 4);
		expect(line('holder:x:hanger-lag', 'the worst')).toBeCloseTo(inch(31.5), 6);
		// SPF, G 0.42: 1800 x 0.42^1.5 x 0.375^0.75 = 234.8 lb an inch; 1 1/2 in less the tip of 7/32, times 0.9.
		expect(check('holder:x:hanger-lag').load!.capacity.value / lb(234.8 * (1.5 - 7 / 32) * 0.9)).toBeCloseTo(1, 3);
	});
	// The strap, 1 by 1/8 with a hole of 3/8: 5/64 in2.
	it('pulls its strap at the hole', () => {
		const each = 40 * (15.5 / hang) * (2 * 0.34794 + 1) + ownLine * (33.502 / 63);
		expect(check('holder:x:strap').load!.demand.value / 0.006894757).toBeCloseTo(each / (0.625 * 0.125), -1);
	});
	// From 3/4 in above its foot, an inch below the middle of the 3 1/2 in frame, to the spreader, 1 1/2 below the joists
	// at 36 above the foot: 33 3/4. A bar of 72 gives two.
	it('takes its straps from bars, two from one', () => {
		const cuts = cutPlan(plan, { solve: lp, secondsLeft: () => 0 });
		const group = cuts.groups.find((g) => g.kind === 'strap')!;
		expect(group.pieces).toHaveLength(3);
		for (const p of group.pieces) expect(p.length).toBeCloseTo(inch(33.75), 6);
		expect([group.offers[0]!.length, group.buy]).toEqual([inch(72), 2]);
		const { steps } = sawWork(cuts, []);
		const metal = steps.filter((s) => s.kind === 'metal');
		expect(metal.flatMap((s) => s.cuts)).toHaveLength(3);
		expect(metal.every((s) => s.cuts.every((c) => c.group.kind === 'strap'))).toBe(true);
	});
	// One end gone: what is left stands under the middle and the other end. Evenly over 63: its middle, 31 1/2, is over
	// the middle hanger, which has all of it, as common practice has it.
	it('hangs by the middle one alone when an end has gone', () => {
		const line = 120 * (15.5 / hang) + ownLine;
		expect(check('holder:x:one-lost').load!.demand.value / lb(line)).toBeCloseTo(1, 4);
	});
	it('is one step that fails when two hangers are all it has', () => {
		const two = deck({ hangers: { ...START.hangers, at: [4, 59].map(inch) } });
		const judged = asked(planOf(two));
		expect(judged.check('holder:x:one-lost').verdict).toBe('does-not-hold');
		expect(judged.all.holders.get('x')?.verdict).toBe('does-not-hold');
	});
	// The ledger: what the hang line has not. One bin, so that a pencil does: a stack at 10 1/2 between lags at 2 and 18,
	// spans of 16. By the three-moment equations 8 1/2 from the first: the second lag takes most.
	it('gives the ledger the rest, by its lags as a beam', () => {
		const one = asked(planOf(deck({ layers: 1 }, bins({ count: 1 }))));
		// Three equal spans, P = 1 at a = 8.5, b = 7.5 of the first: 4 M1 + M2 = a (L2 - a2) / L2 x ... = 8.5 (256 - 72.25)
		// / 256 = 6.1011; M1 + 4 M2 = 0: M1 = 1.6270, M2 = -0.4067. Second lag: 8.5/16 + M1/16 + (M1 - M2)/16 = 0.7600.
		// A stack at 31 1/2 (2 1/2 short of the third) lies further off the second; at 10 1/2 it is the worst for it. The
		// third has of one at 31 1/2: nearly all. Whichever it is, no more than the whole.
		const wood = own * (1 - self.at[2] / inch(hang));
		const most = one.all.studs.get('s1')!.load;
		expect(most).toBeGreaterThan(lb(20 * (1 - 15.5 / hang) * 0.76));
		expect(most).toBeLessThan(lb(20 * (1 - 15.5 / hang) + wood));
	});
	// Each stud is turned by what it has, 1 1/2 of ledger, 1/2 of drywall and half of its 3 1/2 out: 3.75 in; pinned at
	// floor and plate 96 up, most of it above or below the lag at 61 3/4.
	it('bends its studs by how far the members end from their middle', () => {
		const stud = all.studs.get('s2')!;
		const turned = stud.load * inch(3.75);
		const most = Math.max(61.75, 96 - 61.75) / 96;
		const bends = stud.check!.lines.find((l) => l.label === 'bends')!.result.value;
		expect(bends / (turned * most)).toBeCloseTo(1, 3);
	});
	it('turns the ledger about its foot, by its thickness over half its height', () => {
		const key = all.holders.get('x')!.path.find((c) => c.title === 'ledger')!.id;
		const across = line(key, 'each stud');
		expect(line(key, 'turned')).toBeCloseTo((across * 1.5) / 1.75, 6);
	});

	// Limited storage, 20 lb a square foot over 16 in of 12 ft: 20 x 16/12 x 144 / 8 = 480 lb ft; half of it is free.
	it('bends its joists by where the hang line is', () => {
		const worst = [...all.joists.values()].reduce((a, b) => (b.load > a.load ? b : a));
		const { demand, capacity } = worst.check!.load!;
		expect(capacity.value / (lb(1) * inch(12))).toBeCloseTo(240, 0);
		expect(demand.value).toBeCloseTo((worst.load * inch(hang) * inch(144 - hang)) / inch(144), 0);
		expect(all.joists.size).toBe(4);
	});
	it('adds up on its joists with another deck beside it', () => {
		const other = { ...deck(), id: 'y', mount: { kind: 'own' as const, x: inch(6), y: inch(60) } };
		const two = checkPlan({ ...plan, holders: [deck(), other] });
		for (const [id, joist] of all.joists) expect(two.joists.get(id)!.load).toBeCloseTo(2 * joist.load, 4);
	});

	// One member ends on ledger and rail: a stack of 40, half of it out at 15 1/2 of 31 1/16, 16 in apart under bins of
	// 21: 1.25 x 15.75 / 21 is under 1; and its tenth of the wood. Half on each screw.
	it('holds its members by screws in end grain, which count two thirds across', () => {
		const c = check('holder:x:joints-of-the-frame');
		expect(c.load!.demand.value / lb((40 * (1 - 15.5 / hang) + own / 10) / 2)).toBeCloseTo(1, 3);
		const { lateral } = { lateral: c.load!.capacity.value };
		// #10 in SPF, two inches in: 83.7 lb by the table; 0.9, 0.67, a thicker side: not far from it.
		expect(lateral / N_PER_POUND).toBeGreaterThan(83.7 * 0.9 * 0.67 * 0.9);
		expect(lateral / N_PER_POUND).toBeLessThan(83.7 * 0.9 * 0.67 * 1.7);
	});
});

/** Reactions of a beam on supports under one weight, by stiffness: elements, whole matrices, ml-matrix. */
function byStiffness(supports: readonly number[], x: number): number[] {
	const at = [...new Set([...supports, x])].sort((a, b) => a - b);
	const n = 2 * at.length;
	const K = Matrix.zeros(n, n);
	at.slice(1).forEach((y, i) => {
		const e = y - nth(at, i);
		const k = [
			[12, 6 * e, -12, 6 * e],
			[6 * e, 4 * e * e, -6 * e, 2 * e * e],
			[-12, -6 * e, 12, -6 * e],
			[6 * e, 2 * e * e, -6 * e, 4 * e * e]
		];
		k.forEach((row, p) => row.forEach((v, q) => K.set(2 * i + p, 2 * i + q, K.get(2 * i + p, 2 * i + q) + v / e ** 3)));
	});
	// Very stiff springs stand in for supports.
	const STIFF = 1e6;
	for (const s of supports)
		K.set(2 * at.indexOf(s), 2 * at.indexOf(s), K.get(2 * at.indexOf(s), 2 * at.indexOf(s)) + STIFF);
	const f = Matrix.zeros(n, 1);
	f.set(2 * at.indexOf(x), 0, 1);
	const w = solve(K, f);
	return supports.map((s) => STIFF * w.get(2 * at.indexOf(s), 0));
}

describe('bins where they weigh most', () => {
	const d: DeckFrame = {
		width: 16,
		hangLine: 8,
		hangers: [1, 7, 15],
		own: { weight: 0, z: 4 },
		stacks: {
			places: [2, 6, 10, 14].flatMap((x) => [2, 6].map((z) => ({ x, z }))),
			weight: 10,
			high: 2,
			count: 3
		}
	};
	/** Every way to lay so many bins on eight places, two on each other at most: the most that something comes to. */
	function tried(of: (x: number, z: number) => number, count = 3): number {
		let most = 0;
		const values = d.stacks.places.map((p) => of(p.x, p.z));
		const lay = (i: number, left: number, sum: number) => {
			most = Math.max(most, sum);
			if (i === values.length) return;
			for (let n = 0; n <= Math.min(2, left); n++) lay(i + 1, left - n, sum + n * 10 * nth(values, i));
		};
		lay(0, count, 0);
		return most;
	}
	it('are found as trying every way to stand them finds, each beam by another solver', () => {
		hangerLoads(d).forEach((v, h) =>
			expect(v).toBeCloseTo(
				tried((x, z) => (z / 8) * nth(byStiffness(d.hangers, x), h)),
				3
			)
		);
		const lags = [0.5, 6, 9, 15.5];
		ledgerLoads(d, lags).forEach((v, s) =>
			expect(v).toBeCloseTo(
				tried((x, z) => (1 - z / 8) * nth(byStiffness(lags, x), s)),
				3
			)
		);
		const joists = [2, 8, 14];
		spreaderLoads(d, joists).forEach((v, j) =>
			expect(v).toBeCloseTo(
				tried((x, z) =>
					byStiffness(d.hangers, x).reduce(
						(sum, r, h) => sum + (z / 8) * r * nth(byStiffness(joists, nth(d.hangers, h)), j),
						0
					)
				),
				3
			)
		);
	});
	// As many as there is room for: those that would lift a hanger stand elsewhere, or are off.
	it('are off where they would ease what is asked about, however many there are', () => {
		const full = { ...d, stacks: { ...d.stacks, count: 16 } };
		hangerLoads(full).forEach((v, h) =>
			expect(v).toBeCloseTo(
				tried((x, z) => (z / 8) * nth(byStiffness(d.hangers, x), h), 16),
				3
			)
		);
	});
	it('never weigh less when there is one more', () => {
		const more = { ...d, stacks: { ...d.stacks, count: 4 } };
		hangerLoads(more).forEach((v, h) => expect(v).toBeGreaterThanOrEqual(nth(hangerLoads(d), h)));
	});
});

describe('what a deck stands on', () => {
	const judged = (rack: Rack, wall: Partial<Wall> = {}) => checkPlan(planOf(rack, wall)).holders.get('x')!;
	const step = (rack: Rack, title: string, wall: Partial<Wall> = {}) =>
		judged(rack, wall).path.find((c) => c.title === title)!;

	it('is not one lag of its ledger, nor one joist: it turns about that', () => {
		const one = deck({ ledger: { ...START.ledger, at: [AT[1]] } });
		expect(step(one, 'ledger').reason.text).toContain('one lag alone');
		expect(judged(one).verdict).toBe('does-not-hold');
		const joist = deck({ spreader: { ...START.spreader, at: [AT[1]] } });
		expect(step(joist, 'spreader lags').reason.text).toContain('one place alone');
		expect(judged(joist).verdict).toBe('does-not-hold');
	});
	// Half of 1 1/2 less three diameters of 3/8 or so: a lag 1/2 in off the middle of its joist splits it.
	it('is no lag that stands at the side of its joist', () => {
		const beside = AT.map((x) => x + inch(0.5));
		const off = deck({ spreader: { ...START.spreader, at: beside } });
		expect(step(off, 'spreader lags').verdict).toBe('does-not-hold');
		expect(checkPlan(planOf(off)).joists.size).toBe(0);
	});
	// The same ledger on four studs, one of them softer: that one is looked up as itself, and not the most loaded one.
	it('is every stud as it is', () => {
		const soft = studs.map((s) => (s.id === 's3' ? { ...s, species: 'western-cedars' as const } : s));
		const margins = (wall: Partial<Wall>) =>
			judged(deck(), wall)
				.path.filter((c) => c.title === 'ledger')
				.map((c) => c.margin!);
		expect(margins({})).toHaveLength(4);
		const [before, after] = [margins({}), margins({ studs: soft })];
		expect(after.filter((m, i) => m < nth(before, i) - 1e-9)).toHaveLength(1);
	});
	// One bin of 20 lb and 12 in on a deck of three columns: it bends the rail as if it stood at the worst of them.
	it('is bent by a bin wherever that may stand', () => {
		const one = deck({ layers: 1 }, bins({ count: 1 }));
		const rail = step(one, 'front rail: bending').load!.demand.value;
		const full = step(deck({ layers: 1 }, bins({ count: 3 })), 'front rail: bending').load!.demand.value;
		expect(rail).toBeCloseTo(full, 9);
	});
	// As a beam on lags 2 18 34 50 under a deck of 63: 13 in of it hang past the last. A stack of 40 lb at 52 1/2 is
	// 2 1/2 past it, by (1 - 15.5 / 31.0625) of 40: 50.1 lb in and the own wood, on 1 1/2 by 3 1/2: S 3.0625.
	it('bends its ledger between the lags and past them', () => {
		const fb = step(deck(), 'ledger: bending').load!.demand.value / 0.006894757;
		expect(fb).toBeGreaterThan((40 * (1 - 15.5 / 31.0625) * 2.5) / 3.0625);
		const sparse = deck({ ledger: { ...START.ledger, at: [AT[0], AT[3]] } });
		expect(step(sparse, 'ledger: bending').load!.demand.value / 0.006894757).toBeGreaterThan(2 * fb);
	});
	it('of a board that no table knows screws in is not judged, and the studs carry it all the same', () => {
		const mdf = deck({ spreader: { ...START.spreader, at: AT, stock: 'mdf-3/4' } });
		expect(judged(mdf).verdict).toBe('cannot-be-judged');
		const loaded = [...checkPlan(planOf(mdf)).studs.values()].reduce((sum, s) => sum + s.load, 0);
		expect(loaded / N_PER_POUND).toBeGreaterThan(50);
	});
});

describe('a deck that cannot be hung so', () => {
	it('says what is not over it or behind it', () => {
		expect(says(planOf(deck({ spreader: { ...START.spreader, at: [10, 26, 42].map(inch) } }))).join()).toContain(
			'No lag of the spreader is well under a joist'
		);
		expect(says(planOf(deck(), { ceiling: { ...CEILING, direction: 'along' } })).join()).toContain(
			'is under no joist: they run along the wall'
		);
		// Joists along the wall with one over the hang line, 31 in out.
		const over = { ...CEILING, direction: 'along' as const, first: inch(31 + 1 / 16), pitch: inch(16) };
		expect(says(planOf(deck(), { ceiling: over })).join()).not.toContain('is under no joist');
		expect([...checkPlan(planOf(deck(), { ceiling: over })).joists.keys()]).toEqual(['joist-1']);
	});
	it('is not judged without a ceiling, its span, or under trusses', () => {
		const { ceiling: _, ...none } = planOf(deck()).wall;
		const judged = (wall: Wall) => checkPlan({ ...planOf(deck()), wall }).holders.get('x')!;
		expect(judged(none).verdict).toBe('cannot-be-judged');
		const { span: _s, ...spanless } = CEILING;
		expect(judged({ ...none, ceiling: spanless }).path.find((c) => c.title === 'joists')?.reason.text).toContain(
			'span'
		);
		const trusses = judged({ ...none, ceiling: { ...CEILING, kind: 'trusses' } });
		expect(trusses.verdict).toBe('cannot-be-judged');
		expect(trusses.path.find((c) => c.title === 'joists')?.reason.text).toContain('trusses');
	});
	it('stands in the travel of a door, or too near under the joists for its bins', () => {
		const door = {
			id: 'd',
			kind: 'overhead-door' as const,
			name: 'Door',
			x: inch(4),
			y: 0,
			width: inch(80),
			height: inch(60),
			out: 50,
			motion: { kind: 'overhead' as const, rise: inch(10), travel: inch(70) }
		};
		const stops = checkPlan(planOf(deck(), { obstructions: [door] })).warnings.filter((w) => w.level === 'stop');
		expect(stops.length).toBeGreaterThan(0);
		expect(says(planOf(deck({}, bins(), inch(70)))).join()).toContain('do not come out over the lip');
	});
	it('does not take bins wider than what is between its hangers', () =>
		expect(says(planOf(deck({ hangers: { ...START.hangers, at: [4, 20, 36, 52, 62].map(inch) } }))).join()).toContain(
			'does not come out between hangers'
		));
	it('finds its studs and joists by one press', () => {
		const off = deck({ ledger: { ...START.ledger, at: [inch(5)] }, spreader: { ...START.spreader, at: [inch(5)] } });
		const plan = planOf(off);
		const [c] = onStuds(plan, off).carriers;
		const { ledger, spreader } = c!.params as { ledger: { at: number[] }; spreader: { at: number[] } };
		expect(ledger.at.map((x) => Math.round(x / MM_PER_INCH))).toEqual([2, 18, 34, 50]);
		expect(spreader.at.map((x) => Math.round(x / MM_PER_INCH))).toEqual([2, 18, 34, 50]);
	});
});
