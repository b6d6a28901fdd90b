import { onRow } from '$core/holders/empty-holder';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import type { Plan } from '$core/plan/types';
import type { Stored } from './api';
import type { Keep, KeepPlace } from './local-keep';
import { OpenPlan } from './open-plan.svelte';

/** A server with one wall, as the routes answer for it; `up` takes it away and brings it back. */
function pretendServer() {
	const server = { revision: 1, plan: slipwayWall(), up: true, made: [] as Plan[], writes: 0 };
	const answer = (status: number, body: unknown) =>
		new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
	vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
		if (!server.up) throw new TypeError('no connection');
		const body = JSON.parse(String(init.body)) as { revision: number; plan: Plan };
		if (init.method === 'POST') {
			server.made.push(body as unknown as Plan);
			return answer(201, { id: 'copy' });
		}
		server.writes++;
		if (body.revision !== server.revision)
			return answer(409, {
				current: { id: 'w', revision: server.revision, plan: server.plan, updatedAt: '2026-01-01T00:00:00Z' }
			});
		Object.assign(server, { revision: server.revision + 1, plan: body.plan });
		return answer(200, { revision: server.revision });
	});
	return server;
}

/** The device's place for this tab. */
function pretendPlace() {
	const kept: { last: Keep | null } = { last: null };
	const place: KeepPlace = {
		load: async () => kept.last,
		save: async (keep) => void (kept.last = structuredClone(keep)),
		clear: async () => void (kept.last = null)
	};
	return { kept, place };
}

let server: ReturnType<typeof pretendServer>;
let device: ReturnType<typeof pretendPlace>;
const stored = (): Stored => ({
	id: 'w',
	revision: server.revision,
	plan: structuredClone(server.plan),
	updatedAt: ''
});
const opened = (keep: Keep | null = null, from = stored()) => new OpenPlan(from, device.place, keep);
const settle = (ms = 600) => vi.advanceTimersByTimeAsync(ms);
const rename = (open: OpenPlan, name: string) => open.do({ kind: 'rename', name });
const move = (x: number) =>
	({ kind: 'change', list: 'holders', id: 'h1', change: { mount: onRow('r2', x, 'mm') } }) as const;

beforeEach(() => {
	vi.useFakeTimers();
	server = pretendServer();
	device = pretendPlace();
});
afterEach(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
});

describe('keeping', () => {
	it('writes to the device at once and to the server soon, once for several changes', async () => {
		const open = opened();
		rename(open, 'One');
		rename(open, 'Two');
		expect(open.keeper.server).toBe('keeping');
		expect(device.kept.last).toMatchObject({ plan: { name: 'Two' }, dirty: true });
		await settle();
		expect(server).toMatchObject({ plan: { name: 'Two' }, revision: 2, writes: 1 });
		expect(open.keeper.server).toBe('kept');
		expect(device.kept.last).toMatchObject({ dirty: false, revision: 2 });
	});

	it('refuses a faulty change with the field, and keeps the plan', async () => {
		const open = opened();
		expect(rename(open, ' ').map((p) => p.path)).toEqual(['name']);
		await settle();
		expect(server.writes).toBe(0);
	});

	it('waits while the server is away and writes the newest when it is back', async () => {
		const open = opened();
		server.up = false;
		rename(open, 'In the dark');
		await settle();
		expect(open.keeper.server).toBe('waiting');
		rename(open, 'Still dark');
		server.up = true;
		await settle(3100);
		expect(open.keeper.server).toBe('kept');
		expect(server.plan.name).toBe('Still dark');
	});

	it('goes on from the device after a reload, with its history', async () => {
		const first = opened();
		rename(first, 'Before');
		server.up = false;
		rename(first, 'After');
		const keep = device.kept.last;
		// The page that was is gone, and what it still meant to do.
		vi.clearAllTimers();
		server.up = true;
		const again = opened(keep);
		expect(again.plan.name).toBe('After');
		again.undo();
		expect(again.plan.name).toBe('Before');
		await settle();
		expect(server.plan.name).toBe('Before');
	});

	it('takes a save whose answer was lost for what it is', async () => {
		const open = opened();
		rename(open, 'Arrived');
		const keep = device.kept.last;
		await settle();
		expect(server.revision).toBe(2);
		const again = opened(keep);
		expect(again.theirs).toBeNull();
		expect(again.plan.name).toBe('Arrived');
	});
});

