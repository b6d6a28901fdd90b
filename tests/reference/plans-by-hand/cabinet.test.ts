import { describe, expect, it } from 'vitest';
import type { Carrier, Obstruction } from '$core/plan/types';
import { kg, planOf, THING } from '../../support/carrier-plan';
import { g, t } from '../../support/rack-by-hand';
import { asked } from '../../support/small-wall';

/** A cabinet of two levels with two bays each, its doors sliding, on hinges, or a flap: worked with a pencil. */
const SLIDING = {
	kind: 'sliding',
	stock: 'ply-6',
	lower: 5,
	upper: 11,
	over: 8,
	play: 1.2,
	between: 7,
	overlap: 30,
	finger: 25
};
const HINGED = { kind: 'hinged', stock: 'ply-12', leaves: 'two', gap: 2, opens: 110, hinge: '50', count: 2 };
const FLAP = { kind: 'flap', stock: 'ply-12', gap: 2, opens: 90, hinge: '50', count: 2 };
const params = {
	width: 400,
	depth: 200,
	stock: 'ply-3/4',
	levels: [
		{ high: 150, bays: 2, each: 1 },
		{ high: 150, bays: 2, each: 1 }
	],
	own: false,
	shelves: { kind: 'housings', deep: 6 },
	doors: SLIDING as object,
	sides: { stock: 'ply-3/4', screws: 4, length: 50.8 },
	ends: 3
};
const carrier = (over: object = {}, load: object = {}): Carrier => ({
	id: 'c1',
	kind: 'covered-cabinet',
	at: { on: 'back', x: 0, y: 0 },
	params: { ...params, ...over },
	loads: [{ ...THING, mass: 2, width: 150, height: 100, depth: 120, count: 4, ...load }]
});
const span = 400 - 2 * t;
const high = 3 * t + 300;
const shut = (over: object = {}, load: object = {}) => asked(planOf(520, [carrier(over, load)]));
const h = (p: ReturnType<typeof asked>) => p.all.holders.get('h')!;
const said = (p: ReturnType<typeof asked>) => p.all.warnings.map((w) => `${w.level}: ${w.message.text}`).join('\n');

describe('a cabinet with sliding doors', () => {
	const p = shut();
	// Two grooves of 6 + 1.2 with 7 before and between them, and 2 clear behind.
	const inside = 200 - 2 * (7 + 7.2) - 2;
	const panel = { w: (span + 30) / 2, h: high - 2 * t + 8 };
	const panels = kg(2 * (panel.w * panel.h - (Math.PI * 25 ** 2) / 4) * 6);
	const shelf = kg((span + 12) * inside * t);
	const divider = kg(inside * 150 * t);
	const bottom = kg(span * 200 * t - 2 * span * 7.2 * 5);
	const top = kg(span * 200 * t - 2 * span * 7.2 * 11);
	const sides = kg(2 * (200 * high * t - inside * t * 6));
	const bay = (span - t) / 2;
	/** Shares of an end in what stands in each bay, pushed to that end of it. */
	const pushed = 1 - 75 / span + (1 - (bay + t + 75) / span);

	it('weighs what its boards weigh, housings, grooves and finger holes out of them', () => {
		const own = h(p).placed.built.carriers[0]!.own.mass;
		expect(own).toBeCloseTo(sides + top + bottom + shelf + 2 * divider + panels, 6);
	});
	it('has a shelf that bears on its housings: things pushed to one end, and half of its wood with a divider on it', () => {
		const W = g * (2 * pushed + (shelf + divider) / 2);
		const id = 'holder:h:shelf end-housed:c1';
		expect(p.line(id, 'on one end')).toBeCloseTo(W, 3);
		// A thing stands with its front at the front of the shelf: its middle 60 behind that, 84.8 is the shelf's middle.
		const off = inside - 60 - inside / 2;
		expect(off).toBeLessThan(inside / 6);
		expect(p.line(id, 'presses')).toBeCloseTo((W * (1 + (6 * off) / inside)) / (inside * 6), 4);
	});
	it('has a bottom that carries its things, a divider and both doors slid to one end', () => {
		const slid = panels * (1 - panel.w / 2 / span);
		const W = g * (2 * pushed + (bottom + divider) / 2 + slid);
		expect(p.line('holder:h:bottom end-joint:c1', 'across one')).toBeCloseTo(W / 3, 3);
	});
	it('says what to mark: panels, grooves, bays, and the diagonal', () => {
		const { placed } = h(p);
		const door = placed.built.parts.find((x) => x.name === 'left door')!;
		expect(door.outline.outer[2]).toMatchObject({ x: panel.w, y: panel.h });
		// It stands on the floor of its groove, in the middle of its play: the front one.
		expect(door.stands[0]!.at[1]).toBeCloseTo(t - 5, 6);
		expect(door.stands[0]!.at[2] - placed.built.front).toBeCloseTo(200 - 7 - 7.2 + 0.6, 6);
		expect(placed.built.carriers[0]!.retention[0]!.forward).toEqual({ by: 'the doors, shut' });
	});
	it.each([
		[{ over: 12 }, /stop: A panel {o} higher than its opening cannot be lifted in/],
		[{ over: 5 }, /stop: A panel {o} higher than its opening falls out/],
		[{ over: 6 }, /mind: Only {h} of a panel stands in the upper groove/],
		[{ play: 0.4 }, /stop: A panel binds as it is tipped in/],
		[{ upper: 15 }, /stop: An upper groove of {d} leaves {l}/],
		[{ overlap: 4 }, /mind: An overlap of {o} lets dust in/]
	])('says of doors %j what is wrong', (change, words) => {
		expect(said(p)).not.toMatch(words);
		expect(said(shut({ doors: { ...SLIDING, ...change } }))).toMatch(words);
	});
	it('says what does not go in', () => {
		expect(said(shut({}, { depth: inside + 1 }))).toMatch(/stop: Level 1: what stands there is {d} deep/);
		expect(said(shut({}, { depth: inside - 1 }))).not.toMatch(/deep, and/);
		expect(said(shut({}, { height: 151 }))).toMatch(/stop: Level 1: what stands there is {h} high/);
		expect(said(shut({}, { width: bay + 1 }))).toMatch(/stop: Level 1: {n} of {w} are wider/);
	});
	it('has housings that leave enough of its sides, and no screw in them', () => {
		const deep = (mm: number, screws = 4) =>
			said(shut({ shelves: { kind: 'housings', deep: mm }, sides: { ...params.sides, screws } }));
		expect(deep(10)).toMatch(/mind: Housings {d} deep leave {l} of the sides/);
		expect(deep(15)).toMatch(/stop: Housings {d} deep leave/);
		// Three screws: the middle one stands at half the height, where the shelf is; four pass it.
		expect(deep(8, 3)).toMatch(/stop: A screw of a side comes out in a housing/);
		expect(deep(8, 4)).not.toMatch(/comes out in a housing/);
		expect(deep(6, 3)).not.toMatch(/comes out in a housing/);
	});
});

