import { fewestLines } from './lines/fewest-lines';
import { HUNDREDTHS, toHundredths, type Box, type SheetProblem } from './sheets/problem';
import type { FilledSheet } from './sheets/sheet-search';
import { fillOwned } from './owned-strips';
import { stackOf, stripOf, widthsOf, type Lying } from './strip-widths';
import { within } from './within';
import type { Working } from './working';

/** Longest for the strips of one width, and for laying them on sheets, seconds: mostly it takes a moment. */
const ENOUGH = 0.3;

/** Strips of one width: as few as there can be, each as long as the sheets. */
function stripsOf(lyings: readonly Lying[], length: number, problem: SheetProblem, work: Working): Box[] {
	const kerf = toHundredths(problem.kerf);
	const items = lyings.map(({ item, along }) => ({
		length: along / HUNDREDTHS,
		count: problem.pieces[item]?.count ?? 0
	}));
	const stocks = [{ length: length / HUNDREDTHS, cost: 1, count: Infinity }];
	const { lines } = fewestLines(
		{ items, stocks, kerf: problem.kerf },
		{ ...work, secondsLeft: within(work.secondsLeft, ENOUGH) }
	);
	return lines.map((line) =>
		stripOf(
			line.items.map((i) => lyings[i] as Lying),
			kerf
		)
	);
}

/**
 * Sheets in strips that are so long; none for no pieces.
 * @throws RangeError when a piece goes into no strip, or there are not sheets enough
 */
function inStripsOf(length: number, problem: SheetProblem, work: Working): FilledSheet[] {
	if (problem.pieces.every((p) => p.count === 0)) return [];
	const usable = problem.stocks.flatMap((s, stock) => (toHundredths(s.length) >= length ? [{ ...s, stock }] : []));
	const widest = Math.max(...usable.map((s) => toHundredths(s.width)));
	const widths = widthsOf(problem, length, widest);
	const strips = [...widths].flatMap(([, lyings]) => stripsOf(lyings, length, problem, work));
	const sizes = new Map<number, Box[]>();
	for (const strip of strips) sizes.set(strip.w, [...(sizes.get(strip.w) ?? []), strip]);
	const kinds = [...sizes].sort((a, b) => b[0] - a[0]);
	const items = kinds.map(([w, all]) => ({ length: w / HUNDREDTHS, count: all.length }));
	const stocks = usable.map(({ width, cost, count }) => ({ length: width, cost, count }));
	const { lines } = fewestLines(
		{ items, stocks, kerf: problem.kerf },
		{ ...work, secondsLeft: within(work.secondsLeft, ENOUGH) }
	);
	return lines.map(({ stock, items: chosen }) => {
		const mine = [...chosen].sort((a, b) => a - b).map((i) => kinds[i]?.[1].pop() as Box);
		return { stock: usable[stock]?.stock as number, box: stackOf(mine, toHundredths(problem.kerf)) };
	});
}

/**
 * Sheets cut in two stages, as a panel saw and a long rip fence like it: strips of the pieces' own widths, then every
 * strip across. No strip holds two widths, so the saw is set once for every width and once for every length. Takes more
 * sheets than free cutting does; of the lengths that are sold the one that costs least, and what is owned first, in
 * strips of its own length, where that saves something. Null where a piece finds no strip so.
 */
export function cutInStrips(problem: SheetProblem, work: Working): FilledSheet[] | null {
	const bought = problem.stocks.filter((s) => s.count === Infinity);
	const costOf = (sheets: readonly FilledSheet[]) =>
		sheets.reduce((sum, s) => sum + (problem.stocks[s.stock]?.cost ?? 0), 0);
	let best: FilledSheet[] | null = null;
	for (const length of new Set((bought.length > 0 ? bought : problem.stocks).map((s) => toHundredths(s.length)))) {
		const first: ReturnType<typeof fillOwned>[] = [{ sheets: [], rest: problem }];
		// Strips of another length may set the saw more often.
		if (work.aim !== 'setups')
			first.push(...[length, Infinity].map((below) => fillOwned(problem, below, work.secondsLeft)));
		for (const { sheets: owned, rest } of first) {
			try {
				const sheets = [...owned, ...inStripsOf(length, rest, work)];
				if (!best || costOf(sheets) < costOf(best)) best = sheets;
			} catch (error) {
				if (!(error instanceof RangeError)) throw error;
			}
		}
	}
	return best;
}
