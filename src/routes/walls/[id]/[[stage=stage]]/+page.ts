import { error } from '@sveltejs/kit';
import type { Stored } from '$lib/state/api';
import { openKeep, type Keep } from '$lib/state/local-keep';
import { MAIN_SHOP } from '$core/shop/types';
import { takeUpShop } from '$lib/state/take-up-shop';
import type { PageLoad } from './$types';

/** The wall lives in the browser: what is kept on this device goes before what the server has. */
export const ssr = false;

export const load: PageLoad = async ({ params, fetch }) => {
	const place = await openKeep(params.id).catch(() => null);
	const keep: Keep | null = (await place?.load().catch(() => null)) ?? null;
	const response = await fetch(`/api/plans/${params.id}`).catch(() => null);
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
		stored: { id: params.id, revision: keep.revision, plan: keep.plan, updatedAt: '' } satisfies Stored,
		place,
		keep: { ...keep, dirty: true },
		shop: await takeUpShop(MAIN_SHOP, fetch)
	};
};
