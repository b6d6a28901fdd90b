import { refersTo } from '../mounts/registry';
import type { Holder, Plan } from '../plan/types';
import type { Quantity } from '../units/format-quantity';
import type { Kilograms } from '../units/quantity';
import type { Check } from '../verdict/check';
import { checkPlan, type PlanChecks } from './check-plan';
import { failsAt } from '../verdict/fails-at';

/** What is asked about: a holder, or a row with all that hangs on it. */
export type Asked = { kind: 'holder' | 'row'; id: string };

/** The load at which it stops holding, and what gives way first. */
export interface Capacity {
	/** Mass of the things on it, holders themselves left out: what there is, and the most. */
	now: Quantity;
	most: Quantity;
	first: Check;
}

/** Mass of all the things on a holder, itself left out. @example massOf(holder) // 19.8 */
export const massOf = ({ carriers }: Holder): Kilograms =>
	carriers.reduce((sum, c) => c.loads.reduce((m, l) => m + (l.mass ?? 0) * l.count, sum), 0);

/** Every thing on a holder so many times as heavy. */
const heavier = (h: Holder, factor: number): Holder => ({
	...h,
	carriers: h.carriers.map((c) => ({
		...c,
		loads: c.loads.map((l) => ({ ...l, mass: l.mass === null ? null : l.mass * factor }))
	}))
});

const carries = (asked: Asked, h: Holder) => (asked.kind === 'holder' ? h.id : refersTo(h)) === asked.id;

/** The checks that decide what was asked about. */
export function pathOf(checks: PlanChecks, asked: Asked): readonly Check[] {
	return (asked.kind === 'holder' ? checks.holders : checks.rows).get(asked.id)?.path ?? [];
}

/**
 * How much more it could take: the things on a holder, or on all holders of a row, all growing alike until the least
 * margin is 1.
 * @returns null when nothing hangs there, when it cannot be judged, or when the wood's own weight is already too much
 * @example finish(capacityOf(plan, { kind: 'holder', id: 'h1' }))?.most // { value: 21.1, dim: 'mass' }
 */
export function* capacityOf(plan: Plan, asked: Asked): Generator<void, Capacity | null> {
	const now = plan.holders.reduce((sum, h) => (carries(asked, h) ? sum + massOf(h) : sum), 0);
	if (!(now > 0)) return null;
	const scaled = (factor: number): Plan => ({
		...plan,
		holders: plan.holders.map((h) => (carries(asked, h) ? heavier(h, factor) : h))
	});
	const found = yield* failsAt((f) => pathOf(checkPlan(scaled(f)), asked));
	return found
		? { now: { value: now, dim: 'mass' }, most: { value: now * found.factor, dim: 'mass' }, first: found.first }
		: null;
}
