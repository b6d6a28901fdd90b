import fc from 'fast-check';
import { Matrix, SVD } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { finish } from '$core/verdict/fails-at';
import { homography, isQuad, mapPoint } from '$core/survey/photo/homography';
import { placePhoto } from '$core/survey/photo/place-photo';
import { straighten } from '$core/survey/photo/straighten';
import type { Point } from '$core/survey/outline';

/**
 * The same map by a second way: the null vector of the direct linear equations, from the singular values of ml-matrix,
 * in thousands of pixels so that they keep their digits.
 */
function bySvd(from: readonly Point[], to: readonly Point[]): number[] {
	const rows = from.flatMap((p, i) => {
		const q = to[i] as Point;
		return [
			[-p.x, -p.y, -1, 0, 0, 0, q.x * p.x, q.x * p.y, q.x],
			[0, 0, 0, -p.x, -p.y, -1, q.y * p.x, q.y * p.y, q.y]
		];
	});
	const v = new SVD(new Matrix([...rows, new Array<number>(9).fill(0)])).rightSingularVectors.getColumn(8);
	return v.map((x) => x / (v[8] as number));
}

const value = <T, E>(r: { ok: true; value: T } | { ok: false; error: E }): T => {
	if (!r.ok) throw new Error(String(r.error));
	return r.value;
};
const unit: Point[] = [
	{ x: 0, y: 0 },
	{ x: 1, y: 0 },
	{ x: 1, y: 1 },
	{ x: 0, y: 1 }
];

describe('the map of four points to four', () => {
	it('of a square to a quadrilateral is that of Heckbert (Fundamentals of Texture Mapping and Image Warping, 1989, 2.2.3, worked by its formulas)', () => {
		// Corners (0,0), (4,0), (3,2), (0,3): sums s = x0-x1+x2-x3 = -1, y = 0-0+2-3 = -1; d1 = (1,-2), d2 = (-3,1).
		const h = value(
			homography(unit, [
				{ x: 0, y: 0 },
				{ x: 4, y: 0 },
				{ x: 3, y: 2 },
				{ x: 0, y: 3 }
			])
		);
		// g = |s d2| / |d1 d2| = (-1 * 1 - -3 * -1) / (1 * 1 - -3 * -2) = -4 / -5; h = |d1 s| / |d1 d2| = (1 * -1 - -1 *
		// -2) / -5 = -3 / -5.
		const [g, k] = [4 / 5, 3 / 5];
		const expected = [4 + g * 4, 0, 0, 0, 3 + k * 3, 0, g, k, 1];
		h.forEach((v, i) => expect(v).toBeCloseTo(expected[i] as number, 9));
	});

	it('agrees with the singular value decomposition of ml-matrix on random shapes', () => {
		const corner = (cx: number, cy: number) =>
			fc.record({ x: fc.integer({ min: cx, max: cx + 900 }), y: fc.integer({ min: cy, max: cy + 700 }) });
		const quad = fc.tuple(corner(0, 0), corner(2500, 0), corner(2500, 1800), corner(0, 1800));
		fc.assert(
			fc.property(
				quad,
				quad,
				fc.record({ x: fc.integer({ min: 0, max: 3000 }), y: fc.integer({ min: 0, max: 2200 }) }),
				(from, to, p) => {
					fc.pre(isQuad(from) && isQuad(to));
					const ours = value(homography(from, to));
					const thousand = (q: Point) => ({ x: q.x / 1000, y: q.y / 1000 });
					const theirs = bySvd(from.map(thousand), to.map(thousand)) as unknown as typeof ours;
					const at = thousand(p);
					// Near the horizon every way loses its digits.
					fc.pre(Math.abs(theirs[6] * at.x + theirs[7] * at.y + 1) > 0.2);
					const [a, b] = [thousand(mapPoint(ours, p)), mapPoint(theirs, at)];
					expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeLessThan(1e-6);
					from.forEach((f, i) =>
						expect(
							Math.hypot(mapPoint(ours, f).x - (to[i] as Point).x, mapPoint(ours, f).y - (to[i] as Point).y)
						).toBeLessThan(1e-6)
					);
				}
			),
			{ numRuns: 300 }
		);
	});

	it('refuses points in a line, points that coincide, and crossed corners', () => {
		for (const bad of [
			[
				{ x: 0, y: 0 },
				{ x: 1, y: 0 },
				{ x: 2, y: 0 },
				{ x: 0, y: 1 }
			],
			[
				{ x: 0, y: 0 },
				{ x: 0, y: 0 },
				{ x: 1, y: 1 },
				{ x: 0, y: 1 }
			],
			[
				{ x: 0, y: 0 },
				{ x: 1, y: 1 },
				{ x: 1, y: 0 },
				{ x: 0, y: 1 }
			]
		])
			expect(homography(bad, unit)).toMatchObject({ ok: false, error: expect.stringContaining('corners') });
	});
});

