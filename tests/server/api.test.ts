import { backOf } from '../support/peg-rack';
import Ajv from 'ajv/dist/2020';
import Papa from 'papaparse';
import { describe, expect, it, test } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import type { Plan, RowMount } from '$core/plan/types';
import { caller } from '../support/call';
import { useKammer } from '../support/running';
import { send } from '../../scripts/lib/send.mjs';

const kammer = useKammer();

const call = caller(() => kammer.url);
const make = async (plan: Plan = slipwayWall()) =>
	(await call('POST', '/api/plans', plan)).json as unknown as { id: string; revision: number };

describe('walls', () => {
	it('start with the demo wall', async () => {
		const list = (await call('GET', '/api/plans')).json as unknown as { name: string; rows: number; holders: number }[];
		expect(list.some((w) => w.name === 'Slipway workshop, long wall' && w.rows === 5 && w.holders === 6)).toBe(true);
	});

	it('are made, read, written and deleted', async () => {
		const { id } = await make();
		const read = (await call('GET', `/api/plans/${id}`)).json as unknown as { plan: Plan; revision: number };
		expect(read.plan).toEqual(slipwayWall());
		const put = await call('PUT', `/api/plans/${id}`, { revision: 1, plan: { ...read.plan, name: 'Ölwand "½" 墙' } });
		expect(put.json).toEqual({ revision: 2 });
		expect(((await call('GET', `/api/plans/${id}`)).json as unknown as { plan: Plan }).plan.name).toBe('Ölwand "½" 墙');
		expect((await call('DELETE', `/api/plans/${id}`)).status).toBe(204);
		expect((await call('GET', `/api/plans/${id}`)).status).toBe(404);
		expect((await call('DELETE', `/api/plans/${id}`)).status).toBe(404);
		expect((await call('PUT', `/api/plans/${id}`, { revision: 2, plan: read.plan })).status).toBe(404);
	});

	it('refuse a stale write with what is there now', async () => {
		const { id } = await make();
		await call('PUT', `/api/plans/${id}`, { revision: 1, plan: { ...slipwayWall(), name: 'first' } });
		const stale = await call('PUT', `/api/plans/${id}`, { revision: 1, plan: { ...slipwayWall(), name: 'second' } });
		expect(stale.status).toBe(409);
		expect(stale.headers.get('content-type')).toBe('application/problem+json');
		expect((stale.json as unknown as { current: { revision: number; plan: Plan } }).current).toMatchObject({
			revision: 2,
			plan: { name: 'first' }
		});
	});

	it('let one of many writers at once win', async () => {
		const { id } = await make();
		const answers = await Promise.all(
			Array.from({ length: 12 }, (_, i) =>
				call('PUT', `/api/plans/${id}`, { revision: 1, plan: { ...slipwayWall(), name: `writer ${i}` } })
			)
		);
		expect(answers.filter((a) => a.status === 200)).toHaveLength(1);
		expect(answers.filter((a) => a.status === 409)).toHaveLength(11);
	});
});

