import { eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { CleanPhoto } from '$exchange/photo/clean';
import { database } from './db/database';
import { photos } from './db/schema';

/** Stores a photograph; gives its id. */
export async function storePhoto({ type, bytes }: CleanPhoto): Promise<string> {
	const db = await database();
	const id = nanoid(16);
	await db.insert(photos).values({ id, type, bytes: Buffer.from(bytes), createdAt: new Date() });
	return id;
}

/** A stored photograph, or null. */
export async function findPhoto(id: string): Promise<{ type: string; bytes: Uint8Array<ArrayBuffer> } | null> {
	const db = await database();
	const [row] = await db.select().from(photos).where(eq(photos.id, id));
	return row ? { type: row.type, bytes: new Uint8Array(row.bytes) } : null;
}
