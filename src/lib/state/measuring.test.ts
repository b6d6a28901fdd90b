import { describe, expect, it } from 'vitest';
import { emptyWall } from '$core/plan/empty-wall';
import { applyCommand, type Command } from '$core/plan/commands';
import { measuring, type MeasureTarget } from './measuring.svelte';
import { setWall } from './survey-commit';

const target = (take: MeasureTarget['take']): MeasureTarget => ({ dim: 'length', label: 'Width', value: 4000, take });

describe('a reading that goes into a field', () => {
	it('was found by the instrument; what is typed afterwards was not', () => {
		const open = {
			plan: emptyWall('W'),
			do(command: Command) {
				const applied = applyCommand(this.plan, command);
				if (!applied.ok) return applied.error;
				this.plan = applied.value.plan;
				return [];
			}
		};
		const width = target((value) => setWall(open, { width: value }, ['width'], 'mm'));
		expect(measuring.put(width, 4123)).toBeUndefined();
		expect(open.plan.wall).toMatchObject({ width: 4123, how: { width: 'meter', height: 'guess' } });
		expect(setWall(open, { height: 2500 }, ['height'], 'mm')).toBeUndefined();
		expect(open.plan.wall.how).toMatchObject({ width: 'meter', height: 'tape' });
	});

	it('that is refused, or fails, leaves typing as it was', () => {
		expect(
			measuring.put(
				target(() => 'Must be at least 200 mm'),
				3
			)
		).toBe('Must be at least 200 mm');
		expect(measuring.how).toBe('tape');
		const failing = target(() => {
			throw new Error('gone');
		});
		expect(() => measuring.put(failing, 3)).toThrow('gone');
		expect(measuring.how).toBe('tape');
	});

	it('goes to the field that had the focus last, until that is gone', () => {
		const first = target(() => undefined);
		const second = target(() => undefined);
		measuring.aim(first);
		measuring.aim(second);
		measuring.release(first);
		expect(measuring.target).toBe(second);
		measuring.release(second);
		expect(measuring.target).toBeNull();
	});
});
