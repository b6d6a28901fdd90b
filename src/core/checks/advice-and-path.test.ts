import { describe, expect, it } from 'vitest';
import { adviceFor } from './advice';
import { checkPlan } from './check-plan';
import { loadPath } from './load-path';
import { holderWeights } from '../places/in-place';
import type { Placed } from '../places/row/place';
import { finish } from '../verdict/fails-at';
import { base, fresh, doing } from '../../../tests/support/demo-wall';

describe('advice and load path', () => {
	it('brings the margin it promises', () => {
		const advice = finish(adviceFor(base, { kind: 'holder', id: 'h3' }));
		expect(advice.length).toBeGreaterThan(0);
		for (const a of advice)
			expect(fresh(doing(base, a.command)).holders.get('h3')?.check?.margin).toBeCloseTo(a.after.margin as number, 9);
	});

	it('has none for what holds', () => expect(finish(adviceFor(base, { kind: 'holder', id: 'h4' }))).toEqual([]));

	it('leads from the things to the screws', () => {
		const c = checkPlan(base);
		const placed = c.holders.get('h1')?.placed as Placed;
		const path = loadPath(placed, base.wall, 3.2);
		[250, 1250].forEach((x, i) => expect(path?.hook?.[i]?.[0]).toBeCloseTo(x, 6));
		expect(path?.screws.map((s) => s.at[0])).toEqual(expect.arrayContaining([430, 850, 1245]));
		// From the clamps by their pegs to the back.
		const [chain] = path?.carriers ?? [];
		expect(chain).toHaveLength(2);
		expect(chain?.[0]?.[0]).toBeCloseTo(750, 0);
		expect(chain?.[1]?.[0]).toBeCloseTo(750, 0);
		const weight = holderWeights(placed.built).total;
		const carried = path?.screws.reduce((sum, s) => sum + s.across, 0) ?? 0;
		expect(Math.abs(carried - weight) / weight).toBeLessThan(0.1);
	});

	it('is none for what hangs past the end of its row', () => {
		const plan = doing(base, { kind: 'change', list: 'rows', id: 'r3', change: { right: 1800, joints: [] } });
		expect(loadPath(fresh(plan).holders.get('h4')?.placed as Placed, plan.wall, 3.2)).toBeNull();
	});
});
