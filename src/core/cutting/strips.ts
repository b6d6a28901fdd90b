import { fewestLines } from './lines/fewest-lines';
import { HUNDREDTHS, pair, toHundredths, type Box, type SheetProblem } from './sheets/problem';
import type { FilledSheet } from './sheets/sheet-search';
import { within } from './within';
import type { Working } from './working';

/** Longest for the strips of one width, and for laying them on sheets, seconds: mostly it takes a moment. */
const ENOUGH = 0.3;

/** One way a piece may lie: so long along the strip, so wide across it. Hundredths of a mm. */
interface Lying {
	item: number;
	turned: boolean;
	along: number;
	across: number;
}

const bothWays = ({ pieces }: SheetProblem, item: number): Lying[] => {
	const { length, width, turn } = pieces[item] as SheetProblem['pieces'][number];
	const [l, w] = [toHundredths(length), toHundredths(width)];
	const straight = { item, turned: false, along: l, across: w };
	return turn && l !== w ? [straight, { item, turned: true, along: w, across: l }] : [straight];
};

/**
 * Which way every kind of piece lies so that few widths are ripped: those that may not turn first; the others as a
 * width that is ripped already, else with the width that most of them can share.
 */
function widthsOf(problem: SheetProblem, length: number): Map<number, Lying[]> {
	const widths = new Map<number, Lying[]>();
	const put = (l: Lying) => widths.set(l.across, [...(widths.get(l.across) ?? []), l]);
	const ways = problem.pieces.map((_, i) => bothWays(problem, i).filter((l) => l.along <= length));
	if (ways.some((w) => w.length === 0)) throw new RangeError('A piece is longer than the strips');
	for (const way of ways) if (way.length === 1) put(way[0] as Lying);
	let open = ways.filter((w) => w.length > 1);
	while (open.length > 0) {
		const shared = new Map<number, number>();
		for (const { across } of open.flat())
			shared.set(across, (shared.get(across) ?? 0) + (widths.has(across) ? 1e6 : 1));
		const [best] = [...shared].sort((a, b) => b[1] - a[1] || a[0] - b[0]);
		const width = best?.[0] as number;
		for (const way of open) {
			const fits = way.find((l) => l.across === width);
			if (fits) put(fits);
		}
		open = open.filter((way) => way.every((l) => l.across !== width));
	}
	return widths;
}

/** One strip: pieces of its width one behind another. */
function stripOf(lyings: readonly Lying[], kerf: number): Box {
	const boxes = lyings.map(({ item, turned, along, across }): Box => ({
		kind: 'piece',
		item,
		turned,
		l: along,
		w: across
	}));
	// The longest first; cut off from the left, one stop after another.
	boxes.sort((a, b) => b.l - a.l);
	return boxes.reduceRight((rest, box) => pair('x', box, rest, kerf));
}

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

/** Sheets in strips that are so long. @throws RangeError when a piece is longer, or a strip wider than the sheets */
function inStripsOf(length: number, problem: SheetProblem, work: Working): FilledSheet[] {
	const strips = [...widthsOf(problem, length)].flatMap(([, lyings]) => stripsOf(lyings, length, problem, work));
	const usable = problem.stocks.flatMap((s, stock) => (toHundredths(s.length) >= length ? [{ ...s, stock }] : []));
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
		const box = mine.reduceRight((rest, strip) => pair('y', strip, rest, toHundredths(problem.kerf)));
		return { stock: usable[stock]?.stock as number, box };
	});
}

/**
 * Sheets cut in two stages, as a panel saw and a long rip fence like it: strips of the pieces' own widths, then every
 * strip across. No strip holds two widths, so the saw is set once for every width and once for every length. Takes more
 * sheets than free cutting does; of the lengths that are sold the one that costs least. Null where a piece is longer or
 * a strip wider than any sheet.
 */
export function cutInStrips(problem: SheetProblem, work: Working): FilledSheet[] | null {
	const bought = problem.stocks.filter((s) => s.count === Infinity);
	const costOf = (sheets: readonly FilledSheet[]) =>
		sheets.reduce((sum, s) => sum + (problem.stocks[s.stock]?.cost ?? 0), 0);
	let best: FilledSheet[] | null = null;
	for (const length of new Set(bought.map((s) => toHundredths(s.length)))) {
		try {
			const sheets = inStripsOf(length, problem, work);
			if (!best || costOf(sheets) < costOf(best)) best = sheets;
		} catch (error) {
			if (!(error instanceof RangeError)) throw error;
		}
	}
	return best;
}