describe('a photograph', () => {
	/** A wall 4000 x 2000 mm seen at a slant by an exact camera; a dark board of 600 x 400 stands at (1500, 800). */
	const seen: Point[] = [
		{ x: 60, y: 330 },
		{ x: 560, y: 300 },
		{ x: 540, y: 60 },
		{ x: 90, y: 20 }
	];
	const known: Point[] = [
		{ x: 0, y: 0 },
		{ x: 4000, y: 0 },
		{ x: 4000, y: 2000 },
		{ x: 0, y: 2000 }
	];
	const toWall = value(homography(seen, known));
	const size = { width: 640, height: 360 };
	const data = new Uint8ClampedArray(size.width * size.height * 4).fill(255);
	for (let y = 0; y < size.height; y++) {
		for (let x = 0; x < size.width; x++) {
			const p = mapPoint(toWall, { x: x + 0.5, y: y + 0.5 });
			if (p.x > 1500 && p.x < 2100 && p.y > 800 && p.y < 1200)
				data.fill(0, (y * size.width + x) * 4, (y * size.width + x) * 4 + 3);
		}
	}
	const place = value(placePhoto(seen, known, { left: 0, right: 4000, low: 0, high: 2000 }, size));
	const flat = finish(straighten({ ...size, data }, place.back, place.pixels));

	it('is straight: what is on the wall stands where it is, to a pixel', () => {
		const dark = (mm: Point) => {
			const [x, y] = [Math.floor((mm.x / 4000) * flat.width), Math.floor(((2000 - mm.y) / 2000) * flat.height)];
			return (flat.data[(y * flat.width + x) * 4] as number) < 128;
		};
		const edge = 4000 / flat.width + 8;
		for (const [x, y, inside] of [
			[1500 + edge, 1000, true],
			[1500 - edge, 1000, false],
			[2100 - edge, 1000, true],
			[2100 + edge, 1000, false],
			[1800, 800 + edge, true],
			[1800, 800 - edge, false],
			[1800, 1200 - edge, true],
			[1800, 1200 + edge, false]
		] as const) {
			expect(dark({ x, y }), `${x}, ${y}`).toBe(inside);
		}
	});

	it('is no finer than it was, and no larger than is kept', () => {
		expect(Math.max(flat.width, flat.height)).toBeLessThanOrEqual(2400);
		expect(flat.width / flat.height).toBeCloseTo(2, 1);
	});

	it('from which more wall is asked than it can show is refused', () => {
		const steep: Point[] = [
			{ x: 100, y: 300 },
			{ x: 200, y: 310 },
			{ x: 190, y: 100 },
			{ x: 150, y: 80 }
		];
		expect(
			placePhoto(
				steep,
				[
					{ x: 0, y: 0 },
					{ x: 300, y: 0 },
					{ x: 300, y: 600 },
					{ x: 0, y: 600 }
				],
				{ left: -9000, right: 9000, low: -9000, high: 9000 },
				size
			)
		).toMatchObject({ ok: false });
	});
});
