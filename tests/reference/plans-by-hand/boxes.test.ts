import { describe, expect, it } from 'vitest';
import type { Carrier } from '$core/plan/types';
import { kg, planOf, SCREWS, THING } from '../../support/carrier-plan';
import { g, t } from '../../support/rack-by-hand';
import { asked } from '../../support/small-wall';

/** A box that is carried by its handle, bins on runners, jars under a board: worked with a pencil. */
describe('a box with a handle', () => {
	const params = {
		width: 400,
		depth: 140,
		stock: 'ply-3/4',
		front: 60,
		places: 2,
		handle: { diameter: 25.4, below: 30 },
		lid: null,
		sides: { stock: 'ply-3/4', height: 200, screws: 3, length: 50.8 },
		ends: 3
	};
	const carrier = (over: object = {}, load: object = {}): Carrier => ({
		id: 'c1',
		kind: 'open-box',
		at: { on: 'back', x: 0, y: 0 },
		params: { ...params, ...over },
		loads: [{ ...THING, mass: 1.5, width: 150, height: 80, depth: 100, count: 2, ...load }]
	});
	const p = asked(planOf(320, [carrier()]));
	const span = 400 - 2 * t;
	const hole = (Math.PI * 25.4 ** 2) / 4;
	const DOWEL = 690;
	const wood = kg(2 * (140 * 200 - hole) * t + span * 140 * t + 400 * (t + 60) * t) + (hole * 400 * DOWEL) / 1e9;

	it('is lifted by its handle with all that is in it, by one hand in the middle: W L / 4', () => {
		const W = (3 + wood) * g;
		expect(p.line('holder:h:cross-rod:c1', 'bends by')).toBeCloseTo((W * span) / 4, 1);
		expect(p.line('holder:h:cross-rod:c1', 'bending')).toBeCloseTo((32 * W * span) / 4 / (Math.PI * 25.4 ** 3), 4);
	});
	it('holds its bottom by three screws in either end, things pushed to it', () => {
		const pushed = 1.5 * g * (1 - 75 / span + (1 - 225 / span));
		expect(p.line('holder:h:bottom end-joint:c1', 'across one')).toBeCloseTo((pushed + (wood * g) / 2) / 3, 3);
	});
	it('must leave room for a hand under the handle, empty and full', () => {
		// 200 less 30, half a handle and the bottom is 139: a thing of 80 leaves 59, one of 105 leaves 34.
		const said = (over: object, load: object) => {
			const { warnings } = asked(planOf(320, [carrier(over, load)])).all;
			return warnings.map((w) => w.message.text).join('\n');
		};
		expect(said({}, { height: 103 })).not.toMatch(/no room for a hand/);
		expect(said({}, { height: 105 })).toMatch(/no room for a hand/);
		const low = { ...params.sides, height: 90 };
		expect(asked(planOf(320, [carrier({ sides: low })])).all.holders.get('h')?.verdict).toBe('cannot-be-built');
	});
});

describe('a box with a lid', () => {
	const params = {
		width: 400,
		depth: 140,
		stock: 'ply-3/4',
		front: 60,
		places: 2,
		handle: null,
		lid: { hinge: '50', count: 2 },
		sides: { stock: 'ply-3/4', height: 120, screws: 3, length: 50.8 },
		ends: 3
	};
	const carrier = (over: object = {}): Carrier => ({
		id: 'c1',
		kind: 'open-box',
		at: { on: 'back', x: 0, y: 0 },
		params: { ...params, ...over },
		loads: [{ ...THING, mass: 0.5, width: 150, height: 60, depth: 100, count: 2 }]
	});
	const h = (over: object = {}) => asked(planOf(320, [carrier(over)])).all.holders.get('h')!;

	it('keeps what is in it from above, hangs by two hinges, and its board counts with the box', () => {
		const { built } = h().placed;
		expect(built.carriers[0]!.retention[0]!.up).toEqual({ by: 'the lid, shut' });
		expect(built.parts.find((x) => x.name === 'hinge')!.stands).toHaveLength(2);
		const without = h({ lid: null }).placed.built.self.mass;
		expect(built.self.mass - without).toBeCloseTo(kg(400 * (140 + t) * t), 6);
		expect(built.carriers[0]!.taken.high).toBeCloseTo(120 + t, 9);
	});
	it('cannot close over a handle, and wants larger hinges for a heavy board', () => {
		expect(h({ handle: { diameter: 25, below: 30 }, sides: { ...params.sides, height: 200 } }).verdict).toBe(
			'cannot-be-built'
		);
		const said = (over: object) =>
			asked(planOf(320, [carrier(over)]))
				.all.warnings.map((w) => w.message.text)
				.join('\n');
		// 400 x 158 x 18 of ply is 0.65 kg; of a 4x4 it would be 2.9 kg with 56 more in front, over 2 for the smallest.
		expect(said({ lid: { hinge: '38', count: 2 } })).not.toMatch(/more than these hinges/);
		expect(said({ stock: '4x4', lid: { hinge: '38', count: 2 } })).toMatch(/more than these hinges/);
		expect(said({ stock: '4x4', lid: { hinge: '75', count: 2 } })).not.toMatch(/more than these hinges/);
	});
});

