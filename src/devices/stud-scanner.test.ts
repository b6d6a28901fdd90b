import { describe, expect, it } from 'vitest';
import { inventWall, wallWithStuds } from './hidden-wall';
import { DEFAULT_NOISE, drill, sweep } from './stud-scanner';

describe('an invented wall', () => {
	const walls = Array.from({ length: 60 }, (_, seed) => inventWall(seed + 1, 5000, 2500));

	it('is the same for the same seed, and another for another', () => {
		expect(inventWall(7, 5000, 2500)).toEqual(inventWall(7, 5000, 2500));
		expect(inventWall(7, 5000, 2500)).not.toEqual(inventWall(8, 5000, 2500));
	});

	it('has studs at both ends, and none in another', () => {
		for (const wall of walls) {
			const studs = wall.pieces.filter((p) => p.kind === 'stud').sort((a, b) => a.x - b.x);
			expect(studs.length).toBeGreaterThan(6);
			expect(studs[0]?.x).toBeLessThan(30);
			expect(studs.at(-1)?.x).toBeGreaterThan(4900);
			studs.slice(1).forEach((s, i) => {
				const before = studs[i] as (typeof studs)[number];
				expect(s.x - before.x).toBeGreaterThan((s.width + before.width) / 2);
			});
		}
	});

	it('has pipes and cables in some, clear of studs', () => {
		const others = walls.flatMap((w) =>
			w.pieces.filter((p) => p.kind === 'pipe' || p.kind === 'cable').map((p) => ({ w, p }))
		);
		expect(others.length).toBeGreaterThan(20);
		for (const { w, p } of others) {
			const near = w.pieces.filter((s) => s.kind === 'stud' && Math.abs(s.x - p.x) < (s.width + p.width) / 2 + 60);
			expect(near).toEqual([]);
		}
	});

	it('leans here and there, and breaks its pitch in some', () => {
		const leans = walls.flatMap((w) => w.pieces.map((p) => Math.abs(p.lean)));
		expect(leans.some((l) => l > 5)).toBe(true);
		const gaps = walls.map((w) => {
			const xs = w.pieces
				.filter((p) => p.kind === 'stud')
				.map((p) => p.x)
				.sort((a, b) => a - b);
			return Math.max(...xs.slice(1).map((x, i) => x - (xs[i] as number)));
		});
		expect(gaps.some((g) => g > 750)).toBe(true);
	});
});

describe('a sweep', () => {
	const wall = wallWithStuds(2000, 2400, [{ x: 500, width: 45, lean: 10 }], 4);

	it('is the same for the same seed', () => {
		const options = { samples: 400, noise: DEFAULT_NOISE, seed: 9 };
		expect(sweep(wall, 900, options)).toEqual(sweep(wall, 900, options));
		expect(sweep(wall, 900, options).density).not.toEqual(sweep(wall, 900, { ...options, seed: 10 }).density);
	});

	it('goes from end to end in even steps', () => {
		const trace = sweep(wall, 900, { samples: 401, noise: 0, seed: 1 });
		expect(trace.density).toHaveLength(401);
		expect(trace.step).toBe(5);
		expect(trace.from).toBe(0);
	});

	it('is highest over the stud, where it stands at that height', () => {
		for (const y of [0, 2000]) {
			const { density, step } = sweep(wall, y, { samples: 2000, noise: 0, seed: 1 });
			const peak = density.indexOf(Math.max(...density)) * step;
			expect(Math.abs(peak - (500 + y / 100))).toBeLessThan(25);
		}
	});

	it('is as noisy as it is told', () => {
		const calm = sweep(wall, 900, { samples: 2000, noise: 0, seed: 3 });
		const loud = sweep(wall, 900, { samples: 2000, noise: 0.1, seed: 3 });
		const off = loud.density.map((v, i) => v - (calm.density[i] as number));
		// The same drift under both: what is left is noise alone.
		const rms = Math.sqrt(off.reduce((s, v) => s + v * v, 0) / off.length);
		expect(rms).toBeGreaterThan(0.09);
		expect(rms).toBeLessThan(0.11);
	});

	it('shows mains over a live cable alone, and metal over a pipe', () => {
		const both = {
			...wall,
			pieces: [
				{ kind: 'cable' as const, x: 600, lean: 0, width: 10, low: 0, high: 2400, shows: 0.2 },
				{ kind: 'pipe' as const, x: 1400, lean: 0, width: 22, low: 0, high: 2400, shows: 1.1 }
			],
			lag: 0
		};
		const { mains, metal, step } = sweep(both, 900, { samples: 2001, noise: 0, seed: 1 });
		const at = (x: number) => Math.round(x / step);
		expect(mains[at(600)]).toBeGreaterThan(0.9);
		expect(mains[at(1400)]).toBe(0);
		expect(metal[at(1400)]).toBeGreaterThan(0.7);
		expect(metal[at(600)]).toBe(0);
	});
});

describe('a pilot hole', () => {
	const wall = wallWithStuds(2000, 2400, [{ x: 500, width: 45, lean: 10 }], 4);

	it('finds wood within the stud, at its height, and nothing beside it', () => {
		expect(drill(wall, 500, 0)).toBe('wood');
		expect(drill(wall, 522, 0)).toBe('wood');
		expect(drill(wall, 524, 0)).toBe('nothing');
		expect(drill(wall, 540, 2000)).toBe('wood');
		expect(drill(wall, 490, 2000)).toBe('nothing');
	});

	it('finds nothing in a pipe or in glue', () => {
		const pipe = {
			...wall,
			pieces: [{ kind: 'pipe' as const, x: 500, lean: 0, width: 22, low: 0, high: 2400, shows: 1 }]
		};
		expect(drill(pipe, 500, 900)).toBe('nothing');
	});
});
