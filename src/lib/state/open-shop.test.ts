import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { slipwayShop } from '$core/demo/slipway-shop';
import { applyChanges, type Change } from '$core/shop/changes';
import type { Shop } from '$core/shop/types';
import { newThing } from '$core/things/new-thing';
import type { KeepPlace } from './local-keep';
import { OpenShop, type ShopKeep } from './open-shop.svelte';

/** A server with one shop, as the route answers for it. */
function pretendServer() {
	const server = { revision: 1, shop: slipwayShop(), up: true, writes: [] as number[] };
	vi.stubGlobal('fetch', async (_: string, init: RequestInit) => {
		if (!server.up) throw new TypeError('no connection');
		const body = JSON.parse(String(init.body)) as {
			revision: number;
			changes: { list: 'things'; id: string; item: Change['after'] }[];
		};
		const answer = (status: number, json: unknown) =>
			new Response(JSON.stringify(json), { status, headers: { 'content-type': 'application/json' } });
		if (body.revision !== server.revision)
			return answer(409, { current: { id: 'main', revision: server.revision, shop: server.shop, updatedAt: '' } });
		server.writes.push(body.changes.length);
		server.shop = applyChanges(
			server.shop,
			body.changes.map(({ list, id, item }) => ({ list, id, before: null, after: item }) as Change)
		);
		server.revision++;
		return answer(200, { revision: server.revision });
	});
	return server;
}

let server: ReturnType<typeof pretendServer>;
let kept: ShopKeep | null;
const place: KeepPlace<ShopKeep> = {
	load: async () => kept,
	save: async (k) => void (kept = structuredClone(k)),
	clear: async () => void (kept = null)
};
const opened = (keep: ShopKeep | null = null) =>
	new OpenShop(
		{ id: 'main', revision: server.revision, shop: structuredClone(server.shop), updatedAt: '' },
		place,
		keep
	);
const settle = (ms = 700) => vi.advanceTimersByTimeAsync(ms);
const count = (s: Shop, id = 'oar') => s.things.find((t) => t.id === id)?.count;
const setCount = (open: OpenShop, n: number, id = 'oar') =>
	open.change('things', [id], (t) => ({ ...t, count: n }), 'change count');

beforeEach(() => {
	vi.useFakeTimers();
	server = pretendServer();
	kept = null;
});
afterEach(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
});

