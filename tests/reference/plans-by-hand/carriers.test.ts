import { describe, expect, it } from 'vitest';
import type { Carrier } from '$core/plan/types';
import { kg, planOf as plan, SCREWS, THING } from '../../support/carrier-plan';
import { back as cleatBack, front as cleatFront, g, stripOut, t } from '../../support/rack-by-hand';
import { asked } from '../../support/small-wall';

/**
 * Plans with one carrier each, worked with a pencil: where every newton goes, from the thing on its seat to the cleat.
 * Ply throughout, 560 kg/m3; the wall of one-rack.test.ts.
 */
/** The back and its hook: weight and distance out from the wall. */
const board = (height: number) => [
	{ w: kg(400 * height * t) * g, out: t + t / 2 },
	{ w: kg((400 * (cleatBack + cleatFront) * t) / 2) * g, out: stripOut }
];
const face = 2 * t;

describe('a slotted shelf', () => {
	const carrier: Carrier = {
		id: 'c1',
		kind: 'slotted-shelf',
		at: { on: 'back', x: 0, y: 100 },
		params: {
			width: 400,
			depth: 90,
			stock: 'ply-3/4',
			grain: 'along',
			spacing: { kind: 'equal-gaps', count: 3 },
			slot: 10,
			slotDepth: 40,
			round: false,
			small: null,
			lower: null,
			lip: null,
			support: { kind: 'blocks', count: 2, height: 60, out: 60 },
			screws: SCREWS
		},
		loads: [THING]
	};
	const p = asked(plan(220, [carrier]));
	// Three slots of 10 in 400: a pitch of 100. What rests lies at the far end: 90 - 30 / 2 from the face.
	const out = 90 - 15;
	const root = 90 - 40;
	// The shelf less its slots, about the face; two blocks of 60 x 60.
	const shelf = { kg: kg((400 * 90 - 3 * 10 * 40) * t), out: (400 * 90 * 45 - 3 * 400 * 70) / (400 * 90 - 3 * 400) };
	const blocks = { kg: kg(2 * 60 * 60 * t), out: 30 };

	it('puts a whole thing on each finger between two slots', () => {
		expect(p.line('holder:h:finger:c1', 'bends by')).toBeCloseTo(2 * g * (out - root), 4);
		expect(p.line('holder:h:finger:c1', 'bending')).toBeCloseTo((2 * g * (out - root)) / ((90 * t ** 2) / 6), 4);
	});
	it('puts half of one on each end finger, which is 95 wide', () =>
		expect(p.line('holder:h:end-finger:c1', 'bending')).toBeCloseTo((g * (out - root)) / ((95 * t ** 2) / 6), 4));
	it('turns about the foot of its blocks, things, wood and all', () => {
		const V = (6 + shelf.kg + blocks.kg) * g;
		const M = (6 * out + shelf.kg * shelf.out + blocks.kg * blocks.out) * g;
		expect(p.line('holder:h:shelf-joint:c1', 'turns it')).toBeCloseTo(M, 3);
		expect(p.line('holder:h:shelf-joint:c1', 'pull on one')).toBeCloseTo(M / (4 * (60 + t / 2)), 4);
		expect(p.line('holder:h:shelf-joint:c1', 'across one')).toBeCloseTo(V / 4, 4);
	});
	it('stands out as all of it does', () => {
		const all = [
			...board(220),
			{ w: shelf.kg * g, out: face + shelf.out },
			{ w: blocks.kg * g, out: face + blocks.out },
			{ w: 6 * g, out: face + out }
		];
		const W = all.reduce((sum, a) => sum + a.w, 0);
		expect(p.line('holder:h:seat', 'stands out')).toBeCloseTo(all.reduce((sum, a) => sum + a.w * a.out, 0) / W, 4);
		expect(p.line('holder:h:seat', 'weight')).toBeCloseTo(W, 4);
	});
});

