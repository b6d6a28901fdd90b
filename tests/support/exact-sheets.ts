/** A rectangle to saw, and whether it may be turned. */
export interface Rectangle {
	length: number;
	width: number;
	turn: boolean;
}

/** Sizes that a set of pieces can be sawn from, none larger both ways than another. */
type Shapes = readonly (readonly [number, number])[];

function withoutLarger(shapes: (readonly [number, number])[]): Shapes {
	const sorted = shapes.sort((a, b) => a[0] - b[0] || a[1] - b[1]);
	const kept: (readonly [number, number])[] = [];
	for (const s of sorted) if (kept.length === 0 || s[1] < kept.at(-1)![1] - 1e-9) kept.push(s);
	return kept;
}

/**
 * Which sets of a few rectangles can be sawn from one sheet by cuts that go right through, by trying everything: for
 * every set of pieces, every way to part it in two by one cut, along or across. Entry `set` has bit i for piece i.
 */
export function setsFrom(
	pieces: readonly Rectangle[],
	sheet: { length: number; width: number },
	kerf: number
): boolean[] {
	const all = 2 ** pieces.length - 1;
	const shapes: Shapes[] = [[]];
	for (let set = 1; set <= all; set++) {
		const found: (readonly [number, number])[] = [];
		if ((set & (set - 1)) === 0) {
			const p = pieces[Math.log2(set)]!;
			found.push([p.length, p.width]);
			if (p.turn) found.push([p.width, p.length]);
		}
		for (let a = (set - 1) & set; a > 0; a = (a - 1) & set) {
			if (a < (set ^ a)) break;
			for (const [l, w] of shapes[a]!) {
				for (const [m, v] of shapes[set ^ a]!) {
					found.push([l + kerf + m, Math.max(w, v)]);
					found.push([Math.max(l, m), w + kerf + v]);
				}
			}
		}
		shapes[set] = withoutLarger(found.filter(([l, w]) => l <= sheet.length + 1e-9 && w <= sheet.width + 1e-9));
	}
	return shapes.map((s, set) => set === 0 || s.length > 0);
}

/** Whether so many sheets of each size hold all of a few rectangles, by trying everything. */
export function holdAll(fits: readonly boolean[][], counts: readonly number[]): boolean {
	const all = fits[0]!.length - 1;
	let reached = new Set([all]);
	for (const [s, n] of counts.entries()) {
		for (let k = 0; k < n; k++) {
			const next = new Set(reached);
			for (const set of reached) for (let a = set; a > 0; a = (a - 1) & set) if (fits[s]![a]) next.add(set ^ a);
			reached = next;
		}
	}
	return reached.has(0);
}

/** The least that sheets of several sizes cost from which a few rectangles can be sawn, by trying everything. */
export function exactCost(fits: readonly boolean[][], costs: readonly number[]): number {
	const all = fits[0]!.length - 1;
	const least = [0];
	for (let set = 1; set <= all; set++) {
		let best = Infinity;
		for (let a = set; a > 0; a = (a - 1) & set)
			for (const [s, cost] of costs.entries()) if (fits[s]![a]) best = Math.min(best, cost + least[set ^ a]!);
		least[set] = best;
	}
	return least[all]!;
}

/** The fewest sheets of one size that a few rectangles can be sawn from by cuts that go right through. */
export function exactSheets(
	pieces: readonly Rectangle[],
	sheet: { length: number; width: number },
	kerf: number
): number {
	return exactCost([setsFrom(pieces, sheet, kerf)], [1]);
}
