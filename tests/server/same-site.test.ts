import { request } from 'node:http';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { caller } from '../support/call';
import { useKammer } from '../support/running';

/**
 * A page elsewhere whose name is pointed at this machine, and one that sends its requests here: neither reads nor
 * changes anything.
 */
const kammer = useKammer();
const call = caller(() => kammer.url);

/** A request as a browser would send it for a page of that name and origin. */
function ask(
	method: string,
	path: string,
	headers: Record<string, string>,
	body = ''
): Promise<{ status: number; text: string }> {
	const { port } = new URL(kammer.url);
	return new Promise((resolve, reject) => {
		const sent = request({ host: '127.0.0.1', port, method, path, headers }, (response) => {
			let text = '';
			response.on('data', (chunk) => (text += String(chunk)));
			response.on('end', () => resolve({ status: response.statusCode ?? 0, text }));
		});
		sent.on('error', reject);
		sent.end(body);
	});
}

describe('a name that is pointed at this machine', () => {
	it.each(['/', '/api/plans', '/api/shops/main', '/sums', '/api/health'])('reads nothing of %s', async (path) => {
		const got = await ask('GET', path, { host: 'rebound.example' });
		expect(got.status).toBe(421);
		expect(got.text).not.toContain('Slipway');
		expect((await ask('GET', path, { host: new URL(kammer.url).host })).status).toBe(200);
	});
});

describe('a page elsewhere', () => {
	it('makes, changes and deletes nothing', async () => {
		const { id } = (await call('POST', '/api/plans', slipwayWall())).json as unknown as { id: string };
		const { host } = new URL(kammer.url);
		const before = (await call('GET', '/api/plans')).text;
		for (const origin of ['http://elsewhere.example', 'null', 'http://127.0.0.1:1']) {
			const headers = { host, origin, 'content-type': 'application/json' };
			const plan = JSON.stringify({ revision: 1, plan: { ...slipwayWall(), name: 'Theirs' } });
			expect((await ask('DELETE', `/api/plans/${id}`, headers)).status).toBe(403);
			expect((await ask('PUT', `/api/plans/${id}`, headers, plan)).status).toBe(403);
			expect((await ask('POST', '/api/plans', headers, JSON.stringify(slipwayWall()))).status).toBe(403);
			expect((await ask('DELETE', '/api/shops/main', headers)).status).toBe(403);
		}
		expect((await call('GET', '/api/plans')).text).toBe(before);
		expect((await call('DELETE', `/api/plans/${id}`)).status).toBe(204);
	});
});
