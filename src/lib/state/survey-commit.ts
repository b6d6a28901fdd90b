import type { Command, ListName, WallFacts } from '$core/plan/commands';
import { LISTS } from '$core/plan/lists';
import type { Plan, WallFact } from '$core/plan/types';
import type { Problem } from '$core/result';
import { formatLength } from '$core/units/format-length';
import type { LengthUnit } from '$core/units/parse-length';
import { fieldCommit, sayProblem } from './commit';
import { measuring } from './measuring.svelte';

interface Doer {
	plan: Plan;
	do: (command: Command, merge?: string) => Problem[];
}

/**
 * What else on the wall a problem is about: a stud that the wall would end before. Undefined when it is about the field
 * itself.
 */
function whose(plan: Plan, path: string, unit: LengthUnit): string | undefined {
	const [, list, at] = /^(?:wall\.)?(\w+)\[(\d+)\]/.exec(path) ?? [];
	if (!list || !Object.hasOwn(LISTS, list)) return undefined;
	const thing = LISTS[list as ListName].of(plan)[Number(at)] as { name?: string; x?: number } | undefined;
	const { word } = LISTS[list as ListName];
	return thing?.name || (thing?.x === undefined ? `the ${word}` : `the ${word} at ${formatLength(thing.x, unit)}`);
}

/** Sets facts of the wall from a field; what somebody types or reads off an instrument they have measured. */
export function setWall(
	open: Doer,
	change: WallFacts,
	facts: readonly WallFact[],
	unit: LengthUnit
): string | undefined {
	const how = { ...open.plan.wall.how, ...Object.fromEntries(facts.map((f) => [f, measuring.how])) };
	const [wrong] = open.do({ kind: 'set-wall', ...change, ...(facts.length > 0 ? { how } : {}) });
	if (!wrong) return undefined;
	const other = whose(open.plan, wrong.path, unit);
	return other
		? `Then ${other} ${sayProblem(wrong, unit).replace(/^./, (c) => c.toLowerCase())}`
		: sayProblem(wrong, unit);
}

/** Changes one thing of a list from a field. */
export function setIn(open: Doer, list: ListName, id: string, change: object, unit: LengthUnit): string | undefined {
	return fieldCommit(open, { kind: 'change', list, id, change } as Command, unit);
}
