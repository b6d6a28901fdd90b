import { describe, expect, it } from 'vitest';
import { emptyWall } from '$core/plan/empty-wall';
import { caller } from '../support/call';
import { useKammer } from '../support/running';

const kammer = useKammer();
const call = caller(() => kammer.url);

describe('workshops', () => {
	it('are several, each with its own walls and things', async () => {
		const made = await call('POST', '/api/shops', { name: '  Boat shed ' });
		expect(made.status).toBe(201);
		const { id } = made.json as unknown as { id: string };
		const shops = (await call('GET', '/api/shops')).json as unknown as { id: string; name: string; things: number }[];
		expect(shops.find((s) => s.id === id)).toMatchObject({ name: 'Boat shed', things: 0 });
		const wall = (await call('POST', `/api/plans?shop=${id}`, emptyWall('Shed wall'))).json as unknown as {
			id: string;
		};
		expect((await call('GET', `/api/plans/${wall.id}`)).json).toMatchObject({ shop: id });
		// Gone with its walls; the others stay.
		const before = ((await call('GET', '/api/plans')).json as unknown as { id: string }[]).length;
		expect((await call('DELETE', `/api/shops/${id}`)).status).toBe(204);
		expect((await call('GET', `/api/plans/${wall.id}`)).status).toBe(404);
		expect(((await call('GET', '/api/plans')).json as unknown as unknown[]).length).toBe(before - 1);
		expect((await call('DELETE', `/api/shops/${id}`)).status).toBe(404);
	});

	it('need a name, and walls a workshop that is there', async () => {
		for (const name of ['', '   ', 7, null, 'x'.repeat(200)])
			expect((await call('POST', '/api/shops', { name })).status, String(name)).toBe(422);
		expect((await call('POST', '/api/shops', [])).status).toBe(422);
		expect((await call('POST', '/api/plans?shop=nowhere', emptyWall('x'))).status).toBe(422);
	});

	it('that is the example goes in one go, and leaves an empty one', async () => {
		const walls = async () =>
			((await call('GET', '/api/plans')).json as unknown as { shop: string }[]).filter((w) => w.shop === 'main').length;
		expect(await walls()).toBeGreaterThan(0);
		expect((await call('DELETE', '/api/shops/main')).status).toBe(204);
		expect(await walls()).toBe(0);
		expect((await call('GET', '/api/shops/main')).json).toMatchObject({
			shop: { settings: { name: 'Workshop' }, things: [] }
		});
	});
});
