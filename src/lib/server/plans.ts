import { and, desc, eq, inArray, isNull, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { glanceAt, type Glance } from '$core/checks/glance';
import type { Plan } from '$core/plan/types';
import { MAIN_SHOP } from '$core/shop/types';
import { database, type Writer } from './db/database';
import { parsedPlan } from './db/parsed';
import { plans } from './db/schema';

export interface StoredPlan {
	id: string;
	/** The shop whose things hang here. */
	shop: string;
	revision: number;
	plan: Plan;
	updatedAt: string;
}

export interface PlanListing {
	id: string;
	shop: string;
	name: string;
	revision: number;
	updatedAt: string;
	rows: number;
	holders: number;
}

type Row = typeof plans.$inferSelect;

const stored = (row: Row): StoredPlan => ({
	id: row.id,
	shop: row.shop,
	revision: row.revision,
	plan: parsedPlan(row.document),
	updatedAt: row.updatedAt.toISOString()
});

/** A new wall at revision 1, in a database that is at hand. */
export async function insertPlan(db: Writer, plan: Plan, shop = MAIN_SHOP): Promise<StoredPlan> {
	const now = new Date();
	const id = nanoid(12);
	await db
		.insert(plans)
		.values({ id, shop, name: plan.name, revision: 1, document: plan, createdAt: now, updatedAt: now });
	return { id, shop, revision: 1, plan, updatedAt: now.toISOString() };
}

/** All walls, last changed first. */
export async function listPlans(): Promise<PlanListing[]> {
	const db = await database();
	const rows = await db
		.select({
			id: plans.id,
			shop: plans.shop,
			name: plans.name,
			revision: plans.revision,
			updatedAt: plans.updatedAt,
			rows: sql<number>`json_length(${plans.document}, '$.rows')`.mapWith(Number),
			holders: sql<number>`json_length(${plans.document}, '$.holders')`.mapWith(Number)
		})
		.from(plans)
		.where(isNull(plans.deletedAt))
		.orderBy(desc(plans.updatedAt));
	return rows.map((r) => ({ ...r, updatedAt: r.updatedAt.toISOString() }));
}

/** Walls that are looked at, not only listed: beyond these the front page would wait. */
const MOST_GLANCES = 60;
const glances = new Map<string, { revision: number; glance: Glance }>();

/** All walls with a look at the last changed ones. A wall that has not changed is not looked at again. */
export async function listGlances(): Promise<(PlanListing & { glance: Glance | null })[]> {
	const listed = await listPlans();
	const wanted = listed.slice(0, MOST_GLANCES).filter((l) => glances.get(l.id)?.revision !== l.revision);
	if (wanted.length > 0) {
		const db = await database();
		const rows = await db
			.select({ id: plans.id, revision: plans.revision, document: plans.document })
			.from(plans)
			.where(
				inArray(
					plans.id,
					wanted.map((w) => w.id)
				)
			);
		for (const r of rows) glances.set(r.id, { revision: r.revision, glance: glanceAt(parsedPlan(r.document)) });
	}
	for (const id of glances.keys()) if (!listed.some((l) => l.id === id)) glances.delete(id);
	return listed.map((l) => ({ ...l, glance: glances.get(l.id)?.glance ?? null }));
}

/** A new wall at revision 1. */
export async function createPlan(plan: Plan, shop?: string): Promise<StoredPlan> {
	return insertPlan(await database(), plan, shop);
}

/** The wall with this id, or null. */
export async function findPlan(id: string): Promise<StoredPlan | null> {
	const db = await database();
	const [row] = await db
		.select()
		.from(plans)
		.where(and(eq(plans.id, id), isNull(plans.deletedAt)));
	return row ? stored(row) : null;
}

/** What a write came to: kept, out of date (with what is there now), or nothing there. */
export type Saved = { kind: 'kept'; revision: number } | { kind: 'stale'; current: StoredPlan } | { kind: 'missing' };

/** Writes a whole plan, if nobody else has since `revision`. One statement decides, so two writers cannot both win. */
export async function savePlan(id: string, revision: number, plan: Plan): Promise<Saved> {
	const db = await database();
	const [result] = await db
		.update(plans)
		.set({ name: plan.name, document: plan, revision: revision + 1, updatedAt: new Date() })
		.where(and(eq(plans.id, id), eq(plans.revision, revision), isNull(plans.deletedAt)));
	if (result.affectedRows === 1) return { kind: 'kept', revision: revision + 1 };
	const current = await findPlan(id);
	return current ? { kind: 'stale', current } : { kind: 'missing' };
}
