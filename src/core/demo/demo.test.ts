import { describe, expect, it } from 'vitest';
import { checkPlan } from '../checks/check-plan';
import { validatePlan } from '../plan/validate';
import { sayPhrase } from '../units/phrase';
import { emptyWall } from '../plan/empty-wall';
import { ALL_KINDS } from '../kinds/registry';
import { toHang } from '../shop/to-hang';
import { placedCounts, thingsOn } from '../shop/places';
import { oarStoreWall, slipwayWall } from './slipway';
import { moreWalls } from './slipway-more';
import { slipwayShop } from './slipway-shop';

describe('the demo walls', () => {
	it.each([
		['the long wall', slipwayWall()],
		['the oar store', oarStoreWall()],
		['an empty one', emptyWall('New')]
	])('%s is a plan', (_, plan) => {
		const read = validatePlan(structuredClone(plan));
		expect(read.ok ? [] : read.error).toEqual([]);
	});
	it.each(moreWalls().map((w) => [w.name, w] as const))('%s is a plan that can be built', (_, plan) => {
		const read = validatePlan(structuredClone(plan));
		expect(read.ok ? [] : read.error).toEqual([]);
		const checks = checkPlan(plan);
		expect(checks.warnings.filter((w) => w.level === 'stop').map((w) => sayPhrase(w.message, 'mm'))).toEqual([]);
		expect([...checks.holders.values()].filter((h) => h.verdict === 'does-not-hold')).toEqual([]);
	});

	const all = [slipwayWall(), oarStoreWall(), ...moreWalls()];
	it('meet every carrier and rack, one that cannot be judged and one that does not hold', () => {
		const met = new Set(all.flatMap((p) => p.holders.flatMap((h) => h.carriers.map((c) => c.kind))));
		expect(ALL_KINDS.map((c) => c.kind).filter((k) => !met.has(k))).toEqual([]);
		const verdicts = new Set(all.flatMap((p) => [...checkPlan(p).holders.values()].map((h) => h.verdict)));
		expect([...verdicts].sort()).toEqual(['cannot-be-built', 'cannot-be-judged', 'close', 'does-not-hold', 'holds']);
	});
	it('give every thing and every board of the stock-take a place', () => {
		const placed = placedCounts(all.flatMap(thingsOn));
		const nowhere = toHang(slipwayShop())
			.filter((t) => t.state === 'to-place' && (placed.get(t.id) ?? 0) < t.count)
			.map((t) => `${t.id} ${t.count - (placed.get(t.id) ?? 0)}`);
		expect(nowhere).toEqual([]);
	});

	it('the oar store hangs on plugs, and its row keeps clear of its door', () => {
		const checks = checkPlan(oarStoreWall());
		expect(checks.holders.get('h1')?.path.some((c) => c.title === 'plug' && c.margin !== null)).toBe(true);
		expect(checks.warnings.filter((w) => w.level === 'stop').map((w) => sayPhrase(w.message, 'mm'))).toEqual([]);
	});
});
