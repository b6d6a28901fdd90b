import { STANDING_NOTE } from '$core/verdict/standing-note';
import { checkPlan, type Judged } from '$core/checks/check-plan';
import { byThing } from '$core/checks/by-thing';
import type { Check, Warning } from '$core/verdict/check';
import type { Plan } from '$core/plan/types';
import type { Phrase } from '$core/units/phrase';

interface VerdictOut {
	id: string;
	verdict: Judged['verdict'];
	margin: number | null;
	/** Id of the check that decides. */
	check: string | null;
	/** What makes it close where its margin alone is under 1. */
	second?: { by: string; margin: number };
	/** What forbids it: it cannot be built so. */
	stop?: Phrase;
}

/** All checks of a plan as plain JSON. */
export interface CheckReport {
	note: string;
	verdict: Omit<VerdictOut, 'id'>;
	holders: (VerdictOut & { thing: string })[];
	/** By the name of what hangs: the worst of the holders it hangs on. */
	things: {
		name: string;
		count: number;
		holders: string[];
		verdict: Judged['verdict'];
		margin: number | null;
		check: string;
		second?: VerdictOut['second'];
	}[];
	rows: VerdictOut[];
	studs: VerdictOut[];
	checks: readonly Check[];
	warnings: Warning[];
}

const secondOf = (check: Check | undefined) =>
	check?.second ? { second: { by: check.second.by, margin: check.second.margin } } : {};

const out = (j: Judged) => ({
	verdict: j.verdict,
	margin: j.check?.margin ?? null,
	check: j.check?.id ?? null,
	...secondOf(j.check),
	...(j.stop ? { stop: j.stop.message } : {})
});
const list = (all: Map<string, Judged>): VerdictOut[] => [...all].map(([id, j]) => ({ id, ...out(j) }));

/** Checks a plan and writes the result as data: demand, capacity, margin, and each sum with its numbers. */
export function checkReport(plan: Plan): CheckReport {
	const c = checkPlan(plan);
	const holders = plan.holders.flatMap(({ id, carriers }) => {
		const j = c.holders.get(id);
		return j ? [{ id, thing: carriers.flatMap((c) => c.loads.map((l) => l.name)).join(', '), ...out(j) }] : [];
	});
	const things = byThing(plan, c).map(({ name, count, holders: on, verdict, check }) => ({
		name,
		count,
		holders: on,
		verdict,
		margin: check.margin,
		check: check.id,
		...secondOf(check)
	}));
	return {
		note: STANDING_NOTE,
		verdict: out(c.wall),
		holders,
		things,
		rows: list(c.rows),
		studs: list(c.studs),
		checks: c.checks,
		warnings: c.warnings
	};
}