describe('the open stock-take', () => {
	it('sends only what has changed, once for several changes', async () => {
		const open = opened();
		setCount(open, 7);
		setCount(open, 8);
		open.add('things', [newThing('n1', 'New')], 'add');
		expect(open.keeper.server).toBe('keeping');
		await settle();
		expect(server.writes).toEqual([2]);
		expect([count(server.shop), open.keeper.server]).toEqual([8, 'kept']);
	});

	it('sends nothing that was taken back, and refuses what is wrong', async () => {
		const open = opened();
		expect(setCount(open, -1)).toEqual([{ path: 'things[oar].count', message: 'must be at least 1' }]);
		setCount(open, 7);
		open.undo();
		await settle();
		expect(server.writes).toEqual([]);
		expect(open.keeper.server).toBe('kept');
	});

	it('undoes and redoes one step of many items', async () => {
		const open = opened();
		open.change(
			'things',
			open.shop.things.map((t) => t.id),
			(t) => ({ ...t, where: 'anywhere' }),
			'change used at'
		);
		expect(open.shop.things.every((t) => t.where === 'anywhere')).toBe(true);
		open.undo();
		expect(open.shop.things).toEqual(slipwayShop().things);
		open.redo();
		expect(open.shop.things.every((t) => t.where === 'anywhere')).toBe(true);
	});

	it('writes a large file in parts', async () => {
		const open = opened();
		open.add(
			'things',
			Array.from({ length: 9000 }, (_, i) => newThing(`f${i}`, `F ${i}`)),
			'bring in'
		);
		await settle(2000);
		expect(server.writes).toEqual([4000, 4000, 1000]);
		expect(open.keeper.server).toBe('kept');
		expect(server.shop.things).toHaveLength(slipwayShop().things.length + 9000);
	});

	it('waits while the server is away, keeps the work here, and goes on after a reload', async () => {
		const open = opened();
		server.up = false;
		setCount(open, 9);
		await settle();
		expect(open.keeper.server).toBe('waiting');
		expect(kept).toMatchObject({ dirty: true });
		vi.clearAllTimers();
		server.up = true;
		const again = opened(kept);
		expect(count(again.shop)).toBe(9);
		again.undo();
		expect(count(again.shop)).toBe(6);
		again.redo();
		await settle();
		expect(count(server.shop)).toBe(9);
		expect(server.writes).toEqual([1]);
	});

	it('takes in what somebody else changed meanwhile, and goes on', async () => {
		const open = opened();
		server.shop = applyChanges(server.shop, [
			{
				list: 'things',
				id: 'paddle',
				before: null,
				after: { ...server.shop.things.find((t) => t.id === 'paddle')!, count: 3 }
			}
		]);
		server.revision = 5;
		setCount(open, 9);
		await settle(1500);
		expect([count(server.shop), count(server.shop, 'paddle')]).toEqual([9, 3]);
		expect([count(open.shop), count(open.shop, 'paddle'), open.twice]).toEqual([9, 3, []]);
		open.undo();
		expect([count(open.shop), count(open.shop, 'paddle')]).toEqual([6, 3]);
	});

	it('keeps both where both changed the same, and says so', async () => {
		const open = opened();
		server.shop = applyChanges(server.shop, [
			{
				list: 'things',
				id: 'oar',
				before: null,
				after: { ...server.shop.things.find((t) => t.id === 'oar')!, count: 3 }
			}
		]);
		server.revision = 5;
		setCount(open, 9);
		await settle(1500);
		expect(open.twice).toEqual(['Oar']);
		expect(server.shop.things.filter((t) => /^Oar/.test(t.name)).map((t) => [t.name, t.count])).toEqual([
			['Oar', 9],
			['Oar (other version)', 3]
		]);
	});

	it('knows what is placed and what is still to measure', () => {
		const open = opened();
		const before = open.open;
		open.places = [{ thing: 'oar', holder: 'h', wall: 'w', wallName: 'W', count: 6 }];
		expect(open.open.toPlace).toBe(before.toPlace - 1);
		open.change('things', ['battery'], (t) => ({ ...t, typical: [] }), 'measure');
		expect(open.open.unmeasured).toBe(before.unmeasured - 1);
	});

	it('is not there twice when an answer was lost and the same was changed again', async () => {
		const open = opened();
		const answering = fetch;
		setCount(open, 7);
		vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
			await answering(url, init);
			throw new TypeError('no connection');
		});
		await settle(600);
		vi.stubGlobal('fetch', answering);
		setCount(open, 8);
		await settle(5000);
		expect([count(open.shop), count(server.shop), open.twice]).toEqual([8, 8, []]);
		expect(open.keeper.server).toBe('kept');
	});

	describe('what was on its way when the page was left', () => {
		/** Sends a count of 7, takes it back before anybody answers, and leaves. */
		async function leftInFlight(arrives: boolean) {
			const open = opened();
			setCount(open, 7);
			const was = server.up;
			await settle(400);
			// The request goes, and its answer is lost.
			vi.stubGlobal('fetch', async (_: string, init: RequestInit) => {
				const { changes } = JSON.parse(String(init.body)) as { changes: { id: string; item: Change['after'] }[] };
				if (arrives) {
					const mine = changes.map(({ id, item }) => ({ list: 'things', id, before: null, after: item }) as Change);
					server.shop = applyChanges(server.shop, mine);
					server.revision++;
				}
				throw new TypeError('no connection');
			});
			await settle(200);
			open.undo();
			await settle(300);
			vi.unstubAllGlobals();
			const { shop, revision } = server;
			server = pretendServer();
			Object.assign(server, { shop, revision, up: was });
			return structuredClone(kept)!;
		}
		it.each([true, false])("is not taken for somebody else's (it arrived: %s)", async (arrives) => {
			const keep = await leftInFlight(arrives);
			expect([count(server.shop), count(keep.shop)]).toEqual([
				arrives ? 7 : count(slipwayShop()),
				count(slipwayShop())
			]);
			const again = opened(keep);
			await settle(3000);
			expect(count(again.shop)).toBe(count(slipwayShop()));
			expect(count(server.shop)).toBe(count(slipwayShop()));
			expect(again.keeper.server).toBe('kept');
		});
		it("is somebody else's where another has changed it since", async () => {
			const keep = await leftInFlight(true);
			server.shop = {
				...server.shop,
				things: server.shop.things.map((t) => (t.id === 'oar' ? { ...t, count: 3 } : t))
			};
			server.revision++;
			const again = opened(keep);
			await settle(3000);
			expect([count(again.shop), count(server.shop)]).toEqual([3, 3]);
		});
	});
});
