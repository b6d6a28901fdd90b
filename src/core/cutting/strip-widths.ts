import { pair, toHundredths, type Box, type SheetProblem } from './sheets/problem';

/** One way a piece may lie: so long along the strip, so wide across it. Hundredths of a mm. */
export interface Lying {
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
export function widthsOf(problem: SheetProblem, length: number, width: number): Map<number, Lying[]> {
	const widths = new Map<number, Lying[]>();
	const put = (l: Lying) => widths.set(l.across, [...(widths.get(l.across) ?? []), l]);
	const ways = problem.pieces.flatMap(({ count }, i) =>
		count > 0 ? [bothWays(problem, i).filter((l) => l.along <= length && l.across <= width)] : []
	);
	if (ways.some((w) => w.length === 0)) throw new RangeError('A piece goes into no strip');
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
export function stripOf(lyings: readonly Lying[], kerf: number): Box {
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

/** Strips above one another. */
export const stackOf = (strips: readonly Box[], kerf: number): Box =>
	strips.reduceRight((rest, strip) => pair('y', strip, rest, kerf));
