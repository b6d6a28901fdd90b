import { describe, expect, it } from 'vitest';
import type { Carrier } from '$core/plan/types';
import { kg, planOf, THING } from '../../support/carrier-plan';
import { g, t } from '../../support/rack-by-hand';
import { asked } from '../../support/small-wall';

/** Boards that slope between two sides, down to the wall and down to whoever writes there, worked with a pencil. */
const span = 400 - 2 * t;
const rad = Math.PI / 180;

describe('shelves that slope down to the wall', () => {
	const params = {
		width: 400,
		deep: 110,
		slope: 20,
		stock: 'ply-3/4',
		shelves: 2,
		pitch: 170,
		places: 3,
		pins: null,
		sides: { stock: 'ply-3/4', screws: 3, length: 50.8 },
		ends: 2
	};
	const carrier = (over: object = {}): Carrier => ({
		id: 'c1',
		kind: 'sloping-shelf',
		at: { on: 'back', x: 0, y: 0 },
		params: { ...params, ...over },
		loads: [{ ...THING, mass: 1, width: 50, height: 110, depth: 110, count: 6 }]
	});
	const p = asked(planOf(400, [carrier()]));
	const { built } = p.all.holders.get('h')!.placed;
	const { own } = built.carriers[0]!;
	const wood = own.mass * g;
	const [sin, cos] = [Math.sin(20 * rad), Math.cos(20 * rad)];

	it('let a roll rest on the slope and against the face: where a circle touches both', () => {
		// The corner between them is 70 degrees; its bisector leads to the middle of the roll, 55 out.
		const up = 55 / Math.tan(35 * rad) - 55;
		expect(built.seats[0]!.at[1] - t / cos).toBeCloseTo(up, 9);
		const verdict = (deep: number) => asked(planOf(400, [carrier({ deep })])).all.holders.get('h')?.verdict;
		// It touches the slope as far from the corner as the face.
		const tangent = 55 / Math.tan(35 * rad);
		expect(verdict(tangent + 0.5)).not.toBe('cannot-be-built');
		expect(verdict(tangent - 0.5)).toBe('cannot-be-built');
	});
	it('have a section with a plumb back edge: its area is its depth times its thickness, less half of a wedge', () => {
		// From its lower side all of its depth; the upper one is shorter by the bevel.
		const shelf = kg(((110 + (110 - t * Math.tan(20 * rad))) / 2) * t * span);
		const sides = own.mass - 2 * shelf;
		const out = 110 * cos;
		const high = t / cos + 170 + 110 * sin + 10;
		// A side is cut back to half at its foot: a triangle from there up to where the first shelf ends.
		const side = kg((out * high - ((out / 2) * (110 * sin)) / 2) * t);
		expect(sides).toBeCloseTo(2 * side, 6);
	});
	it('bend each by its own three rolls, and by half of the wood', () => {
		const at = [span / 6, span / 2];
		const R = (3 * g + wood / 2) / 2;
		const M = R * (span / 2) - g * (at[1]! - at[0]!) - (g / 2 + wood / 4) * (50 / 4);
		expect(p.line('holder:h:shelf-bending:c1', 'bends by')).toBeCloseTo(M, 1);
	});
	it('hang on their sides, rolls pushed to one of them, each half its own breadth out', () => {
		const pushed = 2 * [25, 75, 125].reduce((sum, x) => sum + 1 - x / span, 0) * g;
		const M = pushed * 55 + wood * (own.at[2] - built.front);
		expect(p.line('holder:h:side-joint:c1', 'turns it')).toBeCloseTo(M, 2);
		expect(p.line('holder:h:shelf end-joint:c1', 'across one')).toBeCloseTo((pushed / 2 + wood / 4) / 2, 4);
	});
	it('hold spools on pins square to them, which stay where they are', () => {
		const pins = { diameter: 12, high: 40, deep: 10 };
		const on = asked(planOf(400, [carrier({ pins })]));
		const { built: pinned } = on.all.holders.get('h')!.placed;
		const dowel = pinned.parts.find((x) => x.name === 'pin')!;
		expect(dowel.stands).toHaveLength(6);
		// A sixth, a half, five sixths from the left: three rolls of a shelf, each by the lever rule.
		const ends = on.line('holder:h:shelf end-joint:c1', 'across one');
		const weight = pinned.carriers[0]!.own.mass * g;
		expect(ends).toBeCloseTo(((5 / 6 + 1 / 2 + 1 / 6) * g + weight / 4) / 2, 4);
		const deep = asked(planOf(400, [carrier({ pins: { ...pins, deep: t - 2 } })]));
		expect(deep.all.holders.get('h')?.verdict).toBe('cannot-be-built');
	});
});

describe('a writing slope', () => {
	const carrier: Carrier = {
		id: 'c1',
		kind: 'writing-slope',
		at: { on: 'back', x: 0, y: 0 },
		params: {
			width: 400,
			deep: 300,
			slope: 30,
			stock: 'ply-3/4',
			lip: 15,
			sides: 40,
			side: 'ply-3/4',
			screws: 3,
			length: 50.8,
			ends: 3,
			leans: 10
		},
		loads: [{ ...THING, name: 'pad', mass: 0.5, width: 210, height: 20, depth: 280, count: 1 }]
	};
	const p = asked(planOf(400, [carrier]));
	const { built } = p.all.holders.get('h')!.placed;
	const { own } = built.carriers[0]!;

	it('is as high at the face as it falls, and its front edge stands at the sides’ foot', () => {
		expect(built.carriers[0]!.taken.high).toBeCloseTo(40 + 300 * Math.sin(30 * rad) + t / Math.cos(30 * rad), 9);
	});
	it('takes an arm that leans on its very edge, all of it on either side', () => {
		const edge = 300 * Math.cos(30 * rad) + t * Math.sin(30 * rad);
		const pad = (0.5 * g * 150 * Math.cos(30 * rad)) / 2;
		const M = 10 * g * edge + pad + own.mass * g * (own.at[2] - built.front);
		expect(p.line('holder:h:side-joint:c1', 'turns it')).toBeCloseTo(M, 1);
		const ends = p.line('holder:h:slope end-joint:c1', 'across one');
		expect(ends).toBeCloseTo((10 * g + (0.5 * g) / 2 + (own.mass * g) / 2) / 3, 3);
	});
	it('hangs the arm on its row as well, but nobody lifts it there, and it is no thing', () => {
		const row = (leans: number) => {
			const other = { ...carrier, params: { ...carrier.params, leans } };
			return asked(planOf(400, [other]));
		};
		expect(p.all.given('s0') + p.all.given('s1') - row(0).all.given('s0') - row(0).all.given('s1')).toBeCloseTo(
			10 * g,
			6
		);
		expect(row(60).all.warnings.filter((w) => /Lifting/.test(w.message.text))).toEqual([]);
	});
});
