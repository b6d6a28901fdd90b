import { error } from '@sveltejs/kit';
import { keepUpToDate } from '$core/plan/migrate';
import { MAIN_SHOP } from '$core/shop/types';
import type { Stored } from './api';
import { openKeep, type Keep } from './local-keep';
import { takeUpShop } from './take-up-shop';

/**
 * A wall as a page takes it up: what is kept on this device goes before what the server has, and stands in for it while
 * that is away.
 * @throws an error page where there is no such wall, or nobody has it just now
 */
export async function takeUpWall(id: string, fetch: typeof globalThis.fetch) {
	const place = await openKeep(id).catch(() => null);
	const kept: Keep | null = (await place?.load().catch(() => null)) ?? null;
	const keep = kept && keepUpToDate(kept);
	const response = await fetch(`/api/plans/${id}`).catch(() => null);
	if (response?.ok) {
		const stored = (await response.json()) as Stored;
		return { stored, place, keep, shop: await takeUpShop(stored.shop ?? MAIN_SHOP, fetch) };
	}
	if (response?.status === 404) {
		await place?.clear().catch(() => undefined);
		error(404, 'There is no such wall. It may have been deleted.');
	}
	if (!keep)
		error(
			503,
			'The database cannot be reached, and this device has no copy of this wall. It opens when the database is back.'
		);
	// The device's copy stands in for the server's until that can be reached again.
	return {
		stored: { id, revision: keep.revision, plan: keep.plan, updatedAt: '' } satisfies Stored,
		place,
		keep: { ...keep, dirty: true },
		shop: await takeUpShop(MAIN_SHOP, fetch)
	};
}
