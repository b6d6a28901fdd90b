import type { Millimetres } from '../../units/quantity';

/** Tools for one channel of a trace. They take and give plain arrays of numbers of the same length. */

/** A Gaussian average over the samples. Ends are averaged over what there is. @example smooth([0, 0, 1, 0, 0], 1) */
export function smooth(values: ArrayLike<number>, sigma: number): Float64Array {
	const reach = Math.ceil(3 * sigma);
	const weights = Array.from({ length: reach + 1 }, (_, i) => Math.exp(-0.5 * (i / sigma) ** 2));
	const out = new Float64Array(values.length);
	for (let i = 0; i < values.length; i++) {
		let sum = 0;
		let all = 0;
		for (let j = Math.max(0, i - reach); j <= Math.min(values.length - 1, i + reach); j++) {
			const w = weights[Math.abs(j - i)] as number;
			sum += w * (values[j] as number);
			all += w;
		}
		out[i] = sum / all;
	}
	return out;
}

/** The value below which a share of all lies. @example quantile([3, 1, 2], 0.5) // 2 */
export function quantile(values: ArrayLike<number>, share: number): number {
	const sorted = Float64Array.from(values).sort();
	const at = (sorted.length - 1) * share;
	const low = Math.floor(at);
	return (
		(sorted[low] ?? Number.NaN) + ((sorted[Math.ceil(at)] ?? Number.NaN) - (sorted[low] ?? Number.NaN)) * (at - low)
	);
}

export const median = (values: ArrayLike<number>): number => quantile(values, 0.5);

/** Median absolute deviation to standard deviation of normal noise. */
const MAD = 1.4826;

/**
 * Standard deviation of white noise on a slowly changing signal: from differences of neighbours, which the signal
 * hardly touches.
 */
export function noiseOf(values: ArrayLike<number>): number {
	const steps = Float64Array.from(
		{ length: Math.max(0, values.length - 1) },
		(_, i) => (values[i + 1] as number) - (values[i] as number)
	);
	const middle = median(steps);
	return (MAD * median(steps.map((d) => Math.abs(d - middle)))) / Math.SQRT2;
}

/** The share of samples within a window that lie on the wall and not on wood is well above this. */
const BASE_SHARE = 0.3;

/**
 * What the instrument shows of the bare wall, drifting along: a low quantile over a window wider than any stud, joined
 * up.
 * @param reach samples to either side
 */
export function baseline(values: Float64Array, reach: number): Float64Array {
	const n = values.length;
	const hop = Math.max(1, Math.floor(reach / 6));
	const knots: { at: number; base: number }[] = [];
	for (let at = 0; at < n + hop; at += hop) {
		const i = Math.min(at, n - 1);
		knots.push({
			at: i,
			base: quantile(values.subarray(Math.max(0, i - reach), Math.min(n, i + reach + 1)), BASE_SHARE)
		});
		if (i === n - 1) break;
	}
	const out = new Float64Array(n);
	let k = 0;
	for (let i = 0; i < n; i++) {
		while (k < knots.length - 2 && (knots[k + 1] as { at: number }).at < i) k++;
		const [a, b] = [knots[k], knots[k + 1] ?? knots[k]] as [{ at: number; base: number }, { at: number; base: number }];
		out[i] = b.at === a.at ? a.base : a.base + ((b.base - a.base) * (i - a.at)) / (b.at - a.at);
	}
	return out;
}

/**
 * Error function. Source: Abramowitz and Stegun, Handbook of Mathematical Functions, 7.1.26, from memory; good to
 * 1.5e-7.
 */
export function erf(x: number): number {
	const t = 1 / (1 + 0.3275911 * Math.abs(x));
	const y =
		1 -
		((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t * Math.exp(-x * x);
	return x < 0 ? -y : y;
}

/** Share of a step at `edge` that a window of this spread sees from x. */
export const seen = (x: Millimetres, edge: Millimetres, spread: Millimetres): number =>
	0.5 * (1 + erf((x - edge) / (Math.SQRT2 * spread)));
