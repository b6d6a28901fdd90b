import { Matrix, solve } from 'ml-matrix';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitBump } from '$core/survey/scan/fit-bump';
import { joinHeights, joinLive } from '$core/survey/scan/join-heights';
import type { Sighting, TraceReading } from '$core/survey/scan/read-trace';
import { baseline, erf, median, noiseOf, quantile, seen, smooth } from '$core/survey/scan/signal';
import { solveLinear } from '$core/solve-linear';
import { seeded } from '$core/seeded';
import { gauss } from '$devices/noise';

describe('the error function', () => {
	// Abramowitz and Stegun, Handbook of Mathematical Functions, Table 7.1, from memory.
	const table: [number, number][] = [
		[0, 0],
		[0.1, 0.112462916],
		[0.5, 0.5204998778],
		[1, 0.8427007929],
		[1.5, 0.9661051465],
		[2, 0.995322265]
	];

	it.each(table)('of %f is that of the table', (x, value) => {
		expect(erf(x)).toBeCloseTo(value, 6);
	});

	it('is odd', () => {
		for (const [x] of table) {
			expect(erf(-x)).toBeCloseTo(-erf(x), 8);
		}
	});

	it('makes a step seen half at its edge, and 84 % a spread beyond it', () => {
		expect(seen(100, 100, 9)).toBeCloseTo(0.5, 6);
		expect(seen(109, 100, 9)).toBeCloseTo(0.8413, 4);
		expect(seen(91, 100, 9)).toBeCloseTo(0.1587, 4);
	});
});

describe('linear equations', () => {
	it('are solved as by ml-matrix', () => {
		const number = fc.double({ min: -10, max: 10, noNaN: true });
		const system = fc.integer({ min: 1, max: 8 }).chain((n) =>
			fc.record({
				rows: fc.array(fc.array(number, { minLength: n, maxLength: n }), { minLength: n, maxLength: n }),
				right: fc.array(number, { minLength: n, maxLength: n })
			})
		);
		fc.assert(
			fc.property(system, ({ rows, right }) => {
				// A strong diagonal keeps the equations apart from each other.
				const strong = rows.map((row, i) => row.map((v, k) => (i === k ? v + 100 : v)));
				const ours = solveLinear(strong.map((row, i) => [...row, right[i] as number]));
				const theirs = solve(new Matrix(strong), Matrix.columnVector(right)).getColumn(0);
				expect(ours).not.toBeNull();
				theirs.forEach((v, i) => expect(ours?.[i]).toBeCloseTo(v, 9));
			}),
			{ numRuns: 200 }
		);
	});

	it('that do not decide have no answer', () => {
		expect(
			solveLinear([
				[1, 2, 3],
				[2, 4, 6]
			])
		).toBeNull();
		expect(
			solveLinear([
				[0, 0, 1],
				[0, 1, 1]
			])
		).toBeNull();
	});

	it('leave what they were given alone', () => {
		const rows = [
			[0, 1, 3],
			[2, 0, 4]
		];
		expect(solveLinear(rows)).toEqual([2, 3]);
		expect(rows).toEqual([
			[0, 1, 3],
			[2, 0, 4]
		]);
	});
});

describe('a channel', () => {
	const next = seeded(5);
	const noise = Array.from({ length: 4000 }, () => gauss(next) * 0.06);

	it('tells its noise, also over a slow drift', () => {
		const drifting = noise.map((v, i) => v + 0.3 * Math.sin(i / 300));
		expect(noiseOf(noise)).toBeCloseTo(0.06, 2);
		expect(noiseOf(drifting)).toBeCloseTo(0.06, 2);
	});

	it('tells its noise beside studs', () => {
		const studs = noise.map((v, i) => v + (i % 160 < 16 ? 1 : 0));
		expect(noiseOf(studs)).toBeCloseTo(0.06, 2);
	});

	it('softened keeps its level and loses noise by what theory says', () => {
		const soft = smooth(noise, 3);
		// White noise averaged over a Gaussian of s samples is less by the root of 2 s √π.
		expect(noiseRms(soft)).toBeCloseTo(noiseRms(noise) / Math.sqrt(2 * 3 * Math.sqrt(Math.PI)), 2);
		const level = smooth(new Array<number>(100).fill(0.7), 3);
		expect(level[0]).toBeCloseTo(0.7, 12);
		expect(level[50]).toBeCloseTo(0.7, 12);
	});

	it('has its bare wall under its studs', () => {
		const wall = Float64Array.from({ length: 2000 }, (_, i) => 0.3 + i / 20_000 + (i % 160 < 16 ? 1 : 0));
		const base = baseline(wall, 128);
		for (const i of [100, 800, 1005, 1900]) {
			expect(Math.abs((base[i] as number) - (0.3 + i / 20_000))).toBeLessThan(0.02);
		}
	});

	it('has quantiles as everybody counts them', () => {
		expect(quantile([3, 1, 2], 0.5)).toBe(2);
		expect(quantile([1, 2, 3, 4], 0.25)).toBe(1.75);
		expect(median([5])).toBe(5);
		expect(median([])).toBeNaN();
	});
});

