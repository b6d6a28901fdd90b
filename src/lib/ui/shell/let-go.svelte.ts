import { untrack } from 'svelte';
import type { OpenPlan } from '$lib/state/open-plan.svelte';
import type { StageId } from './stages';

/** What may be picked in a stage; where nothing is said, everything. */
const BELONGS: Partial<Record<StageId, readonly string[]>> = {
	wall: ['stud', 'obstruction'],
	rows: ['row'],
	holders: ['holder'],
	cut: ['row', 'holder']
};

/**
 * A stage begins with what it is about: what is picked and belongs to another is let go, so that it shows how to add.
 * Holds and what hangs keep everything. To be called while a component is made.
 */
export function letGoOfOthers(open: () => OpenPlan, stage: () => StageId): void {
	$effect(() => {
		const kinds = BELONGS[stage()];
		untrack(() => {
			const now = open();
			if (kinds && now.selection && !kinds.includes(now.selection.kind)) now.selection = null;
		});
	});
}
