import { describe, expect, it } from 'vitest';
import type { Plan } from '../plan/types';
import { smallWall } from '../../../tests/support/small-wall';
import { FITTING } from '../../../tests/support/fitting-things';
import { holderFor } from '../holders/holder-for';
import { checkPlan } from './check-plan';
import { filledUp } from './filled-up';

const h = { kind: 'holder', id: 'h' } as const;
/** The rack of the small wall, with so many of its eight things on it. */
const holding = (count: number, mass: number | null = 1.5): Plan => {
	const plan = smallWall();
	return {
		...plan,
		holders: plan.holders.map((o) => ({
			...o,
			carriers: o.carriers.map((c) => ({ ...c, loads: c.loads.map((l) => ({ ...l, count, mass })) }))
		}))
	};
};
const governing = (plan: Plan) => checkPlan(plan).holders.get('h')!.check;

describe('a holder with every place taken', () => {
	it('weighs what its places take, and is judged as if they were', () => {
		const filled = filledUp(holding(2), h)!;
		expect(filled.mass).toBeCloseTo(8 * 1.5, 9);
		expect(filled.check.id).toBe(governing(holding(8))!.id);
		expect(filled.check.margin).toBeCloseTo(governing(holding(8))!.margin!, 9);
		expect(filledUp(holding(2), { kind: 'row', id: 'r' })!.mass).toBeCloseTo(12, 9);
	});

	it('takes each group’s own places: large slots by large things, small by small', () => {
		const made = holderFor(
			'slotted-shelf',
			{ thing: FITTING['slotted-shelf']!, count: 4, widest: 800, unit: 'mm' },
			'h'
		);
		if (!made.ok) throw new Error(made.error);
		const start = smallWall();
		const [c] = made.value.holder.carriers;
		const { thing: _, ...load } = c!.loads[0]!;
		const two: Plan = {
			...start,
			holders: [
				{
					...made.value.holder,
					mount: { ...made.value.holder.mount, row: 'r', x: 150 } as Plan['holders'][number]['mount'],
					carriers: [
						{
							...c!,
							params: { ...c!.params, small: { slot: 5, slotDepth: 20 }, spacing: { kind: 'equal-gaps', count: 4 } },
							loads: [
								{ ...load, mass: 1, count: 1 },
								{ ...load, mass: 0.2, count: 1 }
							]
						}
					]
				}
			]
		};
		// Four large slots, three small ones between them.
		expect(filledUp(two, h)!.mass).toBeCloseTo(4 * 1 + 3 * 0.2, 9);
	});

	it('is nothing to tell where none is spare, nothing hangs, or nobody knows what it weighs', () => {
		expect(filledUp(holding(8), h)).toBeNull();
		expect(filledUp(holding(0), h)).toBeNull();
		expect(filledUp(holding(2, null), h)).toBeNull();
	});

	it('is never better than any way to put the same things on other places', () => {
		// Two of eight things, each way: what is drawn is from the left; others are as if the rest weighed nothing.
		const plan = holding(2);
		const [c] = plan.holders[0]!.carriers;
		const least = filledUp(plan, h)!.check.margin!;
		for (let from = 0; from < 4; from++) {
			const spread: Plan = {
				...plan,
				holders: plan.holders.map((o) => ({
					...o,
					carriers: [
						{ ...c!, params: { ...c!.params, spacing: { kind: 'pitch', count: 1, inset: 57.5 + 95 * from, pitch: 0 } } }
					]
				}))
			};
			expect(checkPlan(spread).holders.get('h')!.check!.margin!).toBeGreaterThanOrEqual(least - 0.02);
		}
	});
});
