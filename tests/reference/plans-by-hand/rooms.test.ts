import { describe, expect, it } from 'vitest';
import type { Carrier } from '$core/plan/types';
import { kg, planOf, THING } from '../../support/carrier-plan';
import { g, t } from '../../support/rack-by-hand';
import { asked } from '../../support/small-wall';

/**
 * Plans with one carrier each that gives things a room of their own, worked with a pencil from the thing on its seat to
 * the screws in the back. Ply throughout; the wall of one-rack.test.ts.
 */
const BOTTLE = { ...THING, mass: 1, width: 70, height: 70, depth: 200 };
const span = 400 - 2 * t;

describe('pigeonholes', () => {
	const params = {
		width: 400,
		depth: 120,
		stock: 'ply-3/4',
		columns: 3,
		rows: 2,
		hole: 74,
		rowPitch: 110,
		lip: 6,
		sides: { stock: 'ply-3/4', screws: 3, length: 50.8 },
		ends: 2
	};
	const carrier = (over: object = {}, load: object = {}): Carrier => ({
		id: 'c1',
		kind: 'pigeonholes',
		at: { on: 'back', x: 0, y: 0 },
		params: { ...params, ...over },
		loads: [{ ...BOTTLE, count: 6, ...load }]
	});
	const p = asked(planOf(400, [carrier()]));
	const high = 2 * 110 + t;
	const sides = { kg: kg(2 * 120 * high * t), out: 60 };
	const shelves = { kg: kg(2 * span * 120 * t), out: 60 };
	const front = { kg: kg((400 * high - 6 * Math.PI * 37 ** 2) * t), out: 120 + t / 2 };
	const own = [sides, shelves, front].reduce((sum, w) => sum + w.kg, 0) * g;
	/** Bottles of 200 on shelves that end at the front's face, 120 and a board out: they reach past it, from the face. */
	const out = 100;

	it('bend each shelf by its own three bottles, and by half of the wood', () => {
		const at = [span / 6, span / 2, (5 * span) / 6];
		const R = (3 * g + own / 2) / 2;
		// What is 70 wide in the middle lies half to either side: a quarter of it is its lever.
		const M = R * (span / 2) - g * (span / 2 - at[0]!) - (g / 2 + own / 4) * (70 / 4);
		expect(p.line('holder:h:shelf-bending:c1', 'bends by')).toBeCloseTo(M, 1);
	});
	it('hang either side with what lies nearer to it, and turn both about their feet', () => {
		// Two rows: a sixth, a half and five sixths of a bottle each, one out and 100 from the face.
		const things = 2 * (5 / 6 + 1 / 2 + 1 / 6) * g;
		const M = things * out + sides.kg * g * 60 + shelves.kg * g * 60 + front.kg * g * front.out;
		expect(p.line('holder:h:side-joint:c1', 'turns it')).toBeCloseTo(M, 1);
	});
	it('hold each shelf by two screws in its end', () => {
		const end = (5 / 6 + 1 / 2 + 1 / 6) * g + own / 4;
		expect(p.line('holder:h:shelf end-joint:c1', 'across one')).toBeCloseTo(end / 2, 3);
	});
	it('let a bottle tip out whose middle is past the front, and say so', () => {
		const long = asked(planOf(400, [carrier({}, { depth: 2 * (120 + t) + 2 })]));
		expect(long.all.holders.get('h')?.verdict).toBe('cannot-be-built');
		const fits = asked(planOf(400, [carrier({}, { depth: 2 * (120 + t) - 2 })]));
		expect(fits.all.holders.get('h')?.verdict).not.toBe('cannot-be-built');
	});
	it('cannot have holes that meet, or that run into the next shelf', () => {
		// Three in 364: 121.3 apart; 110 less a board and a rim leaves 85.
		expect(asked(planOf(400, [carrier({ hole: 118 })])).all.holders.get('h')?.verdict).toBe('cannot-be-built');
		expect(asked(planOf(400, [carrier({ hole: 86 })])).all.holders.get('h')?.verdict).toBe('cannot-be-built');
		expect(asked(planOf(400, [carrier({ hole: 84 })])).all.holders.get('h')?.verdict).not.toBe('cannot-be-built');
	});
});