describe('bins on runners', () => {
	const params = {
		gap: 200,
		depth: 280,
		runner: '2x2',
		high: 38.1,
		levels: 2,
		pitch: 140,
		sides: { stock: 'ply-3/4', screws: 3, length: 50.8 },
		screws: 2
	};
	const carrier = (over: object = {}, load: object = {}): Carrier => ({
		id: 'c1',
		kind: 'bin-runners',
		at: { on: 'back', x: 20, y: 0 },
		params: { ...params, ...over },
		loads: [{ ...THING, name: 'bin', mass: 3, width: 230, height: 110, depth: 280, count: 2, ...load }]
	});
	const p = asked(planOf(400, [carrier()]));
	const { built } = p.all.holders.get('h')!.placed;
	const { own } = built.carriers[0]!;
	const verdict = (over: object, load: object = {}) =>
		asked(planOf(400, [carrier(over, load)])).all.holders.get('h')?.verdict;

	it('give two thirds of a bin to either runner, and a quarter of the wood, on two screws', () => {
		const each = (2 / 3) * 3 * g + (own.mass * g) / 4;
		expect(p.line('holder:h:runner-joint:c1', 'across one')).toBeCloseTo(each / 2, 4);
	});
	it('turn either side by two thirds of both bins, half their depth out, and by the wood', () => {
		const M = 2 * (2 / 3) * 3 * g * 140 + own.mass * g * (own.at[2] - built.front);
		expect(p.line('holder:h:side-joint:c1', 'turns it')).toBeCloseTo(M, 2);
	});
	it('stand as far apart as the gap says, their tops a pitch apart', () => {
		const runner = built.parts.find((x) => x.name === 'runner')!;
		const xs = [...new Set(runner.stands.map((s) => Math.round((s.at[0] - 20) * 100) / 100))];
		expect(xs[1]! - 38.1 - xs[0]!).toBeCloseTo(200, 2);
		expect(built.seats.map((s) => s.at[1])).toEqual([140, 280]);
	});
	it('let a bin through whose rims rest on nothing, and stop one that does not pass the next', () => {
		expect(verdict({}, { width: 208.5 })).not.toBe('cannot-be-built');
		expect(verdict({}, { width: 207.5 })).toBe('cannot-be-built');
		expect(verdict({}, { width: 200 + 2 * 38.1 - 1 })).toBe('cannot-be-built');
		expect(verdict({}, { height: 136 })).toBe('cannot-be-built');
	});
});

describe('jars under a board', () => {
	const params = {
		width: 300,
		depth: 100,
		stock: 'ply-3/4',
		count: 3,
		lid: 70,
		thick: 0.5,
		fixing: { size: '#6', length: 12, count: 3 },
		screws: { ...SCREWS, count: 3 }
	};
	const carrier = (over: object = {}): Carrier => ({
		id: 'c1',
		kind: 'jar-lids',
		at: { on: 'back', x: 50, y: 120 },
		params: { ...params, ...over },
		loads: [{ ...THING, name: 'jar', mass: 0.7, width: 72, height: 110, depth: 72, count: 3 }]
	});
	const p = asked(planOf(300, [carrier()]));

	it('hang straight from their screws: each a third of one jar', () => {
		expect(p.line('holder:h:lid-screws:c1', 'pull on one')).toBeCloseTo((0.7 * g) / 3, 6);
		// NDS 2018 12.2-2, from memory: 2850 G² D lb an inch; two thirds of 12 is thread, all of it past the lid.
		const perMm = (2850 * 0.42 ** 2 * 0.138 * 4.4482216152605) / 25.4;
		expect(p.line('holder:h:lid-screws:c1', 'thread holds')).toBeCloseTo(perMm * 8 * 0.9, 4);
	});
	it('turn their board about its lower edge, half its depth out', () => {
		const M = 3 * 0.7 * g * 50 + kg(300 * 100 * t) * g * 50;
		expect(p.line('holder:h:jar board-joint:c1', 'turns it')).toBeCloseTo(M, 3);
	});
	it('cannot have screws that come out on top, or lids that meet', () => {
		const verdict = (over: object) => asked(planOf(300, [carrier(over)])).all.holders.get('h')?.verdict;
		expect(verdict({ fixing: { ...params.fixing, length: 17.7 } })).not.toBe('cannot-be-built');
		expect(verdict({ fixing: { ...params.fixing, length: 18 } })).toBe('cannot-be-built');
		expect(verdict({ lid: 101 })).toBe('cannot-be-built');
	});
});
