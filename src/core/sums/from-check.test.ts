import { describe, expect, it } from 'vitest';
import { slipwayWall } from '../demo/slipway';
import { checkPlan } from '../checks/check-plan';
import { sumFromCheck } from './from-check';
import { startInputs } from './inputs';
import { sumByName } from './registry';
import type { Sum } from './sum';

describe('a quick sum opened from the wall', () => {
	const plan = slipwayWall();
	const checks = checkPlan(plan);
	const open = (id: string) => {
		const check = checks.checks.find((c) => c.id === id)!;
		const placed = check.subject.kind === 'holder' ? checks.holders.get(check.subject.id)?.placed : undefined;
		const as = sumFromCheck(plan, check, placed)!;
		const sum = sumByName(as.name) as Sum;
		return { check, step: sum.answer({ ...startInputs(sum.fields, 'mm'), ...as.inputs }).steps[0]! };
	};

	it('comes to the same margin as the seat it was opened from', () => {
		for (const id of ['h1', 'h2', 'h4', 'h5']) {
			const { check, step } = open(`holder:${id}:seat`);
			expect(step.margin, id).toBeCloseTo(check.margin as number, 6);
		}
	});
	it('and as the screw, of the same woods', () => {
		const { check, step } = open('fixing:r2:s3:850:screws');
		expect(step.load?.demand.value).toBeCloseTo(check.load?.demand.value as number, 6);
		expect(step.margin).toBeCloseTo(check.margin as number, 1);
	});
	it('is none for what no sum asks', () =>
		expect(
			sumFromCheck(
				plan,
				checks.checks.find((c) => c.title === 'stud')!,
				undefined
			)
		).toBeNull());
});
