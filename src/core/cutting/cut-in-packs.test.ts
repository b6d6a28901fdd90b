import { beforeAll, describe, expect, it } from 'vitest';
import { sawsTrue } from '../../../tests/support/cut-checks';
import { CUTTING, dowels, KERF, pieces, sheetPrice, workshop } from '../../../tests/support/to-cut';
import { newPrice, type Price } from '../prices/price';
import { NO_PRICES } from '../prices/ware';
import { seeded } from '../seeded';
import type { CutGroup } from './cut-group';
import { cutInPacks } from './cut-in-packs';
import { cutLines } from './cut-lines';
import { cutRectangles } from './cut-rectangles';
import { groupPieces } from './groups';
import type { Piece } from './pieces';

let work: Awaited<ReturnType<typeof workshop>>;
beforeAll(async () => {
	work = await workshop();
});

let made = 0;
const rods = (length: number, price: number, pack = 1): Price => ({
	...newPrice(`d${++made}`, 'dowel'),
	width: 25,
	length,
	price,
	pack
});

function cut(all: Piece[], prices: Price[], seconds = 1): CutGroup {
	const [group] = groupPieces(all, CUTTING, { boards: [], buying: { ...NO_PRICES, prices } });
	const cutter = group!.kind === 'sheet' ? cutRectangles : cutLines;
	const got = cutInPacks(cutter, group!, all, work('money', seconds), () => undefined);
	sawsTrue(got, KERF);
	expect(got.sheets.flatMap((s) => s.pieces.map((p) => p.piece.id)).sort()).toEqual(all.map((p) => p.id).sort());
	return got;
}
const lengthsOf = ({ sheets, offers }: CutGroup) => sheets.map((s) => offers[s.offer]!.length).sort((a, b) => a - b);

describe('wood in packs, by hand', () => {
	// A rod of 1000 is 4 in a pack of five and nothing else; of 1200, 6 by itself. One peg of 900: 6, not 20.
	it('is not bought for the price of one where the pack must be paid', () => {
		const got = cut(dowels(1, 900), [rods(1000, 20, 5), rods(1200, 6)]);
		expect([lengthsOf(got), got.cost]).toEqual([[1200], 600]);
		expect(got.proven).toBe(true);
		expect(got.proof.text).toContain('whole packs');
	});
	// Five of them: the pack of five, at 20; five by themselves are 30.
	it('is where it is used up', () => {
		const got = cut(dowels(5, 900), [rods(1000, 20, 5), rods(1200, 6)]);
		expect([lengthsOf(got), got.cost, got.proven]).toEqual([[1000, 1000, 1000, 1000, 1000], 2000, true]);
	});
	// Three of 900 and one of 580: three rods of 1000 and one of 600 are 12 and 3, but the pack has a fourth.
	it('is used up before another size is bought', () => {
		const got = cut([...dowels(3, 900), ...dowels(1, 580)], [rods(1000, 16, 4), rods(600, 3)]);
		expect([lengthsOf(got), got.cost]).toEqual([[1000, 1000, 1000, 1000], 1600]);
		expect(got.buy).toBe(4);
	});
	// Half sheets at 20 in a pack of two, full ones at 36: two of 1200 x 1200 are a full sheet, or two halves.
	it('is so for sheets, too', () => {
		const half = { ...sheetPrice(1220, 1220, 40), pack: 2 };
		const full = sheetPrice(1220, 2440, 36);
		expect(cut(pieces(1, 1200, 1200), [half, full]).cost).toBe(3600);
		expect(cut(pieces(2, 1200, 1200), [half, full]).cost).toBe(3600);
		expect(cut(pieces(2, 1200, 1200), [{ ...half, price: 30 }, full]).cost).toBe(3000);
	});
	// Six are the pack of five here and one there, 25; all of one store they are 40 or 30, and that is what is said.
	it('of one size is bought at one store, and the proof says so', () => {
		const two = [{ ...rods(1000, 20, 5), store: 'Yard' }, { ...rods(1000, 5), store: 'Town' }, rods(1200, 30)];
		const got = cut(dowels(6, 900), two);
		expect([got.cost, got.proof.text]).toEqual([
			3000,
			'Least money: in whole packs, each size at one store, no plan costs less'
		]);
	});
	// Six are the pack of five and one by itself.
	it('of one size in two packs costs what the cheapest packs for as many do', () => {
		const lines = [rods(1000, 20, 5), rods(1000, 5), rods(1200, 30)];
		expect([1, 2, 4, 5, 6].map((n) => cut(dowels(n, 900), lines).cost)).toEqual([500, 1000, 2000, 2000, 2500]);
	});
});

describe('strips that do not hold every piece', () => {
	// One piece goes into a strip of either size: nothing is unmet. Where something is, it stands before the rest.
	it('are named beside what whole packs cost', () => {
		const long = pieces(1, 2000, 400);
		const lines = [{ ...sheetPrice(420, 2440, 80), pack: 4 }, sheetPrice(1220, 2440, 60)];
		const [group] = groupPieces(long, CUTTING, { boards: [], buying: { ...NO_PRICES, prices: lines } });
		const asked = { ...work('money', 1), inStrips: true };
		const held = cutInPacks(cutRectangles, group!, long, asked, () => undefined);
		expect([held.unmet, held.cost, held.proven]).toEqual([undefined, 6000, true]);
		const never: typeof cutRectangles = (...args) => ({ ...cutRectangles(...args), unmet: 'Not so' });
		const not = cutInPacks(never, group!, long, asked, () => undefined);
		expect(not.proof.text).toBe(`Not so. ${held.proof.text}`);
	});
});

