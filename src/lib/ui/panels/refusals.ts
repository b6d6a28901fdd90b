import { getContext, setContext } from 'svelte';
import { SvelteMap } from 'svelte/reactivity';

/** What was typed and not taken, by the id of its field: the field's label, and why. */
export type Refusals = SvelteMap<string, { label: string; why: string }>;

const KEY = Symbol('refusals');

/**
 * Gathers what the fields under a page refuse, so that the page can say that its answer is not about what stands in
 * them.
 */
export function gatherRefusals(): Refusals {
	return setContext<Refusals>(KEY, new SvelteMap());
}

/** Where a field tells what it refuses; undefined where nobody gathers it. */
export function refusalsHere(): Refusals | undefined {
	return getContext<Refusals | undefined>(KEY);
}
