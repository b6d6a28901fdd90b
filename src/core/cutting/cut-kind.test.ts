import { beforeAll, describe, expect, it } from 'vitest';
import { sawsTrue } from '../../../tests/support/cut-checks';
import { CUTTING, dowels, KERF, pieces, sheetPrice, workshop } from '../../../tests/support/to-cut';
import { newBoard, type Board } from '../lumber/board';
import { NO_PRICES } from '../prices/ware';
import { sayPhrase } from '../units/phrase';
import type { CutGroup } from './cut-group';
import { cutKind } from './cut-kind';
import { groupPieces } from './groups';
import type { Piece } from './pieces';

let work: Awaited<ReturnType<typeof workshop>>;
beforeAll(async () => {
	work = await workshop();
});

/** Sheets of 18 mm ply that the shop has. */
const sheet = (length: number, width: number, count = 1): Board => ({
	...newBoard(`o${length}x${width}`, 'sheet', false),
	shortest: length,
	width,
	count
});
const cleats = (n: number, length: number, blank = 130): Piece[] =>
	dowels(n, length).map((p) => ({
		...p,
		id: `cleat ${p.id}`,
		form: { kind: 'cleat', stock: 'ply-18', blank, bevel: 30 }
	}));

function cut(all: Piece[], boards: Board[], seconds = 1, prices = [sheetPrice(1220, 2440, 60)]): CutGroup {
	const buying = { ...NO_PRICES, prices };
	const [group] = groupPieces(all, CUTTING, { boards, buying });
	const got = cutKind(group!, work('money', seconds), () => undefined);
	sawsTrue(got, KERF);
	const told = [...got.sheets.flatMap((s) => s.pieces.map((p) => p.piece)), ...got.unfit.map((u) => u.piece)];
	expect(told.map((p) => p.id).sort()).toEqual(all.map((p) => p.id).sort());
	for (const [i, offer] of got.offers.entries())
		expect(got.sheets.filter((s) => s.offer === i).length).toBeLessThanOrEqual(offer.count);
	return got;
}
const named = ({ unfit }: CutGroup) => unfit.map(({ piece, why }) => [piece.length, sayPhrase(why, 'mm')]);

describe('what only a sheet of the shop is long enough for', () => {
	// Two strips of 1500 and 1500 by 450 fill the sheet of 3100 better, but they go onto a bought one as well.
	it('is cut from it first, at once', () => {
		for (const seconds of [0, 1]) {
			const got = cut([...pieces(1, 3000, 400), ...pieces(4, 1500, 450)], [sheet(3100, 1220)], seconds);
			expect([got.unfit, got.buy]).toEqual([[], 1]);
		}
	});
	// Of two that are 700 wide one goes onto the sheet of 1220; the small ones are bought, not missed.
	it('is named where there is too little of it, and everything else is cut', () => {
		const got = cut([...pieces(2, 3000, 700), ...pieces(9, 600, 500)], [sheet(3100, 1220)]);
		expect(named(got)).toEqual([[3000, 'there is not enough of it in the stock-take']]);
		expect(got.buy).toBe(1);
	});
	it('does not turn least money into least wood, where some size has no price', () => {
		const prices = [sheetPrice(1220, 2440, 60), sheetPrice(610, 1220, 20), sheetPrice(1220, 1220, null)];
		const got = cut([...pieces(1, 3000, 400), ...pieces(1, 1200, 600)], [sheet(3100, 420)], 1, prices);
		expect([got.cost, got.proven, got.unpriced.map((o) => o.length)]).toEqual([2000, true, [1220]]);
	});
	// By area two of 2500 x 600 are worth more on the large sheet than one of them and one of 3000 x 490, which then
	// has none: the second 2500 goes onto the small one.
	it('finds its sheet also where another way fills that better', () => {
		const all = [...pieces(1, 3000, 490), ...pieces(2, 2500, 600), ...pieces(3, 600, 500)];
		const got = cut(all, [sheet(3100, 1220), sheet(2600, 620)]);
		expect(named(got)).toEqual([]);
		expect(got.buy).toBe(1);
	});
	// 356 and 358 are 717.2 of the 882; the 2482 goes onto the small sheet. Beside 435 there would be room for one of the
	// long ones only, and the other has no other sheet. What is full with them is not there for the small one again.
	it('is cut from it before anything else where no way at once was found', () => {
		const all = [...pieces(1, 2482, 435), ...pieces(1, 2876, 356), ...pieces(1, 3084, 358), ...pieces(1, 1383, 410)];
		const got = cut(all, [sheet(3100, 882), sheet(2585, 649)]);
		expect([named(got), got.buy, got.proven]).toEqual([[], 1, false]);
		expect(sayPhrase(got.proof, 'mm')).toMatch(/^Not proven: what goes only/);
	});
});

describe('cleats beside a long strip of the shop', () => {
	// Two of 1700 and 1390 fill a lane of 3100, and such lanes side by side cannot be cut apart: two blanks of about
	// 3090, and there is one strip that is so long.
	it('are ripped from blanks that can be bought, too', () => {
		const all = [1700, 1390, 1600, 1489, 1699, 1389, 1599, 1488].flatMap((l) => cleats(1, l));
		const got = cut([...all, ...pieces(1, 500, 300)], [sheet(3100, 140)]);
		expect([named(got), got.buy]).toEqual([[], 1]);
	});
	// Of lanes of 2440 one blank is longer than the offcuts, and is bought; by twos each goes onto one of 950.
	it('are cut by twos where short offcuts hold those', () => {
		const all = [900, 880, 860, 840, 820, 800].flatMap((l) => cleats(1, l));
		expect(cut([...all, ...pieces(1, 300, 90)], [sheet(950, 135, 3), sheet(320, 100)]).buy).toBe(0);
	});
	// 1390 and 1000 behind one another in both halves, 2393.2 of 2440: one rip; by twos it would be two.
	it('are ripped as seldom as can be where nothing is gained by twos', () => {
		const all = [1390, 1000, 1300, 1089].flatMap((l) => cleats(1, l));
		const rips = cut(all, []).sheets.flatMap((s) => s.cuts.filter((c) => c.bevel !== undefined));
		expect(rips).toHaveLength(1);
	});
	it('come from it where they are too long for what is bought', () => {
		const got = cut([...cleats(4, 3000), ...cleats(4, 1000)], [sheet(3100, 140)]);
		expect(named(got).map(([length]) => length)).toEqual([3000, 3000]);
		expect(got.sheets.map((s) => got.offers[s.offer]!.length).sort()).toEqual([2440, 3100]);
	});
});