const noiseRms = (v: ArrayLike<number>) => Math.sqrt(Array.from(v).reduce((s, x) => s + x * x, 0) / v.length);

describe('a bump fitted to samples', () => {
	const x = Array.from({ length: 60 }, (_, i) => 740 + i * 2.5);
	const clean = (left: number, right: number, height: number) =>
		x.map((at) => 0.02 + height * (seen(at, left, 9) - seen(at, right, 9)));

	it('without noise is the one it was made of', () => {
		const fit = fitBump({ x, v: clean(795, 833, 0.9) }, { left: 785, right: 845, height: 1, base: 0 }, 9, 0.01);
		expect(fit?.left).toBeCloseTo(795, 3);
		expect(fit?.right).toBeCloseTo(833, 3);
		expect(fit?.height).toBeCloseTo(0.9, 4);
		expect(fit?.base).toBeCloseTo(0.02, 4);
		expect(fit?.residual).toBeLessThan(1e-6);
	});

	it('says how far off it may be: as far as it is, over many tries', () => {
		const next = seeded(11);
		const tries = Array.from({ length: 300 }, () => {
			const v = clean(795, 833, 1).map((d) => d + gauss(next) * 0.06);
			return fitBump({ x, v }, { left: 790, right: 838, height: 1, base: 0 }, 9, 0.06);
		});
		const off = tries.map((f) => ((f?.left ?? 0) + (f?.right ?? 0)) / 2 - 814);
		const said = tries.reduce((s, f) => s + (f?.error ?? 0), 0) / tries.length;
		expect(noiseRms(off) / said).toBeGreaterThan(0.85);
		expect(noiseRms(off) / said).toBeLessThan(1.15);
	});

	it('that has no samples to speak of is not fitted', () => {
		expect(fitBump({ x: [1, 2], v: [0, 0] }, { left: 0, right: 40, height: 1, base: 0 }, 9, 0.1)).toBeNull();
	});
});

describe('heights joined', () => {
	const sighting = (y: number, centre: number, more: Partial<Sighting> = {}): Sighting => ({
		kind: 'wood',
		y,
		left: centre - 19,
		centre,
		right: centre + 19,
		error: 0.4,
		clear: 30,
		strength: 1,
		only: null,
		...more
	});
	const reading = (y: number, sightings: Sighting[], live: [number, number][] = []): TraceReading => ({
		y,
		sightings,
		live: live.map(([left, right]) => ({ y, left, right })),
		noise: 0.06
	});

	it('make one line of a leaning stud, and two of two', () => {
		const found = joinHeights(
			[500, 1000, 1500].map((y) => reading(y, [sighting(y, 800 + y / 100), sighting(y, 1200)]))
		);
		expect(found.map((p) => [Math.round(p.x), Math.round(p.lean)])).toEqual([
			[800, 10],
			[1200, 0]
		]);
		expect(found[0]?.marks.map((m) => m.y)).toEqual([500, 1000, 1500]);
	});

	it('take nothing that was seen at one height of four', () => {
		const readings = [500, 1000, 1500, 2000].map((y) => reading(y, y === 1000 ? [sighting(y, 800)] : []));
		expect(joinHeights(readings)).toEqual([]);
	});

	it('take what was missed at one height of four', () => {
		const readings = [500, 1000, 1500, 2000].map((y) => reading(y, y === 1000 ? [] : [sighting(y, 800)]));
		expect(joinHeights(readings)).toHaveLength(1);
	});

	it('keep a pipe and a stud beside it apart', () => {
		const readings = [500, 1500].map((y) =>
			reading(y, [sighting(y, 800), sighting(y, 812, { kind: 'pipe', left: 801, right: 823 })])
		);
		expect(
			joinHeights(readings)
				.map((p) => p.kind)
				.sort()
		).toEqual(['pipe', 'stud']);
	});

	it('call wood twice as wide two studs', () => {
		const readings = [500, 1500].map((y) => reading(y, [sighting(y, 800, { left: 762, right: 838 })]));
		expect(joinHeights(readings)[0]).toMatchObject({ plies: 2, width: 76 });
	});

	it('draw live stretches of all heights together', () => {
		const live = joinLive([
			reading(500, [], [[1000, 1060]]),
			reading(
				1500,
				[],
				[
					[1010, 1070],
					[2000, 2050]
				]
			)
		]);
		expect(live).toEqual([
			{ left: 1000, right: 1070, low: 500, high: 1500 },
			{ left: 2000, right: 2050, low: 1500, high: 1500 }
		]);
	});
});
