import { SvelteSet } from 'svelte/reactivity';
import { recall, store } from './preferences.svelte';

/** Pieces ticked off at the saw, before they are put down as cut: kept on this device, for each wall. */
export class CutTicks {
	readonly #ids: SvelteSet<string>;

	constructor(private readonly wall: string) {
		this.#ids = new SvelteSet((recall(`kammer-cut-${wall}`) ?? '').split('\n').filter(Boolean));
	}

	has(id: string): boolean {
		return this.#ids.has(id);
	}

	set(ids: readonly string[], on: boolean): void {
		for (const id of ids) {
			if (on) this.#ids.add(id);
			else this.#ids.delete(id);
		}
		store(`kammer-cut-${this.wall}`, [...this.#ids].join('\n'));
	}
}
