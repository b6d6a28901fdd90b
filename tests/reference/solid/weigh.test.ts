import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { upright } from '$core/solid/frame';
import { areaOf, circle, plain, polygon, rectangle, type Path } from '$core/solid/outline';
import type { Feature, Part } from '$core/solid/part';
import { volumeOf, weigh } from '$core/solid/weigh';
import { centreOf, solids } from '../../support/manifold';

/** Volume and centre of gravity by formula, against a general solid-geometry library that adds up triangles. */
const board = (features: Feature[], outer: Path = rectangle(300, 200), holes: Path[] = []): Part => ({
	id: 'p',
	name: 'board',
	material: { kind: 'board', stock: 'ply-18' },
	outline: { outer, holes },
	thickness: 18,
	grain: 'x',
	features,
	stands: [upright([0, 0, 0])]
});

function agrees(part: Part): void {
	const ours = volumeOf(part);
	const [solid] = solids(part);
	const theirs = centreOf(solid!);
	expect(ours.volume / theirs.volume).toBeCloseTo(1, 4);
	for (const i of [0, 1, 2] as const) expect(ours.at[i]).toBeCloseTo(theirs.at[i], 1);
}

describe('volume and centre of gravity against solids made of triangles', () => {
	it('a plain board', () => agrees(board([])));

	it('a plate with round-ended slots in its edge', () => {
		const outer: Path = [
			{ x: 0, y: 0 },
			{ x: 100, y: 0 },
			{ x: 100, y: 40, bulge: -1 },
			{ x: 120, y: 40 },
			{ x: 120, y: 0 },
			{ x: 300, y: 0 },
			{ x: 300, y: 90 },
			{ x: 0, y: 90 }
		];
		// Worked by hand: the board less a slot of 20 x 40 and half a circle of 20 at its end.
		expect(areaOf(outer).area).toBeCloseTo(300 * 90 - 20 * 40 - (Math.PI * 100) / 2, 6);
		agrees(board([], outer));
	});

	it('a triangle, holes, pockets from either face', () =>
		agrees(
			board(
				[
					{ kind: 'pocket', name: 'groove', path: rectangle(200, 10, 20, 40), from: 'front', depth: 6 },
					{ kind: 'pocket', name: 'bed', path: rectangle(40, 30, 30, 80), from: 'back', depth: 5 }
				],
				polygon([
					[0, 0],
					[300, 0],
					[0, 200]
				]),
				[circle(150, 30, 12)]
			)
		));

	it('bores that lean any way, blind or through, from either face', () => {
		fc.assert(
			fc.property(
				fc.record({
					diameter: fc.double({ min: 6, max: 30, noNaN: true }),
					depth: fc.double({ min: 6, max: 12, noNaN: true }),
					tilt: fc.double({ min: 0, max: 25, noNaN: true }),
					turn: fc.double({ min: 0, max: 6.28, noNaN: true }),
					through: fc.boolean(),
					front: fc.boolean()
				}),
				(r) => {
					// A blind bore must not break out at its bottom corner, nor stay with a corner above its slanted entry.
					const tilt = (r.tilt * Math.PI) / 180;
					const reach = (r.diameter / 2) * Math.tan(tilt);
					fc.pre(r.through || (r.depth > reach && r.depth * Math.cos(tilt) + (r.diameter / 2) * Math.sin(tilt) < 18));
					agrees(
						board(
							[
								{
									kind: 'bore',
									at: [140, 90],
									from: r.front ? 'front' : 'back',
									diameter: r.diameter,
									depth: r.depth,
									through: r.through,
									tilt: r.tilt,
									toward: [Math.cos(r.turn), Math.sin(r.turn)]
								}
							],
							rectangle(280, 160)
						)
					);
				}
			),
			{ numRuns: 60, seed: 13 }
		);
	});

	it('bores in an edge that lean any way, of a board of any shape', () => {
		const outer = polygon([
			[0, 0],
			[300, 40],
			[260, 200],
			[-30, 160]
		]);
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 3 }),
				fc.double({ min: 2, max: 12, noNaN: true }),
				fc.double({ min: 6, max: 30, noNaN: true }),
				fc.double({ min: 0, max: 25, noNaN: true }),
				fc.boolean(),
				(edge, diameter, depth, tilt, back) => {
					const toward = back ? ([-1, 0] as const) : ([1, 0] as const);
					agrees(
						board(
							[{ kind: 'bore', at: [80, 9], from: { edge }, diameter, depth: depth + 6, through: false, tilt, toward }],
							outer
						)
					);
				}
			),
			{ seed: 14, numRuns: 40 }
		);
	});

	it('tells how far a slanted bore moves the middle', () => {
		// Only the bore is left: a board just as large is taken off by subtraction.
		const bore: Feature = {
			kind: 'bore',
			at: [140, 90],
			from: 'front',
			diameter: 30,
			depth: 12,
			through: false,
			tilt: 25,
			toward: [0, 1]
		};
		const [whole, part] = [board([]), board([bore])];
		const taken = (a: ReturnType<typeof centreOf>, b: ReturnType<typeof centreOf>) =>
			[0, 1, 2].map((i) => (a.volume * a.at[i]! - b.volume * b.at[i]!) / (a.volume - b.volume));
		const ours = taken(volumeOf(whole), volumeOf(part));
		const theirs = taken(centreOf(solids(whole)[0]!), centreOf(solids(part)[0]!));
		ours.forEach((v, i) => expect(v).toBeCloseTo(theirs[i]!, 1));
	});

	it('weighs parts where they stand', () => {
		const two: Part = { ...board([]), stands: [upright([0, 0, 0]), upright([0, 0, 100])] };
		const peg: Part = {
			...board([], circle(0, 0, 20)),
			outline: plain(circle(0, 0, 20)),
			material: { kind: 'dowel', diameter: 20 },
			thickness: 100,
			stands: [{ at: [50, 60, 18], x: [1, 0, 0], y: [0, 0, -1] }]
		};
		const got = weigh([two, peg]);
		// By hand: two boards 300 x 200 x 18 at 560 kg/m3, a dowel of 20 x 100 at 690 standing up from y 60.
		const [b, p] = [0.3 * 0.2 * 0.018 * 560, Math.PI * 0.01 ** 2 * 0.1 * 690];
		expect(got.mass).toBeCloseTo(2 * b + p, 9);
		expect(got.at[1]).toBeCloseTo((2 * b * 100 + p * (60 + 50)) / (2 * b + p), 6);
		expect(got.at[2]).toBeCloseTo((b * 9 + b * 109 + p * 18) / (2 * b + p), 6);
	});

	it('of a part that figures have made nothing of is nothing, and turns nothing', () => {
		const lip = board([], rectangle(300, 5e-324));
		expect(volumeOf(lip)).toEqual({ volume: 0, at: [0, 0, 0] });
		expect(weigh([board([]), lip])).toEqual(weigh([board([])]));
	});
});
