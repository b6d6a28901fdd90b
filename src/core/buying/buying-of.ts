import type { Supply } from '../cutting/offers';
import type { Cutting } from '../plan/types';
import type { Buying } from '../prices/ware';
import type { Shop } from '../shop/types';

/** How a shop buys for one wall. @example buyingOf(shop, plan.cutting).currency // 'EUR' */
export function buyingOf({ prices, settings }: Pick<Shop, 'prices' | 'settings'>, { store = '' }: Cutting): Buying {
	return { prices, tax: settings.tax ?? 0, currency: settings.currency ?? '', store };
}

/**
 * What a wall of this shop can be cut from: its own lumber, and what it buys.
 * @example supplyOf(shop, plan.cutting).boards
 */
export const supplyOf = (shop: Shop, cutting: Cutting): Supply => ({
	boards: shop.boards,
	buying: buyingOf(shop, cutting)
});
