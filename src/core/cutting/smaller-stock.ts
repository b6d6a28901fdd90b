import type { Offer } from './offers';
import { fewestSheets } from './sheets/fewest-sheets';
import { itemsOf, type SheetProblem } from './sheets/problem';
import type { FilledSheet } from './sheets/sheet-search';
import { within } from './within';
import type { Working } from './working';

/** Sizes that differ by less are the same, mm. */
const NEAR = 0.005;
/** Longest that one sheet is tried on one smaller stock, seconds. */
const EACH = 0.15;

/**
 * Bought offers that cost no more in what is least, but less money or wood, the smallest first: where the number
 * counts, a half sheet is as good as a whole one, and cheaper.
 */
function smallerThan(offers: readonly Offer[], costs: readonly number[], now: number): number[] {
	if (offers[now]?.owned) return [];
	const isPriced = offers.every((o) => o.owned || o.each !== null);
	const worth = (o: Offer) => (isPriced ? (o.each ?? 0) : o.length * o.width);
	const most = worth(offers[now] as Offer);
	return [...offers.keys()]
		.filter((i) => {
			const o = offers[i] as Offer;
			return !o.owned && (costs[i] as number) <= (costs[now] as number) && worth(o) < most;
		})
		.sort((a, b) => worth(offers[a] as Offer) - worth(offers[b] as Offer));
}

/**
 * The smallest offer on which what is cut lies just so.
 * @param taken of length and width by what is cut, mm
 */
export function smallestOffer(
	offers: readonly Offer[],
	costs: readonly number[],
	now: number,
	taken: { length: number; width: number }
): number {
	const fits = (i: number) => {
		const { length, width } = offers[i] as Offer;
		return length + NEAR >= taken.length && width + NEAR >= taken.width;
	};
	return smallerThan(offers, costs, now).find(fits) ?? now;
}

/** Sheets as they are filled, each laid anew on the smallest stock that holds its pieces. */
export function onSmaller(
	problem: SheetProblem,
	sheets: readonly FilledSheet[],
	offers: readonly Offer[],
	{ random, secondsLeft }: Working
): FilledSheet[] {
	const costs = problem.stocks.map((s) => s.cost);
	return sheets.map((sheet) => {
		const counts = problem.pieces.map(() => 0);
		for (const i of itemsOf(sheet.box)) counts[i] = (counts[i] as number) + 1;
		const items = counts.flatMap((n, i) => (n > 0 ? [i] : []));
		const pieces = items.map((i) => ({
			...(problem.pieces[i] as SheetProblem['pieces'][number]),
			count: counts[i] as number
		}));
		for (const stock of smallerThan(offers, costs, sheet.stock)) {
			const [small, now] = [stock, sheet.stock].map((i) => problem.stocks[i] as SheetProblem['stocks'][number]);
			const stocks = [
				{ ...(small as SheetProblem['stocks'][number]), cost: 0, count: 1 },
				{ ...(now as SheetProblem['stocks'][number]), cost: 1 }
			];
			const budget = { solve: null, random, secondsLeft: within(secondsLeft, EACH) };
			const { packing } = fewestSheets({ ...problem, pieces, stocks }, budget);
			const [only] = packing.sheets;
			if (packing.cost === 0 && only && packing.sheets.length === 1) return { stock, box: renamed(only.box, items) };
		}
		return sheet;
	});
}

/** A box whose pieces are those of another list. */
function renamed(box: FilledSheet['box'], items: readonly number[]): FilledSheet['box'] {
	if (box.kind === 'piece') return { ...box, item: items[box.item] as number };
	return { ...box, a: renamed(box.a, items), b: renamed(box.b, items) };
}
