import { worthiest } from './lines/knapsack';
import { goesOn, itemsOf, kindsOf, toHundredths, type Box, type SheetProblem, type SheetStock } from './sheets/problem';
import type { FilledSheet } from './sheets/sheet-search';
import { stackOf, stripOf, widthsOf, type Lying } from './strip-widths';

const areaOf = ({ along, across }: Lying) => along * across;

/** Strips of one width, the fullest first, until its pieces or the sheet's width are used up. */
function fullest(
	lyings: readonly Lying[],
	counts: readonly number[],
	length: number,
	width: number,
	kerf: number
): Box[] {
	const left = lyings.map((l) => counts[l.item] as number);
	const across = lyings[0]?.across as number;
	const strips: Box[] = [];
	for (let room = width; room >= across; room -= across + kerf) {
		const choices = lyings.map((l, i) => ({ size: l.along + kerf, value: areaOf(l), count: left[i] as number }));
		const taken = worthiest(choices, length + kerf).counts;
		const mine = lyings.flatMap((l, i) => Array<Lying>(taken[i] as number).fill(l));
		if (mine.length === 0) break;
		for (const [i, n] of taken.entries()) left[i] = (left[i] as number) - n;
		strips.push(stripOf(mine, kerf));
	}
	return strips;
}

/** What of the pieces fills a sheet best in strips, by area; null where none goes onto it. */
function fillOne(problem: SheetProblem, { length, width }: SheetStock): Box | null {
	const [l, w, kerf] = [length, width, problem.kerf].map(toHundredths) as [number, number, number];
	const kinds = kindsOf(problem);
	const pieces = problem.pieces.map((p, i) => (goesOn(kinds, i, l, w) ? p : { ...p, count: 0 }));
	const counts = pieces.map((p) => p.count);
	const strips = [...widthsOf({ ...problem, pieces }, l, w)].flatMap(([, lyings]) =>
		fullest(lyings, counts, l, w, kerf)
	);
	const worth = (box: Box) => itemsOf(box).reduce((sum, i) => sum + pieceArea(problem, i), 0);
	const choices = strips.map((s) => ({ size: s.w + kerf, value: worth(s), count: 1 }));
	const taken = worthiest(choices, w + kerf).counts;
	const mine = strips.filter((_, i) => taken[i] === 1).sort((a, b) => b.w - a.w);
	return mine.length > 0 ? stackOf(mine, kerf) : null;
}

const pieceArea = ({ pieces }: SheetProblem, item: number): number => {
	const { length, width } = pieces[item] as SheetProblem['pieces'][number];
	return length * width;
};

/**
 * What is owned, filled in strips of its own length, the largest first; and the problem that is left to cut.
 * @param below only what is shorter, hundredths of a mm
 * @example fillOwned(problem, 244_000, () => 1).sheets.map((s) => problem.stocks[s.stock]?.length)
 */
export function fillOwned(
	problem: SheetProblem,
	below: number,
	secondsLeft: () => number
): { sheets: FilledSheet[]; rest: SheetProblem } {
	const owned = problem.stocks.flatMap((stock, i) =>
		stock.count !== Infinity && toHundredths(stock.length) < below ? [{ stock, i }] : []
	);
	owned.sort((a, b) => b.stock.length * b.stock.width - a.stock.length * a.stock.width);
	const sheets: FilledSheet[] = [];
	let rest = problem;
	for (const { stock, i } of owned)
		for (let copy = 0; copy < stock.count && secondsLeft() > 0; copy++) {
			const box = fillOne(rest, stock);
			if (!box) break;
			sheets.push({ stock: i, box });
			rest = without(rest, i, itemsOf(box));
		}
	return { sheets, rest };
}

/** The problem once a sheet of a stock is filled with these pieces. */
function without({ pieces, stocks, kerf }: SheetProblem, stock: number, used: readonly number[]): SheetProblem {
	return {
		pieces: pieces.map((p, i) => ({ ...p, count: p.count - used.filter((u) => u === i).length })),
		stocks: stocks.map((s, i) => (i === stock ? { ...s, count: s.count - 1 } : s)),
		kerf
	};
}
