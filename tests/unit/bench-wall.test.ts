import { describe, expect, it } from 'vitest';
import { validatePlan } from '$core/plan/validate';
import { bigWall } from '../bench/big-wall';

describe('a wall that speed is measured on', () => {
	it.each([false, true])('is a plan that is taken, with every check on it: %s', (all) => {
		const checked = validatePlan(bigWall(60, 8000, all));
		expect(checked.ok ? [] : checked.error).toEqual([]);
	});
});
