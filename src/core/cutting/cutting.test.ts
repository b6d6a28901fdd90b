import { backOf } from '../../../tests/support/peg-rack';
import { cutsAll, sawsTrue } from '../../../tests/support/cut-checks';
import { highsSolver } from '../../../tests/support/highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { oarStoreWall, slipwayWall } from '../demo/slipway';
import { slipwayShop } from '../demo/slipway-shop';
import { newBoard, type Board } from '../lumber/board';
import type { Plan } from '../plan/types';
import { sayPhrase } from '../units/phrase';
import { cutPlan, type CutPlan, type CutProgress } from './cut-plan';
import { collectPieces } from './pieces';
import { plugsWanted, screwsWanted } from './screws';
import type { Solver } from './solver';

let solve: Solver;
beforeAll(async () => {
	solve = await highsSolver();
});
const plan = slipwayWall();
const time = { secondsLeft: () => 20 };
const KERF = plan.cutting.kerf;
const cut = (
	p: Plan = plan,
	more: { boards?: readonly Board[]; onProgress?: (x: CutProgress) => void } = {}
): CutPlan => cutPlan(p, { solve, ...time, ...more });
const ply = (c: CutPlan) => c.groups.find((g) => g.key === 'ply-18')!;

/** A sheet of the shop's own, of 18 mm ply. */
const sheet = (id: string, width: number, length: number, more: Partial<Board> = {}): Board => ({
	...newBoard(id, 'sheet', false),
	width,
	shortest: length,
	longest: length,
	...more
});

describe('the cut plan of a wall', () => {
	it('cuts every piece once, as it can be sawn', () => {
		const got = cut();
		cutsAll(got, collectPieces(plan));
		for (const g of got.groups) sawsTrue(g, KERF);
	});

	it('takes two cleats from a blank, which is ripped at their slant', () => {
		const bevels = ply(cut()).sheets.flatMap((s) => s.cuts.filter((c) => c.bevel !== undefined));
		expect(new Set(bevels.map((c) => c.bevel))).toEqual(new Set(plan.rows.map((r) => r.bevel)));
		expect(bevels.every((c) => !c.across)).toBe(true);
		// A blank gives two halves; the longest of the wall is 1662.5 long, and pieces go behind one another in a half.
		const cleats = ply(cut()).pieces.filter((p) => p.form.kind === 'cleat');
		expect(bevels.length).toBeLessThan(cleats.length);
	});

	// 25 pieces of 18 mm ply cover 2.31 of the 2.98 m2 that a sheet has; by the old way, strips of one width each over
	// their whole length, they took two.
	it('lays pieces side by side: one sheet is enough for the whole wall', () => {
		const { buy, bound, proof } = ply(cut());
		expect([buy, bound, sayPhrase(proof, 'mm')]).toEqual([1, 1, 'One is enough']);
	});

	it('leaves out what is longer or wider than any stock, names it with both sizes, and cuts the rest', () => {
		const long = structuredClone(plan);
		for (const r of long.rows) r.joints = [];
		backOf(long.holders[0]!).height = 1300;
		backOf(long.holders[1]!).stock = '1x4';
		const got = cut(long);
		cutsAll(got, collectPieces(long));
		const said = got.groups.flatMap((g) =>
			g.unfit.map((u) => `${u.piece.owner.name} ${u.piece.name}: ${sayPhrase(u.why, 'mm')}`)
		);
		expect(said).toEqual([
			'Top row cleat: 3310 mm long, the longest there is is 2440 mm',
			'Second row cleat: 3310 mm long, the longest there is is 2440 mm',
			'Third row cleat: 3310 mm long, the longest there is is 2440 mm',
			'Spar clamp rack face: 1300 mm wide, the widest there is is 1220 mm',
			'Spokeshaves face: 190 mm wide, the widest there is is 88.9 mm'
		]);
		expect(ply(got).sheets.length).toBeGreaterThan(0);
	});

	it('tells its progress, and each time gives a whole plan that leaves nothing out', () => {
		const seen: CutProgress[] = [];
		const done = cut(plan, { onProgress: (p) => void seen.push(p) });
		expect(seen[0]?.done).toBe(0);
		expect(seen.at(-1)?.done).toBe(done.groups.length);
		for (const { best } of seen) {
			cutsAll(best, collectPieces(plan));
			for (const [i, g] of best.groups.entries()) {
				sawsTrue(g, KERF);
				expect(g.buy).toBeGreaterThanOrEqual(done.groups[i]!.buy);
			}
		}
	});

	it('buys another length when asked', () => {
		const short = { ...plan, cutting: { ...plan.cutting, lengths: [{ stock: 'dowel' as const, length: 1830 }] } };
		const dowels = (c: CutPlan) => c.groups.filter((g) => g.kind === 'dowel').reduce((n, g) => n + g.buy, 0);
		expect(dowels(cut(short))).toBeLessThan(dowels(cut()));
	});

	it('rips narrow pieces side by side from a board, and each from no narrower board than its own', () => {
		const thin = structuredClone(plan);
		for (const h of thin.holders) {
			backOf(h).stock = '1x12';
			backOf(h).height = 130;
		}
		const group = cut(thin).groups.find((g) => g.kind === 'board')!;
		sawsTrue(group, KERF);
		// Two of 130 and a kerf go abreast in 285.75.
		const abreast = group.sheets.some((s) => s.pieces.some((p) => p.y > 100));
		expect(abreast).toBe(true);
	});
});