describe('what was not looked into', () => {
	const lines = [rods(1000, 16, 4), rods(600, 3)];
	const all = [...dowels(3, 900), ...dowels(1, 580)];
	const group = () => groupPieces(all, CUTTING, { boards: [], buying: { ...NO_PRICES, prices: lines } })[0]!;

	it('is not ruled out for want of time', () => {
		const got = cutInPacks(cutLines, group(), all, work('money', 0), () => undefined);
		expect([got.cost, got.proven, got.bound]).toEqual([1900, false, 1600]);
	});
	it('nor by a cut that cannot say whether it can be done', () => {
		let calls = 0;
		// Every time the first plan again, behind the offers that are paid for: it may be all there is, or not.
		const unsure: typeof cutLines = (g, ...rest) => {
			const first = cutLines(group(), ...rest);
			if (calls++ === 0) return first;
			const paid = g.offers.length - first.offers.length;
			const sheets = first.sheets.map((s) => ({ ...s, offer: s.offer + paid }));
			return { ...first, sheets, bound: 1e-9, proven: false };
		};
		const got = cutInPacks(unsure, group(), all, work('money', 1), () => undefined);
		expect(calls).toBeGreaterThan(1);
		expect([got.cost, got.proven, got.bound]).toEqual([1900, false, 1600]);
	});
	it('tells at once of what it has, and of all that is better', () => {
		const told: number[] = [];
		const got = cutInPacks(cutLines, group(), all, work('money', 1), (g) => told.push(g.cost));
		expect(told.at(-1)).toBe(got.cost);
		expect(told.every((c, i) => i === 0 || c <= told[i - 1]!)).toBe(true);
	});
});

/** Least money by trying every number of each of two sizes: do the pieces go into them? */
function exactMoney(lengths: readonly number[], sizes: readonly { length: number; of: (n: number) => number }[]) {
	const sorted = [...lengths].sort((a, b) => b - a);
	const fits = (rooms: number[], i = 0): boolean => {
		const next = sorted[i];
		if (next === undefined) return true;
		const tried = new Set<number>();
		return rooms.some((room, r) => {
			if (room < next || tried.has(room)) return false;
			tried.add(room);
			return fits(rooms.with(r, room - next - KERF), i + 1);
		});
	};
	const [a, b] = sizes as [(typeof sizes)[number], (typeof sizes)[number]];
	let best = Infinity;
	for (let n = 0; n <= sorted.length; n++)
		for (let m = 0; n + m <= sorted.length; m++) {
			const money = a.of(n) + b.of(m);
			const rooms = [...Array<number>(n).fill(a.length), ...Array<number>(m).fill(b.length)];
			if (money < best && fits(rooms)) best = money;
		}
	return best;
}

describe('wood in packs, against trying everything', () => {
	it('never costs less, is proven only where it is the least, and mostly is the least', () => {
		const random = seeded(5);
		const pick = (least: number, most: number) => least + Math.floor(random() * (most - least + 1));
		let [least, proven] = [0, 0];
		const JOBS = 60;
		for (let job = 0; job < JOBS; job++) {
			const lengths = Array.from({ length: pick(3, 8) }, () => pick(120, 900));
			const lines = [1000, 1200].map((length) => {
				const [pack, dear] = [pick(1, 5), 0.7 + 0.6 * random()];
				return [pack, 1].map((p, i) =>
					rods(length, Math.round(p * (length / 250) * dear * (1 + 0.4 * i) * 100) / 100, p)
				) as [Price, Price];
			});
			/** So many packs, and what they do not hold one by one. */
			const of =
				([many, one]: [Price, Price]) =>
				(n: number) =>
					Math.min(
						...Array.from(
							{ length: n + 1 },
							(_, packs) => packs * many.price! + Math.max(0, n - packs * many.pack) * one.price!
						)
					);
			const exact = exactMoney(
				lengths,
				lines.map((l) => ({ length: l[0].length!, of: of(l) }))
			);
			const all = lengths.flatMap((l, i) => dowels(1, l).map((p) => ({ ...p, id: `${i}` })));
			const got = cut(all, lines.flat(), 0.5);
			const paid = lines.reduce(
				(sum, l) => sum + of(l)(got.sheets.filter((s) => got.offers[s.offer]!.length === l[0].length).length),
				0
			);
			expect(got.cost / 100, `job ${job}`).toBeCloseTo(paid, 1);
			expect(paid, `job ${job}`).toBeGreaterThanOrEqual(exact - 0.01);
			if (got.proven) expect(paid, `job ${job}`).toBeCloseTo(exact, 1);
			expect(got.bound / 100, `job ${job}`).toBeLessThanOrEqual(exact + 0.05);
			if (paid < exact + 0.01) least++;
			if (got.proven) proven++;
		}
		expect(least).toBeGreaterThanOrEqual(0.9 * JOBS);
		expect(proven).toBeGreaterThanOrEqual(0.8 * JOBS);
	});
});
