import { describe, expect, it } from 'vitest';
import { checkPlan } from '../checks/check-plan';
import { validatePlan } from '../plan/validate';
import { sayPhrase } from '../units/phrase';
import { emptyWall } from '../plan/empty-wall';
import { oarStoreWall, slipwayWall } from './slipway';

describe('the demo walls', () => {
	it.each([
		['the long wall', slipwayWall()],
		['the oar store', oarStoreWall()],
		['an empty one', emptyWall('New')]
	])('%s is a plan', (_, plan) => {
		const read = validatePlan(structuredClone(plan));
		expect(read.ok ? [] : read.error).toEqual([]);
	});
	it('the oar store hangs on plugs, and its row keeps clear of its door', () => {
		const checks = checkPlan(oarStoreWall());
		expect(checks.holders.get('h1')?.path.some((c) => c.title === 'plug' && c.margin !== null)).toBe(true);
		expect(checks.warnings.filter((w) => w.level === 'stop').map((w) => sayPhrase(w.message, 'mm'))).toEqual([]);
	});
});