describe('bad input', () => {
	const bad = (edit: (p: Plan) => void) => {
		const p = slipwayWall();
		edit(p);
		return p;
	};
	test.each<[string, unknown, number, string]>([
		['a zero wall', bad((p) => void (p.wall.width = 0)), 422, 'wall.width'],
		[
			'a holder wider than the wall',
			bad((p) => void (backOf(p.holders[0]!).width = 6000)),
			422,
			'holders[0].back.width'
		],
		['a row nobody laid', bad((p) => void ((p.holders[0]!.mount as RowMount).row = 'rx')), 422, 'holders[0].mount.row'],
		['no plan at all', {}, 422, 'format'],
		['null', null, 422, ''],
		['prototype keys', '{"format":"kammer-plan","__proto__":{"x":1}}', 422, '__proto__']
	])('%s is answered with the field', async (_, body, status, path) => {
		for (const route of ['/api/plans', '/api/check', '/api/cuts']) {
			const got = await call('POST', route, body);
			expect(got.status, route).toBe(status);
			expect(got.headers.get('content-type')).toBe('application/problem+json');
			expect(
				got.json.errors.some((e) => e.path.startsWith(path)),
				JSON.stringify(got.json)
			).toBe(true);
		}
	});

	it('that is nested too deep is refused before it is taken apart', async () => {
		for (const route of ['/api/plans', '/api/check', '/api/cuts']) {
			const got = await call('POST', route, `${'['.repeat(20_000)}${']'.repeat(20_000)}`);
			expect([got.status, got.json.errors]).toEqual([
				422,
				[{ path: '', message: 'is nested more than 20 levels deep' }]
			]);
		}
	});

	it('names the field under plan in a write', async () => {
		const { id } = await make();
		expect(
			(await call('PUT', `/api/plans/${id}`, { revision: 1, plan: bad((p) => void (p.rows[1]!.y = -1)) })).json
				.errors[0]?.path
		).toBe('plan.rows[1].y');
		expect((await call('PUT', `/api/plans/${id}`, { revision: 'x', plan: slipwayWall() })).json.errors[0]?.path).toBe(
			'revision'
		);
		expect((await call('PUT', `/api/plans/${id}`, '[]')).status).toBe(422);
	});

	it('that is not JSON, or not said to be, is refused', async () => {
		expect((await call('POST', '/api/plans', '{"format":')).status).toBe(400);
		expect((await call('POST', '/api/plans', 'x', { 'content-type': 'application/xml' })).status).toBe(415);
		// What a foreign page's form could send is refused before it is read.
		const plain = { 'content-type': 'text/plain' };
		expect((await call('POST', '/api/plans', 'x', plain)).status).toBe(415);
		expect((await call('POST', '/api/plans', 'x', { ...plain, origin: 'http://elsewhere.example' })).status).toBe(403);
	});

	it('of 50 MB is refused, with a length and without one', async () => {
		const big = 'x'.repeat(50 * 1024 * 1024);
		const refused = async (send: () => Promise<Response>) => {
			// A server may answer and close before it has heard all of it.
			const status = await send().then(
				(r) => r.status,
				() => 'closed'
			);
			expect([413, 'closed']).toContain(status);
		};
		await refused(() => send(`${kammer.url}/api/plans`, 'POST', big));
		const stream = new ReadableStream({
			start(controller) {
				for (let i = 0; i < 50; i++) controller.enqueue(new Uint8Array(1024 * 1024).fill(120));
				controller.close();
			}
		});
		await refused(() =>
			send(`${kammer.url}/api/plans`, 'POST', stream, {
				duplex: 'half'
			})
		);
		expect((await call('GET', '/api/health')).status).toBe(200);
	});
});