describe('a rod between two sides, with a peg on the outside of one', () => {
	const carriers: Carrier[] = [
		{
			id: 'c1',
			kind: 'side-rod',
			at: { on: 'back', x: 50, y: 20 },
			params: {
				width: 300,
				diameter: 20,
				out: 60,
				up: 60,
				sides: { stock: 'ply-3/4', height: 120, screws: 2, length: 50.8 },
				open: false,
				keeper: false,
				takes: 3
			},
			loads: [{ ...THING, width: 100, depth: 40 }]
		},
		{
			id: 'c2',
			kind: 'pegs',
			at: { on: 'c1:left', x: 30, y: 80 },
			params: {
				width: 20,
				spacing: { kind: 'equal-gaps', count: 1 },
				diameter: 12,
				projection: 50,
				step: 0,
				depth: 10,
				tilt: 0,
				stack: 1,
				pair: null
			},
			loads: [{ ...THING, mass: 1, count: 1 }]
		}
	];
	const p = asked(plan(220, carriers));
	const depth = 60 + 10 + 16;
	const side = {
		kg: kg((depth * 120 - Math.PI * 100) * t),
		out: (depth * 120 * (depth / 2) - Math.PI * 100 * 60) / (depth * 120 - Math.PI * 100)
	};
	const rod = { kg: (Math.PI * 100 * 300 * 690) / 1e9, out: 60 };
	const peg = (Math.PI * 36 * (50 + 10) * 690) / 1e9;
	// Its bore in the side: 10 deep, in the middle of its 20, 30 in front of the back.
	const bore = { kg: kg(Math.PI * 36 * 10), out: 30 + 10 };

	it('bends the rod by its three rolls side by side in the middle', () => {
		const span = 300 - 2 * t;
		expect(p.line('holder:h:cross-rod:c1', 'bends by')).toBeCloseTo(6 * g * (span / 4 - 80 / 8), 3);
	});
	it('bends the rod by somebody who hangs on its middle: 60 lb × L / 4', () => {
		const M = (60 * 4.4482216152605 * (300 - 2 * t)) / 4;
		const grab = p.check('holder:h:grab-cross-rod:c1');
		expect(grab.load?.demand.value).toBeCloseTo((32 * M) / (Math.PI * 20 ** 3), 5);
		expect(grab.basis).toBe('grab');
	});
	it('bends the peg by its thing at its far end, out to the side', () =>
		// Peg of 50, thing of 30 at its end: 35 out from the side.
		expect(p.line('holder:h:peg:c2', 'turns the peg')).toBeCloseTo(1 * g * 35, 4));
	it('gives the side what hangs on the peg as well: at the peg’s own distance out from the back', () => {
		// Rolls slide: either side may have to take all of them. One takes all of what stands on its outside. The
		// carrier's own wood counts whole on one side: more than it ever is.
		const own = (2 * side.kg * side.out + rod.kg * rod.out - bore.kg * bore.out) * g;
		const seat = 30 + 10;
		const M = own + 6 * g * 60 + (1 + peg) * g * seat;
		expect(p.line('holder:h:side-joint:c1', 'turns it')).toBeCloseTo(M, 2);
		const y = [25, 95];
		expect(p.line('holder:h:side-joint:c1', 'pull on one')).toBeCloseTo((M * 95) / (y[0]! ** 2 + y[1]! ** 2), 3);
	});
	it('hangs all of it on the row', () => {
		const W = board(220).reduce((sum, b) => sum + b.w, 0) + (2 * side.kg + rod.kg + peg + 7 - bore.kg) * g;
		expect(p.line('holder:h:seat', 'weight')).toBeCloseTo(W, 2);
	});
});