describe('bays between dividers', () => {
	const params = {
		width: 400,
		depth: 140,
		stock: 'ply-3/4',
		bays: { kind: 'equal', count: 3 },
		high: 60,
		lip: null,
		neck: null,
		cords: null,
		sides: { stock: 'ply-3/4', height: 110, screws: 2, length: 50.8 },
		ends: 3
	};
	const carrier = (over: object = {}): Carrier => ({
		id: 'c1',
		kind: 'divided-bays',
		at: { on: 'back', x: 0, y: 10 },
		params: { ...params, ...over },
		loads: [{ ...THING, width: 60, depth: 100 }]
	});
	const clear = (span - 2 * t) / 3;
	const wood = kg(2 * 140 * 110 * t + span * 140 * t + 2 * 140 * 60 * t);
	/** Furthest out that a thing 100 deep stands. */
	const out = 140 - 50;
	const one = 2 * g;

	it('leave (W - n t) / (n + 1) clear: common practice', () => {
		const p = asked(planOf(260, [carrier()]));
		const seats = p.all.holders.get('h')!.placed.built.seats.map((s) => s.at[0]);
		seats.forEach((x, i) => expect(x).toBeCloseTo(t + clear / 2 + i * (clear + t), 6));
	});
	it('give each side what stands nearest to it in its own bay, and no more', () => {
		const p = asked(planOf(260, [carrier()]));
		// Pushed to the left end of its bay, a thing 60 wide has its middle 30 from there.
		const share = [0, 1, 2].reduce((sum, i) => sum + 1 - (i * (clear + t) + 30) / span, 0);
		const ends = p.line('holder:h:bottom end-joint:c1', 'across one');
		expect(ends).toBeCloseTo((share * one + (wood * g) / 2) / 3, 4);
		const woodTurns = kg(2 * 140 * 110 * t + span * 140 * t + 2 * 140 * 60 * t) * g * 70;
		expect(p.line('holder:h:side-joint:c1', 'turns it')).toBeCloseTo(share * one * out + woodTurns, 1);
	});
	it('give the right side its part of the wood too, where all that is heavy stands there', () => {
		const bays = { kind: 'by-width', at: [120, 240] };
		const loads = [0.1, 0.1, 5].map((mass, i) => ({
			...THING,
			name: `thing ${i}`,
			mass,
			width: 60,
			depth: 100,
			count: 1
		}));
		const right = asked(planOf(260, [{ ...carrier({ bays }), loads }]));
		// The last bay begins half a divider past 240 and ends at the side: a thing may stand at that end of it.
		const rightmost = [120 - t / 2 - 30, 240 - t / 2 - 30, span - 30];
		const ends = right.line('holder:h:bottom end-joint:c1', 'across one');
		const weight = right.all.holders.get('h')!.placed.built.carriers[0]!.own.mass * g;
		const things = ([0.1, 0.1, 5].reduce((sum, m, i) => sum + m * rightmost[i]!, 0) * g) / span;
		expect(ends).toBeCloseTo((things + weight / 2) / 3, 4);
	});
	it('bend the bottom, behind its slots only, and the fingers beside them by half of a thing each', () => {
		const p = asked(planOf(260, [carrier({ neck: { width: 30, deep: 80 } })]));
		expect(p.line('holder:h:bottom-bending:c1', 'section')).toBeCloseTo((60 * t ** 2) / 6, 4);
		// 121 from slot to slot less 30; the outer ones are narrower: half a bay less half a slot.
		const [between, end] = [clear + t - 30, clear / 2 - 15];
		expect(p.line('holder:h:finger:c1', 'bends by')).toBeCloseTo(one * (out - 60), 4);
		expect(p.line('holder:h:finger:c1', 'section')).toBeCloseTo((between * t ** 2) / 6, 4);
		expect(p.line('holder:h:end-finger:c1', 'bends by')).toBeCloseTo((one / 2) * (out - 60), 4);
		expect(p.line('holder:h:end-finger:c1', 'section')).toBeCloseTo((end * t ** 2) / 6, 4);
	});
	it('take a thing each of its own where they are of different widths', () => {
		const bays = { kind: 'by-width', at: [80, 200] };
		const loads = [60, 100, 140].map((width, i) => ({ ...THING, name: `thing ${i}`, width, count: 1 }));
		const found = (over: object[]) =>
			asked(planOf(260, [{ ...carrier({ bays }), loads: over as never }])).all.holders.get('h')!;
		const { built } = found(loads).placed;
		expect(built.seats.map((s) => s.load?.name)).toEqual(['thing 0', 'thing 1', 'thing 2']);
		// Bays clear: 80 - t/2; 120 - t; 164 - t/2 about.
		const [a, b] = [80 - t / 2, 120 - t];
		expect(built.seats[0]!.at[0]).toBeCloseTo(t + a / 2, 6);
		expect(built.seats[1]!.at[0]).toBeCloseTo(t + 80 + t / 2 + b / 2, 6);
		expect(found(loads).verdict).not.toBe('cannot-be-built');
		expect(found(loads.map((l, i) => (i === 0 ? { ...l, width: 80 } : l))).verdict).toBe('cannot-be-built');
	});
	it('whose things charge: the plug goes through, and its cord comes as far as an outlet, led square', () => {
		const cords = { count: 1, cord: 1000, plug: 40, hole: 45 };
		const withOutlet = (x: number | null, over: object = {}) => {
			const plan = planOf(260, [carrier({ cords: { ...cords, ...over } })]);
			const outlet = { id: 'o', kind: 'outlet' as const, name: 'by the door', width: 80, height: 120, y: 600 };
			const obstructions = x === null ? [] : [{ ...outlet, x }];
			return asked({ ...plan, wall: { ...plan.wall, obstructions } }).all;
		};
		const said = (all: ReturnType<typeof withOutlet>) => all.warnings.map((w) => w.message.text).join('\n');
		const { built, left, foot } = withOutlet(null).holders.get('h')!.placed;
		const hole = { x: left + t + clear / 2, y: foot + 10 + t + 8 + 22.5 };
		expect(built.holes).toHaveLength(1);
		expect(built.holes[0]).toMatchObject({ diameter: 45, depth: t });
		expect(left + built.holes[0]!.x).toBeCloseTo(hole.x, 6);
		expect(foot + built.holes[0]!.y).toBeCloseTo(hole.y, 6);
		expect(said(withOutlet(null))).toMatch(/no outlet on this wall/);
		// Down to the outlet's middle and along to it: a cord of 1000 has so much left for that.
		const along = 1000 - (hole.y - 660) - (2 * t + 0.01);
		expect(said(withOutlet(hole.x + along - 40 - 1))).not.toMatch(/does not reach/);
		expect(said(withOutlet(hole.x + along - 40 + 1))).toMatch(/does not reach/);
		expect(withOutlet(0, { plug: 46 }).holders.get('h')?.verdict).toBe('cannot-be-built');
	});
	it('hang above an outlet and leave room for the hand that pulls its plug', () => {
		const plan = planOf(260, [carrier({ cords: { count: 1, cord: 1000, plug: 40, hole: 45 } })]);
		const { foot, left, built } = asked(plan).all.holders.get('h')!.placed;
		const low = foot + Math.min(0, built.reach.low);
		const said = (x: number, top: number) => {
			const outlet = { id: 'o', kind: 'outlet' as const, name: 'by the door', width: 80, height: 120, x, y: top - 120 };
			const wall = { ...plan.wall, obstructions: [{ ...outlet, traced: true }] };
			return asked({ ...plan, wall })
				.all.warnings.map((w) => w.message.text)
				.join('\n');
		};
		expect(said(left + 100, low - 61)).not.toMatch(/hand on the plug|room of the plug/);
		expect(said(left + 100, low - 59)).toMatch(/Only {d} is left between it and {name}/);
		// Beside it a hand comes from the side.
		expect(said(left + 400 + 31, low + 60)).not.toMatch(/hand on the plug|room of the plug/);
	});
});

