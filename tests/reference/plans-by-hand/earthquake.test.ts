import { describe, expect, it } from 'vitest';
import { newRack } from '$core/arrange/first-rack';
import type { RackPlaced } from '$core/places/rack/place';
import { lag } from '$core/materials/lags';
import { shakenLags } from '$core/supports/rack/uprights-quake';
import { quakePulls } from '$core/supports/quake-pulls';
import { quakeShares } from '$core/mechanics/statics/earthquake';
import { nearestTwo } from '$core/mechanics/statics/nearest-two';
import type { FixedHolder, Plan, Rack, Wall } from '$core/plan/types';
import { crush, g, PEGS, THING } from '../../support/rack-by-hand';
import { bodyOf, hung, rackOf } from '../../support/peg-rack';
import { asked, smallWall } from '../../support/small-wall';

/**
 * What an earthquake adds, worked with a pencil: a push of 0.7 × 0.4 a_p S_DS / R_p (1 + 2 z / h), a_p 1, R_p 2.5, and
 * 0.7 × 0.2 S_DS up or down. ASCE 7-16 13.3 and 2.4.5, from memory.
 */
const S = 1;
const HIGH = 2400;
const kh = (z: number) => 0.7 * Math.max(0.3 * S, ((0.4 * S) / 2.5) * (1 + (2 * z) / HIGH));
const kv = 0.7 * 0.2 * S;

describe('the share of a weight', () => {
	it('rises with height, between a floor and a ceiling', () => {
		expect(quakeShares(1, 1500, 2500).strength).toBeCloseTo(0.16 * 2.2, 9);
		// At the floor 0.16 is less than 0.3 S_DS.
		expect(quakeShares(1, 0, 2500).strength).toBeCloseTo(0.3, 9);
		expect(quakeShares(0.5, 2500, 2500).strength).toBeCloseTo(0.24, 9);
		expect(quakeShares(0.5, 9000, 2500).strength).toBeCloseTo(0.24, 9);
		expect(quakeShares(0.8, 100, 2500).upright).toBeCloseTo(0.112, 9);
	});
	it('goes to the two next to it', () => {
		expect(nearestTwo([0, 100, 300], 150)).toEqual([0, 0.75, 0.25]);
		expect(nearestTwo([0, 100, 300], 340)).toEqual([0, 0, 1.2]);
		expect(nearestTwo([50, 100], 25)).toEqual([1.5, 0]);
	});
});

describe('screws over each other, shaken', () => {
	const q = { strength: 0.43, sideways: 0.3, upright: 0.1 };
	const still = { heights: [10, 110], crush: 5, down: 100, roll: 2000, pull: 0, at: 200, times: 1, turn: null };
	it('roll out by the weight and by a push at its middle, or are pushed along', () => {
		const [out, along] = quakePulls(still, q);
		// 30 pushed 195 over the line it turns about; 2200 of its own: levers of 5 and 105.
		expect(out.pull).toBeCloseTo(((2200 + 30 * 195) * 105) / (5 ** 2 + 105 ** 2), 9);
		expect(out.across).toBeCloseTo(55, 9);
		expect(along.pull).toBeCloseTo((2200 * 105) / (5 ** 2 + 105 ** 2), 9);
		expect(along.across).toBeCloseTo(Math.hypot(55, 15), 9);
	});
	it('are pulled straight out at the least', () => {
		const [out] = quakePulls({ ...still, roll: 0, at: 5, pull: 8 }, q);
		expect(out.pull).toBeCloseTo((8 + 30) / 2, 9);
	});
	it('turn about the only ones there are', () => {
		const [, along] = quakePulls({ ...still, turn: 1000 }, q);
		// 1000 with its tenth, and 30 pushed 140 over their middle, on two screws 50 from that; 15 each of the push.
		expect(along.across).toBeCloseTo(Math.hypot(55, 15 + ((1100 + 30 * 140) * 50) / (2 * 50 ** 2)), 9);
		// Right over them the weight turns nothing: the push still does.
		const [, over] = quakePulls({ ...still, turn: 0 }, q);
		expect(over.across).toBeCloseTo(Math.hypot(55, 15 + (30 * 140 * 50) / (2 * 50 ** 2)), 9);
		const [, one] = quakePulls({ ...still, heights: [60], turn: 1000 }, q);
		expect(one.across).toBe(Infinity);
	});
});