describe('a shelf between two sides', () => {
	const carrier: Carrier = {
		id: 'c1',
		kind: 'flat-shelf',
		at: { on: 'back', x: 0, y: 10 },
		params: {
			width: 400,
			depth: 150,
			stock: 'ply-3/4',
			places: 3,
			lip: null,
			held: { kind: 'between-sides', stock: 'ply-3/4', height: 120, screws: 3, length: 50.8, up: 30, ends: 3 }
		},
		loads: [{ ...THING, width: 100, depth: 100 }]
	};
	const p = asked(plan(260, [carrier]));
	const span = 400 - 2 * t;

	it('bends as a simple beam under what stands on it and its own weight', () => {
		// Things 100 wide at a sixth, a half and five sixths; the carrier's wood counts as a point at its middle.
		const sides = kg(2 * 150 * 120 * t);
		const shelf = kg(span * 150 * t);
		const own = (sides + shelf) * g;
		const at = [span / 6, span / 2, (5 * span) / 6];
		const R = 3 * g + own / 2;
		// In the middle: the reaction, less the left thing, half of the middle one at a quarter of its width.
		const half = 50;
		const M = R * (span / 2) - 2 * g * (span / 2 - at[0]!) - (g * half) / 2;
		// The wood spreads over the width of one thing too.
		const spread = (own / 2) * (half / 2);
		expect(p.line('holder:h:shelf-bending:c1', 'bends by')).toBeCloseTo(M - spread, 0);
	});
	it('hangs on either side as if all were pushed to it, and its screws take that across', () => {
		const ends = p.line('holder:h:shelf end-joint:c1', 'across one');
		// Things 100 wide one beside the other: their middles 50, 150 and 250 from that side.
		const pushed = [50, 150, 250].reduce((sum, x) => sum + 2 * g * (1 - x / span), 0);
		// And half of the carrier's own wood.
		const own = kg(2 * 150 * 120 * t + span * 150 * t) * g;
		expect(ends).toBeCloseTo((pushed + own / 2) / 3, 3);
	});
});

describe('two rails between sides', () => {
	const carrier: Carrier = {
		id: 'c1',
		kind: 'two-rails',
		at: { on: 'back', x: 0, y: 10 },
		params: {
			width: 400,
			stock: 'ply-3/4',
			high: 45,
			gap: 30,
			behind: 20,
			places: 3,
			sides: { stock: 'ply-3/4', height: 120, screws: 2, length: 50.8 },
			ends: 2
		},
		loads: [{ ...THING, width: 40, depth: 80 }]
	};
	const p = asked(plan(260, [carrier]));
	const span = 400 - 2 * t;
	const depth = 20 + 2 * t + 30 + 10;
	const gap = 20 + t + 15;
	const sides = { kg: kg(2 * depth * 120 * t), out: depth / 2 };
	const rails = { kg: kg(2 * span * 45 * t), out: gap };
	const own = (sides.kg + rails.kg) * g;

	it('bend on edge, each under half of every head, and one under the wood of the carrier too', () => {
		const at = [span / 6, span / 2, (5 * span) / 6];
		const R = (3 * g + own) / 2;
		// Heads are 40 wide: of the middle one's half, half lies left of the middle, a quarter of its width away.
		const M = R * (span / 2) - g * (span / 2 - at[0]!) - (g / 2 + own / 2) * 10;
		expect(p.line('holder:h:rail-bending:c1', 'bends by')).toBeCloseTo(M, 1);
		expect(p.line('holder:h:rail-bending:c1', 'section')).toBeCloseTo((t * 45 ** 2) / 6, 6);
	});
	it('are screwed through the sides: either end as if all were pushed to it', () => {
		const pushed = [20, 60, 100].map((x) => 1 - x / span);
		const half = pushed.reduce((sum, share) => sum + (share * 2 * g) / 2, 0);
		expect(p.line('holder:h:rail end-joint:c1', 'across one')).toBeCloseTo((half + own / 4) / 2, 3);
		// The sides turn about their feet under that, at the middle of the gap, and under all the wood.
		const M =
			pushed.reduce((sum, share) => sum + share * 2 * g, 0) * gap + sides.kg * g * sides.out + rails.kg * g * gap;
		expect(p.line('holder:h:side-joint:c1', 'turns it')).toBeCloseTo(M, 1);
	});
	it('take one hand that pulls at their middle: 10 lb × L / 4', () => {
		const pull = (10 * 4.4482216152605 * span) / 4;
		expect(p.line('holder:h:pull-rail:c1', 'bends by')).toBeCloseTo(pull, 3);
		expect(p.line('holder:h:pull-rail:c1', 'bending')).toBeCloseTo(pull / ((45 * t ** 2) / 6), 6);
	});
	it('take somebody who hangs on one: 60 lb × L / 4 on edge, and all of it on one side’s screws', () => {
		const G = 60 * 4.4482216152605;
		expect(p.check('holder:h:grab-rail:c1').load?.demand.value).toBeCloseTo((G * span) / 4 / ((t * 45 ** 2) / 6), 5);
		// A side stands 10 past the front rail; two screws 25 from its ends turn about its foot.
		expect(p.line('holder:h:grab-side-joint:c1', 'turns it')).toBeCloseTo(G * depth, 3);
		expect(p.line('holder:h:grab-side-joint:c1', 'pull on one')).toBeCloseTo((G * depth * 95) / (25 ** 2 + 95 ** 2), 3);
	});
	it('let a head fall through that is no wider than their gap: a stop', () => {
		const thin = { ...carrier, loads: [{ ...THING, width: 40, depth: 28 }] };
		expect(asked(plan(260, [thin])).all.holders.get('h')?.verdict).toBe('cannot-be-built');
	});
});

