import { hung } from '../../../../tests/support/peg-rack';
import { refersTo } from '$core/mounts/registry';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { oarStoreWall, slipwayWall } from '$core/demo/slipway';
import { applyCommand } from '$core/plan/commands';
import type { Holder, Plan, Row } from '$core/plan/types';
import { sayPhrase } from '$core/units/phrase';
import { dragMove, nudgeMove, type Grip, type Move } from './moves';

const plan = slipwayWall();
const still = { plan, unit: 'mm', reach: -1 } as const;
const snapping = { plan, unit: 'mm', reach: 25 } as const;
const after = (move: Move | null, p: Plan = plan): Plan => {
	const applied = move && applyCommand(p, move.command);
	if (!applied?.ok) throw new Error(JSON.stringify(applied));
	return applied.value.plan;
};
const holder = (p: Plan, id: string) => p.holders.find((h) => h.id === id) as Holder;
const row = (p: Plan, id: string) => p.rows.find((r) => r.id === id) as Row;

describe('a drag', () => {
	it('of a holder goes along its row, and to the nearest row up or down', () => {
		expect(holder(after(dragMove({ kind: 'holder', id: 'h1' }, 30.4, 0, still)), 'h1').mount).toMatchObject({
			row: 'r2',
			x: 280
		});
		expect(refersTo(holder(after(dragMove({ kind: 'holder', id: 'h1' }, 0, -150, still)), 'h1'))).toBe('r2');
		expect(refersTo(holder(after(dragMove({ kind: 'holder', id: 'h1' }, 0, -250, still)), 'h1'))).toBe('r3');
	});

	it('of a holder catches on a stud, and says so', () => {
		const move = dragMove({ kind: 'holder', id: 'h4' }, 52, 0, snapping);
		// Block planes, 180 wide at 1900: its middle, 1990, comes near stud 2050.
		expect(hung(holder(after(move), 'h4')).mount.x).toBe(1960);
		expect(move?.why && sayPhrase(move.why, 'mm')).toBe('middle on stud 2050 mm');
	});

	it('of a row moves all of it; of its end, that end, and drops joints it passes', () => {
		expect(row(after(dragMove({ kind: 'row', id: 'r3' }, 80, -37.3, still)), 'r3')).toMatchObject({
			y: 1403,
			left: 20,
			right: 3330
		});
		const cut = row(after(dragMove({ kind: 'row', id: 'r3', part: 'right' }, -1800, 0, still)), 'r3');
		expect(cut).toMatchObject({ left: 20, right: 1530, joints: [] });
	});

	it('of an end never turns a row round', () => {
		expect(row(after(dragMove({ kind: 'row', id: 'r4', part: 'left' }, 9999, 0, still)), 'r4').left).toBe(5080);
	});

	it('is rounded to the tape in use', () => {
		const moved = after(dragMove({ kind: 'holder', id: 'h1' }, 30.4, 0, { ...still, unit: 'inch' }));
		const { x } = hung(holder(moved, 'h1')).mount;
		expect((x / 25.4) * 16).toBeCloseTo(Math.round((x / 25.4) * 16), 9);
	});

	it('of something that is gone is nothing', () => {
		for (const kind of ['stud', 'obstruction', 'row', 'holder'] as const)
			expect(dragMove({ kind, id: 'gone' }, 5, 5, still)).toBeNull();
	});

	const gripsOf = (p: Plan): Grip[] => [
		...p.wall.studs.map((s) => ({ kind: 'stud' as const, id: s.id })),
		...p.wall.obstructions.map((o) => ({ kind: 'obstruction' as const, id: o.id })),
		...p.rows.flatMap((r) => [
			{ kind: 'row' as const, id: r.id },
			{ kind: 'row' as const, id: r.id, part: 'left' as const },
			{ kind: 'row' as const, id: r.id, part: 'right' as const }
		]),
		...p.holders.map((h) => ({ kind: 'holder' as const, id: h.id }))
	];
	const far = fc.double({ min: -20_000, max: 20_000, noNaN: true });
	const near = fc.double({ min: -1500, max: 1500, noNaN: true });
	const drags = (of: Plan) =>
		fc.tuple(
			fc.constantFrom(...gripsOf(of)),
			fc.oneof(far, near),
			fc.oneof(far, near),
			fc.constantFrom('mm' as const, 'inch' as const)
		);

	/** The only two things that a drag can be refused for: what it would be in the place of is in the way. */
	const MAY_BE_REFUSED: { [K in Grip['kind']]?: RegExp } = {
		stud: /^stands in the same place as the stud at \d+ mm$/,
		row: /^would run over /
	};

	it.each([
		['the long wall', plan],
		['a wall with a sloping top', oarStoreWall()]
	])('on %s makes a plan that is taken, however far it goes, unless something is there already', (_name, of) => {
		fc.assert(
			fc.property(drags(of), ([grip, dx, dy, unit]) => {
				const move = dragMove(grip, dx, dy, { plan: of, unit, reach: 20 });
				const applied = move && applyCommand(of, move.command);
				if (!applied) throw new Error('no move');
				const words = applied.ok ? [] : applied.error.map((e) => e.message);
				for (const message of words) expect(message).toMatch(MAY_BE_REFUSED[grip.kind] ?? /^nothing may be refused$/);
				// An end stops by itself, as it can be seen to.
				if (grip.part) expect(words).toEqual([]);
			}),
			{ numRuns: 400 }
		);
	});

	it('of a stud into another is refused, beside it not', () => {
		// Studs 45 wide at 40 and 430: they may touch, and lap by 5 mm for a rough measure.
		const to = (dx: number) => {
			const move = dragMove({ kind: 'stud', id: 's1' }, dx, 0, still);
			return move && applyCommand(plan, move.command).ok;
		};
		expect(to(345)).toBe(true);
		expect(to(350)).toBe(true);
		expect(to(351)).toBe(false);
		expect(to(390)).toBe(false);
		expect(to(430)).toBe(true);
	});
});

