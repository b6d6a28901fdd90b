import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { keepMark } from './keep-mark';
import { Keeper, type OnDevice, type OnServer, type Sent } from './keeper.svelte';
import type { Kept, KeepPlace } from './local-keep';

/** Work that is a number, a server that answers as told, and a device that keeps, is full, or keeps nothing. */
interface Note extends Kept {
	n: number;
}
function pretend(device: 'keeps' | 'full' | 'denied' | 'none' = 'keeps') {
	const world = { n: 0, onServer: 0, answer: { kind: 'kept' } as Sent, sends: 0, onDevice: null as Note | null };
	const place: KeepPlace<Note> | null =
		device === 'none'
			? null
			: {
					load: async () => world.onDevice,
					save: async (note) => {
						if (device === 'full') throw new DOMException('no room', 'QuotaExceededError');
						if (device === 'denied') throw new DOMException('denied', 'InvalidStateError');
						world.onDevice = note;
					},
					clear: async () => undefined
				};
	const keeper = new Keeper<Note>(
		{
			dirty: () => world.n !== world.onServer,
			snapshot: () => ({ n: world.n, dirty: world.n !== world.onServer, at: 0 }),
			async send() {
				world.sends++;
				if (world.answer.kind === 'kept') world.onServer = world.n;
				return world.answer;
			}
		},
		place
	);
	const change = () => {
		world.n++;
		keeper.changed();
	};
	return { world, keeper, change, mark: () => keepMark(keeper.server, keeper.device, keeper.message).words };
}
const settle = (ms = 600) => vi.advanceTimersByTimeAsync(ms);

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

describe('keeping', () => {
	it('goes to both', async () => {
		const { world, keeper, change, mark } = pretend();
		change();
		expect(mark()).toBe('keeping …');
		await settle();
		expect([world.onServer, world.onDevice?.n, keeper.unkept, mark()]).toEqual([1, 1, false, 'kept']);
	});

	it.each([
		['full', 'kept on the server; this device has no room to keep it'],
		['denied', 'kept on the server; this device cannot keep it'],
		['none', 'kept on the server; this device cannot keep it']
	] as const)('reaches the server where the device is %s, and says so', async (device, words) => {
		const { world, keeper, change, mark } = pretend(device);
		change();
		await settle(0);
		// Until the server has it, it is nowhere: leaving asks.
		expect(keeper.unkept).toBe(true);
		await settle();
		expect([world.onServer, keeper.unkept, mark()]).toEqual([1, false, words]);
	});

	it.each(['full', 'denied', 'none'] as const)(
		'is lost by leaving where the server is away and the device is %s',
		async (device) => {
			const { world, keeper, change, mark } = pretend(device);
			world.answer = { kind: 'unreachable' };
			change();
			await settle();
			expect(keeper.unkept).toBe(true);
			expect(mark()).toMatch(/^not kept: .*cannot be reached\. Leave this page open, or export it$/);
			world.answer = { kind: 'kept' };
			await settle(3000);
			expect([world.onServer, keeper.unkept]).toEqual([1, false]);
		}
	);

	it('on this device alone is no loss, and goes on when the server is back', async () => {
		const { world, keeper, change, mark } = pretend();
		world.answer = { kind: 'unreachable' };
		change();
		await settle();
		expect([keeper.unkept, mark()]).toEqual([
			false,
			'kept on this device; the server or its database cannot be reached'
		]);
		world.answer = { kind: 'kept' };
		await settle(3000);
		expect([world.onServer, mark()]).toEqual([1, 'kept']);
	});

	it('that failed by a fault of the server is said, and sent again only when asked or when something else is to be sent', async () => {
		const { world, keeper, change, mark } = pretend();
		world.answer = { kind: 'failed', message: 'Something went wrong' };
		change();
		await settle(60_000);
		expect([world.sends, keeper.unkept, mark()]).toEqual([
			1,
			false,
			'the server could not keep it (Something went wrong); kept on this device'
		]);
		keeper.leave();
		expect(world.sends).toBe(1);
		await keeper.save();
		expect(world.sends).toBe(2);
		world.answer = { kind: 'kept' };
		change();
		await settle();
		expect([world.sends, world.onServer, mark()]).toEqual([3, 2, 'kept']);
	});

	it('sends what was changed while it was sending', async () => {
		const { world, keeper } = pretend();
		world.n = 1;
		const first = keeper.save();
		world.n = 2;
		await first;
		world.n = 3;
		keeper.changed();
		await settle();
		expect(world.onServer).toBe(3);
	});

	it('in conflict sends nothing, and keeps on this device', async () => {
		const { world, keeper, change } = pretend();
		world.answer = { kind: 'conflict' };
		change();
		await settle();
		change();
		await settle(60_000);
		expect([world.sends, world.onDevice?.n, keeper.server]).toEqual([1, 2, 'conflict']);
	});
});

describe('the mark', () => {
	it('names the place that has the work, and warns where none has', () => {
		const servers: OnServer[] = ['kept', 'keeping', 'waiting', 'conflict', 'refused', 'failed'];
		const devices: OnDevice[] = ['kept', 'keeping', 'full', 'none'];
		for (const server of servers)
			for (const device of devices) {
				const { words, tone } = keepMark(server, device, 'why');
				const safe = device === 'kept' || device === 'keeping';
				if (server === 'kept') expect([tone, /server/.test(words)]).toEqual(['kept', !safe]);
				else if (server !== 'keeping') {
					expect(tone).toBe(safe ? 'away' : 'lost');
					expect(/kept on this device/.test(words)).toBe(safe);
				}
				expect(/why/.test(words)).toBe(server === 'refused' || server === 'failed');
			}
	});
});
