import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { cutsAll, sawsTrue } from '../../../tests/support/cut-checks';
import { highsSolver } from '../../../tests/support/highs';
import { slipwayWall } from '../demo/slipway';
import { newBoard, type Board } from '../lumber/board';
import { stock } from '../materials/stocks';
import type { Plan } from '../plan/types';
import { asCut, sortCut } from './already-cut';
import { cutPlan, type CutPlan } from './cut-plan';
import type { CutSheet, Rest } from './cut-sheet';
import { offcutsOf } from './offcuts';
import { makeFrom } from './make-from';
import { collectPieces } from './pieces';
import { whatIsLeft } from './what-is-left';

const plan = slipwayWall();
const SIZE = { length: 2440, width: 1220 };
const { kerf } = plan.cutting;
let cut: (p: Plan, boards?: readonly Board[]) => CutPlan;
let sheet: CutSheet;
beforeAll(async () => {
	const solve = await highsSolver();
	cut = (p, boards = []) => cutPlan(p, { solve, secondsLeft: () => 5, boards });
	sheet = cut(plan).groups.find((g) => g.key === 'ply-18')!.sheets[0]!;
});
const withCut = (ids: readonly string[]): Plan => ({
	...plan,
	cutting: {
		...plan.cutting,
		cut: collectPieces(plan)
			.filter((p) => ids.includes(p.id))
			.map(asCut)
	}
});
let n = 0;
const newId = () => `new-${n++}`;
const RULE = { keepLength: 300, keepWidth: 60 };

const area = (all: readonly Rest[]) => all.reduce((sum, r) => sum + r.length * r.width, 0);
const meet = (a: Rest, b: Rest) =>
	Math.min(a.x + a.length, b.x + b.length) - Math.max(a.x, b.x) > 0.01 &&
	Math.min(a.y + a.width, b.y + b.width) - Math.max(a.y, b.y) > 0.01;

describe('what is cut already', () => {
	it('is cut no more; the rest is planned', () => {
		const ids = collectPieces(plan).map((p) => p.id);
		const got = cut(withCut(ids.slice(0, 10)));
		expect(got.done.map((p) => p.id)).toEqual(ids.slice(0, 10));
		cutsAll(got, collectPieces(plan));
		for (const g of got.groups) sawsTrue(g, kerf);
		expect(cut(withCut(ids)).groups).toEqual([]);
	});

	it('counts in its size: a part that was changed since is cut again, and what was cut is told', () => {
		const face = collectPieces(plan).find((p) => p.name === 'face')!;
		const was = asCut(face);
		const sorted = (length: number) => sortCut([face], [{ ...was, length }]);
		expect(sorted(was.length + 0.4)).toMatchObject({ todo: [], done: [face], useless: [] });
		expect(sorted(was.length + 5)).toMatchObject({ todo: [face], done: [], useless: [{ id: face.id }] });
		expect(sortCut([], [was]).useless).toEqual([was]);
	});
});

describe('what is left of a sheet', () => {
	it('is all of it before the first piece, and its rests after the last', () => {
		expect(whatIsLeft(sheet, SIZE, kerf, new Set())).toEqual([{ x: 0, y: 0, ...SIZE }]);
		const all = whatIsLeft(sheet, SIZE, kerf, new Set(sheet.pieces.map((p) => p.piece.id)));
		expect(area(all)).toBeCloseTo(area(sheet.rests), 3);
		expect(all).toHaveLength(sheet.rests.length);
	});

	it('never lies over what is cut nor over itself, and with the pieces and the saw it is the whole sheet', () => {
		fc.assert(
			fc.property(fc.subarray(sheet.pieces, { minLength: 1 }), (pieces) => {
				const left = whatIsLeft(sheet, SIZE, kerf, new Set(pieces.map((p) => p.piece.id)));
				const all = [...left, ...pieces];
				all.forEach((a, i) => all.slice(i + 1).forEach((b) => expect(meet(a, b)).toBe(false)));
				const lost = SIZE.length * SIZE.width - area(all);
				const most = sheet.cuts.reduce((sum, c) => sum + (c.to - c.from) * kerf, 0);
				expect(lost).toBeGreaterThanOrEqual(-1);
				expect(lost).toBeLessThanOrEqual(most + 1);
			}),
			{ numRuns: 200 }
		);
	});

	it('leaves whole what no cut had to touch: of two halves the other', () => {
		const [a] = sheet.pieces;
		const halves: CutSheet = {
			offer: 0,
			pieces: [
				{ ...a!, x: 0, y: 0, length: 500, width: 300 },
				{ ...a!, piece: { ...a!.piece, id: 'b' }, x: 503, y: 0, length: 200, width: 150 }
			],
			cuts: [
				{ across: true, at: 500, from: 0, to: 300 },
				{ across: true, at: 703, from: 0, to: 300 },
				{ across: false, at: 150, from: 503, to: 703 }
			],
			rests: []
		};
		// The blade takes 500 to 503; the second and third cut are not made for the first piece.
		expect(whatIsLeft(halves, { length: 1000, width: 300 }, 3, new Set([a!.piece.id]))).toEqual([
			{ x: 503, y: 0, length: 497, width: 300 }
		]);
	});
});

