import { solveLinear } from '../../solve-linear';
import type { Millimetres } from '../../units/quantity';
import { seen } from './signal';

/**
 * A stretch of something denser, as an instrument with a window of some spread sees it: two edges, a height, a floor.
 */
export interface Bump {
	left: Millimetres;
	right: Millimetres;
	height: number;
	base: number;
}

/** Standard errors of what was fitted. */
export interface BumpFit extends Bump {
	/** Of the middle. */
	error: Millimetres;
	/** Root mean square of what is left over. */
	residual: number;
}

interface Samples {
	x: ArrayLike<number>;
	v: ArrayLike<number>;
}

const TURNS = 12;
/** Steps smaller than this change nothing, mm and shares of a stud. */
const SETTLED = 1e-3;

/**
 * Fits a bump to samples by Gauss and Newton, from a first guess. An edge beyond the samples cannot be seen: it is kept
 * where it was guessed.
 * @param spread of the instrument's window, mm
 * @param fixed an edge that lies outside the trace
 * @returns null when it does not settle
 */
export function fitBump(
	{ x, v }: Samples,
	guess: Bump,
	spread: Millimetres,
	noise: number,
	fixed: 'left' | 'right' | null = null
): BumpFit | null {
	const b = { ...guess };
	const free = (['left', 'right', 'height', 'base'] as const).filter((name) => name !== fixed);
	let normal: number[][] = [];
	for (let turn = 0; turn < TURNS; turn++) {
		normal = free.map(() => free.map(() => 0));
		const right = free.map(() => 0);
		for (let i = 0; i < x.length; i++) {
			const at = x[i] as number;
			const [l, r] = [seen(at, b.left, spread), seen(at, b.right, spread)];
			const slope = (edge: number) => Math.exp(-0.5 * ((at - edge) / spread) ** 2) / (spread * Math.sqrt(2 * Math.PI));
			const by = { left: -b.height * slope(b.left), right: b.height * slope(b.right), height: l - r, base: 1 };
			const off = (v[i] as number) - (b.base + b.height * (l - r));
			free.forEach((p, j) => {
				right[j] = (right[j] as number) + by[p] * off;
				free.forEach((q, k) => ((normal[j] as number[])[k] = ((normal[j] as number[])[k] as number) + by[p] * by[q]));
			});
		}
		const step = solveLinear(normal.map((row, i) => [...row, right[i] as number]));
		if (!step) return null;
		// No edge moves by more than the window in one turn: a far first guess is walked in.
		free.forEach(
			(p, j) =>
				(b[p] +=
					p === 'left' || p === 'right' ? Math.max(-spread, Math.min(spread, step[j] as number)) : (step[j] as number))
		);
		if (!Number.isFinite(b.left + b.right + b.height) || b.right - b.left < 2) return null;
		if (step.every((s) => Math.abs(s) < SETTLED)) break;
	}
	let left = 0;
	for (let i = 0; i < x.length; i++)
		left +=
			((v[i] as number) -
				(b.base + b.height * (seen(x[i] as number, b.left, spread) - seen(x[i] as number, b.right, spread)))) **
			2;
	// Error of the middle: half the sum of the two edges, with what they have in common.
	const ofEdge = fixed ? 1 : 0.5;
	const weigh = free.map((p): number => (p === 'left' || p === 'right' ? ofEdge : 0));
	const spreadOf = solveLinear(normal.map((row, i) => [...row, weigh[i] as number]));
	const variance = spreadOf
		? weigh.reduce((sum, w, j) => sum + w * (spreadOf[j] as number), 0) * noise ** 2
		: Number.NaN;
	return { ...b, error: Math.sqrt(Math.max(0, variance)), residual: Math.sqrt(left / x.length) };
}