describe('a bought hook', () => {
	const hook = (over: object = {}): Carrier => ({
		id: 'c1',
		kind: 'bought-hooks',
		at: { on: 'back', x: 100, y: 60 },
		params: {
			sort: 'hook',
			width: 200,
			spacing: { kind: 'equal-gaps', count: 1 },
			opening: 40,
			rated: 5,
			plate: { height: 80, thickness: 3, size: '#8', length: 18, count: 2 },
			...over
		},
		loads: [{ ...THING, count: 1 }]
	});
	const p = asked(plan(260, [hook()]));

	it('carries by its maker’s word: 5 kg under 2', () => {
		expect(p.check('holder:h:bought hook:c1').margin).toBeCloseTo(5 / 2, 6);
		expect(asked(plan(260, [hook({ rated: null })])).all.holders.get('h')?.verdict).toBe('cannot-be-judged');
	});
	it('turns about its plate’s lower edge: the upper of its screws takes most, by its thread in the face', () => {
		// A thing of 30 may lie at the far end of an opening of 40 before the plate; screws 10 from either end of 80.
		const M = 2 * g * (3 + 40 - 15);
		expect(p.line('holder:h:bought hook-screws:c1', 'pull on one')).toBeCloseTo((M * 70) / (10 ** 2 + 70 ** 2), 6);
		// NDS 2018 12.2-2, from memory: 2850 G² D lb an inch; two thirds of 18 is thread, all of it past the plate.
		const perMm = (2850 * 0.42 ** 2 * 0.164 * 4.4482216152605) / 25.4;
		expect(p.line('holder:h:bought hook-screws:c1', 'thread holds')).toBeCloseTo(perMm * 12 * 0.9, 4);
	});
	it('somebody hangs on is told beside the verdict: 60 lb at its tip, by its maker and by its screws', () => {
		const G = 60 * 4.4482216152605;
		expect(p.check('holder:h:grab-bought hook:c1').margin).toBeCloseTo((5 * g) / G, 6);
		const screws = p.check('holder:h:grab-bought hook-screws:c1');
		expect(screws.load?.demand.value).toBeCloseTo((G * 43 * 70) / (10 ** 2 + 70 ** 2), 5);
		expect(screws.load?.capacity.value).toBeCloseTo(
			((2850 * 0.42 ** 2 * 0.164 * 4.4482216152605) / 25.4) * 12 * 1.6,
			4
		);
		expect(screws.basis).toBe('grab');
	});
	it('keeps a thing by its sort: flat under a strap, anywhere along a pin', () => {
		const out = (sort: string) =>
			asked(plan(260, [hook({ sort })])).line(`holder:h:${sort}-screws:c1`, 'turns it') / (2 * g);
		expect(out('strap')).toBeCloseTo(3 + 15, 6);
		expect(out('magnet')).toBeCloseTo(3 + 15, 6);
		expect(out('pin')).toBeCloseTo(3 + 40 - 15, 6);
	});
	it('whose screws come out behind is a stop', () => {
		const long = hook({ plate: { height: 80, thickness: 3, size: '#8', length: 25, count: 2 } });
		expect(asked(plan(260, [long])).all.holders.get('h')?.verdict).toBe('cannot-be-built');
	});
});
