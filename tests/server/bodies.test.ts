import { connect } from 'node:net';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { heavyBodies } from '../support/bodies.mjs';
import { caller } from '../support/call';
import { useKammer } from '../support/running';

/** No request stalls the server or ends it. How long each holds it is measured by npm run bench. */
const kammer = useKammer();
const call = caller(() => kammer.url);
/** Far above what any takes here, and far below the 17 s that one took before lengths came first. */
const NO_STALL = 8000;

describe('a body that is refused', () => {
	it.each(heavyBodies(slipwayWall()).map((b) => [b.name, b] as const))(
		'%s: says why, and the server goes on',
		async (_, { method, path, body }) => {
			const began = Date.now();
			const got = await call(method, path, body);
			expect(Date.now() - began).toBeLessThan(NO_STALL);
			expect(got.status, got.text.slice(0, 300)).toBeGreaterThanOrEqual(400);
			expect(got.status, got.text.slice(0, 300)).toBeLessThan(500);
			expect(got.text.length).toBeLessThan(20_000);
			expect((await call('GET', '/api/health')).status).toBe(200);
		}
	);

	it('names what objects answer to, with its path', async () => {
		expect((await call('POST', '/api/plans', '{"toString": 1}')).json.errors).toEqual([
			{ path: 'toString', message: 'is not a name a document may use' }
		]);
	});

	it('of half a character is 422, and a whole one is kept', async () => {
		const half = await call('POST', '/api/plans', JSON.stringify({ ...slipwayWall(), name: 'Oars \ud83e' }));
		expect([half.status, half.json.errors[0]?.path]).toEqual([422, 'name']);
		const item = { list: 'things', id: 'oar', item: { id: 'oar', name: '\udeb5' } };
		expect((await call('PATCH', '/api/shops/main', { revision: 1, changes: [item] })).status).toBe(422);
		expect((await call('POST', '/api/shops', { name: 'Shed \ud83e' })).status).toBe(422);
		const whole = await call('POST', '/api/plans', { ...slipwayWall(), name: 'Oars 🪵' });
		expect(whole.status).toBe(201);
	});
});

describe('a refusal before the body is read', () => {
	/** Sends on one connection by hand: a request that is refused early, its body, and then another. */
	function onOneConnection(head: string, bytes: number): Promise<string> {
		const { host, hostname, port } = new URL(kammer.url);
		return new Promise((resolve, reject) => {
			const socket = connect(Number(port), hostname);
			let said = '';
			socket.on('data', (chunk) => (said += String(chunk)));
			socket.on('close', () => resolve(said));
			socket.on('error', reject);
			socket.write(`${head}\r\nHost: ${host}\r\nContent-Length: ${bytes}\r\n\r\n`);
			socket.write('x'.repeat(bytes));
			socket.write(`GET /api/health HTTP/1.1\r\nHost: ${host}\r\nConnection: close\r\n\r\n`);
		});
	}

	it.each([
		[
			'not JSON',
			(origin: string) => `POST /api/plans HTTP/1.1\r\nContent-Type: text/plain\r\nOrigin: ${origin}`,
			'415'
		],
		[
			'from elsewhere',
			() => 'POST /api/plans HTTP/1.1\r\nContent-Type: application/json\r\nOrigin: http://elsewhere.example',
			'403'
		],
		[
			'too large',
			(origin: string) => `POST /api/plans HTTP/1.1\r\nContent-Type: application/json\r\nOrigin: ${origin}`,
			'413'
		]
	])(
		'%s: what is left of it is read away, and the next request on the connection is answered',
		async (_, head, status) => {
			const said = await onOneConnection(head(kammer.url), status === '413' ? 9 * 1024 * 1024 : 200_000);
			expect([...said.matchAll(/HTTP\/1\.1 (\d{3})/g)].map((m) => m[1])).toEqual([status, '200']);
		}
	);

	it('that goes on for ever is closed', async () => {
		const { host, hostname, port } = new URL(kammer.url);
		const said = await new Promise<string>((resolve) => {
			const socket = connect(Number(port), hostname);
			let heard = '';
			socket.on('data', (chunk) => (heard += String(chunk)));
			socket.on('error', () => undefined);
			socket.on('close', () => resolve(heard));
			socket.write(
				`POST /api/plans HTTP/1.1\r\nHost: ${host}\r\nOrigin: ${kammer.url}\r\nContent-Type: text/plain\r\nContent-Length: 900000000\r\n\r\n`
			);
			const more = setInterval(() => (socket.destroyed ? clearInterval(more) : socket.write('x'.repeat(1000))), 50);
		});
		expect(said).toMatch(/^HTTP\/1\.1 415/);
		expect(said.toLowerCase()).toContain('connection: close');
	});
});
