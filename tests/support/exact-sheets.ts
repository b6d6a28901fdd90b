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
 * The fewest sheets that a few rectangles can be sawn from by cuts that go right through, by trying everything:
 * for every set of pieces, every way to part it in two by one cut, along or across; then the fewest sets that fit
 * a sheet.
 */
export function exactSheets(
	pieces: readonly Rectangle[],
	sheet: { length: number; width: number },
	kerf: number
): number {
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
	const fewest = [0];
	for (let set = 1; set <= all; set++) {
		let best = Infinity;
		for (let a = set; a > 0; a = (a - 1) & set) if (shapes[a]!.length > 0) best = Math.min(best, 1 + fewest[set ^ a]!);
		fewest[set] = best;
	}
	return fewest[all]!;
}
