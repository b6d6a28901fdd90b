import type { OpenPlan } from './open-plan.svelte';
import type { ScanJob } from './scan-job.svelte';

/** A plan whose undo ends a sweep under way first: what that finds would land on the plan before. */
export function endingSweeps(
	open: OpenPlan,
	scan: Pick<ScanJob, 'stop'>
): Pick<OpenPlan, 'keeper' | 'history' | 'undo' | 'redo'> {
	const ends = (then: () => void) => () => {
		scan.stop();
		then();
	};
	return {
		keeper: open.keeper,
		get history() {
			return open.history;
		},
		undo: ends(() => open.undo()),
		redo: ends(() => open.redo())
	};
}
