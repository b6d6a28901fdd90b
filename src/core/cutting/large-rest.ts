import { fewestLines } from './lines/fewest-lines';
import type { Line, LineProblem } from './lines/line-problem';
import { fewestSheets } from './sheets/fewest-sheets';
import type { SheetProblem, SheetStock } from './sheets/problem';
import type { FilledSheet } from './sheets/sheet-search';
import { within } from './within';
import type { Working } from './working';

/** Probes for each way to shorten: within a sixty-fourth of what is to be won. */
const PROBES = 6;
/** Longest that one probe looks, seconds. */
const EACH = 0.5;

/** The least size between nothing and `high` that something fits on, by halving; null where nothing less does. */
function leastThatFits<T>(high: number, fits: (size: number) => T | null): { size: number; found: T } | null {
	let best: { size: number; found: T } | null = null;
	let [no, yes] = [0, high];
	for (let i = 0; i < PROBES; i++) {
		const size = (no + yes) / 2;
		const found = fits(size);
		if (found === null) no = size;
		else {
			yes = size;
			best = { size, found };
		}
	}
	return best;
}

/** Which bought stock the last one is of, and how many of every stock are taken; null where nothing is bought. */
function takenOf(stocks: readonly { count: number }[], used: readonly { stock: number }[]) {
	const counts = stocks.map((_, i) => used.filter((u) => u.stock === i).length);
	const last = stocks.findLastIndex((s, i) => s.count === Infinity && (counts[i] ?? 0) > 0);
	return last < 0 ? null : { counts, last };
}

/**
 * Stocks of which everything that was taken is there at no cost, but one is smaller; more of the last kind costs. All
 * goes onto what was taken, with the smaller one, where that costs nothing.
 * @returns the stocks, and which of the problem's own each of them is
 */
function oneSmaller<S extends SheetStock | LineProblem['stocks'][number]>(
	all: readonly S[],
	{ counts, last }: { counts: readonly number[]; last: number },
	smaller: Partial<S>,
	abreast: number
): { stocks: S[]; own: number[] } {
	const whole = all.map((s, i): S => {
		if (s.count !== Infinity) return s;
		return { ...s, cost: 0, count: (counts[i] ?? 0) - (i === last ? abreast : 0) };
	});
	const of = all[last] as S;
	const there = [...whole, { ...of, ...smaller, cost: 0, count: abreast }, { ...of, cost: 1 }];
	const own = there.map((_, i) => (i < all.length ? i : last));
	const some = there.map((s) => s.count > 0);
	return { stocks: there.filter((_, i) => some[i]), own: own.filter((_, i) => some[i]) };
}

/**
 * The same pieces on as many sheets so that what is left of one of them is as large and as whole as can be.
 * @returns null where nothing larger was found
 */
export function largestRest(
	problem: SheetProblem,
	sheets: readonly FilledSheet[],
	{ random, secondsLeft }: Working
): FilledSheet[] | null {
	const taken = takenOf(problem.stocks, sheets);
	if (!taken) return null;
	const of = problem.stocks[taken.last] as SheetStock;
	const fits = (smaller: Partial<SheetStock>): FilledSheet[] | null => {
		if (secondsLeft() <= EACH) return null;
		const { stocks, own } = oneSmaller(problem.stocks, taken, smaller, 1);
		const budget = { solve: null, random, secondsLeft: within(secondsLeft, EACH) };
		const { packing } = fewestSheets({ ...problem, stocks }, budget);
		if (packing.cost > 0) return null;
		return packing.sheets.map(({ stock, box }) => ({ stock: own[stock] as number, box }));
	};
	const shorter = leastThatFits(of.length, (length) => fits({ length }));
	const narrower = leastThatFits(of.width, (width) => fits({ width }));
	const [long, wide] = [shorter?.size ?? of.length, narrower?.size ?? of.width];
	const best = (of.length - long) * of.width >= (of.width - wide) * of.length ? shorter : narrower;
	return best?.found ?? null;
}

/** The same for boards and rods: as much as can be left at the end of one. */
export function longestRest(
	problem: LineProblem,
	lines: readonly Line[],
	abreast: number,
	work: Working
): Line[] | null {
	const taken = takenOf(problem.stocks, lines);
	if (!taken) return null;
	const fits = (length: number): Line[] | null => {
		if (work.secondsLeft() <= EACH) return null;
		const { stocks, own } = oneSmaller(problem.stocks, taken, { length }, abreast);
		const answer = fewestLines({ ...problem, stocks }, { ...work, secondsLeft: within(work.secondsLeft, EACH) });
		if (answer.cost > 0) return null;
		return answer.lines.map(({ stock, items }) => ({ stock: own[stock] as number, items }));
	};
	return leastThatFits((problem.stocks[taken.last] as { length: number }).length, fits)?.found ?? null;
}
