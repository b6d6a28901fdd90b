import { and, desc, eq, isNotNull, isNull, lt, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { emptyShop, MAIN_SHOP } from '$core/shop/types';
import { database, type Database } from './db/database';
import { photos, plans, shopItems, shops } from './db/schema';

/**
 * What is deleted waits for thirty days. A workshop takes its walls along, at the same moment, so that they come back
 * together. A photograph waits as long from the day that no wall names it any more, walls in the trash too.
 */

const DAYS = 30;
const DAY = 24 * 60 * 60 * 1000;
const goneAt = (deleted: Date): string => new Date(deleted.getTime() + DAYS * DAY).toISOString();

/** Something in the trash. Times are ISO. */
export interface Trashed {
	kind: 'wall' | 'shop';
	id: string;
	name: string;
	/** Walls that come back with a workshop. */
	walls: number;
	deletedAt: string;
	/** When it is gone for good. */
	goneAt: string;
}

/** Puts a wall into the trash; false when there is none. */
export async function deletePlan(id: string): Promise<boolean> {
	const db = await database();
	const [result] = await db
		.update(plans)
		.set({ deletedAt: new Date() })
		.where(and(eq(plans.id, id), isNull(plans.deletedAt)));
	return result.affectedRows === 1;
}

/** Brings a wall back, into the main workshop where its own is gone; false when it is not in the trash. */
export async function restorePlan(id: string): Promise<boolean> {
	const db = await database();
	return db.transaction(async (tx) => {
		const [wall] = await tx
			.select({ shop: plans.shop })
			.from(plans)
			.where(and(eq(plans.id, id), isNotNull(plans.deletedAt)))
			.for('update');
		if (!wall) return false;
		const [home] = await tx
			.select({ id: shops.id })
			.from(shops)
			.where(and(eq(shops.id, wall.shop), isNull(shops.deletedAt)));
		await tx
			.update(plans)
			.set({ deletedAt: null, shop: home?.id ?? MAIN_SHOP })
			.where(eq(plans.id, id));
		return true;
	});
}

/**
 * Puts a workshop into the trash with its walls and all it owns. The main one stays, empty, since walls made without a
 * workshop are its: what it had goes under another id.
 * @returns false when there is none
 */
export async function deleteShop(id: string): Promise<boolean> {
	const db = await database();
	return db.transaction(async (tx) => {
		const [head] = await tx
			.select()
			.from(shops)
			.where(and(eq(shops.id, id), isNull(shops.deletedAt)))
			.for('update');
		if (!head) return false;
		const deletedAt = new Date();
		const as = id === MAIN_SHOP ? nanoid(12) : id;
		if (as === id) await tx.update(shops).set({ deletedAt }).where(eq(shops.id, id));
		else {
			const { settings } = emptyShop('Workshop');
			await tx.insert(shops).values({ ...head, id: as, deletedAt });
			await tx.update(shopItems).set({ shop: as }).where(eq(shopItems.shop, id));
			await tx
				.update(shops)
				.set({ name: settings.name, settings, revision: head.revision + 1, updatedAt: deletedAt })
				.where(eq(shops.id, id));
		}
		await tx
			.update(plans)
			.set({ deletedAt, shop: as })
			.where(and(eq(plans.shop, id), isNull(plans.deletedAt)));
		return true;
	});
}

/** Brings a workshop back with the walls that went with it; false when it is not in the trash. */
export async function restoreShop(id: string): Promise<boolean> {
	const db = await database();
	return db.transaction(async (tx) => {
		const [head] = await tx
			.select({ deletedAt: shops.deletedAt })
			.from(shops)
			.where(and(eq(shops.id, id), isNotNull(shops.deletedAt)))
			.for('update');
		if (!head?.deletedAt) return false;
		await tx.update(shops).set({ deletedAt: null }).where(eq(shops.id, id));
		await tx
			.update(plans)
			.set({ deletedAt: null })
			.where(and(eq(plans.shop, id), eq(plans.deletedAt, head.deletedAt)));
		return true;
	});
}

/** What is in the trash, last deleted first. Walls that went with their workshop are counted there. */
export async function listTrash(): Promise<Trashed[]> {
	const db = await database();
	const gone = await db
		.select({ id: shops.id, name: shops.name, deletedAt: shops.deletedAt })
		.from(shops)
		.where(isNotNull(shops.deletedAt))
		.orderBy(desc(shops.deletedAt));
	const walls = await db
		.select({ id: plans.id, name: plans.name, shop: plans.shop, deletedAt: plans.deletedAt })
		.from(plans)
		.where(isNotNull(plans.deletedAt))
		.orderBy(desc(plans.deletedAt));
	const wentWith = (w: (typeof walls)[number]) =>
		gone.find((s) => s.id === w.shop && s.deletedAt?.getTime() === w.deletedAt?.getTime());
	const entry = (
		kind: Trashed['kind'],
		{ id, name, deletedAt }: { id: string; name: string; deletedAt: Date | null },
		count: number
	): Trashed[] =>
		deletedAt ? [{ kind, id, name, walls: count, deletedAt: deletedAt.toISOString(), goneAt: goneAt(deletedAt) }] : [];
	return [
		...gone.flatMap((s) => entry('shop', s, walls.filter((w) => wentWith(w) === s).length)),
		...walls.filter((w) => !wentWith(w)).flatMap((w) => entry('wall', w, 0))
	].sort((a, b) => (a.deletedAt < b.deletedAt ? 1 : -1));
}

/**
 * Takes away for good what has waited long enough. Photographs begin to wait when this first finds no wall that names
 * them.
 */
export async function emptyTrash(db: Database, now = new Date()): Promise<void> {
	const end = new Date(now.getTime() - DAYS * DAY);
	const named = sql`select json_value(${plans.document}, '$.wall.photo.id') from ${plans} where json_value(${plans.document}, '$.wall.photo.id') is not null`;
	await db.transaction(async (tx) => {
		await tx.delete(plans).where(lt(plans.deletedAt, end));
		const old = await tx.select({ id: shops.id }).from(shops).where(lt(shops.deletedAt, end));
		for (const { id } of old) {
			await tx.delete(shopItems).where(eq(shopItems.shop, id));
			await tx.delete(shops).where(eq(shops.id, id));
		}
		await tx
			.update(photos)
			.set({ unnamedSince: null })
			.where(sql`${photos.id} in (${named})`);
		await tx
			.update(photos)
			.set({ unnamedSince: now })
			.where(and(isNull(photos.unnamedSince), sql`${photos.id} not in (${named})`));
		await tx.delete(photos).where(lt(photos.unnamedSince, end));
	});
}
