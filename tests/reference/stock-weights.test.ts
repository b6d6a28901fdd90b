import { describe, expect, it } from 'vitest';
import { boardFigures, boardsTotal, newBoard, settleLengths, worthKeeping, type Board } from '$core/lumber/board';
import { densityAt, densityOf, SPECIES, specificGravityAt } from '$core/materials/density';

const LB = 0.45359237;
const PCF = LB / 0.3048 ** 3;
const board = (more: Partial<Board>): Board => ({ ...newBoard('b', 'board', false), ...more });
const of = (id: string) => SPECIES.find((s) => s.id === id)!;

describe('density of wood', () => {
	// Wood Handbook FPL-GTR-282, Table 5-3: specific gravity green and at 12 % of the same species, from memory.
	it.each([
		['spruce', 0.37, 0.4],
		['pine', 0.34, 0.35],
		['fir-douglas', 0.45, 0.48],
		['ash', 0.55, 0.6],
		['oak-white', 0.6, 0.68],
		['oak-red', 0.56, 0.63],
		['maple', 0.56, 0.63],
		['walnut', 0.51, 0.55],
		['cherry', 0.47, 0.5],
		['poplar', 0.4, 0.42],
		['hickory', 0.64, 0.72],
		['cedar-red', 0.31, 0.32]
	])('of %s: G %d green is about %d at 12 %%', (id, green, dry) => {
		expect(of(id).Gb).toBe(green);
		// The formula is that of an average wood; single species shrink by more or less.
		expect(Math.abs(specificGravityAt(green, 12) / dry - 1)).toBeLessThan(0.045);
	});

	// Wood Handbook FPL-GTR-282, Table 4-6: G on the volume at that moisture, and kg/m3, from memory: 1000 G (1 + M/100).
	it.each([
		[0.4, 12, 448],
		[0.5, 12, 560],
		[0.6, 20, 720],
		[0.3, 0, 300]
	])('of G %d at %d %% is %d kg/m3', (G, M, want) => {
		const a = (30 - M) / 30;
		const Gb = G / (1 + 0.265 * a * G);
		expect(densityAt(Gb, M)).toBeCloseTo(want, 6);
	});

	it('swells no more above fibre saturation, but gets heavier', () => {
		expect(specificGravityAt(0.5, 30)).toBe(0.5);
		expect(specificGravityAt(0.5, 60)).toBe(0.5);
		expect(densityAt(0.5, 60)).toBeCloseTo(800, 9);
	});

	// Weights by the cubic foot at 12 %, as lumber tables give them, from memory; a few in a hundred apart from one
	// another.
	it.each([
		['oak-red', 44],
		['oak-white', 47],
		['maple', 44],
		['walnut', 38],
		['cherry', 35],
		['poplar', 29],
		['pine', 25],
		['cedar-red', 23]
	])('of %s is about %d lb a cubic foot', (id, pounds) => {
		expect(Math.abs(densityOf(id, 12).density / (pounds * PCF) - 1)).toBeLessThan(0.07);
	});
});

describe('weight of sheets', () => {
	// Weights of wood panels, lb a square foot, as the panel association's design specification gives them, from memory.
	it.each([
		['ply', 15 / 32, 1.4],
		['ply', 23 / 32, 2.2],
		['ply', 1.125, 3.3],
		['osb', 7 / 16, 1.4],
		['osb', 15 / 32, 1.5],
		['osb', 23 / 32, 2.4]
	])('of %s, %d in thick: about %d psf', (material, inches, psf) => {
		const b = board({
			form: 'sheet',
			material,
			thickness: inches * 25.4,
			width: 1219.2,
			shortest: 2438.4,
			longest: 2438.4
		});
		expect(Math.abs(boardFigures(b).most / (psf * 32 * LB) - 1)).toBeLessThan(0.08);
	});

	it('is not changed by moisture, being as sold', () =>
		expect(densityOf('ply', 5).density).toBe(densityOf('ply', 20).density));
});

describe('weight of boards', () => {
	it('is volume times density, worked by hand', () => {
		// 4 × 44 × 94 × 2400 mm = 0.0397056 m3; spruce at 12 %: G 0.37 / (1 - 0.265 × 0.6 × 0.37) = 0.39313, 440.3 kg/m3:
		// 17.48 kg.
		const f = boardFigures(
			board({ material: 'spruce', count: 4, thickness: 44, width: 94, shortest: 1200, longest: 2400 })
		);
		expect(f.most).toBeCloseTo(17.48, 2);
		expect(f.least).toBeCloseTo(8.74, 2);
		expect(f.stack).toBe(176);
	});

	it('adds up', () => {
		const [a, b] = [board({ id: 'a' }), board({ id: 'b', shortest: 1200 })];
		expect(boardsTotal([a, b]).most).toBeCloseTo(boardFigures(a).most + boardFigures(b).most, 9);
		expect(boardsTotal([]).most).toBe(0);
	});

	it('keeps its two lengths in order, and a sheet has one', () => {
		const b = board({ shortest: 1200, longest: 2400 });
		expect(settleLengths({ ...b, shortest: 3000 }, 'shortest')).toMatchObject({ shortest: 3000, longest: 3000 });
		expect(settleLengths({ ...b, longest: 900 }, 'longest')).toMatchObject({ shortest: 900, longest: 900 });
		expect(settleLengths({ ...b, longest: 2000 }, 'longest')).toMatchObject({ shortest: 1200, longest: 2000 });
		expect(settleLengths({ ...b, form: 'sheet', longest: 2500 }, 'longest')).toMatchObject({
			shortest: 2500,
			longest: 2500
		});
	});

	it('of an unknown wood is not guessed', () => expect(() => densityOf('unobtainium', 12)).toThrow(RangeError));
});

describe('an offcut', () => {
	it.each([
		[300, 60, true],
		[299, 60, false],
		[300, 59, false],
		[2000, 500, true]
	])('of %d by %d mm is kept: %s', (longest, width, kept) =>
		expect(worthKeeping({ longest, width }, { keepLength: 300, keepWidth: 60 })).toBe(kept)
	);
});
