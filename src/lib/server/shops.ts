import { slipwayShop } from '$core/demo/slipway-shop';
import { nanoid } from 'nanoid';
import { and, asc, count, eq, inArray, isNull, max, sql } from 'drizzle-orm';
import { SHOP_LIMITS } from '$core/shop/schema';
import { thingsOn, type ThingPlace } from '$core/shop/places';
import { emptyShop, MAIN_SHOP, SHOP_LISTS, type Shop, type ShopList, type ShopSettings } from '$core/shop/types';
import { database, type Writer } from './db/database';
import { parsed, parsedPlan } from './db/parsed';
import { plans, shopItems, shops } from './db/schema';

/** Rows written with one statement. */
const CHUNK = 500;

export interface StoredShop {
	id: string;
	revision: number;
	shop: Shop;
	updatedAt: string;
}

/** One item as it shall be, or null where it shall be no more. */
export interface ItemWrite {
	list: ShopList;
	id: string;
	item: { id: string } | null;
}

/** The shop with this id, unless it is in the trash. */
const inUse = (id: string) => and(eq(shops.id, id), isNull(shops.deletedAt));

function* chunks<T>(all: readonly T[]): Generator<T[]> {
	for (let i = 0; i < all.length; i += CHUNK) yield all.slice(i, i + CHUNK);
}

/** A new shop at revision 1 with all it owns. */
export async function insertShop(db: Writer, id: string, shop: Shop): Promise<void> {
	const now = new Date();
	await db.transaction(async (tx) => {
		await tx
			.insert(shops)
			.values({ id, name: shop.settings.name, revision: 1, settings: shop.settings, createdAt: now, updatedAt: now });
		for (const list of SHOP_LISTS) {
			const rows = shop[list].map((item, i) => ({ shop: id, list, id: item.id, seq: i + 1, document: item }));
			for (const some of chunks(rows)) await tx.insert(shopItems).values(some);
		}
	});
}

/** The shop with this id and all it owns, as of one moment; null when there is none. */
export async function findShop(id: string): Promise<StoredShop | null> {
	const db = await database();
	return db.transaction(async (tx) => {
		const [head] = await tx.select().from(shops).where(inUse(id));
		if (!head) return null;
		const rows = await tx
			.select({ list: shopItems.list, document: shopItems.document })
			.from(shopItems)
			.where(eq(shopItems.shop, id))
			.orderBy(asc(shopItems.seq), asc(shopItems.id));
		const shop: Shop = { ...emptyShop(head.name), settings: parsed<ShopSettings>(head.settings) };
		for (const row of rows) (shop[row.list as ShopList] as unknown[] | undefined)?.push(parsed(row.document));
		return { id, revision: head.revision, shop, updatedAt: head.updatedAt.toISOString() };
	});
}

export interface ShopListing {
	id: string;
	name: string;
	revision: number;
	updatedAt: string;
	things: number;
}

/** All shops with how many things each has. */
export async function listShops(): Promise<ShopListing[]> {
	const db = await database();
	const things = await db
		.select({ shop: shopItems.shop, n: count() })
		.from(shopItems)
		.where(eq(shopItems.list, 'things'))
		.groupBy(shopItems.shop);
	const rows = await db
		.select({ id: shops.id, name: shops.name, revision: shops.revision, updatedAt: shops.updatedAt })
		.from(shops)
		.where(isNull(shops.deletedAt))
		.orderBy(asc(shops.createdAt));
	return rows.map((r) => ({
		...r,
		updatedAt: r.updatedAt.toISOString(),
		things: things.find((t) => t.shop === r.id)?.n ?? 0
	}));
}

export type ShopSaved =
	| { kind: 'kept'; revision: number }
	| { kind: 'stale'; current: StoredShop }
	| { kind: 'missing' }
	| { kind: 'too-many'; list: ShopList };

/** Takes a transaction back that would leave a list longer than it may be. */
class TooMany extends Error {
	constructor(readonly list: ShopList) {
		super(`too many ${list}`);
	}
}

