import { backOf } from '../../../tests/support/peg-rack';
import fc from 'fast-check';
import loadHighs from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { oarStoreWall, slipwayWall } from '../demo/slipway';
import { cutPlan, type CutPlan, type CutProgress } from './cut-plan';
import { fewestBoards, firstFit, type BoardProblem } from './fewest-boards';
import { collectPieces } from './pieces';
import { enumeratePatterns } from './patterns';
import { plugsWanted, screwsWanted } from './screws';
import type { Solver } from './solver';

let solve: Solver;
beforeAll(async () => {
	const highs = await loadHighs();
	solve = (lp, options) => highs.solve(lp, options) as ReturnType<Solver>;
});
const plan = slipwayWall();
const time = { secondsLeft: () => 20 };

const problem = fc.record({
	items: fc.uniqueArray(
		fc.record({ length: fc.integer({ min: 100, max: 1200 }), count: fc.integer({ min: 1, max: 6 }) }),
		{
			minLength: 1,
			maxLength: 5,
			selector: (i) => i.length
		}
	),
	board: fc.constant(1250),
	kerf: fc.constantFrom(0, 3.2)
});

/** Every piece is there, once, and every board has room for its pieces and the kerfs between them. */
function sound(p: BoardProblem, boards: number[][]): void {
	p.items.forEach((item, i) => expect(boards.flat().filter((x) => x === i)).toHaveLength(item.count));
	for (const b of boards)
		expect(b.reduce((sum, i) => sum + (p.items[i]?.length ?? 0), 0) + (b.length - 1) * p.kerf).toBeLessThanOrEqual(
			p.board + 1e-6
		);
}

describe('fewest boards', () => {
	it('loses one kerf between pieces, so that five that add up to the board do not fit it', () => {
		const p = {
			items: [
				{ length: 18, count: 3 },
				{ length: 22, count: 1 },
				{ length: 14, count: 1 },
				{ length: 6, count: 1 }
			],
			board: 96,
			kerf: 0.125
		};
		expect(fewestBoards(p, solve, time).boards).toHaveLength(2);
		expect(fewestBoards({ ...p, kerf: 0 }, solve, time).boards).toHaveLength(1);
	});

	it('beats first fit where that is not the fewest, and proves it', () => {
		// Longest first puts 6 with 3: four boards. 6 + 4 and 3 + 3 + 4 do it in three.
		const p = {
			items: [
				{ length: 6, count: 2 },
				{ length: 5, count: 2 },
				{ length: 4, count: 2 },
				{ length: 3, count: 3 }
			],
			board: 13,
			kerf: 0
		};
		const got = fewestBoards(p, solve, time);
		sound(p, got.boards);
		expect(got.proven).toBe(true);
		expect(got.boards.length).toBeLessThanOrEqual(firstFit(p).length);
		expect(got.boards).toHaveLength(3);
	});

	it('is sound, and never below its bound, on any problem', () => {
		fc.assert(
			fc.property(problem, (p) => {
				const got = fewestBoards(p, solve, time);
				sound(p, got.boards);
				expect(got.boards.length).toBeGreaterThanOrEqual(got.bound);
				expect(got.proven).toBe(got.boards.length === got.bound);
				expect(got.proven).toBe(true);
			}),
			{ numRuns: 60 }
		);
	});

	it('states its bound and keeps the best so far when time is up', () => {
		const p = {
			items: [
				{ length: 700, count: 3 },
				{ length: 420, count: 4 },
				{ length: 365, count: 5 },
				{ length: 340, count: 4 }
			],
			board: 1250,
			kerf: 3.2
		};
		const got = fewestBoards(p, solve, { secondsLeft: () => 0 });
		sound(p, got.boards);
		expect(got.how === 'bound only' || got.how === 'length').toBe(true);
	});

	it('generates columns where there are too many patterns to list', () => {
		const items = Array.from({ length: 22 }, (_, i) => ({ length: 61 + 17 * i, count: 5 }));
		const p = { items, board: 2440, kerf: 3.2 };
		expect(enumeratePatterns(p, 4000)).toBeNull();
		const got = fewestBoards(p, solve, time);
		sound(p, got.boards);
		expect(got.boards.length - got.bound).toBeLessThanOrEqual(1);
	});

	it('refuses a piece longer than a board', () => {
		expect(() => fewestBoards({ items: [{ length: 2500, count: 1 }], board: 2440, kerf: 3 }, solve, time)).toThrow(
			RangeError
		);
	});
});

