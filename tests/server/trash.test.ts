import { createConnection } from 'mysql2/promise';
import { afterAll, describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { emptyWall } from '$core/plan/empty-wall';
import { caller } from '../support/call';
import { cleanUp, scratch, startKammer, startTestDatabase, type Running } from '../support/server';
import { send } from '../../scripts/lib/send.mjs';

/** What is deleted can be taken back for thirty days, and is gone after that. */
const folder = scratch();
const database = await startTestDatabase(folder);
let kammer: Running = await startKammer({ database });
const call = caller(() => kammer.url);
afterAll(async () => {
	await kammer.stop();
	await database.stop();
	cleanUp(folder);
});

interface Trashed {
	kind: string;
	id: string;
	name: string;
	walls: number;
	deletedAt: string;
	goneAt: string;
}
const trash = async () => (await call('GET', '/api/trash')).json as unknown as Trashed[];
const made = async (name: string, shop?: string) =>
	(
		(await call('POST', `/api/plans${shop ? `?shop=${shop}` : ''}`, { ...slipwayWall(), name })).json as unknown as {
			id: string;
		}
	).id;
const sql = async (statement: string, values: unknown[] = []) => {
	const connection = await createConnection({ uri: database.url, timezone: 'Z' });
	const [rows] = await connection.query(statement, values);
	await connection.end();
	return rows as Record<string, unknown>[];
};
const daysAgo = (days: number) => new Date(Date.now() - days * 24 * 60 * 60 * 1000);
/** Kammer looks for what has waited long enough whenever it takes its database up. */
async function again() {
	await kammer.stop();
	kammer = await startKammer({ database });
}

describe('a wall in the trash', () => {
	it('is nowhere else, and comes back as it was', async () => {
		const id = await made('Old wall');
		const before = (await call('GET', `/api/plans/${id}`)).json as unknown as { plan: unknown; revision: number };
		expect((await call('DELETE', `/api/plans/${id}`)).status).toBe(204);
		expect((await call('GET', `/api/plans/${id}`)).status).toBe(404);
		expect((await call('PUT', `/api/plans/${id}`, { revision: 1, plan: slipwayWall() })).status).toBe(404);
		expect((await call('GET', '/api/plans')).text).not.toContain(id);
		expect((await call('GET', '/api/shops/main/places')).text).not.toContain(id);
		const [entry] = await trash();
		expect(entry).toMatchObject({ kind: 'wall', id, name: 'Old wall' });
		expect(Date.parse(entry?.goneAt ?? '') - Date.parse(entry?.deletedAt ?? '')).toBe(30 * 24 * 60 * 60 * 1000);
		expect((await call('POST', `/api/plans/${id}/restore`)).status).toBe(204);
		expect((await call('GET', `/api/plans/${id}`)).json).toMatchObject({
			plan: before.plan,
			revision: before.revision
		});
		expect((await call('POST', `/api/plans/${id}/restore`)).status).toBe(404);
		expect(await trash()).toEqual([]);
	});

	it('is there for thirty days and no longer', async () => {
		const [stays, goes] = [await made('Stays'), await made('Goes')];
		for (const id of [stays, goes]) await call('DELETE', `/api/plans/${id}`);
		await sql('update plans set deleted_at = ? where id = ?', [daysAgo(29.9), stays]);
		await sql('update plans set deleted_at = ? where id = ?', [daysAgo(30.1), goes]);
		await again();
		expect((await trash()).map((t) => t.id)).toEqual([stays]);
		expect(await sql('select id from plans where id = ?', [goes])).toEqual([]);
		await call('POST', `/api/plans/${stays}/restore`);
		expect((await call('GET', `/api/plans/${stays}`)).status).toBe(200);
	});
});

describe('a workshop in the trash', () => {
	it('comes back with the walls that went with it, and not with one deleted before', async () => {
		const { id } = (await call('POST', '/api/shops', { name: 'Boat shed' })).json as unknown as { id: string };
		const [before, along] = [await made('Before', id), await made('Along', id)];
		await call('DELETE', `/api/plans/${before}`);
		await new Promise((resolve) => setTimeout(resolve, 20));
		expect((await call('DELETE', `/api/shops/${id}`)).status).toBe(204);
		expect((await call('GET', `/api/shops/${id}`)).status).toBe(404);
		expect((await trash()).map((t) => [t.kind, t.name, t.walls])).toEqual([
			['shop', 'Boat shed', 1],
			['wall', 'Before', 0]
		]);
		expect((await call('POST', `/api/shops/${id}/restore`)).status).toBe(204);
		expect((await call('GET', `/api/plans/${along}`)).json).toMatchObject({ shop: id });
		expect((await call('GET', `/api/plans/${before}`)).status).toBe(404);
		// A wall whose workshop is gone comes back into the main one.
		await call('DELETE', `/api/shops/${id}`);
		await call('POST', `/api/plans/${before}/restore`);
		expect((await call('GET', `/api/plans/${before}`)).json).toMatchObject({ shop: 'main' });
	});

	it('that was the main one leaves an empty one, and comes back beside it with all it owned', async () => {
		const things = async (id: string) =>
			((await call('GET', `/api/shops/${id}`)).json as unknown as { shop: { things: unknown[] } }).shop.things;
		const owned = await things('main');
		expect(owned.length).toBeGreaterThan(20);
		expect((await call('DELETE', '/api/shops/main')).status).toBe(204);
		expect(await things('main')).toEqual([]);
		// It begins no example anew.
		await again();
		expect(await things('main')).toEqual([]);
		const gone = (await trash()).find((t) => t.kind === 'shop' && t.walls > 0) as Trashed;
		await call('POST', `/api/shops/${gone.id}/restore`);
		expect(await things(gone.id)).toEqual(owned);
		const walls = (await call('GET', '/api/plans')).json as unknown as { shop: string }[];
		expect(walls.filter((w) => w.shop === gone.id).length).toBe(gone.walls);
	});

	it('is gone after thirty days with all it owned', async () => {
		const { id } = (await call('POST', '/api/shops', { name: 'Gone shed' })).json as unknown as { id: string };
		const wall = ((await call('POST', `/api/plans?shop=${id}`, emptyWall('x'))).json as unknown as { id: string }).id;
		await call('DELETE', `/api/shops/${id}`);
		for (const table of ['shops', 'plans'])
			await sql(`update ${table} set deleted_at = ? where id in (?, ?)`, [daysAgo(31), id, wall]);
		await again();
		expect((await trash()).some((t) => t.id === id)).toBe(false);
		expect((await call('POST', `/api/shops/${id}/restore`)).status).toBe(404);
		expect(await sql('select id from plans where id = ?', [wall])).toEqual([]);
	});
});

describe('a photograph', () => {
	it('that no wall names waits thirty days, also for a wall in the trash, and is gone then', async () => {
		const photo = async () => {
			const id = Math.random().toString(36).slice(2, 14);
			await sql('insert into photos (id, type, bytes, created_at) values (?, ?, ?, ?)', [
				id,
				'image/png',
				'x',
				daysAgo(100)
			]);
			return id;
		};
		const naming = async (id: string) => {
			const plan = slipwayWall();
			const wall = { ...plan.wall, photo: { id, x: 0, y: 0, width: 100, height: 100, opacity: 0.5 } };
			return ((await (await send(`${kammer.url}/api/plans`, 'POST', { ...plan, wall })).json()) as { id: string }).id;
		};
		const [named, trashed, alone] = [await photo(), await photo(), await photo()];
		await naming(named);
		await call('DELETE', `/api/plans/${await naming(trashed)}`);
		await again();
		const there = async () => (await sql('select id from photos')).map((r) => r.id);
		expect(await there()).toEqual(expect.arrayContaining([named, trashed, alone]));
		await sql('update photos set unnamed_since = ? where unnamed_since is not null', [daysAgo(31)]);
		await again();
		expect(await there()).toEqual(expect.arrayContaining([named, trashed]));
		expect(await there()).not.toContain(alone);
	});
});