/** Writes items and settings in one transaction, if nobody else has written since `revision`. */
export async function saveShop(
	id: string,
	revision: number,
	writes: readonly ItemWrite[],
	settings: ShopSettings | null
): Promise<ShopSaved> {
	const db = await database();
	const work = db.transaction(async (tx) => {
		const [result] = await tx
			.update(shops)
			.set({ revision: revision + 1, updatedAt: new Date(), ...(settings ? { settings, name: settings.name } : {}) })
			.where(and(inUse(id), eq(shops.revision, revision)));
		if (result.affectedRows !== 1) return false;
		for (const list of SHOP_LISTS) {
			const gone = writes.filter((w) => w.list === list && w.item === null).map((w) => w.id);
			for (const some of chunks(gone))
				await tx
					.delete(shopItems)
					.where(and(eq(shopItems.shop, id), eq(shopItems.list, list), inArray(shopItems.id, some)));
			const put = writes.filter((w) => w.list === list && w.item !== null);
			if (put.length === 0) continue;
			const [last] = await tx
				.select({ seq: max(shopItems.seq) })
				.from(shopItems)
				.where(and(eq(shopItems.shop, id), eq(shopItems.list, list)));
			const rows = put.map((w, i) => ({ shop: id, list, id: w.id, seq: (last?.seq ?? 0) + i + 1, document: w.item }));
			// An item that is there keeps its place.
			for (const some of chunks(rows))
				await tx
					.insert(shopItems)
					.values(some)
					.onDuplicateKeyUpdate({ set: { document: sql`values(${shopItems.document})` } });
			const [all] = await tx
				.select({ n: count() })
				.from(shopItems)
				.where(and(eq(shopItems.shop, id), eq(shopItems.list, list)));
			if ((all?.n ?? 0) > SHOP_LIMITS[list]) throw new TooMany(list);
		}
		return true;
	});
	let kept: boolean;
	try {
		kept = await work;
	} catch (error) {
		if (error instanceof TooMany) return { kind: 'too-many', list: error.list };
		throw error;
	}
	if (kept) return { kind: 'kept', revision: revision + 1 };
	const current = await findShop(id);
	return current ? { kind: 'stale', current } : { kind: 'missing' };
}

/** What of a shop's things hangs on which holder of which wall. */
export async function placesOf(shop: string): Promise<ThingPlace[]> {
	const db = await database();
	const rows = await db
		.select({ id: plans.id, name: plans.name, document: plans.document })
		.from(plans)
		.where(and(eq(plans.shop, shop), isNull(plans.deletedAt)));
	return rows.flatMap((r) => thingsOn(parsedPlan(r.document)).map((p) => ({ ...p, wall: r.id, wallName: r.name })));
}

/** Where a thing is, for whoever scanned its label: the holder with most of it, or none. */
export async function whereIs(thing: string): Promise<{ shop: string; place: ThingPlace | null } | null> {
	const db = await database();
	const [row] = await db
		.select({ shop: shopItems.shop })
		.from(shopItems)
		.innerJoin(shops, and(eq(shops.id, shopItems.shop), isNull(shops.deletedAt)))
		.where(and(eq(shopItems.list, 'things'), eq(shopItems.id, thing)));
	if (!row) return null;
	const places = (await placesOf(row.shop)).filter((p) => p.thing === thing).sort((a, b) => b.count - a.count);
	return { shop: row.shop, place: places[0] ?? null };
}

/** Is there such a shop? */
export async function shopExists(id: string): Promise<boolean> {
	const db = await database();
	const [row] = await db.select({ id: shops.id }).from(shops).where(inUse(id));
	return row !== undefined;
}

/** Is it the invented workshop that a new database begins with, under its own name still? */
export const isExample = (shop: Pick<ShopListing, 'id' | 'name'>): boolean =>
	shop.id === MAIN_SHOP && shop.name === slipwayShop().settings.name;

/** A new workshop with nothing in it. */
export async function createShop(name: string): Promise<string> {
	const id = nanoid(12);
	await insertShop(await database(), id, emptyShop(name));
	return id;
}