describe('what the shop has', () => {
	it('is cut first and costs nothing: two sheets that lie there are all the wall needs', () => {
		const got = ply(cut(plan, { boards: [sheet('own', 1220, 2440, { count: 2 })] }));
		expect(got.buy).toBe(0);
		expect(sayPhrase(got.proof, 'mm')).toBe('Nothing to buy: what is there is enough');
		expect(got.sheets.every((s) => got.offers[s.offer]?.owned?.id === 'own')).toBe(true);
		sawsTrue(got, KERF);
	});

	it('is used as far as it goes, offcuts too, and no more of it than there is', () => {
		const boards = slipwayShop().boards;
		const got = cut(plan, { boards });
		cutsAll(got, collectPieces(plan));
		for (const g of got.groups) sawsTrue(g, KERF);
		expect(ply(got).sheets.some((s) => ply(got).offers[s.offer]?.owned?.offcut)).toBe(true);
	});

	it('is there only once, for two kinds of ply that it may stand in for', () => {
		const two = structuredClone(plan);
		for (const h of two.holders) backOf(h).stock = 'birch-ply-18';
		const got = cut(two, { boards: [sheet('own', 1220, 2440)] });
		const kinds = got.groups.filter((g) => /ply/.test(g.key));
		expect(kinds).toHaveLength(2);
		const owned = kinds.flatMap((g) => g.sheets.filter((s) => g.offers[s.offer]?.owned?.id === 'own'));
		expect(owned).toHaveLength(1);
		expect(kinds.reduce((n, g) => n + g.buy, 0)).toBe(1);
	});

	it('of boards gives two cleats abreast, as a bought one does', () => {
		const solid = structuredClone(plan);
		// Two cleats of 1000 to a lane of 2438: four to a board.
		const [row] = solid.rows;
		const at = (i: number) => ({ id: `s${i}`, y: 400 + 300 * i, left: 0, right: 1000, joints: [] });
		solid.holders = [];
		solid.rows = [0, 1, 2, 3].map((i) => ({ ...row!, ...at(i), stock: '1x4' as const, blank: 88.9, twistBlock: null }));
		const own: Board = {
			...newBoard('own', 'board', false),
			thickness: 19.05,
			width: 88.9,
			shortest: 2438.4,
			longest: 2438.4
		};
		const got = cut(solid, { boards: [own] }).groups[0]!;
		expect([got.sheets.length, got.buy]).toEqual([1, 0]);
		expect(cut(solid).groups[0]).toMatchObject({ buy: 1, bound: 1, proven: true });
		sawsTrue(got, KERF);
	});

	it.each([
		['another thickness', { thickness: 12 }],
		['another panel', { material: 'mdf' }],
		['none left', { count: 0 }]
	])('is left where it is of %s', (_, more) => {
		const got = ply(cut(plan, { boards: [sheet('own', 1220, 2440, more)] }));
		expect(got.offers.every((o) => o.owned === null)).toBe(true);
		expect(got.buy).toBe(1);
	});

	it('a board that the plan names as its own is not bought: too little of it is said', () => {
		const own = structuredClone(plan);
		const id = 'own:ply:18x300x900';
		backOf(own.holders[3]!).stock = id;
		backOf(own.holders[4]!).stock = id;
		const width = (i: number) => backOf(own.holders[i]!).width;
		for (const i of [3, 4]) {
			backOf(own.holders[i]!).width = 850;
			backOf(own.holders[i]!).height = 200;
		}
		expect([width(3), width(4)]).toEqual([850, 850]);
		const of = (count: number) =>
			cut(own, { boards: [sheet('own', 300, 900, { count })] }).groups.find((g) => g.key === id)!;
		expect(of(2).sheets).toHaveLength(2);
		expect(of(2).buy).toBe(0);
		// One of two goes onto it; the other is named.
		expect(of(1).sheets.map((s) => s.pieces.length)).toEqual([1]);
		expect(of(1).unfit.map((u) => sayPhrase(u.why, 'mm'))).toEqual(['there is not enough of it in the stock-take']);
		sawsTrue(of(1), KERF);
		expect(of(0).unfit[0] && sayPhrase(of(0).unfit[0]!.why, 'mm')).toBe('none of it is in the stock-take');
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
