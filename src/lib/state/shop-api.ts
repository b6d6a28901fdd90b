import type { Change } from '$core/shop/changes';
import type { ThingPlace } from '$core/shop/places';
import type { Shop } from '$core/shop/types';
import { asJson, notTaken } from './api';

export interface StoredShop {
	id: string;
	revision: number;
	shop: Shop;
	updatedAt: string;
}

export type ShopAnswer =
	| { kind: 'kept'; revision: number }
	| { kind: 'stale'; current: StoredShop }
	| { kind: 'missing' }
	| { kind: 'refused' | 'failed'; message: string }
	| { kind: 'unreachable' };

/** The shop with all it owns; null when there is none, undefined while the server cannot be reached. */
export async function loadShop(id: string, load: typeof fetch = fetch): Promise<StoredShop | null | undefined> {
	const response = await load(`/api/shops/${id}`).catch(() => undefined);
	if (response?.ok) return (await response.json()) as StoredShop;
	return response?.status === 404 ? null : undefined;
}

/** Writes what has changed since a revision: only the items that did. Never throws. */
export async function saveShop(id: string, revision: number, changes: readonly Change[]): Promise<ShopAnswer> {
	const settings = changes.find((c) => c.list === 'settings')?.after ?? null;
	const items = changes.flatMap((c) => (c.list === 'settings' ? [] : [{ list: c.list, id: c.id, item: c.after }]));
	try {
		const response = await fetch(`/api/shops/${id}`, asJson({ revision, changes: items, settings }, 'PATCH'));
		if (response.ok) return { kind: 'kept', revision: ((await response.json()) as { revision: number }).revision };
		if (response.status === 409)
			return { kind: 'stale', current: ((await response.json()) as { current: StoredShop }).current };
		if (response.status === 404) return { kind: 'missing' };
		return await notTaken(response);
	} catch {
		return { kind: 'unreachable' };
	}
}

/** What hangs where, over all walls of a shop; nothing when it cannot be reached. */
export async function loadPlaces(id: string): Promise<ThingPlace[]> {
	const response = await fetch(`/api/shops/${id}/places`).catch(() => null);
	return response?.ok ? ((await response.json()) as ThingPlace[]) : [];
}
