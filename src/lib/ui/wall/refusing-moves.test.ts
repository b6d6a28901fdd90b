import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { applyCommand } from '$core/plan/commands';
import type { Obstruction, Plan } from '$core/plan/types';
import { sayPhrase } from '$core/units/phrase';
import { dragMove, nudgeMove } from './moves';

const door: Obstruction = { id: 'd', kind: 'door', name: 'side door', x: 4300, y: 0, width: 700, height: 2000 };

/** The demo wall with a door to the right of its low row, and another to its left. */
function between(): Plan {
	const plan = slipwayWall();
	plan.wall.obstructions = [door, { ...door, id: 'e', name: 'store door', x: 1500, width: 900 }];
	return plan;
}
const context = (plan: Plan) => ({ plan, unit: 'mm' as const, reach: 8 });
const end = (plan: Plan, part: 'left' | 'right', by: number) =>
	dragMove({ kind: 'row', id: 'r5', part }, by, 0, context(plan));

describe('an end of a row that is dragged', () => {
	it('stops at a door, and says so', () => {
		const move = end(between(), 'right', 600);
		expect(move?.command).toMatchObject({ change: { right: 4300 } });
		expect(move?.why && sayPhrase(move.why, 'mm')).toBe('stops at side door');
	});

	it('stops at the nearer edge of one to its left', () => {
		const move = end(between(), 'left', -1200);
		expect(move?.command).toMatchObject({ change: { left: 2400 } });
		expect(move?.why && sayPhrase(move.why, 'mm')).toBe('stops at store door');
	});

	it('goes on where nothing stands', () => {
		expect(end(between(), 'right', 100)?.command).toMatchObject({ change: { right: 4210 } });
	});

	it('can be done wherever it stops', () => {
		for (const by of [-2000, -700, -300, 100, 400, 900]) {
			for (const part of ['left', 'right'] as const) {
				const plan = between();
				const move = end(plan, part, by);
				if (!move) throw new Error('no move');
				const applied = applyCommand(plan, move.command);
				expect(applied.ok ? [] : applied.error, `${part} by ${by}`).toEqual([]);
			}
		}
	});

	it("stops at a door also where it is in the door's swing already", () => {
		// Hinged on its left and opened flat against the wall, it sweeps over the end of the row from the start.
		const plan = between();
		plan.wall.obstructions = [{ ...door, motion: { kind: 'swing', hinge: 'left', angle: 180, into: 'room' } }];
		const move = end(plan, 'right', 600);
		expect(move?.command).toMatchObject({ change: { right: 4300 } });
		const applied = move && applyCommand(plan, move.command);
		expect(applied?.ok).toBe(true);
	});

	it('passes behind what stands off the wall', () => {
		const plan = between();
		plan.wall.obstructions = [{ ...door, kind: 'light', near: 700, out: 900 }];
		expect(end(plan, 'right', 600)?.command).toMatchObject({ change: { right: expect.closeTo(4710, -1) } });
	});
});

describe('a row that is moved whole', () => {
	it('up over a door is refused', () => {
		const plan = between();
		const r4 = plan.rows.find((r) => r.id === 'r4');
		const move = dragMove({ kind: 'row', id: 'r4' }, 0, -700, context(plan));
		expect(r4?.y).toBe(2240);
		const applied = move && applyCommand(plan, move.command);
		expect(applied?.ok).toBe(false);
	});

	it('by a key into a door is refused', () => {
		const plan = between();
		plan.rows = plan.rows.map((r) => (r.id === 'r5' ? { ...r, right: 4300 } : r));
		const command = nudgeMove({ kind: 'row', id: 'r5' }, 'ArrowRight', false, plan, 'mm');
		const applied = command && applyCommand(plan, command);
		expect(applied?.ok).toBe(false);
		expect(applied?.ok === false && applied.error[0]?.message).toBe('would run over side door: end it at 4300 mm');
	});
});

describe('what was surveyed, moved on the drawing', () => {
	it('is not measured any more', () => {
		const plan = slipwayWall();
		const stud = dragMove({ kind: 'stud', id: 's3' }, 20, 0, context(plan));
		expect(stud?.command).toMatchObject({ change: { x: 870, found: { how: 'guess' } } });
		const outlet = nudgeMove({ kind: 'obstruction', id: 'o2' }, 'ArrowUp', true, plan, 'mm');
		expect(outlet).toMatchObject({ change: { y: 1010, how: 'guess' } });
	});
});
