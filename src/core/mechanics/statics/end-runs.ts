import type { Millimetres } from '../../units/quantity';

/** Something that may be taken off: where it is along, and its figures that add up. */
export interface Removable {
	x: Millimetres;
	of: readonly number[];
}

/**
 * Sums of what is always there and of things that may be taken off, for the part loads that are worst for whatever is
 * off its middle: all of it, the things from one end on, one after another, and none of them. Whatever else is left on
 * lies between them (the greatest of a sum over any of them is at a run from one end).
 * @param always figures of what stays
 * @returns sums, figure by figure; all of it first, nothing but what stays last
 * @example endRuns([3, 0], [{ x: 1, of: [2, 2] }, { x: 5, of: [2, 10] }]) // [[7, 12], [5, 2], [7, 12], [5, 10], ...]
 */
export function endRuns(always: readonly number[], things: readonly Removable[]): number[][] {
	const sorted = [...things].sort((a, b) => a.x - b.x);
	const found: number[][] = [];
	for (const run of [sorted, [...sorted].reverse()]) {
		let sum: readonly number[] = always;
		for (const t of run) {
			sum = sum.map((s, i) => s + (t.of[i] ?? 0));
			found.push([...sum]);
		}
	}
	const all = found[sorted.length - 1];
	return all ? [all, ...found, [...always]] : [[...always]];
}
