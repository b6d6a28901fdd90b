import { deflateSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { slipwayWall } from '$core/demo/slipway';
import { emptyWall } from '$core/plan/empty-wall';
import { finish } from '$core/verdict/fails-at';
import { analyse } from '$core/survey/scan/analyse';
import type { Trace } from '$core/survey/scan/trace';
import { caller } from '../support/call';
import { useKammer } from '../support/running';
import { send } from '../../scripts/lib/send.mjs';

const kammer = useKammer();
const call = caller(() => kammer.url);

/** A small picture, with a text in it that must not be kept. */
function png(): Buffer {
	const table = Array.from({ length: 256 }, (_, n) =>
		[0, 1, 2, 3, 4, 5, 6, 7].reduce((c) => (c & 1 ? (0xedb88320 ^ (c >>> 1)) >>> 0 : c >>> 1), n)
	);
	const crc = (b: Buffer) =>
		(b.reduce((c, x) => ((table[(c ^ x) & 255] as number) ^ (c >>> 8)) >>> 0, 0xffffffff) ^ 0xffffffff) >>> 0;
	const u32 = (n: number) => Buffer.from([n >>> 24, (n >>> 16) & 255, (n >>> 8) & 255, n & 255]);
	const chunk = (name: string, body: Buffer) =>
		Buffer.concat([u32(body.length), Buffer.from(name), body, u32(crc(Buffer.concat([Buffer.from(name), body])))]);
	return Buffer.concat([
		Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
		chunk('IHDR', Buffer.concat([u32(3), u32(2), Buffer.from([8, 0, 0, 0, 0])])),
		chunk('tEXt', Buffer.from('Author\0secret')),
		chunk('IDAT', deflateSync(Buffer.alloc(8))),
		chunk('IEND', Buffer.alloc(0))
	]);
}
const post = (body: BodyInit, type: string) =>
	send(`${kammer.url}/api/photos`, 'POST', body, { headers: { 'content-type': type } });

describe('photographs', () => {
	it('are stored without what was written into them, and come back', async () => {
		const made = await post(new Uint8Array(png()), 'image/png');
		expect(made.status).toBe(201);
		const { id, width, height } = (await made.json()) as { id: string; width: number; height: number };
		expect([width, height]).toEqual([3, 2]);
		const back = await fetch(`${kammer.url}/api/photos/${id}`);
		expect(back.headers.get('content-type')).toBe('image/png');
		expect(back.headers.get('cache-control')).toContain('immutable');
		expect(back.headers.get('x-content-type-options')).toBe('nosniff');
		const bytes = Buffer.from(await back.arrayBuffer()).toString('latin1');
		expect(bytes).not.toContain('secret');
		expect(bytes).toContain('IDAT');
	});
	it.each([
		['another type', new Uint8Array([1, 2]), 'application/octet-stream', 415],
		['a lie about its type', '<svg onload="alert(1)"/>', 'image/png', 422],
		['one that breaks off', new Uint8Array(png().subarray(0, 40)), 'image/png', 422],
		['one too large', new Uint8Array(9 * 1024 * 1024), 'image/jpeg', 413]
	])('that are %s are refused', async (_, body, type, status) => {
		expect((await post(body, type)).status).toBe(status);
	});
	it('that are not there are not found', async () =>
		expect((await fetch(`${kammer.url}/api/photos/none`)).status).toBe(404));
});

describe('the survey sheet', () => {
	it('is a PDF of the plan that is sent', async () => {
		const made = await call('POST', '/api/survey-sheet?unit=inch', slipwayWall());
		expect(made.status).toBe(200);
		expect(made.headers.get('content-type')).toBe('application/pdf');
		expect(made.text.slice(0, 5)).toBe('%PDF-');
	});
	it('is not made of what is no plan', async () => {
		const made = await call('POST', '/api/survey-sheet', { ...slipwayWall(), name: '' });
		expect(made.status).toBe(422);
		expect(made.json.errors[0]?.path).toBe('name');
	});
});

describe('the simulated scanner', () => {
	const sweep = async (query: string): Promise<Trace> => {
		const text = await (await fetch(`${kammer.url}/api/devices/stud-scanner/sweeps?${query}`)).text();
		const parts = text
			.split('\n\n')
			.filter(Boolean)
			.map((e) => JSON.parse(e.replace(/^data: /, '')) as Trace & { of: number });
		const [first] = parts as [Trace & { of: number }];
		const all = parts.reduce<Trace>(
			(sum, p) => ({
				...sum,
				density: [...sum.density, ...p.density],
				metal: [...sum.metal, ...p.metal],
				mains: [...sum.mains, ...p.mains]
			}),
			{ ...first, density: [], metal: [], mains: [] }
		);
		expect(all.density).toHaveLength(first.of);
		return all;
	};

	it('sweeps a known wall: its studs are found where they stand', async () => {
		const studs = [400, 812, 1190, 1655];
		const query = (y: number) =>
			`width=2000&height=2400&seed=3&y=${y}&studs=${studs.map((x) => `${x}:45:0`).join(',')}`;
		const traces = await Promise.all([500, 1500].map((y) => sweep(query(y))));
		const found = finish(analyse(traces)).pieces;
		expect(found).toHaveLength(studs.length);
		found.forEach((p, i) => expect(Math.abs(p.x - (studs[i] as number))).toBeLessThan(6));
		const drill = async (x: number) =>
			(await call('GET', `/api/devices/stud-scanner/pilots?${query(500)}&x=${x}`)).json as unknown as { hit: string };
		expect([await drill(812), await drill(900)]).toEqual([{ hit: 'wood' }, { hit: 'nothing' }]);
	});

	it('stands before the same hidden wall each time, by its seed', async () => {
		const [a, b, c] = await Promise.all([7, 7, 8].map((seed) => sweep(`width=3000&height=2400&y=900&seed=${seed}`)));
		expect(a?.density).toEqual(b?.density);
		expect(a?.density).not.toEqual(c?.density);
	});

	it.each([
		['width', 'height=2400&y=1&width=1e9'],
		['y', 'width=3000&height=2400&y=9999'],
		['samples', 'width=3000&height=2400&y=900&samples=1e9'],
		['noise', 'width=3000&height=2400&y=900&noise=-1'],
		['studs', 'width=3000&height=2400&y=900&studs=a:b:c']
	])('names a wrong %s', async (field, query) => {
		const answer = await call('GET', `/api/devices/stud-scanner/sweeps?${query}`);
		expect(answer.status).toBe(422);
		expect(answer.json.errors[0]?.path).toBe(field);
	});
});

describe('a surveyed wall', () => {
	it('is stored and checked with all of its survey', async () => {
		const plan = {
			...emptyWall('Brick'),
			wall: {
				...emptyWall('Brick').wall,
				build: {
					kind: 'masonry',
					material: 'brick',
					thickness: 102,
					first: 100,
					pitch: 400,
					plug: { diameter: 8, length: 50, load: null }
				},
				front: { depth: 1500, walkway: 900, headHeight: 2000 }
			}
		};
		const made = await call('POST', '/api/plans', plan);
		expect(made.status).toBe(201);
		const back = await call('GET', `/api/plans/${(made.json as unknown as { id: string }).id}`);
		expect((back.json as unknown as { plan: unknown }).plan).toEqual(plan);
		const wrong = await call('POST', '/api/check', { ...plan, wall: { ...plan.wall, build: { kind: 'straw' } } });
		expect(wrong.json.errors[0]).toEqual({
			path: 'wall.build.kind',
			message: 'must be one of: framed, plank, masonry'
		});
	});
});