describe('checks and cuts', () => {
	it('come without storing anything', async () => {
		const before = (await call('GET', '/api/plans')).text;
		const checked = (await call('POST', '/api/check', slipwayWall())).json as unknown as {
			holders: { id: string; verdict: string; margin: number; check: string }[];
			checks: { id: string; lines: unknown[] }[];
			note: string;
		};
		expect(checked.holders.find((h) => h.id === 'h6')).toMatchObject({
			verdict: 'cannot-be-built',
			margin: 0,
			stop: { text: expect.stringMatching(/counts for nothing/) }
		});
		const deciding = checked.checks.find((c) => c.id === checked.holders.find((h) => h.id === 'h1')?.check);
		expect(deciding?.lines.length).toBeGreaterThan(0);
		expect(checked.note).toMatch(/local codes have the last word/);
		const cuts = (await call('POST', '/api/cuts', slipwayWall())).json as unknown as {
			groups: { proven: boolean; buy: number; bound: number }[];
		};
		expect(cuts.groups.every((g) => g.proven && g.buy === g.bound)).toBe(true);
		expect((await call('GET', '/api/plans')).text).toBe(before);
	});

	it('come as CSV, in either unit', async () => {
		const { id } = await make();
		for (const [unit, length] of [
			['mm', '1662.5'],
			['inch', '65.453']
		] as const) {
			const csv = await call('GET', `/api/plans/${id}/cuts.csv?unit=${unit}`);
			expect(csv.headers.get('content-type')).toMatch(/^text\/csv/);
			const rows = Papa.parse<Record<string, string>>(csv.text, { header: true }).data;
			const head = `length (${unit === 'inch' ? 'in' : 'mm'})`;
			expect(rows.filter((r) => r.what?.startsWith('cleat 1 of 2')).map((r) => r[head])).toEqual([
				length,
				length,
				length
			]);
			expect(rows.filter((r) => r.list === 'buy').length).toBeGreaterThan(4);
		}
	});

	it('are cut from what the shop has and bought at its prices', async () => {
		const { id } = await make();
		const { text } = await call('GET', `/api/plans/${id}/cuts.csv`);
		const lines = Papa.parse<Record<string, string>>(text, { header: true }).data;
		const dowel = lines.find((r) => r.list === 'buy' && r.stock?.includes('25 mm across'));
		expect([dowel?.store, dowel?.['money (EUR)']]).toEqual(['hardware store in town', '19.60']);
		expect(lines.some((r) => r.list === 'take')).toBe(true);
	});

	it('are worked out aside: more than can wait are told to come back, and all else goes on', async () => {
		const asked = Array.from({ length: 24 }, () => call('POST', '/api/cuts', slipwayWall()));
		const began = performance.now();
		expect((await call('GET', '/api/plans')).status).toBe(200);
		const waited = performance.now() - began;
		const answers = await Promise.all(asked);
		const all = performance.now() - began;
		const busy = answers.filter((a) => a.status === 503);
		expect(answers.filter((a) => a.status === 200).length).toBeGreaterThanOrEqual(16);
		expect(busy.length).toBeGreaterThan(0);
		expect(busy[0]?.headers.get('retry-after')).toBe('2');
		// The list came while cut plans were still being worked out, not after them.
		expect(waited).toBeLessThan(all / 2);
	});

	it('keep spreadsheet formulas harmless', async () => {
		const plan = slipwayWall();
		plan.rows[0]!.name = '=HYPERLINK("x")';
		const { id } = await make(plan);
		expect((await call('GET', `/api/plans/${id}/cuts.csv`)).text).toMatch(/"'=HYPERLINK/);
	});
});

describe("the plan's JSON Schema", () => {
	it('takes the demo wall and refuses what the reader refuses', async () => {
		const got = await call('GET', '/api/plan.schema.json');
		const validate = new Ajv({ strict: false }).compile(got.json);
		expect(validate(slipwayWall()), JSON.stringify(validate.errors)).toBe(true);
		for (const edit of [
			(p: Plan) => void (p.wall.width = 0),
			(p: Plan) => void Object.assign(p.wall, { colour: 'red' }),
			(p: Plan) => void (p.holders[0]!.carriers[0]!.params.spacing = { kind: 'pitch', count: 2 }),
			(p: Plan) => void ((p.holders[0]!.carriers[0]!.params.spacing as { count: number }).count = 1.5),
			(p: Plan) => void (p.rows[0]!.id = 'a b'),
			(p: Plan) => void ((p.rows[0] as { stock: string }).stock = 'oak'),
			(p: Plan) => void delete (p as Partial<Plan>).holders
		]) {
			const p = slipwayWall();
			edit(p);
			expect(validate(p)).toBe(false);
		}
	});
});

describe('every answer', () => {
	it('carries the security headers', async () => {
		for (const path of ['/', '/api/plans', '/walls/x/rows']) {
			const { headers } = await call('GET', path);
			expect(headers.get('x-content-type-options'), path).toBe('nosniff');
			expect(headers.get('x-frame-options'), path).toBe('DENY');
			expect(headers.get('content-security-policy'), path).toMatch(/default-src '(self|none)'/);
			expect(headers.get('content-security-policy'), path).not.toMatch(/'unsafe-eval'|script-src[^;]*unsafe-inline/);
			expect(headers.get('x-request-id'), path).toMatch(/^[\w-]{10}$/);
		}
	});

	it('to an unknown address is a 404', async () => expect((await call('GET', '/api/nothing')).status).toBe(404));
});

describe('the simulated stores', () => {
	const ask = (body: unknown) => call('POST', '/api/devices/price-feed/quotes', body);
	it('answer for every line, the same to the same seed', async () => {
		const prices = Array.from({ length: 40 }, (_, i) => ({ id: `p${i}`, price: i === 0 ? null : 10 }));
		const first = await ask({ seed: 3, prices });
		const { quotes } = first.json as unknown as { quotes: { id: string; price: number | null }[] };
		expect(quotes.map((q) => q.id)).toEqual(prices.map((p) => p.id));
		expect((await ask({ seed: 3, prices })).text).toBe(first.text);
	});
	it.each([
		['prices.0.price', { seed: 1, prices: [{ id: 'a', price: -1 }] }],
		['prices.0.id', { seed: 1, prices: [{ id: '', price: 1 }] }],
		['seed', { seed: 0.5, prices: [] }],
		['prices', { seed: 1 }]
	])('refuse nonsense at %s', async (path, body) => {
		const got = await ask(body);
		expect([got.status, got.json.errors[0]?.path.replace(/\[(\d+)\]/, '.$1')]).toEqual([422, path]);
	});
});

describe('a cut plan on paper', () => {
	const paper = {
		title: 'Wall',
		sheets: [],
		tables: [{ title: 'To buy', heads: ['what'], rows: [['glue']], note: '' }]
	};
	it('comes as a PDF', async () => {
		const got = await call('POST', '/api/cut-sheets?unit=inch', paper);
		expect([got.status, got.headers.get('content-type'), got.text.slice(0, 4)]).toEqual([
			200,
			'application/pdf',
			'%PDF'
		]);
	});
	it('is refused where it is none, with where', async () => {
		const got = await call('POST', '/api/cut-sheets', { ...paper, sheets: [{ title: 'x', length: -3 }] });
		expect([got.status, got.json.errors.some((e) => e.path.includes('length'))]).toEqual([422, true]);
	});
});
