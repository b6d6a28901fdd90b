import { lastOf, nth } from '../nth';
import type { Millimetres } from '../units/quantity';

/** The widest that any two of some places stand apart, one after another. @example apartOf([0, 400, 900]) // 500 */
export const apartOf = (xs: readonly Millimetres[]): Millimetres =>
	Math.max(0, ...xs.slice(1).map((x, i) => x - nth(xs, i)));

/** A place so little further than wanted will do. */
const SLACK = 1.05;

/**
 * Of the studs behind a rack those that it takes: from the first on no further apart than wanted, where they stand so
 * near, until so much of the wall is covered.
 * @param studs ascending, the first at 0
 * @param wide how far the last of its uprights stood from the first
 * @param apart how far they stood from each other at most
 * @returns at least two where there are two
 * @example alongStuds([0, 400, 800, 1200, 1600], 1000, 800) // [0, 800, 1200]
 */
export function alongStuds(studs: readonly Millimetres[], wide: Millimetres, apart: Millimetres): Millimetres[] {
	const taken: Millimetres[] = studs.slice(0, 1);
	for (let i = 1; i < studs.length && taken.length < 12; i++) {
		const x = nth(studs, i);
		const after = studs[i + 1];
		const last = lastOf(taken);
		if (taken.length > 1 && last >= wide / SLACK) break;
		// Past this one the next would be too far from the last, or it is the end.
		if (after === undefined || after - last > apart * SLACK || x >= wide / SLACK) taken.push(x);
	}
	return taken;
}

/**
 * Columns of screws on the studs behind them, from the first column on: as many as there are within a board or a plate;
 * as they are where there is none.
 * @param studs from the first column, ascending from 0
 * @param most that the figures take
 * @example columnsOnStuds([100, 500], [0, 420, 840], 620, 12) // [100, 520]
 */
export function columnsOnStuds(
	along: readonly Millimetres[],
	studs: readonly Millimetres[],
	wide: Millimetres,
	most: number
): Millimetres[] {
	const first = Math.min(...along);
	const on = studs.map((x) => first + x).filter((x) => x <= wide);
	return on.length > 0 ? on.slice(0, most) : [...along];
}