const SCREWS = { size: '#10' as const, length: 76.2 };
const rack = rackOf(smallWall().holders[0]!);
const HEAVY = { ...THING, mass: 6 };
const FOOT = 1200;
function board(wall: Partial<Wall> = {}): Plan {
	const holder: FixedHolder = {
		id: 'h',
		name: 'Board',
		mount: {
			kind: 'fixed',
			x: 50,
			y: FOOT,
			screws: SCREWS,
			places: [30, 150].flatMap((y) => [
				{ x: 50, y },
				{ x: 850, y }
			])
		},
		...bodyOf({
			...rack,
			face: { stock: '1x8', width: 900, height: 180 },
			pegs: { ...PEGS, spacing: { kind: 'pitch', count: 1, inset: 250, pitch: 0 } },
			load: HEAVY
		})
	};
	return { ...smallWall({ wall }), rows: [], holders: [holder] };
}

describe('a board screwed to two studs, shaken', () => {
	const still = asked(board());
	const { check, line, all } = asked(board({ quake: S }));
	const KEY = 'fixing:h:s0:100:quake';
	const V = still.line('fixing:h:s0:100:screws', 'V: taken here');
	const M = still.line('fixing:h:s0:100:screws', 'M: roll here');
	// Where the middle of all of it is, above the foot: two things at the peg, the board and its peg at theirs.
	const { built } = all.holders.get('h')!.placed;
	const up = (built.self.mass * built.self.at[1] + 2 * 6 * built.seats[0]!.at[1]) / (built.self.mass + 2 * 6);
	const H = V * kh(FOOT + up);
	const [low, high] = [30 - crush, 150 - crush];
	const roll = M * (1 + kv) + H * (up - crush);

	it('is not asked for where nobody says so', () =>
		expect(still.all.checks.some((c) => c.id.includes('quake'))).toBe(false));
	it('is pushed with its share of the weight', () => {
		expect(line(KEY, 'pushed with')).toBeCloseTo(H, 6);
		expect(H / g).toBeGreaterThan(1);
		expect(line(KEY, 'weight with it')).toBeCloseTo(V * (1 + kv), 6);
	});
	it('takes the worse of out and along the wall on two screws', () => {
		const out = { T: Math.max((roll * high) / (low ** 2 + high ** 2), H / 2), Z: (V * (1 + kv)) / 2 };
		const along = { T: (M * (1 + kv) * high) / (low ** 2 + high ** 2), Z: Math.hypot((V * (1 + kv)) / 2, H / 2) };
		const c = check(KEY);
		const demand = c.load!.demand.value;
		const both = [Math.hypot(out.T, out.Z), Math.hypot(along.T, along.Z)];
		expect(Math.min(...both.map((x) => Math.abs(x - demand)))).toBeLessThan(1e-6);
		// For wood that holds 1.6 / 0.9 as much for so short a time.
		expect(c.margin).toBeGreaterThan(0);
		expect(c.margin).toBeLessThan((still.check('fixing:h:s0:100:screws').margin as number) * (1.6 / 0.9));
	});
	it('is worse the harder it shakes', () => {
		const margins = [0.2, 0.6, 1, 2, 3].map((quake) => asked(board({ quake })).check(KEY).margin as number);
		for (let i = 1; i < margins.length; i++) expect(margins[i]).toBeLessThan(margins[i - 1]!);
	});
	it('says that its things come forward where nothing keeps them', () =>
		expect(all.warnings.some((w) => /things come forward/.test(w.message.text))).toBe(true));
});

