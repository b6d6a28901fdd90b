import { cutPlan, type CutPlan } from '$core/cutting/cut-plan';
import type { Plan } from '$core/plan/types';
import { solver } from './solver';

/** A request may hold the solver for this long; past it the best so far is given, with its bound. */
const MOST_SECONDS = 2;

/** Cut plan of a plan, within the time one request may take. */
export async function cutsOf(plan: Plan): Promise<CutPlan> {
	const solve = await solver();
	const end = performance.now() + MOST_SECONDS * 1000;
	return cutPlan(plan, { solve, secondsLeft: () => (end - performance.now()) / 1000 });
}
