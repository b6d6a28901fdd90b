import { get, set } from 'idb-keyval';

/**
 * What is handy to have again and no loss: sweeps of a wall. A browser that keeps nothing is no fault then; idb-keyval
 * throws at once where there is no store.
 */

/** What this device kept under a name, or nothing. */
export async function recallHere<T>(name: string): Promise<T | undefined> {
	try {
		return await get<T>(name);
	} catch {
		return undefined;
	}
}

/** Keeps it on this device, if that can. */
export async function keepHere(name: string, value: unknown): Promise<void> {
	try {
		await set(name, value);
	} catch {
		// Then it is measured again.
	}
}
