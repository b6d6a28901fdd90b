import { describe, expect, it } from 'vitest';
import { slipwayShop } from '$core/demo/slipway-shop';
import { slipwayWall } from '$core/demo/slipway';
import type { Shop } from '$core/shop/types';
import { newThing } from '$core/things/new-thing';
import type { Thing } from '$core/things/types';
import type { Reading } from '$devices/meters';
import { caller } from '../support/call';
import { useKammer } from '../support/running';
import { send } from '../../scripts/lib/send.mjs';

const kammer = useKammer();
const call = caller(() => kammer.url);

const shop = async () => (await call('GET', '/api/shops/main')).json as unknown as { revision: number; shop: Shop };
const thing = (id: string, more: Partial<Thing> = {}): Thing => ({ ...newThing(id, id), ...more });
const put = (item: Thing) => ({ list: 'things', id: item.id, item });
const write = (revision: number, changes: unknown[], settings?: unknown) =>
	call('PATCH', '/api/shops/main', { revision, changes, ...(settings ? { settings } : {}) });

describe('a shop', () => {
	it('starts as the demo shop, which its wall belongs to', async () => {
		expect((await call('GET', '/api/shops')).json).toMatchObject([
			{ id: 'main', name: 'Slipway workshop', things: slipwayShop().things.length }
		]);
		expect((await shop()).shop).toEqual(slipwayShop());
		const [wall] = (await call('GET', '/api/plans')).json as unknown as { id: string }[];
		expect((await call('GET', `/api/plans/${wall!.id}`)).json).toMatchObject({ shop: 'main' });
	});

	it('is written item by item, in order, and every write names the revision it is based on', async () => {
		const { revision, shop: before } = await shop();
		const oar = before.things.find((t) => t.id === 'oar')!;
		const done = await write(
			revision,
			[
				put({ ...oar, count: 8 }),
				put(thing('new', { name: 'Ölkanne "½" 墙', mass: 0.4 })),
				{ list: 'boards', id: 'b1', item: null }
			],
			{ ...before.settings, name: 'Slipway' }
		);
		expect(done.json).toEqual({ revision: revision + 1 });
		const { shop: now } = await shop();
		expect(now.things.map((t) => t.id)).toEqual([...before.things.map((t) => t.id), 'new']);
		expect(now.things.find((t) => t.id === 'oar')?.count).toBe(8);
		expect(now.things.at(-1)?.name).toBe('Ölkanne "½" 墙');
		expect(now.boards.map((b) => b.id)).toEqual(before.boards.slice(1).map((b) => b.id));
		expect(now.settings.name).toBe('Slipway');

		const stale = await write(revision, [put(thing('late'))]);
		expect(stale.status).toBe(409);
		expect((stale.json as unknown as { current: { revision: number; shop: Shop } }).current).toMatchObject({
			revision: revision + 1
		});
		expect((await shop()).shop.things.map((t) => t.id)).not.toContain('late');
	});

	it('lets one of many writers win, and keeps ids of other letters apart', async () => {
		const { revision } = await shop();
		const all = await Promise.all(
			Array.from({ length: 10 }, (_, i) => write(revision, [put(thing(`w${i}`)), put(thing('Aa')), put(thing('aA'))]))
		);
		expect(all.map((a) => a.status).sort()).toEqual([200, ...Array(9).fill(409)]);
		expect((await shop()).shop.things.filter((t) => /^w\d$/.test(t.id))).toHaveLength(1);
		expect((await shop()).shop.things.filter((t) => /^aa$/i.test(t.id))).toHaveLength(2);
	});

	it('takes thousands of items at once, and all or nothing', async () => {
		const { revision } = await shop();
		const many = Array.from({ length: 4000 }, (_, i) => put(thing(`m${i}`, { mass: 1, group: 'many' })));
		expect((await write(revision, [...many, put(thing('bad', { mass: -1 }))])).json.errors).toEqual([
			{ path: 'changes[4000].item.mass', message: 'must be at least 0.0005 kg' }
		]);
		expect((await shop()).shop.things.some((t) => t.group === 'many')).toBe(false);
		expect((await write(revision, many)).status).toBe(200);
		expect((await shop()).shop.things.filter((t) => t.group === 'many')).toHaveLength(4000);
		const gone = many.map(({ list, id }) => ({ list, id, item: null }));
		expect((await write(revision + 1, gone)).status).toBe(200);
	});

	it('does not grow past its bounds', async () => {
		let { revision } = await shop();
		const tools = (from: number, n: number) =>
			Array.from({ length: n }, (_, i) => ({
				list: 'tools',
				id: `x${from + i}`,
				item: { id: `x${from + i}`, kind: 'plane', name: '', limits: {}, notes: '' }
			}));
		expect((await write(revision++, tools(0, 400))).status).toBe(200);
		const over = await write(revision, tools(400, 200));
		expect([over.status, over.json.errors]).toEqual([
			422,
			[{ path: 'tools', message: 'must have at most 500 entries' }]
		]);
		// The same again is no more of them.
		expect((await write(revision++, tools(0, 400))).status).toBe(200);
		expect(
			(
				await write(
					revision,
					tools(0, 400).map((t) => ({ ...t, item: null }))
				)
			).status
		).toBe(200);
	});

	it.each([
		[{ changes: [] }, 'revision'],
		[{ revision: 1 }, 'changes'],
		[{ revision: 1, changes: [{ list: 'walls', id: 'a', item: null }] }, 'changes[0].list'],
		[{ revision: 1, changes: [{ list: 'things', id: 'a b', item: null }] }, 'changes[0].id'],
		[{ revision: 1, changes: [{ list: 'things', id: 'a', item: 7 }] }, 'changes[0].item'],
		[{ revision: 1, changes: [{ list: 'things', id: 'a', item: newThing('b', 'b') }] }, 'changes[0].item.id'],
		[{ revision: 1, changes: [put(thing('a')), put(thing('a'))] }, 'changes[1].id'],
		[{ revision: 1, changes: [], settings: { id: 'settings', name: '' } }, 'settings.name'],
		['{"revision":1,"changes":[{"__proto__":{}}]}', 'changes[0].__proto__'],
		[null, 'revision']
	])('refuses %j and names the field', async (body, path) => {
		const got = await call('PATCH', '/api/shops/main', body);
		expect(got.status).toBe(422);
		expect(got.json.errors.map((e) => e.path)).toContain(path);
	});

	it('that is not there', async () => {
		expect((await call('GET', '/api/shops/none')).status).toBe(404);
		expect((await call('PATCH', '/api/shops/none', { revision: 1, changes: [] })).status).toBe(404);
	});
});

