import type { Glance } from '$core/checks/glance';
import { listGlances, type PlanListing } from '$lib/server/plans';
import { isExample, listShops } from '$lib/server/shops';
import { listTrash, type Trashed } from '$lib/server/trash';
import { isDatabaseDown } from '$lib/server/with-database';
import type { PageServerLoad } from './$types';

interface Front {
	walls: (PlanListing & { glance: Glance | null })[];
	shops: { id: string; name: string; things: number; example: boolean }[];
	trash: Trashed[];
	down: boolean;
}

export const load: PageServerLoad = async (): Promise<Front> => {
	try {
		const [walls, shops, trash] = await Promise.all([listGlances(), listShops(), listTrash()]);
		return {
			walls,
			shops: shops.map((s) => ({ id: s.id, name: s.name, things: s.things, example: isExample(s) })),
			trash,
			down: false
		};
	} catch (error) {
		if (!isDatabaseDown(error)) throw error;
		return { walls: [], shops: [], trash: [], down: true };
	}
};
