import { checkPlan, type Judged } from '$core/loads/check-plan';
import type { Check, Warning } from '$core/loads/check';
import type { Plan } from '$core/plan/types';

interface VerdictOut {
	id: string;
	verdict: Judged['verdict'];
	margin: number | null;
	/** Id of the check that decides. */
	check: string | null;
}

/** All checks of a plan as plain JSON. */
export interface CheckReport {
	note: string;
	verdict: Omit<VerdictOut, 'id'>;
	holders: VerdictOut[];
	rows: VerdictOut[];
	studs: VerdictOut[];
	checks: readonly Check[];
	warnings: Warning[];
}

/** Stands on everything that says whether a wall holds. */
export const STANDING_NOTE = 'Allowable values, not breaking loads. Engineers, makers\' data and local codes have the last word.';

const out = (j: Judged) => ({ verdict: j.verdict, margin: j.check?.margin ?? null, check: j.check?.id ?? null });
const list = (all: Map<string, Judged>): VerdictOut[] => [...all].map(([id, j]) => ({ id, ...out(j) }));

/** Checks a plan and writes the result as data: demand, capacity, margin, and each sum with its numbers. */
export function checkReport(plan: Plan): CheckReport {
	const c = checkPlan(plan);
	return { note: STANDING_NOTE, verdict: out(c.wall), holders: plan.holders.flatMap(({ id }) => {
		const j = c.holders.get(id);
		return j ? [{ id, ...out(j) }] : [];
	}), rows: list(c.rows), studs: list(c.studs), checks: c.checks, warnings: c.warnings };
}