describe('a cabinet with doors on hinges', () => {
	const p = shut({ doors: HINGED });
	const door = { w: (400 - 3 * 2) / 2, h: high - 4 };
	const each = kg(door.w * door.h * 12);

	it('is weighed with its doors open, square to it, which pulls its screws most', () => {
		const { own, frame } = h(p).placed.built.carriers[0]!;
		const bare = h(shut({ doors: { kind: 'none' } })).placed.built.carriers[0]!.own;
		const z = 200 + 3 + door.w / 2;
		expect(own.mass).toBeCloseTo(bare.mass + 2 * each, 6);
		const turn = own.mass * (own.at[2] - frame.at[2]) - bare.mass * (bare.at[2] - frame.at[2]);
		expect(turn).toBeCloseTo(2 * each * z, 3);
		// Left and right alike: it stays in its middle along.
		expect(own.at[0]).toBeCloseTo(200, 6);
	});
	it('pulls its side’s screws by all of that', () => {
		const bare = shut({ doors: { kind: 'none' } });
		const id = 'holder:h:side-joint:c1';
		const W = 2 * each * g;
		const more = p.line(id, 'turns it') - bare.line(id, 'turns it');
		expect(more).toBeGreaterThan((W / 2) * (200 + door.w / 2));
	});
	it('takes hinges that are wide enough for its edge and strong enough for its doors', () => {
		expect(said(shut({ doors: { ...HINGED, hinge: '75' } }))).toMatch(/stop: A hinge leaf of {l} is wider/);
		// One of 396 of 3/4 ply: 1.42 kg × 198 over hinges 231 apart is 12 N, and two of 38 are taken for 2 kg.
		const one = { ...HINGED, hinge: '38', leaves: 'left', stock: 'ply-3/4' };
		expect(said(shut({ doors: one }))).toMatch(/mind: Open, a door {w} wide pulls its upper hinge/);
		expect(said(shut({ doors: { ...one, hinge: '50' } }))).not.toMatch(/hinge/);
	});

	const at = (over: Partial<Obstruction>): Obstruction => ({
		id: 'o1',
		kind: 'shelf' as never,
		name: 'post',
		x: 0,
		y: 1000,
		width: 40,
		height: 600,
		...over
	});
	const withPost = (x: number, out: number, doors: object = HINGED) => {
		const plan = planOf(520, [carrier({ doors })]);
		const obstructions = [at({ kind: 'other', x, out })];
		return said(asked({ ...plan, wall: { ...plan.wall, obstructions } }));
	};
	it('swings free of what stands beside it, or says what it hits', () => {
		// It hangs from 300 to 700; a door opens 110 degrees about 300, so it comes out to the left by 197 × sin 20 = 68,
		// at most (12 + 3) more for its own thickness.
		const front = h(p).placed.built.front + 200;
		expect(withPost(190, front + 150)).not.toMatch(/would hit/);
		expect(withPost(225, front + 150)).toMatch(/stop: Its left door would hit {name}/);
		// What stands out no further than the cabinet's own front is not reached.
		expect(withPost(225, front - 20)).not.toMatch(/would hit/);
		// Opened square it does not come past its own side.
		expect(withPost(225, front + 150, { ...HINGED, opens: 80 })).not.toMatch(/would hit/);
	});
});

describe('a cabinet with a flap', () => {
	const p = shut({ doors: FLAP });
	it('is weighed with its flap straight out', () => {
		const flap = { w: 396, h: high - 4 };
		const weighs = kg(flap.w * flap.h * 12);
		const { own, frame } = h(p).placed.built.carriers[0]!;
		const bare = h(shut({ doors: { kind: 'none' } })).placed.built.carriers[0]!.own;
		const turn = own.mass * (own.at[2] - frame.at[2]) - bare.mass * (bare.at[2] - frame.at[2]);
		expect(turn).toBeCloseTo(weighs * (200 + 3 + flap.h / 2), 3);
	});
	it('asks for a stay, and hits what is above it when it opens past level', () => {
		expect(said(p)).toMatch(/mind: An open flap falls/);
		const plan = planOf(520, [carrier({ doors: { ...FLAP, opens: 180 } })]);
		expect(said(asked(plan))).not.toMatch(/would hit the ceiling/);
		// Its top is 165.6 below the row's: with 354 of flap above it it needs some 1,710.
		const low = { ...plan, wall: { ...plan.wall, height: 1650 } };
		expect(said(asked(low))).toMatch(/stop: Its flap would hit the ceiling/);
	});
});