describe('offcuts for the stock-take', () => {
	const rest = (length: number, width: number): Rest => ({ x: 0, y: 0, length, width });

	it('are those worth keeping, equal ones on one line, never longer than they are', () => {
		const rests = [rest(800.7, 200.9), rest(800.2, 200.1), rest(299, 299), rest(59, 2000), rest(70, 310)];
		const lines = offcutsOf(rests, 'ply-18', null, RULE, newId);
		expect(lines.map((b) => [b.count, b.longest, b.width, b.thickness, b.form, b.material, b.offcut])).toEqual([
			[2, 800, 200, 18, 'sheet', 'ply', true],
			[1, 70, 310, 18, 'sheet', 'ply', true]
		]);
	});

	it('are used next time: a row that fits one is cut from it, and graded wood stays graded', () => {
		const [line] = offcutsOf([rest(2300, 600)], 'ply-18', null, RULE, newId);
		const group = cut(plan, [line!]).groups.find((g) => g.key === 'ply-18')!;
		expect(group.sheets.some((s) => group.offers[s.offer]?.owned?.id === line!.id)).toBe(true);
		const [graded] = offcutsOf([rest(2300, 94)], '44x94', null, RULE, newId);
		expect([graded?.material, graded?.quality, graded?.thickness]).toEqual(['spruce', 'C16', stock('44x94').thickness]);
	});
});

describe('what can be made from one piece', () => {
	const line = (width: number, length: number, more: Partial<Board> = {}): Board => ({
		...newBoard('own', 'sheet', false),
		width,
		shortest: length,
		longest: length,
		...more
	});
	const todo = collectPieces(plan);

	it('is the most area that goes onto it, as it can be sawn, and what that finishes', () => {
		// Of the faces (1000 x 300, 560 x 190, 900 x 180, 640 x 260, 620 x 220, 180 x 200) an offcut of 1010 x 310 takes
		// the first and nothing beside it; one of 1010 x 520 has 217 more: 900 x 180 is the largest that goes there.
		const names = (b: Board) => makeFrom(b, todo, plan.cutting)?.group.sheets[0]?.pieces.map((p) => p.piece.owner.name);
		expect(names(line(310, 1010))).toEqual(['Spar clamp rack']);
		expect(names(line(520, 1010))?.sort()).toEqual(['Paddles', 'Spar clamp rack']);
		const made = makeFrom(line(520, 1010), todo, plan.cutting)!;
		sawsTrue(made.group, kerf);
		// Their hooks and spacers are of the same ply, and still to cut.
		expect(made.finished).toEqual([]);
		const faces = todo.filter((p) => p.form.kind === 'flat');
		expect(
			makeFrom(line(520, 1010), faces, plan.cutting)!
				.finished.map((o) => o.name)
				.sort()
		).toEqual(['Paddles', 'Spar clamp rack']);
	});

	it('is two cleats where a blank goes onto it, ripped at their slant', () => {
		const cleats = todo.filter((p) => p.form.kind === 'cleat');
		const { blank, bevel } = cleats[0]!.form as { blank: number; bevel: number };
		const made = makeFrom(line(blank + 2, 1010), cleats, plan.cutting)!;
		sawsTrue(made.group, kerf);
		const [sheet] = made.group.sheets;
		// The longest two that go onto 1010, side by side.
		const longest = cleats
			.map((p) => p.length)
			.filter((l) => l <= 1010)
			.sort((a, b) => b - a);
		expect(sheet!.pieces[0]!.length).toBe(longest[0]);
		expect(sheet!.pieces.length % 2).toBe(0);
		expect(sheet!.cuts.some((c) => c.bevel === bevel && !c.across)).toBe(true);
		// One by itself wastes its other half.
		expect(makeFrom(line(blank + 2, 1010), cleats.slice(0, 1), plan.cutting)).toBeNull();
		expect(makeFrom(line(blank - 2, 1010), cleats, plan.cutting)).toBeNull();
	});

	it.each([
		['another thickness', line(600, 1200, { thickness: 12 })],
		['another wood', line(600, 1200, { material: 'mdf' })],
		['too small', line(100, 150)]
	])('is nothing of %s', (_, b) => expect(makeFrom(b, todo, plan.cutting)).toBeNull());
});
