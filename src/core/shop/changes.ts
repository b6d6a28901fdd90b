import { fail, ok, type Problem, type Result } from '../result';
import { problemsOf } from '../form/problems';
import { settingsSchema, SHOP_LIMITS } from './schema';
import { SHOP_LISTS, type Shop, type ShopList, type ShopLists, type ShopSettings } from './types';
import { itemProblems } from './valid';

/**
 * One item as it was and as it is; null where it was not there, or is no more. `at` is where one that is gone stood, so
 * that it comes back there.
 */
export type Change =
	| {
			[K in ShopList]: { list: K; id: string; before: ShopLists[K] | null; after: ShopLists[K] | null; at?: number };
	  }[ShopList]
	| { list: 'settings'; id: 'settings'; before: ShopSettings; after: ShopSettings };

type Item = { id: string };

/**
 * A change of one item of a list: there before, after, or both; where it stood, for one that goes.
 * @example itemChange('things', null, thing) // it is added
 */
export function itemChange<L extends ShopList>(
	list: L,
	before: ShopLists[L] | null,
	after: ShopLists[L] | null,
	at?: number
): Change {
	const id = (after ?? before)?.id;
	// The compiler does not see that a list and its own items are one of the changes.
	return { list, id, before, after, ...(at === undefined ? {} : { at }) } as Change;
}

/**
 * Makes changes to a shop; the given one is not changed. An item that is there is put in its place, a new one at the
 * end, one that comes back where it stood.
 * @example applyChanges(shop, [{ list: 'things', id: 't1', before: null, after: thing }])
 */
export function applyChanges(shop: Shop, changes: readonly Change[]): Shop {
	const next: Shop = { ...shop };
	for (const list of SHOP_LISTS) {
		const mine = changes.filter((c): c is Exclude<Change, { list: 'settings' }> => c.list === list);
		if (mine.length === 0) continue;
		const after = new Map<string, Item | null>(mine.map((c) => [c.id, c.after as Item | null]));
		const kept: Item[] = [];
		for (const item of shop[list] as Item[]) {
			const change = after.get(item.id);
			if (change === undefined) kept.push(item);
			else if (change !== null) kept.push(change);
			after.delete(item.id);
		}
		const places = new Map(mine.map((c) => [c.id, c.at]));
		const added = [...after.values()].filter((item) => item !== null);
		const back = added
			.filter((item) => places.get(item.id) !== undefined)
			.sort((a, b) => (places.get(a.id) as number) - (places.get(b.id) as number));
		for (const item of back) kept.splice(places.get(item.id) as number, 0, item);
		for (const item of added) if (places.get(item.id) === undefined) kept.push(item);
		(next as unknown as Record<ShopList, Item[]>)[list] = kept;
	}
	const settings = changes.filter((c) => c.list === 'settings').at(-1);
	if (settings) next.settings = settings.after as ShopSettings;
	return next;
}

/** The changes that take these back. */
export const inverse = (changes: readonly Change[]): Change[] =>
	changes.map((c) => ({ ...c, before: c.after, after: c.before }) as Change).reverse();

/** What turned one shop into another, by the items that are not the same objects any more. */
export function changesBetween(from: Shop, to: Shop): Change[] {
	const found: Change[] = [];
	for (const list of SHOP_LISTS) {
		if (from[list] === to[list]) continue;
		const before = new Map((from[list] as Item[]).map((i) => [i.id, i]));
		const places = new Map((from[list] as Item[]).map((i, at) => [i.id, at]));
		for (const item of to[list] as Item[]) {
			const was = before.get(item.id);
			if (was !== item) found.push({ list, id: item.id, before: was ?? null, after: item } as Change);
			before.delete(item.id);
		}
		for (const gone of before.values())
			found.push({ list, id: gone.id, before: gone, after: null, at: places.get(gone.id) } as Change);
	}
	if (from.settings !== to.settings)
		found.push({ list: 'settings', id: 'settings', before: from.settings, after: to.settings });
	return found;
}

/**
 * Looks at what changes bring before it is taken: faulty items with the path of the field, and lists grown too long.
 */
export function checkChanges(shop: Shop, changes: readonly Change[]): Result<Shop, Problem[]> {
	const problems: Problem[] = [];
	for (const c of changes) {
		if (c.after === null) continue;
		const found = c.list === 'settings' ? problemsOf(settingsSchema, c.after) : itemProblems(c.list, c.after);
		for (const p of found)
			problems.push({
				path: [c.list === 'settings' ? 'settings' : `${c.list}[${c.id}]`, p.path].filter(Boolean).join('.'),
				message: p.message
			});
		if (problems.length >= 50) break;
	}
	if (problems.length > 0) return fail(problems);
	const next = applyChanges(shop, changes);
	for (const list of SHOP_LISTS)
		if (next[list].length > SHOP_LIMITS[list])
			problems.push({ path: list, message: `must have at most ${SHOP_LIMITS[list]} entries` });
	return problems.length > 0 ? fail(problems) : ok(next);
}
