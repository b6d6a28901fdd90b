import { del, get, keys, set } from 'idb-keyval';
import type { History } from '$core/plan/history';
import type { Plan } from '$core/plan/types';

/** What one tab keeps of a wall on this device, so that a reload, a closed tab or a database that is down loses nothing. */
export interface Keep {
	plan: Plan;
	history: History;
	/** The stored revision this is based on. */
	revision: number;
	/** Not yet written to the server. */
	dirty: boolean;
	at: number;
}

const TAB = 'kammer-tab';

function tabId(): string {
	const known = sessionStorage.getItem(TAB);
	if (known) return known;
	const made = crypto.randomUUID();
	sessionStorage.setItem(TAB, made);
	return made;
}

const keyOf = (planId: string, tab: string) => `wall:${planId}:${tab}`;
const lockOf = (tab: string) => `kammer-tab:${tab}`;

/** Tabs that are open now hold a lock each; what other tabs left behind has none. */
async function openTabs(): Promise<Set<string>> {
	const held = (await navigator.locks?.query())?.held ?? [];
	return new Set(held.map((l) => l.name ?? ''));
}

/**
 * This tab's place to keep a wall. A tab copied from another takes an id of its own, so that two tabs never write to one place.
 */
export async function openKeep(planId: string) {
	let tab = tabId();
	const open = await openTabs();
	if (open.has(lockOf(tab))) {
		tab = crypto.randomUUID();
		sessionStorage.setItem(TAB, tab);
	}
	void navigator.locks?.request(lockOf(tab), () => new Promise(() => undefined));
	const own = keyOf(planId, tab);

	/** This tab's own, else the newest one that a closed tab left for this wall. */
	async function load(): Promise<Keep | null> {
		const mine = await get<Keep>(own);
		if (mine) return mine;
		const prefix = `wall:${planId}:`;
		const orphans = (await keys()).map(String).filter((k) => k.startsWith(prefix) && !open.has(lockOf(k.slice(prefix.length))));
		let newest: Keep | null = null;
		for (const key of orphans) {
			const keep = await get<Keep>(key);
			if (keep && (!newest || (keep.dirty && !newest.dirty) || (keep.dirty === newest.dirty && keep.at > newest.at))) newest = keep;
		}
		if (newest) await set(own, newest);
		// Taken over, or older and already on the server: only unsaved work of others stays.
		for (const key of orphans) {
			const keep = await get<Keep>(key);
			if (!keep?.dirty || keep.at === newest?.at) await del(key);
		}
		return newest;
	}

	return { load, save: (keep: Keep) => set(own, keep), clear: () => del(own) };
}

export type KeepPlace = Awaited<ReturnType<typeof openKeep>>;