describe('a holder on a row, shaken', () => {
	const plan = (strip: 'none' | 'loose' | 'screwed', quake = S, height = 60): Plan => {
		const start = smallWall({
			wall: { quake },
			rack: { face: { stock: 'ply-3/4', width: 400, height: 320 }, pegs: { ...PEGS, height }, spacer: true }
		});
		return {
			...start,
			holders: start.holders.map((h) => {
				const of = hung(h);
				return { ...of, mount: { ...of.mount, strips: { ...of.mount.strips, lockStrip: strip } } };
			})
		};
	};
	const { line, check, all } = asked(plan('none'));
	const { placed } = all.holders.get('h')!;
	const still = asked(plan('none', 0.05));
	const W = still.line('holder:h:seat', 'weight');
	const x = still.line('holder:h:seat', 'stands out');
	const d = still.line('holder:h:seat', 'reaches down');
	const { built } = placed;
	const things = built.seats.flatMap((s) => s.things);
	const up =
		things.reduce((s, t) => s + t.mass * t.at[1], built.self.mass * built.self.at[1]) /
		things.reduce((s, t) => s + t.mass, built.self.mass);
	/** On its own cleat 45 degrees steep; it bears at its foot or on the edge of its cleat, d under the bevel. */
	const arm = placed.foot + up - (1500 + still.all.rows.get('r')!.laid.profile.back - d);

	it('stays on while its shape holds more than the push turns', () => {
		expect(line('holder:h:quake', 'pushed out')).toBeCloseTo(W * kh(placed.foot + up), 6);
		expect(arm).toBeGreaterThan(0);
		expect(line('holder:h:quake', 'takes')).toBeCloseTo((W * (1 - kv) * (d - x)) / arm, 6);
		expect(check('holder:h:quake').verdict).toBe('holds');
	});
	it('falls off once it shakes harder, if its lock strip is not screwed', () => {
		const at = (strip: 'none' | 'loose' | 'screwed') =>
			asked(plan(strip, 3, 290)).check('holder:h:quake').margin as number;
		expect(at('none')).toBeLessThan(1);
		expect(at('loose')).toBeLessThan(1);
		expect(at('screwed')).toBeGreaterThan(at('none'));
	});
	it('pulls its row out with more than all of it where its middle is over its hook', () => {
		const high = asked(plan('none', S, 318));
		const { placed: p } = high.all.holders.get('h')!;
		const all = p.built.seats.flatMap((s) => s.things);
		const mass = all.reduce((s, t) => s + t.mass, p.built.self.mass);
		const middle = all.reduce((s, t) => s + t.mass * t.at[1], p.built.self.mass * p.built.self.at[1]) / mass;
		const drop = asked(plan('none', 0.05, 318)).line('holder:h:seat', 'reaches down');
		// Its spacer bears at its foot.
		expect(middle).toBeGreaterThan(drop * 0.8);
		const heavy = plan('none', S, 318);
		const loaded = {
			...heavy,
			holders: heavy.holders.map((h) => ({
				...h,
				carriers: h.carriers.map((c) => ({ ...c, loads: c.loads.map((l) => ({ ...l, mass: 400 })) }))
			}))
		};
		const at = asked(loaded);
		const on = at.all.holders.get('h')!.placed.built;
		const things = on.seats.flatMap((s) => s.things);
		const total = things.reduce((s, t) => s + t.mass, on.self.mass);
		const up = things.reduce((s, t) => s + t.mass * t.at[1], on.self.mass * on.self.at[1]) / total;
		expect(up / drop).toBeGreaterThan(1.01);
		const V = asked({ ...loaded, wall: { ...loaded.wall, quake: 0.05 } })
			.check('fixing:r:s0:100:screws')
			.lines.find((l) => l.label.startsWith('V:'))!.result.value;
		expect(at.line('fixing:r:s0:100:quake', 'pushed with')).toBeCloseTo((V * kh(1500) * up) / drop, 3);
	});
	it('asks for a lock strip that is screwed', () => {
		const told = (strip: 'none' | 'screwed') =>
			asked(plan(strip))
				.all.warnings.map((w) => w.message.text)
				.join();
		expect(told('none')).toMatch(/A lock strip, screwed/);
		expect(told('screwed')).not.toMatch(/A lock strip, screwed/);
	});
	it('pulls its row out with its own share, at the bevel', () => {
		const screws = still.check('fixing:r:s0:100:screws');
		const V = screws.lines.find((l) => l.label.startsWith('V:'))!.result.value;
		const M = screws.lines.find((l) => l.label === 'M: roll at this stud')!.result.value;
		const { front } = still.all.rows.get('r')!.laid.profile;
		const lever = Math.max(1, arm / d);
		const H = V * kh(1500) * lever;
		expect(line('fixing:r:s0:100:quake', 'pushed with')).toBeCloseTo(H, 6);
		const rolls = asked(plan('none'))
			.check('fixing:r:s0:100:quake')
			.lines.find((l) => l.label === 'rolls out');
		// Out from the wall or along it, whichever is worse: out, if its roll is told.
		if (rolls) expect(rolls.result.value).toBeCloseTo(M * (1 + kv) + H * (front - crush), 3);
		else expect(line('fixing:r:s0:100:quake', 'across each')).toBeGreaterThan(V * (1 + kv));
	});
});

