import type { OpenPlan } from './open-plan.svelte';
import type { OpenShop } from './open-shop.svelte';

type Work = Pick<OpenPlan, 'keeper' | 'history' | 'undo' | 'redo'>;

/**
 * A plan whose undo takes the stock-take along where one press changed both: a sheet that was put down as cut comes
 * back as it was, and so does the shop's list, unless that has been changed since.
 */
export function withStock(work: Work, shop: OpenShop | null): Work {
	return {
		keeper: work.keeper,
		get history() {
			return work.history;
		},
		undo() {
			const key = work.history.past.at(-1)?.merge;
			work.undo();
			if (key !== undefined && shop?.history.past.at(-1)?.key === key) shop.undo();
		},
		redo() {
			const key = work.history.future.at(-1)?.merge;
			work.redo();
			if (key !== undefined && shop?.history.future.at(-1)?.key === key) shop.redo();
		}
	};
}
