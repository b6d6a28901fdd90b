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
