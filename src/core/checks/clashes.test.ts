import { describe, expect, it } from 'vitest';
import { checkPlan } from './check-plan';
import { base, fresh, doing, holder, at, warned } from '../../../tests/support/demo-wall';

describe('places', () => {
	it('of two holders that overlap are refused', () => {
		expect(warned(fresh(doing(base, at('h2', 'r2', 1100))), 'h2').join()).toMatch(
			/stop: Stands in the same place as Spar clamp rack/
		);
	});

	it('of thousands in one heap are told once each', () => {
		const heap = { ...base, holders: Array.from({ length: 3000 }, (_, i) => ({ ...holder('h4'), id: `n${i}` })) };
		const clashes = checkPlan(heap).warnings.filter((w) => w.subject.kind === 'holder' && w.level === 'stop');
		expect(clashes).toHaveLength(2999);
	});
	it('over a window are refused', () => {
		// A row that was there before the window came.
		const plan = { ...base, rows: base.rows.map((r) => (r.id === 'r4' ? { ...r, y: 1900 } : r)) };
		expect(warned(fresh(doing(plan, at('h5', 'r4', 3700))), 'h5').join()).toMatch(/stop: Stands over slip window/);
	});

	it('past the end of a row do not hold', () => {
		const plan = doing(base, { kind: 'change', list: 'rows', id: 'r3', change: { right: 1800, joints: [] } });
		expect(fresh(plan).holders.get('h4')).toMatchObject({
			verdict: 'cannot-be-built',
			check: { margin: 0, verdict: 'does-not-hold' }
		});
		expect(warned(fresh(plan), 'h4').join()).toMatch(/stop: Its weight hangs past the end of its row/);
	});

	it('without headroom to lift off are minded', () => {
		const plan = doing(base, { kind: 'change', list: 'rows', id: 'r1', change: { y: 1985 } });
		expect(warned(fresh(plan), 'h1').join()).toMatch(
			/mind: Only 9.5 mm of headroom under the row above: it needs 18 mm/
		);
	});
});