describe('a key', () => {
	const nudged = (grip: Grip, key: string, big = false, unit: 'mm' | 'inch' = 'mm') => {
		const command = nudgeMove(grip, key, big, plan, unit);
		return command && after({ command, why: null });
	};

	it('moves by one tick of the tape, ten with shift', () => {
		expect(hung(holder(nudged({ kind: 'holder', id: 'h1' }, 'ArrowRight') as Plan, 'h1')).mount.x).toBe(251);
		expect(hung(holder(nudged({ kind: 'holder', id: 'h1' }, 'ArrowLeft', true) as Plan, 'h1')).mount.x).toBe(240);
		expect(row(nudged({ kind: 'row', id: 'r3' }, 'ArrowUp') as Plan, 'r3').y).toBe(1441);
	});

	it('moves a row with its joints, and not past the wall', () => {
		expect(row(nudged({ kind: 'row', id: 'r1' }, 'ArrowRight', true) as Plan, 'r1')).toMatchObject({
			left: 30,
			right: 3340,
			joints: [1692.5]
		});
		expect(
			nudgeMove(
				{ kind: 'row', id: 'r4' },
				'ArrowRight',
				true,
				{ ...plan, rows: [{ ...row(plan, 'r4'), right: 5195 }] },
				'mm'
			)
		).toBeNull();
	});

	it('takes a holder to the next row up or down, and no further than the last', () => {
		expect(refersTo(holder(nudged({ kind: 'holder', id: 'h1' }, 'ArrowUp') as Plan, 'h1'))).toBe('r1');
		expect(refersTo(holder(nudged({ kind: 'holder', id: 'h1' }, 'ArrowDown') as Plan, 'h1'))).toBe('r3');
		expect(nudgeMove({ kind: 'holder', id: 'h6' }, 'ArrowDown', false, plan, 'mm')).toBeNull();
	});

	it('other than an arrow is not a move', () =>
		expect(nudgeMove({ kind: 'row', id: 'r1' }, 'a', false, plan, 'mm')).toBeNull());
});
