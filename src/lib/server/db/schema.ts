import { datetime, index, int, json, mysqlTable, varchar } from 'drizzle-orm/mysql-core';

/** One wall: its plan document whole, and the revision that every write must name. Times in UTC. */
export const plans = mysqlTable(
	'plans',
	{
		id: varchar('id', { length: 24 }).primaryKey(),
		name: varchar('name', { length: 160 }).notNull(),
		revision: int('revision').notNull(),
		document: json('document').notNull(),
		createdAt: datetime('created_at', { mode: 'date', fsp: 3 }).notNull(),
		updatedAt: datetime('updated_at', { mode: 'date', fsp: 3 }).notNull()
	},
	(t) => [index('plans_updated_at').on(t.updatedAt)]
);