describe('the cut plan of a wall', () => {
	const cut = (p = plan, onProgress?: (x: CutProgress) => void): CutPlan => cutPlan(p, { solve, ...time, onProgress });

	it('cuts every piece once', () => {
		const wanted = collectPieces(plan)
			.flatMap((g) => g.pieces.map((p) => p.id))
			.sort();
		const got = cut()
			.groups.flatMap((g) => g.boards.flatMap((b) => b.lanes.flatMap((l) => l.cuts.map((c) => c.piece.id))))
			.sort();
		expect(got).toEqual(wanted);
		expect(new Set(got).size).toBe(got.length);
	});

	it('takes two cleats from a rip and keeps pieces on their board, a kerf apart', () => {
		for (const g of cut().groups) {
			for (const b of g.boards) {
				expect(b.lanes.length).toBeLessThanOrEqual(g.lanes);
				for (const lane of b.lanes) {
					lane.cuts.slice(1).forEach((c, i) => expect(c.from - (lane.cuts[i]?.to ?? 0)).toBeCloseTo(3.2, 9));
					expect(lane.cuts.at(-1)?.to ?? 0).toBeLessThanOrEqual(g.boardLength + 1e-6);
				}
			}
		}
		expect(cut().groups.find((g) => g.kind === 'cleat')?.boards[0]?.lanes).toHaveLength(2);
	});

	it('lays strips on sheets no wider than a sheet', () => {
		for (const s of cut().sheets)
			for (const widths of s.sheets)
				expect(widths.reduce((a, b) => a + b, 0) + (widths.length - 1) * 3.2).toBeLessThanOrEqual(1220);
	});

	it('leaves out what is longer than a board, and says so', () => {
		const long = structuredClone(plan);
		for (const r of long.rows) r.joints = [];
		const group = cut(long).groups.find((g) => g.kind === 'cleat');
		expect(group?.unfit.map((p) => p.owner.name)).toEqual(['Top row', 'Second row', 'Third row']);
	});

	it('leaves out what is wider than its board or sheet, and says so', () => {
		const wide = structuredClone(plan);
		backOf(wide.holders[0]!).height = 1300;
		const board = backOf(wide.holders[1]!);
		board.stock = '1x4';
		const groups = cut(wide).groups.filter((g) => g.unfit.length > 0);
		expect(groups.map((g) => [g.tooWide, g.unfit.map((p) => p.owner.name), g.boards.length])).toEqual([
			[true, ['Spar clamp rack'], 0],
			[true, ['Spokeshaves'], 0]
		]);
	});

	it('tells its progress, and each time gives a whole plan that leaves nothing out', () => {
		const names = (c: CutPlan) =>
			c.groups
				.flatMap((g) => [
					...g.boards.flatMap((b) => b.lanes.flatMap((l) => l.cuts.map((x) => x.piece.id))),
					...g.unfit.map((x) => x.id)
				])
				.sort();
		const seen: CutProgress[] = [];
		const done = cut(plan, (p) => void seen.push(p));
		expect(seen.map((p) => p.done)).toEqual(seen.map((p) => p.done).sort((a, b) => a - b));
		expect(seen[0]?.done).toBe(0);
		expect(seen.at(-1)?.done).toBe(done.groups.length);
		for (const { best } of seen) {
			expect(names(best)).toEqual(names(done));
			expect(best.sheets.map((x) => x.stock)).toEqual(done.sheets.map((x) => x.stock));
			best.groups.forEach((g, i) =>
				expect(g.boards.length).toBeGreaterThanOrEqual((done.groups[i] as CutPlan['groups'][number]).boards.length)
			);
		}
	});

	it('buys another length when asked', () => {
		const short = { ...plan, cutting: { ...plan.cutting, lengths: [{ stock: 'dowel' as const, length: 1830 }] } };
		const dowels = (c: CutPlan) => c.groups.filter((g) => g.kind === 'dowel').reduce((n, g) => n + g.boards.length, 0);
		expect(dowels(cut(short))).toBeLessThan(dowels(cut()));
	});
});

describe('screws to buy', () => {
	// Counted by hand on the demo wall: the top and second row cross 9 studs, and at their joint a block too, 10 x 2
	// screws each, the window row 5 x 2, and 4 in each of three blocks; the third row has one a line; the low row crosses
	// 4 studs; the racks have 10 + 6 + 6 + 3 + 6 + 6 in their hooks.
	it('are those of every cleat at every stud, and of every hook', () => {
		expect(screwsWanted(plan)).toEqual([
			{ size: '#10', length: 80, rows: 62, hooks: 0 },
			{ size: '#10', length: 70, rows: 10, hooks: 0 },
			{ size: '#8', length: 45, rows: 4, hooks: 0 },
			{ size: '#8', length: 32, rows: 0, hooks: 37 }
		]);
	});

	it('into masonry come with as many plugs', () => {
		// The store row runs from 60 to 2000 with a screw at 150, then every 300: seven of them.
		const store = oarStoreWall();
		expect(plugsWanted(store)).toMatchObject({ count: 7, plug: { diameter: 8, length: 50 } });
		expect(screwsWanted(store)[0]).toMatchObject({ size: '5 mm', rows: 7 });
		expect(plugsWanted(plan)).toBeNull();
	});
	it('are none for a wall without studs or holders', () =>
		expect(screwsWanted({ ...plan, holders: [], wall: { ...plan.wall, studs: [], blocking: [] } })).toEqual([]));
});
