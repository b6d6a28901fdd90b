import { describe, expect, it } from 'vitest';
import { FITTING } from '../../../tests/support/fitting-things';
import { smallWall } from '../../../tests/support/small-wall';
import { CARRIERS } from '../carriers/registry';
import { checkPlan } from '../checks/check-plan';
import type { Plan } from '../plan/types';
import { holderFor } from './holder-for';

/** What is offered, hung on a row with studs close by: nothing of its own may fail. */
describe.each(CARRIERS.map((c) => c.kind))('%s as it is offered', (kind) => {
	const made = holderFor(kind, { thing: FITTING[kind]!, count: 4, widest: 800, unit: 'mm' }, 'h');
	if (!made.ok) throw new Error(made.error);
	const start = smallWall();
	const plan: Plan = {
		...start,
		holders: [{ ...made.value.holder, mount: { ...made.value.holder.mount, row: 'r', x: 150 } }]
	};
	const own = checkPlan(plan).checks.filter((c) => c.id.startsWith('holder:h:') && c.basis === 'published');

	it('is judged: its seat, its hook, and every member that carries; a maker’s load is asked for', () => {
		expect(own.length).toBeGreaterThan(3);
		for (const c of own) if (c.source !== 'its maker') expect(c.verdict, c.id).not.toBe('cannot-be-judged');
	});

	it('has carriers that hold by themselves', () => {
		for (const c of own) expect([c.id, c.verdict, c.margin]).not.toContain('does-not-hold');
	});
});
