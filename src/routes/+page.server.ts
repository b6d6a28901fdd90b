import { listPlans, type PlanListing } from '$lib/server/plans';
import { isDatabaseDown } from '$lib/server/with-database';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (): Promise<{ walls: PlanListing[]; down: boolean }> => {
	try {
		return { walls: await listPlans(), down: false };
	} catch (error) {
		if (!isDatabaseDown(error)) throw error;
		return { walls: [], down: true };
	}
};