describe('a rod rack, shaken', () => {
	const params = {
		stock: '2x4',
		height: 2000,
		at: [19, 819],
		levels: [400, 1500],
		rod: 'emt-3/4',
		out: 365,
		embedded: 67,
		hole: 25.4,
		tilt: 10,
		layers: 1,
		lag: '1/4',
		lagLength: 152.4,
		lags: [80, 900, 1900],
		packing: 0
	};
	const bare = newRack('rod-rack', 'x', 'Boards', 'mm');
	const of: Rack = {
		...bare,
		mount: { kind: 'own', x: 81, y: 0 },
		carriers: [
			{
				...bare.carriers[0]!,
				params,
				loads: [
					{ name: 'low', mass: 10, width: 1200, height: 19, depth: 140, count: 1 },
					{ name: 'high', mass: 8, width: 1200, height: 19, depth: 140, count: 1 }
				]
			}
		]
	};
	const planAt = (quake?: number): Plan => ({
		...smallWall({ wall: quake ? { quake } : {} }),
		rows: [],
		holders: [of]
	});
	const still = asked(planAt());
	const { check, line } = asked(planAt(S));
	const KEY = 'fixing:x:s0:100:lags:quake';
	it('pushes each lag with what is next to it, by the lever rule', () => {
		const push = line(KEY, 'pushed with');
		const drawn = line(KEY, 'pull with it');
		const across = still.line('fixing:x:s0:100:lags', 'across each');
		// Every lag's push is a share of all that hangs there; together with the weight it goes beyond what is still.
		expect(push).toBeGreaterThan(0);
		expect(push).toBeLessThan(across * 3 * kh(1500) + 1e-9);
		expect(drawn).toBeGreaterThan(push);
		expect(check(KEY).load!.demand.value).toBeCloseTo(Math.hypot(drawn, line(KEY, 'across with it')), 6);
		expect(check(KEY).margin).toBeLessThan((still.check('fixing:x:s0:100:lags').margin as number) * (1.6 / 0.9));
	});
	it('draws a lag that is drawn already by its push as well', () => {
		const plan = planAt(S);
		const { placed } = asked(plan).all.holders.get('x')!;
		const support = (placed as RackPlaced).screws[0]!.support!;
		const lags = [80, 900].map((up) => ({
			s: { up, support },
			joint: {
				fastener: lag('1/4'),
				length: 152.4,
				side: { thickness: 88.9, G: 0.42 },
				gap: 12.7,
				main: { thickness: 88.9, G: 0.42 }
			},
			pull: up === 900 ? 500 : 0,
			across: 5
		}));
		const u = { x: 100, arms: [{ at: 900, down: 300 }], own: { at: 900, down: 0 } };
		const [judged] = shakenLags(placed as RackPlaced, plan.wall, u, 2000, lags);
		const push = 300 * kh(placed.foot + 1000);
		expect(judged!.load!.demand.value).toBeCloseTo(Math.hypot(500 * (1 + kv) + push, 5 * (1 + kv)), 6);
	});
	it('pushes all of it in all', () => {
		// The sum over lags of shares is one for whatever lies between the first and the last of them.
		for (const y of [100, 400, 899, 901, 1500]) {
			expect(nearestTwo([80, 900, 1900], y).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
		}
	});
});
