import { backOf } from '../../../../tests/support/peg-rack';
import { describe, expect, it } from 'vitest';
import { FITTING } from '../../../../tests/support/fitting-things';
import { asked, smallWall } from '../../../../tests/support/small-wall';
import { holderFor } from '../../holders/holder-for';
import { screwedAt } from '../../places/fixed/new-mount';
import type { Plan } from '../../plan/types';

const g = 9.80665;

/** A shelf on two battens, each on a stud, with a screw at its top and one at its foot. */
function onBattens(height: number, up: number): Plan {
	const made = holderFor('flat-shelf', { thing: FITTING['flat-shelf']!, count: 2, widest: 900, unit: 'mm' }, 'h');
	if (!made.ok) throw new Error(made.error);
	const start = smallWall();
	const { holder } = made.value;
	const back = { ...holder.back, width: 880, height, made: { kind: 'battens' as const, width: 70, at: [40, 840] } };
	const carriers = holder.carriers.map((c) => ({
		...c,
		at: { ...c.at, y: up },
		params: { ...c.params, width: 880 }
	}));
	const mount = screwedAt(start.wall, { x: 60, y: 600 }, back, 'mm');
	return { ...start, rows: [], holders: [{ ...holder, back, carriers, mount }] };
}
const bent = (plan: Plan) => asked(plan).check('holder:h:batten-1');

describe('one board screwed to two studs', () => {
	const boarded = (height: number, up: number): Plan => {
		const plan = onBattens(height, up);
		return {
			...plan,
			holders: plan.holders.map((h) => ({ ...h, back: { ...backOf(h), made: { kind: 'board' as const } } }))
		};
	};
	it('bends up its height as well, half way between its screws: by hand', () => {
		const plan = boarded(1200, 600);
		const { placed } = asked(plan).all.holders.get('h')!;
		const [shelf] = placed.built.carriers;
		const lever = shelf!.joints[0]!.places[0]![1] - shelf!.taken.low;
		const top = Math.max(
			...(plan.holders[0]!.mount.kind === 'fixed' ? plan.holders[0]!.mount.places.map((p) => p.y) : [])
		);
		// The board helps half its height, 600, to either side of a screw: each of two boxes goes to the screws beside it
		// by the lever rule, and in the middle of the board all their stretches lie over each other.
		const things = placed.built.seats.flatMap((s) => s.things);
		const screws = [...new Set(shelf!.joints[0]!.places.map(([x]) => x))];
		const stretch = (x: number) => Math.min(880, x + 600) - Math.max(0, x - 600);
		const bends = (kg: number, out: number) => ((kg * g * out) / lever) * (top / 4);
		const boxes = things.map((t) => {
			const after = screws.findIndex((x) => x >= t.at[0]);
			const [from, to] = [screws[after - 1]!, screws[after]!];
			const share = (t.at[0] - from) / (to - from);
			return bends(t.mass, t.at[2]) * ((1 - share) / stretch(from) + share / stretch(to));
		});
		// The shelf over all of its length, and the board, half way up, turned by half.
		const own = bends(shelf!.own.mass, shelf!.own.at[2]) / 880;
		const board = ((placed.built.self.mass - shelf!.own.mass) * g * 9) / 2 / 880;
		const perMm = boxes.reduce((sum, m) => sum + m, own + board);
		const { load } = asked(plan).check('holder:h:back-up');
		expect(things.length).toBe(2);
		expect(load!.demand.value / ((6 * perMm) / 18 ** 2)).toBeCloseTo(1, 2);
	});
	it('is turned where a peg is bored in: so much goes up to the highest screw, the rest down to the foot', () => {
		const start = smallWall();
		const rack = start.holders[0]!;
		const places = [100, 900].flatMap((x) => [30, 150].map((y) => ({ x: x - 300 + 240, y })));
		const at = { kind: 'fixed' as const, x: 60, y: 1200, screws: { size: '#10' as const, length: 76.2 }, places };
		const back = { ...backOf(rack), stock: 'ply-18' as const, width: 880, height: 180 };
		const spacing = { kind: 'pitch' as const, count: 1, inset: 440, pitch: 0 };
		const carriers = rack.carriers.map((c) => ({ ...c, params: { ...c.params, width: 880, spacing } }));
		const plan: Plan = { ...start, rows: [], holders: [{ ...rack, back, carriers, mount: at }] };
		const { placed } = asked(plan).all.holders.get('h')!;
		const [seat] = placed.built.seats;
		const up = seat!.at[1] / 150;
		expect(up).toBeGreaterThan(0.3);
		expect(up).toBeLessThan(0.5);
		// 90 to either side, less its hole; the peg's own wood over its thickness and as far beside it; the board over all.
		const hole = 19.05;
		const things = seat!.things.reduce((sum, o) => sum + o.mass * g * o.at[2], 0) * (1 - up);
		const peg = placed.built.carriers[0]!;
		const half = (peg.taken.right - peg.taken.left) / 2;
		const upPeg = peg.own.at[1] / 150;
		const pegs = peg.own.mass * g * peg.own.at[2] * Math.max(upPeg, 1 - upPeg);
		const all = placed.built.self;
		const board = g * (all.mass * all.at[2] - peg.own.mass * peg.own.at[2]);
		const upBoard = all.at[1] / 150;
		const perMm =
			things / (180 - hole) + pegs / (180 + 2 * half - hole) + (board * Math.max(upBoard, 1 - upBoard)) / (880 - hole);
		expect(asked(plan).check('holder:h:back-up').load!.demand.value).toBeCloseTo((6 * perMm) / 18 ** 2, 4);
	});
	it('bends more the longer it is free between them', () => {
		const value = (plan: Plan) => asked(plan).check('holder:h:back-up').load?.demand.value ?? 0;
		expect(value(boarded(1200, 600))).toBeGreaterThan(1.5 * value(boarded(500, 250)));
	});
});

describe('a batten', () => {
	it('bends by the pull of what is screwed to it, half way between its screws: by hand', () => {
		const plan = onBattens(1200, 600);
		const { line, all } = asked(plan);
		const M = line('fixing:h:s0', 'M: roll here');
		const { placed } = all.holders.get('h')!;
		const [shelf] = placed.built.carriers;
		const lever = shelf!.joints[0]!.places[0]![1] - shelf!.taken.low;
		const ys = plan.holders[0]!.mount.kind === 'fixed' ? plan.holders[0]!.mount.places.map((p) => p.y) : [];
		// From the foot, which presses on the wall, or the lower screw, to the upper one: the longer of the two.
		const bending = (M / lever) * (Math.max(...ys) / 4);
		expect(bent(plan).load?.demand.value).toBeCloseTo((6 * bending) / (70 * 18 ** 2), 6);
	});
	it('twice as long bends more than a short one under the same shelf', () => {
		const value = (plan: Plan) => bent(plan).load?.demand.value ?? 0;
		expect(value(onBattens(1200, 600))).toBeGreaterThan(1.5 * value(onBattens(500, 250)));
	});
});
