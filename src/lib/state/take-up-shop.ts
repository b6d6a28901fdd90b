import { withLists } from '$core/shop/types';
import { openKeep, type KeepPlace } from './local-keep';
import type { ShopKeep } from './open-shop.svelte';
import { loadShop, type StoredShop } from './shop-api';

/** What a page needs to open a stock-take: as the server has it, and what this device has kept of it. */
export interface ShopToOpen {
	stored: StoredShop;
	place: KeepPlace<ShopKeep> | null;
	keep: ShopKeep | null;
}

/** Looks for a shop on the server and on this device; null where neither has it. */
export async function takeUpShop(id: string, load: typeof fetch): Promise<ShopToOpen | null> {
	const place = await openKeep<ShopKeep>(id, 'shop').catch(() => null);
	const kept = (await place?.load().catch(() => null)) ?? null;
	const keep = kept && { ...kept, shop: withLists(kept.shop), base: withLists(kept.base) };
	const stored = await loadShop(id, load);
	if (stored) return { stored, place, keep };
	// The device's copy stands in until the server can be reached again.
	return keep ? { stored: { id, revision: keep.revision, shop: keep.base, updatedAt: '' }, place, keep } : null;
}
