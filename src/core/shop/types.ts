import type { Consumable } from '../consumables/consumable';
import type { Board } from '../lumber/board';
import type { Thing } from '../things/types';
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
}

export interface ShopSettings {
	id: 'settings';
	name: string;
	/** An offcut shorter or narrower than this is not kept. */
	keepLength: Millimetres;
	keepWidth: Millimetres;
}

export interface ShopLists {
	things: Thing;
	boards: Board;
	consumables: Consumable;
	tools: Tool;
}
export type ShopList = keyof ShopLists;
export const SHOP_LISTS: readonly ShopList[] = ['things', 'boards', 'consumables', 'tools'];

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
		tools: []
	};
}
