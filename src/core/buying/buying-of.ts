import type { Cutting } from '../plan/types';
import type { Buying } from '../prices/ware';
import type { Shop } from '../shop/types';

/** How a shop buys for one wall. @example buyingOf(shop, plan.cutting).currency // 'EUR' */
export function buyingOf({ prices, settings }: Pick<Shop, 'prices' | 'settings'>, { store = '' }: Cutting): Buying {
	return { prices, tax: settings.tax ?? 0, currency: settings.currency ?? '', store };
}