describe('where a thing is', () => {
	it('is told over all walls', async () => {
		await call('POST', '/api/plans', {
			...slipwayWall(),
			name: 'Second',
			holders: slipwayWall().holders.filter((h) => h.id === 'h5')
		});
		const places = (await call('GET', '/api/shops/main/places')).json as unknown as {
			thing: string;
			wallName: string;
			count: number;
		}[];
		expect(
			places
				.filter((p) => p.thing === 'oar')
				.map((p) => [p.wallName, p.count])
				.sort()
		).toEqual([
			['Second', 6],
			['Slipway workshop, long wall', 6]
		]);
	});

	it('is what a label opens: its holder, its line, or a word that it is gone', async () => {
		const hanging = await call('GET', '/t/spar-clamp');
		expect([hanging.status, hanging.headers.get('location')]).toEqual([
			303,
			expect.stringMatching(/^\/walls\/[\w-]+\/stock\?thing=spar-clamp&holder=h1$/)
		]);
		const bicycles = (await call('GET', '/t/bike')).headers.get('location')!;
		expect(bicycles).toMatch(/^\/walls\/[\w-]+\/stock\?thing=bike&holder=k2$/);
		// With the wall that they hang on gone, they hang nowhere.
		await call('DELETE', `/api/plans/${bicycles.split('/')[2]}`);
		expect((await call('GET', '/t/bike')).headers.get('location')).toBe('/shop/main?thing=bike');
		expect((await call('GET', '/t/none')).status).toBe(404);
	});
});

describe('the stand-ins', () => {
	const stream = async (path: string, most = 30) => {
		const response = await fetch(kammer.url + path);
		const reader = response.body!.getReader();
		const decoder = new TextDecoder();
		let text = '';
		const got: Reading[] = [];
		for (let next = await reader.read(); !next.done && got.length < most; next = await reader.read()) {
			text += decoder.decode(next.value, { stream: true });
			const parts = text.split('\n\n');
			text = parts.pop() ?? '';
			got.push(...parts.map((p) => JSON.parse(p.replace(/^data: /, '')) as Reading));
		}
		await reader.cancel();
		return { type: response.headers.get('content-type'), got };
	};

	it('send readings one after another, about what they measure', async () => {
		const { type, got } = await stream('/api/devices/hanging-scale/readings?truth=2.3&seed=5', 20);
		expect(type).toBe('text/event-stream');
		const last = got.at(-1)!;
		expect(last.kind === 'value' && Math.abs(last.value - 2.3)).toBeLessThan(0.1);
	});

	it('break off, and say when they are out of range', async () => {
		expect((await stream('/api/devices/distance-meter/readings?truth=900&manner=breaks-off')).got).toHaveLength(6);
		expect((await stream('/api/devices/distance-meter/readings?truth=99000', 1)).got[0]).toMatchObject({
			kind: 'out-of-range'
		});
	});

	it('print labels and tell how it goes', async () => {
		const { got } = await stream('/api/devices/label-printer/jobs?labels=3&roll=2');
		expect(got).toMatchObject([
			{ kind: 'printed', label: 0 },
			{ kind: 'printed', label: 1, left: 0 },
			{ kind: 'stopped', printed: 2 }
		]);
	});

	it.each([
		['/api/devices/kettle/readings?truth=1', 404],
		['/api/devices/hanging-scale/readings', 422],
		['/api/devices/hanging-scale/readings?truth=-1', 422],
		['/api/devices/hanging-scale/readings?truth=1&manner=odd', 422],
		['/api/devices/label-printer/jobs?labels=0', 422],
		['/api/devices/label-printer/jobs?labels=2&roll=x', 422]
	])('refuse %s', async (path, status) => {
		expect((await call('GET', path)).status).toBe(status);
	});
});

describe('labels', () => {
	it('come as a PDF', async () => {
		const response = await send(`${kammer.url}/api/labels`, 'POST', {
			labels: [{ title: 'Oar', note: '', path: '/t/oar' }],
			layout: 'letter-30'
		});
		expect(response.headers.get('content-type')).toBe('application/pdf');
		expect((await response.text()).startsWith('%PDF')).toBe(true);
	});
	it('are refused with the field', async () =>
		expect((await call('POST', '/api/labels', { labels: [], layout: 'letter-30' })).json.errors[0]?.path).toBe(
			'labels'
		));
});
