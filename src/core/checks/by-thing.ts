import type { Plan } from '../plan/types';
import { worstFirst, type Check, type Verdict } from '../verdict/check';
import type { PlanChecks } from './check-plan';

/** A kind of thing that hangs on the wall, by its name: as safe as the worst holder it hangs on. */
export interface ThingVerdict {
	name: string;
	/** How many of it hang, on all holders. */
	count: number;
	holders: string[];
	verdict: Verdict;
	check: Check;
	/** The holder that decides. */
	worst: string;
}

const toldOf = (t: ThingVerdict) => ({ verdict: t.verdict, margin: t.check.margin });

/**
 * Verdict of everything that hangs, by the name of the thing; worst first. Things without a name are left out.
 * @example byThing(plan, checkPlan(plan))[0]?.name
 */
export function byThing(plan: Plan, checks: PlanChecks): ThingVerdict[] {
	const found = new Map<string, ThingVerdict>();
	for (const { id, carriers } of plan.holders) {
		const judged = checks.holders.get(id);
		const check = judged?.check;
		if (!check) continue;
		const told = { verdict: judged.verdict, margin: check.margin };
		for (const { name, mass, count } of carriers.flatMap((c) => c.loads)) {
			if (!name || mass === 0 || count === 0) continue;
			const before = found.get(name);
			if (!before) {
				found.set(name, { name, count, holders: [id], verdict: judged.verdict, check, worst: id });
				continue;
			}
			before.count += count;
			if (!before.holders.includes(id)) before.holders.push(id);
			if (worstFirst(told, toldOf(before)) < 0) Object.assign(before, { verdict: judged.verdict, check, worst: id });
		}
	}
	return [...found.values()].sort((a, b) => worstFirst(toldOf(a), toldOf(b)));
}
