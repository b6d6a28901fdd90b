import { applyChanges, inverse, type Change } from './changes';
import type { Shop } from './types';

/**
 * One step that can be undone. Items, not places in a list: it holds also when somebody else has added to the list
 * meanwhile.
 */
export interface ShopStep {
	label: string;
	changes: Change[];
	/** The same as of a step of a wall that one press made together with it. */
	key?: string;
}
export interface ShopHistory {
	past: ShopStep[];
	future: ShopStep[];
}

export const emptyShopHistory = (): ShopHistory => ({ past: [], future: [] });

/** Takes a step into the past; what was undone before is gone. */
export function rememberStep(history: ShopHistory, step: ShopStep): ShopHistory {
	return { past: [...history.past, step], future: [] };
}

/** One step back; null when there is none. */
export function undoStep(shop: Shop, { past, future }: ShopHistory): { shop: Shop; history: ShopHistory } | null {
	const step = past.at(-1);
	return step
		? {
				shop: applyChanges(shop, inverse(step.changes)),
				history: { past: past.slice(0, -1), future: [...future, step] }
			}
		: null;
}

/** One step forward again; null when there is none. */
export function redoStep(shop: Shop, { past, future }: ShopHistory): { shop: Shop; history: ShopHistory } | null {
	const step = future.at(-1);
	return step
		? { shop: applyChanges(shop, step.changes), history: { past: [...past, step], future: future.slice(0, -1) } }
		: null;
}
