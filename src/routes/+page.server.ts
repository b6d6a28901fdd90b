import type { Glance } from '$core/loads/glance';
import { listGlances, type PlanListing } from '$lib/server/plans';
import { isExample, listShops } from '$lib/server/shops';
import { isDatabaseDown } from '$lib/server/with-database';
import type { PageServerLoad } from './$types';

interface Front {
	walls: (PlanListing & { glance: Glance | null })[];
	shops: { id: string; name: string; things: number; example: boolean }[];
	down: boolean;
}

export const load: PageServerLoad = async (): Promise<Front> => {
	try {
		const [walls, shops] = await Promise.all([listGlances(), listShops()]);
		return { walls, shops: shops.map((s) => ({ id: s.id, name: s.name, things: s.things, example: isExample(s) })), down: false };
	} catch (error) {
		if (!isDatabaseDown(error)) throw error;
		return { walls: [], shops: [], down: true };
	}
};
