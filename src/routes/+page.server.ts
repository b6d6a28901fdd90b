import { listPlans, type PlanListing } from '$lib/server/plans';
import { MAIN_SHOP } from '$core/shop/types';
import { isDatabaseDown } from '$lib/server/with-database';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (): Promise<{ walls: PlanListing[]; shop: string; down: boolean }> => {
	try {
		return { walls: await listPlans(), shop: MAIN_SHOP, down: false };
	} catch (error) {
		if (!isDatabaseDown(error)) throw error;
		return { walls: [], shop: MAIN_SHOP, down: true };
	}
};
