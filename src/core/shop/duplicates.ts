import { nameKey } from '../things/alike';
import type { Board } from '../lumber/board';
import type { Consumable } from '../consumables/consumable';
import type { Price } from '../prices/price';
import type { Thing } from '../things/types';
import { itemChange, type Change } from './changes';
import { SHOP_LISTS, type Shop, type ShopList } from './types';

export type TableRow = Thing | Board | Consumable | Price;
export type TableListName = 'things' | 'boards' | 'consumables' | 'prices';

/**
 * What makes two lines the same: the words of name and group; of boards, their wood and section too; of prices, what is
 * sold where, in which size and pack.
 */
function sameKey(item: TableRow): string {
	if ('form' in item)
		return [item.form, item.material, nameKey(item.name), item.thickness, item.width, item.shortest, item.longest].join(
			'|'
		);
	if ('sold' in item) {
		const { sold, material, name, thickness, width, length, pack, store } = item;
		return [sold, material, nameKey(name), thickness, width, length, pack, nameKey(store)].join('|');
	}
	return `${nameKey(item.name)}|${nameKey(item.group)}`;
}

/**
 * How many of these are there already, here or further up in the same list.
 * @example duplicatesOf(shop.things, read).length
 */
export function duplicatesOf<T extends TableRow>(existing: readonly T[], items: readonly T[]): T[] {
	const seen = new Set(existing.map(sameKey));
	return items.filter((i) => {
		const key = sameKey(i);
		const twice = seen.has(key);
		seen.add(key);
		return twice;
	});
}

/** A shop with all of another besides: an item of the same id is taken as the other has it; settings stay. */
export function joinShops(now: Shop, other: Shop): Shop {
	const ids = (list: ShopList) => new Set((other[list] as { id: string }[]).map((i) => i.id));
	const joined = SHOP_LISTS.map((list) => {
		const theirs = ids(list);
		return [list, [...(now[list] as { id: string }[]).filter((i) => !theirs.has(i.id)), ...other[list]]];
	});
	return { ...now, ...(Object.fromEntries(joined) as Pick<Shop, ShopList>) };
}

/** The same line twice: of what is counted there is more; of prices the one that came last holds. */
function merged<T extends TableRow>(there: T, came: T): T {
	return 'count' in there && 'count' in came
		? { ...there, count: there.count + came.count }
		: { ...came, id: there.id };
}

/** The changes that bring items in; with `merge`, the same line grows in count instead of standing there twice. */
export function bringIn<T extends TableRow>(
	list: TableListName,
	existing: readonly T[],
	items: readonly T[],
	merge: boolean
): Change[] {
	if (!merge) return items.map((after) => itemChange(list, null, after));
	const was = new Map<string, T | null>();
	const next = new Map<string, T>();
	for (const e of existing) if (!next.has(sameKey(e))) next.set(sameKey(e), e);
	for (const i of items) {
		const key = sameKey(i);
		const there = next.get(key);
		if (!was.has(key)) was.set(key, there ?? null);
		next.set(key, there ? merged(there, i) : i);
	}
	return [...was].map(([key, before]) => {
		return itemChange(list, before, next.get(key) ?? null);
	});
}
