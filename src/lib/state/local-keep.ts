import { del, get, keys, set } from 'idb-keyval';
import type { History } from '$core/plan/history';
import type { Plan } from '$core/plan/types';
import { openTabs, thisTab } from './tab';

/** What is kept of any document: whether the server has it, and since when. */
export interface Kept {
	/** Not yet written to the server. */
	dirty: boolean;
	at: number;
}

/**
 * What one tab keeps of a wall on this device, so that a reload, a closed tab or a database that is down loses nothing.
 */
export interface Keep extends Kept {
	plan: Plan;
	history: History;
	/** The stored revision this is based on. */
	revision: number;
}

/**
 * This tab's place to keep a document.
 * @param kind and id name the document: `wall`, `shop`
 */
export async function openKeep<K extends Kept = Keep>(id: string, kind: 'wall' | 'shop' = 'wall') {
	const prefix = `${kind}:${id}:`;
	const own = prefix + (await thisTab());
	// Missing or denied: better known now than at the first change.
	await get(own);

	/** This tab's own, else the newest one that a closed tab left for this document. */
	async function load(): Promise<K | null> {
		const mine = await get<K>(own);
		if (mine) return mine;
		const open = await openTabs();
		const orphans = (await keys()).map(String).filter((k) => k.startsWith(prefix) && !open.has(k.slice(prefix.length)));
		let newest: K | null = null;
		for (const key of orphans) {
			const keep = await get<K>(key);
			if (keep && (!newest || (keep.dirty && !newest.dirty) || (keep.dirty === newest.dirty && keep.at > newest.at)))
				newest = keep;
		}
		if (newest) await set(own, newest);
		// Taken over, or older and already on the server: only unsaved work of others stays.
		for (const key of orphans) {
			const keep = await get<K>(key);
			if (!keep?.dirty || keep.at === newest?.at) await del(key);
		}
		return newest;
	}

	return { load, save: async (keep: K) => set(own, keep), clear: async () => del(own) };
}

/** Where a document is kept on this device. */
export interface KeepPlace<K extends Kept = Keep> {
	load(): Promise<K | null>;
	save(keep: K): Promise<void>;
	clear(): Promise<void>;
}
