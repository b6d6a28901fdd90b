import type { Command, ListName, WallFacts } from '$core/plan/commands';
import type { Wall, WallFact } from '$core/plan/types';
import type { Problem } from '$core/result';
import type { LengthUnit } from '$core/units/parse-length';
import { fieldCommit } from './commit';

interface Doer {
	plan: { wall: Wall };
	do: (command: Command, merge?: string) => Problem[];
}

/** Sets facts of the wall from a field; what somebody types they have measured. */
export function setWall(open: Doer, change: WallFacts, facts: readonly WallFact[], unit: LengthUnit): string | undefined {
	const how = { ...open.plan.wall.how, ...Object.fromEntries(facts.map((f) => [f, 'tape'])) };
	return fieldCommit(open, { kind: 'set-wall', ...change, ...(facts.length > 0 ? { how } : {}) }, unit);
}

/** Changes one thing of a list from a field. */
export function setIn(open: Doer, list: ListName, id: string, change: object, unit: LengthUnit): string | undefined {
	return fieldCommit(open, { kind: 'change', list, id, change } as Command, unit);
}