describe('docks under a board and on top of it', () => {
	const params = {
		width: 400,
		depth: 140,
		stock: 'ply-3/4',
		under: { count: 3, first: 2.5 * 25.4, pitch: 3.5 * 25.4 },
		over: { count: 3, first: 3 * 25.4, pitch: 3.5 * 25.4 },
		dock: { foot: 52, flange: 10, long: 90, base: 3, rated: 4 },
		fixing: { size: '#6', length: 15, count: 2 },
		cords: null,
		support: { kind: 'none' },
		screws: { size: '#8', length: 50.8, count: 4, glued: true }
	};
	const carrier = (over: object = {}, loads: object[] = [{}]): Carrier => ({
		id: 'c1',
		kind: 'tool-dock',
		at: { on: 'back', x: 0, y: 160 },
		params: { ...params, ...over },
		loads: loads.map((l) => ({ ...THING, width: 60, depth: 180, ...l }))
	});
	const p = asked(planOf(300, [carrier({}, [{}, { mass: 0.5, depth: 80 }])]));
	const verdict = (over: object) => asked(planOf(300, [carrier(over)])).all.holders.get('h')?.verdict;

	it('carry by their maker’s word, each by itself', () => {
		expect(p.check('holder:h:dock:c1').margin).toBeCloseTo(4 / 2, 6);
		const unsaid = asked(planOf(300, [carrier({ dock: { ...params.dock, rated: null } })]));
		expect(unsaid.check('holder:h:dock:c1').verdict).toBe('cannot-be-judged');
	});
	it('turn the board about its lower edge: tools below and batteries on top, at the middle of their docks', () => {
		const wood = kg(400 * 140 * t);
		const M = 3 * (2 + 0.5) * g * (140 - 45) + wood * g * 70;
		expect(p.line('holder:h:dock board-joint:c1', 'turns it')).toBeCloseTo(M, 2);
	});
	it('have their gussets between them: moved aside by as much as they would stand into a tool, a stop where none fits', () => {
		// The outer ones stand 30 from the ends, a board thick; a tool 60 wide on a dock of 64 reaches 32 to either side.
		const gussets = { kind: 'gussets', count: 2, height: 100, out: 110 };
		const over = { ...params.over, count: 0 };
		const found = (under: object) =>
			asked(planOf(300, [carrier({ support: gussets, under: { ...params.under, ...under }, over })])).all.holders.get(
				'h'
			)!;
		const lefts = (under: object) =>
			found(under)
				.placed.built.parts.find((x) => x.name === 'gusset')!
				.stands.map((f) => f.at[0] - t / 2);
		expect(lefts({ first: 30 + 32 + t / 2 + 0.5 })[0]).toBeCloseTo(30, 9);
		expect(lefts({ first: 30 + 32 + t / 2 - 0.5 })[0]).toBeCloseTo(29.5, 9);
		// Nearer to the end there is no room for it: it goes to the other side of the first tool, 50 apart at 114.
		expect(lefts({ first: 50, pitch: 114 })[0]).toBeCloseTo(50 + 32 + t / 2, 9);
		const full = { count: 6, first: 33, pitch: 66.5 };
		expect(found(full).verdict).toBe('cannot-be-built');
	});
	it('first at 2 1/2 below and 3 above, every 3 1/2: their screws miss each other; common practice', () => {
		expect(verdict({})).not.toBe('cannot-be-built');
		// 15 through a base of 3 is 12 from either face of 18.3: they reach past each other's points.
		expect(verdict({ over: { ...params.over, first: 2.5 * 25.4 + 5 } })).toBe('cannot-be-built');
		// Shorter ones do not.
		const short = { ...params.fixing, length: 12 };
		expect(verdict({ over: { ...params.over, first: 2.5 * 25.4 + 5 }, fixing: short })).not.toBe('cannot-be-built');
	});
	it('cannot have screws that come out of the other face, or docks past the end of their board', () => {
		expect(verdict({ fixing: { ...params.fixing, length: 20.4 } })).toBe('cannot-be-built');
		expect(verdict({ under: { ...params.under, count: 4, pitch: 110 } })).toBe('cannot-be-built');
	});
});
