import { describe, expect, it } from 'vitest';
import type { Carrier } from '$core/plan/types';
import { stock } from '$core/materials/stocks';
import { planOf, THING } from '../../support/carrier-plan';
import { g } from '../../support/rack-by-hand';
import { asked } from '../../support/small-wall';

/** Blocks of a 2x4 with holes, worked with a pencil: their section, what they weigh, and how their screws are asked. */
const inch = 25.4;
const { density } = stock('2x4');
const BIT = { ...THING, mass: 0.1, width: 30, height: 70, depth: 30, count: 4 };
const SCREWS = { size: '#8', length: 50.8 };

describe('angled blocks: a squared 2x4 ripped at 35 degrees through its centre', () => {
	const params = {
		length: (6 + 1 / 16) * inch,
		stock: '2x4',
		wide: 3.5 * inch,
		rip: 35,
		kerf: 0,
		blocks: 2,
		gap: 60,
		spacing: { kind: 'end-margins', count: 2, margin: 1.5 * inch },
		hole: (3 / 8) * inch,
		deep: inch,
		screws: SCREWS
	};
	const carrier = (over: object = {}, load: object = {}): Carrier => ({
		id: 'c1',
		kind: 'angled-blocks',
		at: { on: 'back', x: 40, y: 20 },
		params: { ...params, ...over },
		loads: [{ ...BIT, ...load }]
	});
	const p = asked(planOf(300, [carrier()]));
	const { built } = p.all.holders.get('h')!.placed;
	// Halves of 3 1/2, and up and down from there by half of 1 1/2 along the slant.
	const rise = 0.75 * inch * Math.tan((35 * Math.PI) / 180);
	const [back, front] = [1.75 * inch + rise, 1.75 * inch - rise];
	const t = 1.5 * inch;

	it('has its holes 3 1/16 apart: common practice', () => {
		const [a, b] = built.seats;
		expect(b!.at[0] - a!.at[0]).toBeCloseTo((3 + 1 / 16) * inch, 6);
	});
	it('weighs half of the board each, less its holes, and stands out by the middle of its section', () => {
		const { own } = built.carriers[0]!;
		const L = params.length;
		const hole = (Math.PI * params.hole ** 2 * inch) / 4;
		expect(own.mass).toBeCloseTo((2 * ((3.5 * inch * t * L) / 2 - 2 * hole) * density) / 1e9, 6);
		// A rectangle as high as its front, and a triangle on it that is highest at the back.
		const [rect, tri] = [front * t, ((back - front) * t) / 2];
		const section = (rect * (t / 2) + tri * (t / 3)) / (rect + tri);
		// Holes stand square to the slope: their middles lie half an inch in from its middle, out and down.
		const holeOut = t / 2 - (inch / 2) * Math.sin((35 * Math.PI) / 180);
		const volume = (3.5 * inch * t * L) / 2;
		expect(own.at[2] - built.front).toBeCloseTo((volume * section - 2 * hole * holeOut) / (volume - 2 * hole), 3);
	});
	it('turns each block about its lower edge, by what leans out over its slope and the wood', () => {
		// A bit's middle stands 70 / 2 - 25.4 along the hole above the slope.
		const out = t / 2 + (35 - inch) * Math.sin((35 * Math.PI) / 180);
		const { own } = built.carriers[0]!;
		const M = 2 * 0.1 * g * out + ((own.mass * g) / 2) * (own.at[2] - built.front);
		expect(p.line('holder:h:angled block-joint:c1', 'turns it')).toBeCloseTo(M, 3);
	});
	it('halves lose the kerf: 5 1/2 with 1/8 gives 2 11/16 each where the cut is square, more at a slant', () => {
		const { built: cut } = asked(planOf(300, [carrier({ kerf: inch / 8 })])).all.holders.get('h')!.placed;
		const lost = inch / 8 / Math.cos((35 * Math.PI) / 180) / 2;
		expect(cut.seats[0]!.at[1] - 20).toBeCloseTo(1.75 * inch - lost, 6);
	});
	it('cannot have a hole that comes out, nor be ripped to nothing', () => {
		const verdict = (over: object) => asked(planOf(300, [carrier(over)])).all.holders.get('h')?.verdict;
		// Back from the middle of the slope: 19.05 / sin 35 is 33.2, less its point.
		expect(verdict({ deep: 30.1 })).not.toBe('cannot-be-built');
		expect(verdict({ deep: 30.3 })).toBe('cannot-be-built');
		expect(verdict({ wide: 30, rip: 45 })).toBe('cannot-be-built');
		// Screws between the holes: with four holes of 24 in 154 there is no room.
		expect(verdict({ hole: 24, spacing: { kind: 'equal-gaps', count: 5 } })).toBe('cannot-be-built');
	});
});

describe('a drilled block in two steps', () => {
	const params = {
		width: 200,
		stock: '2x4',
		high: 60,
		rows: 2,
		rise: 20,
		holes: { kind: 'alike', spacing: { kind: 'equal-gaps', count: 3 }, diameter: 10 },
		deep: 30,
		screws: SCREWS
	};
	const carrier = (over: object = {}): Carrier => ({
		id: 'c1',
		kind: 'drilled-block',
		at: { on: 'back', x: 40, y: 20 },
		params: { ...params, ...over },
		loads: [{ ...BIT, count: 6 }]
	});
	const p = asked(planOf(300, [carrier()]));
	const { built } = p.all.holders.get('h')!.placed;
	const t = 1.5 * inch;
	const hole = (Math.PI * 100 * 30) / 4;
	const rows = [
		{ kg: ((200 * 60 * t - 3 * hole) * density) / 1e9, out: 1.5 * t },
		{ kg: ((200 * 80 * t - 3 * hole) * density) / 1e9, out: 0.5 * t }
	];

	it('turns about its lower edge by two rows of bits and its wood; its screws are below its holes', () => {
		const M = rows.reduce((sum, r) => sum + (3 * 0.1 + r.kg) * g * r.out, 0);
		expect(p.line('holder:h:drilled block-joint:c1', 'turns it')).toBeCloseTo(M, 3);
		// The rear row is 80 high and bored 30 deep: 50 of wood, and the screws in its middle.
		const ys = built.carriers[0]!.joints[0]!.places.map((s) => s[1] - 20);
		for (const y of ys) expect(y).toBeCloseTo(25, 9);
	});
	it('leaves as much wood beside each where they go by size', () => {
		const sizes = [4, 6, 10, 16];
		const { built: by } = asked(planOf(300, [carrier({ rows: 1, holes: { kind: 'by-size', sizes } })])).all.holders.get(
			'h'
		)!.placed;
		const web = (200 - 36) / 5;
		const xs = by.seats.map((s) => s.at[0] - 40);
		[web + 2, 2 * web + 4 + 3, 3 * web + 10 + 5, 4 * web + 20 + 8].forEach((x, i) => expect(xs[i]).toBeCloseTo(x, 9));
	});
	it('cannot have holes that leave no wood for the screws below, or beside', () => {
		const verdict = (over: object) => asked(planOf(300, [carrier(over)])).all.holders.get('h')?.verdict;
		expect(verdict({ deep: 47 })).not.toBe('cannot-be-built');
		expect(verdict({ deep: 47.2 })).toBe('cannot-be-built');
		expect(verdict({ holes: { ...params.holes, diameter: 31 } })).toBe('cannot-be-built');
		// Gaps of 50: holes of 46.5 would leave 3.5, but a board of 38 has no room for those anyway.
		expect(verdict({ holes: { ...params.holes, spacing: { kind: 'equal-gaps', count: 15 } } })).toBe('cannot-be-built');
	});
});
