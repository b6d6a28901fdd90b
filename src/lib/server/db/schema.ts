import { customType, datetime, index, int, json, mysqlTable, primaryKey, varchar } from 'drizzle-orm/mysql-core';

/**
 * One workshop, and the revision that every write to its stock-take must name. Its settings are one small document.
 * Times in UTC.
 */
export const shops = mysqlTable('shops', {
	id: varchar('id', { length: 24 }).primaryKey(),
	name: varchar('name', { length: 160 }).notNull(),
	revision: int('revision').notNull(),
	settings: json('settings').notNull(),
	createdAt: datetime('created_at', { mode: 'date', fsp: 3 }).notNull(),
	updatedAt: datetime('updated_at', { mode: 'date', fsp: 3 }).notNull(),
	/** In the trash since then; null where it is in use. */
	deletedAt: datetime('deleted_at', { mode: 'date', fsp: 3 })
});

/** Everything a shop owns, an item a row: a thing, boards, a consumable, a tool. `seq` keeps the order they came in. */
export const shopItems = mysqlTable(
	'shop_items',
	{
		shop: varchar('shop', { length: 24 }).notNull(),
		list: varchar('list', { length: 16 }).notNull(),
		id: varchar('id', { length: 40 }).notNull(),
		seq: int('seq').notNull(),
		document: json('document').notNull()
	},
	(t) => [primaryKey({ columns: [t.shop, t.list, t.id] }), index('shop_items_order').on(t.shop, t.list, t.seq)]
);

/** One wall of a shop: its plan document whole, and the revision that every write must name. Times in UTC. */
export const plans = mysqlTable(
	'plans',
	{
		id: varchar('id', { length: 24 }).primaryKey(),
		shop: varchar('shop', { length: 24 }).notNull().default('main'),
		name: varchar('name', { length: 160 }).notNull(),
		revision: int('revision').notNull(),
		document: json('document').notNull(),
		createdAt: datetime('created_at', { mode: 'date', fsp: 3 }).notNull(),
		updatedAt: datetime('updated_at', { mode: 'date', fsp: 3 }).notNull(),
		/** In the trash since then, by itself or with its shop at the same moment; null where it is in use. */
		deletedAt: datetime('deleted_at', { mode: 'date', fsp: 3 })
	},
	(t) => [index('plans_updated_at').on(t.updatedAt), index('plans_shop').on(t.shop)]
);

const mediumblob = customType<{ data: Buffer }>({ dataType: () => 'mediumblob' });

/** Straightened photographs of walls. Plans name them; they never change. */
export const photos = mysqlTable('photos', {
	id: varchar('id', { length: 24 }).primaryKey(),
	type: varchar('type', { length: 16 }).notNull(),
	bytes: mediumblob('bytes').notNull(),
	createdAt: datetime('created_at', { mode: 'date', fsp: 3 }).notNull(),
	/** No wall has named it since then, as far as anybody has looked; null where one does. */
	unnamedSince: datetime('unnamed_since', { mode: 'date', fsp: 3 })
});