describe('two versions', () => {
	const clash = async () => {
		const open = opened();
		Object.assign(server, { revision: 2, plan: { ...server.plan, name: 'Theirs' } });
		rename(open, 'Mine');
		await settle();
		expect(open.keeper.server).toBe('conflict');
		expect(open.theirs?.plan.name).toBe('Theirs');
		return open;
	};

	it('are both kept when mine stays', async () => {
		const open = await clash();
		expect(await open.settle('mine')).toBe(true);
		expect(server.plan.name).toBe('Mine');
		expect(server.made.map((p) => p.name)).toEqual(['Theirs (other version)']);
		expect(open.keeper.server).toBe('kept');
	});

	it('are both kept when theirs stays', async () => {
		const open = await clash();
		expect(await open.settle('theirs')).toBe(true);
		expect(open.plan.name).toBe('Theirs');
		expect(server.made.map((p) => p.name)).toEqual(['Mine (other version)']);
	});

	it('both stay where they are when the copy cannot be made', async () => {
		const open = await clash();
		server.up = false;
		expect(await open.settle('mine')).toBe(false);
		expect(open.plan.name).toBe('Mine');
		expect(open.theirs?.plan.name).toBe('Theirs');
	});

	it('are found on opening, when this device has work on an older revision', () => {
		const mine: Keep = {
			plan: { ...slipwayWall(), name: 'Mine' },
			history: { past: [], future: [] },
			revision: 1,
			dirty: true,
			at: 0
		};
		Object.assign(server, { revision: 5, plan: { ...server.plan, name: 'Theirs' } });
		const open = opened(mine);
		expect(open.keeper.server).toBe('conflict');
		expect(open.plan.name).toBe('Mine');
	});

	it('are one when this device has nothing new', () => {
		const mine: Keep = {
			plan: { ...slipwayWall(), name: 'Old' },
			history: { past: [], future: [] },
			revision: 1,
			dirty: false,
			at: 0
		};
		Object.assign(server, { revision: 5, plan: { ...server.plan, name: 'Theirs' } });
		expect(opened(mine).plan.name).toBe('Theirs');
	});
});

describe('a drag', () => {
	it('moves at once, is judged right after, and leaves nothing behind when it is given up', async () => {
		const open = opened();
		open.show(move(600));
		expect(open.standing.get('h1')?.left).toBe(600);
		expect(open.checks.holders.get('h1')?.placed.left).toBe(250);
		await settle(10);
		expect(open.checks.holders.get('h1')?.placed.left).toBe(600);
		expect(open.settled.holders.get('h1')?.placed.left).toBe(250);
		open.show(null);
		expect(open.standing.get('h1')?.left).toBe(250);
		expect(open.checks.holders.get('h1')?.placed.left).toBe(250);
		expect(open.history.past).toHaveLength(0);
		await settle();
		expect(server.writes).toBe(0);
	});

	it('is judged a dozen times a second, with its last place never left out', async () => {
		const open = opened();
		const left = () => open.checks.holders.get('h1')?.placed.left;
		open.show(move(400));
		await settle(10);
		open.show(move(500));
		await settle(10);
		open.show(move(600));
		await settle(10);
		expect([open.standing.get('h1')?.left, left()]).toEqual([600, 400]);
		await settle(80);
		expect(left()).toBe(600);
	});

	it('is one step to undo when it is done', () => {
		const open = opened();
		open.show(move(400));
		open.show(move(600));
		open.do(move(600));
		expect(open.history.past.map((s) => s.label)).toEqual(['move holder']);
		open.undo();
		expect(open.plan).toEqual(slipwayWall());
		open.redo();
		expect(open.standing.get('h1')?.left).toBe(600);
	});

	it('forgets what is picked when undo takes it away', () => {
		const open = opened();
		open.do({ kind: 'add', list: 'studs', item: { id: 'new', x: 3075, width: 45, depth: 95, species: 'c24' } });
		open.selection = { kind: 'stud', id: 'new' };
		open.undo();
		expect(open.selection).toBeNull();
	});
});
