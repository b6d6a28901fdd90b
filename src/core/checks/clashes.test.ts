import { describe, expect, it } from 'vitest';
import { FITTING } from '../../../tests/support/fitting-things';
import { HINGED } from '../carriers/hinged-doors';
import { startsOf } from '../form/start-of';
import { hangingHandling } from '../handling/seat-handling';
import { holderFor } from '../holders/holder-for';
import type { HungHolder } from '../plan/types';
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

describe('what opens', () => {
	const cabinet = (id: string, x: number, opens: number): HungHolder => {
		const made = holderFor(
			'covered-cabinet',
			{ thing: FITTING['covered-cabinet']!, count: 4, widest: 900, unit: 'mm' },
			id
		);
		if (!made.ok) throw new Error(made.error);
		const h = made.value.holder;
		const [c] = h.carriers;
		const doors = { kind: 'hinged', ...startsOf(HINGED, 'mm'), leaves: 'right', opens };
		return {
			...h,
			name: id,
			mount: { ...h.mount, row: 'r3', x },
			carriers: [{ ...c!, params: { ...c!.params, doors } }]
		};
	};
	const beside = (gap: number, opens: number) => {
		const plan = { ...base, holders: [] };
		const one = cabinet('one', 300, opens);
		const next = pegRackOut(300 + one.back.width + gap);
		return warned(fresh({ ...plan, holders: [one, next] }), 'one').join('\n');
	};
	/** A rack whose pegs stand out further than the cabinet. */
	const pegRackOut = (x: number): HungHolder => {
		const h = structuredClone(base.holders[1]!) as HungHolder;
		const [c] = h.carriers;
		return {
			...h,
			id: 'next',
			name: 'Long pegs',
			mount: { ...h.mount, row: 'r3', x },
			carriers: [{ ...c!, params: { ...c!.params, projection: 420 } }]
		};
	};

	it('says which holder a door would hit, and nothing where it stops short of it', () => {
		expect(beside(60, 170)).toMatch(/stop: Its door would hit Long pegs as it opens/);
		expect(beside(60, 85)).not.toMatch(/would hit/);
		expect(beside(900, 170)).not.toMatch(/would hit/);
	});
	it('says where two doors meet when both are open', () => {
		const plan = { ...base, holders: [cabinet('one', 300, 100), cabinet('two', 300 + 320, 100)] };
		const left = {
			...plan.holders[1]!,
			carriers: plan.holders[1]!.carriers.map((c) => ({
				...c,
				params: { ...c.params, doors: { ...(c.params.doors as object), leaves: 'left' } }
			}))
		};
		const said = warned(fresh({ ...plan, holders: [plan.holders[0]!, left] }), 'one').join('\n');
		expect(said).toMatch(/mind: Its door and what opens on two hit each other when both are open/);
	});
});

describe('what stands on a holder', () => {
	it('may not reach past the ceiling; over the end of a bench there is none', () => {
		const fork = holderFor('neck-fork', { thing: FITTING['neck-fork']!, count: 1, widest: 900, unit: 'mm' }, 'f');
		if (!fork.ok) throw new Error(fork.error);
		const h = fork.value.holder;
		const plan = (height: number, surface?: 'bench-end') => ({
			...base,
			wall: { ...base.wall, height, ...(surface ? { surface } : {}) },
			holders: [{ ...h, mount: { ...h.mount, row: 'r1', x: 300 } }]
		});
		const { placed } = fresh(plan(2600)).holders.get('f')!;
		const high = placed.foot + placed.built.reach.high;
		const said = (p: ReturnType<typeof plan>) => warned(fresh(p), 'f').join();
		expect(said(plan(high + 1))).not.toMatch(/past the ceiling/);
		expect(said(plan(high - 2))).toMatch(/stop: It, or what stands on it, reaches 2 mm past the ceiling/);
		expect(said(plan(high - 2, 'bench-end'))).not.toMatch(/past the ceiling/);
	});
});

describe('hanging a holder itself', () => {
	it('is for two where it is heavy and high, by its weight at its middle', () => {
		const heavy = structuredClone(base.holders[0]!) as HungHolder;
		const plan = { ...base, holders: [{ ...heavy, back: { ...heavy.back, stock: '2x12' as const, height: 1100 } }] };
		const checks = fresh(plan);
		const { placed } = checks.holders.get(heavy.id)!;
		const h = hangingHandling(placed);
		expect(h.mass).toBeCloseTo(placed.built.self.mass, 9);
		expect(h.height).toBeCloseTo((placed.foot + placed.top) / 2, 9);
		expect(h.index).toBeGreaterThan(1);
		expect(warned(checks, heavy.id).join()).toMatch(/mind: Weighs [\d.]+ kg empty: hung by one person at/);
		expect(warned(fresh(base), 'h4').join()).not.toMatch(/empty: hung by one/);
	});
});
