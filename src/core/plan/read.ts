import { jsonText } from '../form/json-text';
import { hostile, MOST_VALUES } from '../form/outside';
import { fail, type Problem, type Result } from '../result';
import { upToDate, VERSION } from './migrate';
import type { Plan } from './types';
import { validatePlan } from './validate';

/** Is it a plan, and of a version that this Kammer knows? A later one is refused whole: nothing of it is lost. */
function versionProblem(value: unknown): Problem | null {
	if (typeof value !== 'object' || value === null || Array.isArray(value))
		return { path: '', message: 'This is not a Kammer plan' };
	const { format, version } = value as { format?: unknown; version?: unknown };
	if (format !== 'kammer-plan')
		return { path: 'format', message: 'This is not a Kammer plan: format must be "kammer-plan"' };
	if (typeof version === 'number' && version > VERSION)
		return { path: 'version', message: `This plan is version ${version}; this Kammer reads up to version ${VERSION}` };
	return null;
}

/**
 * Takes parsed JSON from outside: refuses hostile shapes and later versions, brings earlier ones up to date, then
 * validates.
 */
export function readPlan(value: unknown): Result<Plan, Problem[]> {
	const problem = hostile(value) ?? versionProblem(value);
	return problem ? fail([problem]) : validatePlan(upToDate(value));
}

/**
 * Reads a plan from the text of a file.
 * @returns the plan, or problems with field paths; a text that is not JSON says where it stops making sense
 * @example readPlanText('{"format":').ok // false
 */
export function readPlanText(text: string): Result<Plan, Problem[]> {
	const value = jsonText(text, MOST_VALUES.plan, 'plan');
	return value.ok ? readPlan(value.value) : value;
}
