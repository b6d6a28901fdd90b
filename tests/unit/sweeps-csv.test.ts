import { describe, expect, it } from 'vitest';
import { finish } from '$core/verdict/fails-at';
import { analyse } from '$core/survey/scan/analyse';
import { inventWall } from '$devices/hidden-wall';
import { sweep } from '$devices/stud-scanner';
import { readTracesCsv, tracesCsv } from '$exchange/traces-csv';

describe('recorded sweeps as CSV', () => {
	const wall = inventWall(11, 3000, 2400);
	const traces = [500, 1500].map((y) => sweep(wall, y, { samples: 1200, noise: 0.06, seed: y }));
	it('come back as they went, and are read alike', () => {
		const back = readTracesCsv(tracesCsv(traces));
		if (!back.ok) throw new Error(back.error);
		expect(back.value.map((t) => [t.y, t.density.length])).toEqual([
			[500, 1200],
			[1500, 1200]
		]);
		back.value.forEach((t, i) => expect(t.density).toEqual(traces[i]?.density));
		const [a, b] = [traces, back.value].map((t) => finish(analyse(t)).pieces) as unknown as [
			{ x: number }[],
			{ x: number }[]
		];
		expect(b.length).toBe(a.length);
		a.forEach((p, i) => expect(Math.abs(p.x - (b[i]?.x ?? 99))).toBeLessThan(0.3));
	});
	it('may be semicolons with decimal commas, out of order, without metal and mains', () => {
		const lines = Array.from({ length: 60 }, (_, i) => `500;${String(i * 2.5).replace('.', ',')};0,3`).reverse();
		expect(readTracesCsv(['Height;X;Density', ...lines].join('\n'))).toMatchObject({
			ok: true,
			value: [{ y: 500, from: 0, step: 2.5 }]
		});
	});
	const rows = (n: number, line: (i: number) => string) =>
		['height,x,density', ...Array.from({ length: n }, (_, i) => line(i))].join('\n');
	it.each([
		['without a heading', '1,2,3\n4,5,6', /needs a heading/],
		['with a word for a number', rows(60, (i) => `500,${i},${i === 7 ? 'wet' : 1}`), /Line 9 holds something/],
		['too short', rows(10, (i) => `500,${i},1`), /has 10 samples/],
		['with a gap', rows(60, (i) => `500,${i < 30 ? i : i + 20},1`), /not evenly spaced/],
		['standing still', rows(60, () => '500,7,1'), /does not move/],
		['off the wall', rows(60, (i) => `9000,${i},1`), /is not on a wall/],
		['empty', 'height,x,density', /holds no samples/],
		['of too many sweeps', rows(70 * 2, (i) => `${i},${i},1`), /more than 60 sweeps/]
	])('%s are refused', (_, text, why) =>
		expect(readTracesCsv(text)).toMatchObject({ ok: false, error: expect.stringMatching(why) })
	);
});
