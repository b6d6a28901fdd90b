import { cutText } from '../form/whole-text';
import { applyChanges, changesBetween, type Change } from './changes';
import type { Shop } from './types';

/** Equal as written: what came over the wire is never the same object. */
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/**
 * Whether what was sent stands in a shop as it was sent: then it came from here, though nobody answered.
 * @example arrived([itemChange('things', null, thing)], stored) // true where the thing is there
 */
export function arrived(sent: readonly Change[], stored: Shop): boolean {
	return sent.every((change) => {
		if (change.list === 'settings') return same(stored.settings, change.after);
		const there = (stored[change.list] as { id: string }[]).find((i) => i.id === change.id) ?? null;
		return same(there, change.after);
	});
}

/** A name that says it is another's, within the length a name may have. */
const other = (name: string) => `${cutText(name, 40)} (other version)`;

/**
 * Brings together what was done here and elsewhere since both had `base`. What only one side touched is taken from that
 * side; what both changed is kept twice: mine stays, theirs stands beside it under a name that says so. What one
 * deleted and the other changed stays.
 * @param newId gives ids for the copies
 * @returns the merged shop, and the names of what is there twice now
 */
export function mergeShops(base: Shop, mine: Shop, theirs: Shop, newId: () => string): { shop: Shop; twice: string[] } {
	const twice: string[] = [];
	const take: Change[] = [];
	const theirById = new Map(
		changesBetween(base, theirs)
			.filter((c) => !same(c.before, c.after))
			.map((c) => [`${c.list} ${c.id}`, c])
	);
	for (const change of changesBetween(base, mine)) {
		const their = theirById.get(`${change.list} ${change.id}`);
		if (!their || same(their.after, change.after)) {
			take.push(change);
			continue;
		}
		// Deleted here, changed there: the change is worth more than the deletion.
		if (change.after === null) continue;
		take.push(change);
		if (their.after === null || change.list === 'settings' || their.list === 'settings') continue;
		const copy = { ...their.after, id: newId(), name: other(their.after.name || 'item') };
		twice.push(their.after.name);
		take.push({ list: their.list, id: copy.id, before: null, after: copy } as Change);
	}
	return { shop: applyChanges(theirs, take), twice };
}
