import type { Cut } from '$core/cutting/cut-sheet';

export interface Sawn {
	x: number;
	y: number;
	length: number;
	width: number;
}

const NEAR = 0.02;

/**
 * Saws a sheet the way a person would, cut after cut, knowing nothing of how they were found: each must go right
 * through one piece that is free so far, and takes a kerf. Gives what lies on the bench in the end.
 */
export function saw(sheet: { length: number; width: number }, kerf: number, cuts: readonly Cut[]): Sawn[] {
	let bench: Sawn[] = [{ x: 0, y: 0, length: sheet.length, width: sheet.width }];
	for (const [n, cut] of cuts.entries()) {
		const through = bench.filter((p) =>
			cut.across
				? cut.at > p.x + NEAR &&
					cut.at < p.x + p.length - NEAR / 10 &&
					Math.abs(cut.from - p.y) < NEAR &&
					Math.abs(cut.to - p.y - p.width) < NEAR
				: cut.at > p.y + NEAR &&
					cut.at < p.y + p.width - NEAR / 10 &&
					Math.abs(cut.from - p.x) < NEAR &&
					Math.abs(cut.to - p.x - p.length) < NEAR
		);
		if (through.length !== 1) throw new Error(`Cut ${n + 1} goes through ${through.length} pieces`);
		const [p] = through as [Sawn];
		const near = cut.across ? { ...p, length: cut.at - p.x } : { ...p, width: cut.at - p.y };
		const far = cut.across
			? { ...p, x: cut.at + kerf, length: p.x + p.length - cut.at - kerf }
			: { ...p, y: cut.at + kerf, width: p.y + p.width - cut.at - kerf };
		bench = [...bench.filter((q) => q !== p), near];
		// Where the rest is no wider than the blade, it is dust.
		if (far.length > NEAR / 4 && far.width > NEAR / 4) bench.push(far);
	}
	return bench;
}

/** Is this on the bench, where it was said to lie? */
export const lies = (bench: readonly Sawn[], p: Sawn): boolean =>
	bench.some(
		(q) =>
			Math.abs(q.x - p.x) < NEAR &&
			Math.abs(q.y - p.y) < NEAR &&
			Math.abs(q.length - p.length) < NEAR &&
			Math.abs(q.width - p.width) < NEAR
	);
