import { describe, expect, it } from 'vitest';
import { slipwayWall } from '../demo/slipway';
import { applyCommand } from '../plan/commands';
import { readPlan } from '../plan/read';
import type { Plan, ProofTest } from '../plan/types';
import { massOf } from './capacity';
import { checkPlan } from './check-plan';
import { lastTest } from './tested';

const base = slipwayWall();
const holder = base.holders.find((h) => checkPlan(base).holders.get(h.id)?.verdict === 'holds')!;
const carries = massOf(holder);
const test = (load: number, held: boolean, day = '2026-05-01'): ProofTest => ({ day, load, held });
const tested = (...tests: ProofTest[]): Plan => ({
	...base,
	holders: base.holders.map((h) => (h === holder ? { ...h, tests } : h))
});
const judged = (plan: Plan) => checkPlan(plan).holders.get(holder.id)!;
const told = (plan: Plan) =>
	checkPlan(plan)
		.warnings.filter((w) => w.subject.kind === 'holder' && w.subject.id === holder.id)
		.map((w) => w.message.text)
		.join('; ');

describe('a proof load written down', () => {
	it('that held raises nothing', () => {
		const [before, after] = [judged(base), judged(tested(test(100 * carries, true)))];
		expect([after.verdict, after.check?.margin]).toEqual([before.verdict, before.check?.margin]);
		expect(told(tested(test(1.8 * carries, true)))).toBe(told(base));
	});
	// Common practice: 1.8 times what it carries, where it hangs lower than heads.
	it('under which something gave lowers what it is trusted with', () => {
		const gave = judged(tested(test(1.8 * carries * 0.9, false)));
		expect(gave.verdict).toBe('does-not-hold');
		expect(gave.check?.margin).toBeCloseTo(0.9, 9);
		expect(gave.check?.title).toBe('proof load');
		// Far above what it carries it gave: the sums decide as before.
		expect(judged(tested(test(100 * carries, false))).check?.title).toBe(judged(base).check?.title);
	});
	it('is the last by its day, of one day the one written down last', () => {
		const gave = test(carries, false, '2026-05-01');
		expect(lastTest({ tests: [test(1, true, '2026-06-01'), gave] })?.held).toBe(true);
		expect(lastTest({ tests: [test(1, true), gave] })?.held).toBe(false);
		expect(judged(tested(gave, test(2 * carries, true, '2026-06-01'))).verdict).toBe('holds');
	});
	it('is outgrown once it carries more', () => {
		expect(told(tested(test(1.7 * carries, true)))).toMatch(/test it again/);
		expect(told(tested(test(1.7 * carries, false)))).not.toMatch(/test it again/);
	});
	it('is kept with the plan, refused where it is none, and taken away again', () => {
		const plan = tested(test(12, true));
		expect(readPlan(JSON.parse(JSON.stringify(plan)))).toMatchObject({ ok: true });
		const wrong = tested({ ...test(12, true), load: -1 });
		expect(readPlan(JSON.parse(JSON.stringify(wrong)))).toMatchObject({ ok: false });
		const gone = applyCommand(plan, { kind: 'change', list: 'holders', id: holder.id, change: { tests: undefined } });
		if (!gone.ok) throw new Error('refused');
		expect(gone.value.plan).toEqual(base);
	});
});
