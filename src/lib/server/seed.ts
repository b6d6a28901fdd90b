import { count } from 'drizzle-orm';
import { oarStoreWall, slipwayWall } from '$core/demo/slipway';
import { moreWalls } from '$core/demo/slipway-more';
import { slipwayShop } from '$core/demo/slipway-shop';
import { emptyShop, MAIN_SHOP } from '$core/shop/types';
import { seedWith } from './db/database';
import { plans, shops } from './db/schema';
import { insertPlan } from './plans';
import { insertShop } from './shops';

/**
 * An empty database gets the demo workshop; one with walls from before there were shops gets a shop with nothing in it.
 */
seedWith(async (db) => {
	const [walls] = await db.select({ n: count() }).from(plans);
	const [found] = await db.select({ n: count() }).from(shops);
	// Once there was a shop, what is gone was removed on purpose.
	if (found?.n !== 0) return;
	// All of it or none: a start that is killed here begins anew.
	await db.transaction(async (tx) => {
		await insertShop(tx, MAIN_SHOP, walls?.n === 0 ? slipwayShop() : emptyShop('Workshop'));
		if (walls?.n !== 0) return;
		// The last one stands first in the list.
		for (const wall of moreWalls().reverse()) await insertPlan(tx, wall);
		await insertPlan(tx, oarStoreWall());
		await insertPlan(tx, slipwayWall());
	});
});
