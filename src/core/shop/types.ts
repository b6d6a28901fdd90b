import type { Consumable } from '../consumables/consumable';
import type { Board } from '../lumber/board';
import type { Price } from '../prices/price';
import type { Thing } from '../things/types';
import type { Pattern } from '../patterns/pattern';
import type { Tool } from '../tools/tool';
import type { Millimetres } from '../units/quantity';

/**
 * What a workshop has: everything that has to hang, is stored, is used up, or makes the rest. Its walls refer to it.
 */
export interface Shop {
	format: 'kammer-shop';
	version: 1;
	settings: ShopSettings;
	things: Thing[];
	boards: Board[];
	consumables: Consumable[];
	tools: Tool[];
	/** Holders kept to be made again. */
	patterns: Pattern[];
	/** What stores ask for what is bought. */
	prices: Price[];
}

export interface ShopSettings {
	id: 'settings';
	name: string;
	/** An offcut shorter or narrower than this is not kept. */
	keepLength: Millimetres;
	keepWidth: Millimetres;
	/** What money is called, and what is put on prices without tax, %. Absent: not said, and none. */
	currency?: string;
	tax?: number;
}

export interface ShopLists {
	things: Thing;
	boards: Board;
	consumables: Consumable;
	tools: Tool;
	patterns: Pattern;
	prices: Price;
}
export type ShopList = keyof ShopLists;
export const SHOP_LISTS: readonly ShopList[] = ['things', 'boards', 'consumables', 'tools', 'patterns', 'prices'];

/** The shop that walls belong to unless they say another. */
export const MAIN_SHOP = 'main';

/** A shop with nothing in it. */
export function emptyShop(name: string): Shop {
	return {
		format: 'kammer-shop',
		version: 1,
		settings: { id: 'settings', name, keepLength: 300, keepWidth: 60 },
		things: [],
		boards: [],
		consumables: [],
		tools: [],
		patterns: [],
		prices: []
	};
}

/** A shop with every list there: what was kept before a list was thought of has none. @example withLists(kept.shop) */
export function withLists(shop: Shop): Shop {
	const missing = SHOP_LISTS.filter((list) => !Array.isArray(shop[list]));
	return missing.length === 0 ? shop : { ...shop, ...Object.fromEntries(missing.map((list) => [list, []])) };
}
