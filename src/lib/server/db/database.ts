import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2';
import { migrate } from 'drizzle-orm/mysql2/migrator';
import { createPool, type Pool } from 'mysql2/promise';
import { log } from '../log';

export type Database = MySql2Database;
/** What a writer needs: the database, or a transaction of it. */
export type Writer = Pick<Database, 'insert' | 'transaction'>;

let pool: Pool | undefined;
let db: Database | undefined;
let ready: Promise<void> | undefined;

function connect(): { pool: Pool; db: Database } {
	const url = process.env.DATABASE_URL;
	if (!url) throw new Error('DATABASE_URL is not set: start with npm start, or name a MariaDB server');
	pool ??= createPool({ uri: url, timezone: 'Z', connectionLimit: 8, connectTimeout: 3000, enableKeepAlive: true });
	db ??= drizzle(pool);
	return { pool, db };
}

/** Several Node processes may start at once on one database: one migrates, the others wait. */
async function prepare(seed: (db: Database) => Promise<void>, tidy: (db: Database) => Promise<void>): Promise<void> {
	const { pool, db } = connect();
	const holder = await pool.getConnection();
	try {
		await holder.query("SELECT GET_LOCK('kammer-migrate', 60)");
		await migrate(db, { migrationsFolder: process.env.KAMMER_MIGRATIONS ?? 'drizzle' });
		await seed(db);
		await tidy(db);
	} finally {
		await holder.query("SELECT RELEASE_LOCK('kammer-migrate')").catch(() => undefined);
		holder.release();
	}
}

let seeding: (db: Database) => Promise<void> = async () => undefined;

/** Says once what an empty database is filled with. */
export function seedWith(seed: (db: Database) => Promise<void>): void {
	seeding = seed;
}

let tidying: (db: Database) => Promise<void> = async () => undefined;

/** Says once what is cleared away whenever the database is taken up. */
export function tidyWith(tidy: (db: Database) => Promise<void>): void {
	tidying = tidy;
}

/**
 * The database, migrated. While it cannot be reached every call tries anew, so that a server started before its
 * database, or cut off from it, is well again by itself.
 * @throws the driver's error while there is no database
 */
export async function database(): Promise<Database> {
	ready ??= prepare(seeding, tidying).catch((error: unknown) => {
		ready = undefined;
		log.warn({ reason: error instanceof Error ? error.message : String(error) }, 'database not ready');
		throw error;
	});
	await ready;
	return connect().db;
}

/** Ends the pool, for a clean stop. */
export async function closeDatabase(): Promise<void> {
	await pool?.end();
	pool = undefined;
	db = undefined;
	ready = undefined;
}
