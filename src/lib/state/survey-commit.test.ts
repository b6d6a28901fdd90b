import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { emptyWall } from '$core/plan/empty-wall';
import { applyCommand, type Command } from '$core/plan/commands';
import type { Plan } from '$core/plan/types';
import { setIn, setWall } from './survey-commit';

/** A plan that commands are done to, as the open one does them. */
function doer(plan: Plan) {
	return {
		plan,
		do(command: Command) {
			const applied = applyCommand(this.plan, command);
			if (!applied.ok) return applied.error;
			this.plan = applied.value.plan;
			return [];
		}
	};
}

describe('a fact typed into a field', () => {
	it('is measured from then on', () => {
		const open = doer(emptyWall('W'));
		expect(open.plan.wall.how?.width).toBe('guess');
		expect(setWall(open, { width: 4000 }, ['width'], 'mm')).toBeUndefined();
		expect(open.plan.wall).toMatchObject({ width: 4000, how: { width: 'tape', height: 'guess' } });
	});

	it('that is no fact of the record leaves the record alone', () => {
		const open = doer(emptyWall('W'));
		setWall(open, { wet: true }, [], 'mm');
		expect(open.plan.wall.how).toEqual(emptyWall('W').wall.how);
	});

	it('that is wrong in itself is said as it is', () => {
		expect(setWall(doer(emptyWall('W')), { width: 10 }, ['width'], 'mm')).toBe('Must be at least 200 mm');
		expect(setWall(doer(emptyWall('W')), { width: 10 }, ['width'], 'inch')).toBe('Must be at least 7 7/8"');
	});

	it('that would leave something outside names it', () => {
		const open = doer(slipwayWall());
		expect(setWall(open, { width: 5100 }, ['width'], 'mm')).toBe(
			'Then the stud at 5160 mm is beyond the wall, which is 5100 mm wide'
		);
		expect(setWall(open, { height: 2000 }, ['height'], 'mm')).toMatch(
			/^Then slip window reaches above the wall|^Then .* is above the wall/
		);
		expect(open.plan).toEqual(slipwayWall());
	});

	it('of a thing in a list is set there', () => {
		const open = doer(slipwayWall());
		expect(setIn(open, 'obstructions', 'o1', { x: 3400 }, 'mm')).toBeUndefined();
		expect(open.plan.wall.obstructions[0]?.x).toBe(3400);
		expect(setIn(open, 'obstructions', 'o1', { x: 5000 }, 'mm')).toBe('Reaches beyond the wall');
	});
});
