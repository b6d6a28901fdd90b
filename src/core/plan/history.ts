import { applyPatches, type Patch } from 'immer';
import type { Applied } from './commands';
import type { Plan } from './types';

/** One step that can be undone, as patches: small, and the same over a reload. */
export interface Step {
	label: string;
	patches: Patch[];
	inverse: Patch[];
	/** Steps in a row with the same key are one step to undo, such as ten nudges of one holder. */
	merge?: string;
}

export interface History {
	past: Step[];
	future: Step[];
}

export const emptyHistory = (): History => ({ past: [], future: [] });

/** Takes a step into the past; what was undone before is gone. */
export function remember(history: History, { label, patches, inverse }: Applied, merge?: string): History {
	if (patches.length === 0) return history;
	const last = history.past.at(-1);
	if (last && merge !== undefined && last.merge === merge && history.future.length === 0) {
		const joined = { ...last, patches: [...last.patches, ...patches], inverse: [...inverse, ...last.inverse] };
		return { past: [...history.past.slice(0, -1), joined], future: [] };
	}
	return { past: [...history.past, { label, patches, inverse, merge }], future: [] };
}

/** One step back; null when there is none. @example undo(plan, history)?.plan */
export function undo(plan: Plan, history: History): { plan: Plan; history: History } | null {
	const step = history.past.at(-1);
	if (!step) return null;
	return {
		plan: applyPatches(plan, step.inverse),
		history: { past: history.past.slice(0, -1), future: [...history.future, step] }
	};
}

/** One step forward again; null when there is none. */
export function redo(plan: Plan, history: History): { plan: Plan; history: History } | null {
	const step = history.future.at(-1);
	if (!step) return null;
	return {
		plan: applyPatches(plan, step.patches),
		history: { past: [...history.past, step], future: history.future.slice(0, -1) }
	};
}
