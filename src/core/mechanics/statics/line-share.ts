import type { Millimetres } from '../../units/quantity';

/**
 * How much screws in a line can pull together, when none may pull more than 1 and what they pull at stands at one
 * place: the most that equilibrium allows. The side with less lever is used whole, the other as far as it balances
 * that, nearest first. A load past the last screw prys: that screw takes more than all of it, turning about the next
 * one, or about the far end where there is none.
 * @param places of the screws along the hook
 * @param at of the load
 * @param ends of the hook
 * @returns the total, in screws; 0 with none
 * @example sharedAt([1.6, 16.5, 31.5, 46.4], 11, [0, 48]) // 2.19, common practice: not 4
 */
export function sharedAt(
	places: readonly Millimetres[],
	at: Millimetres,
	ends: readonly [Millimetres, Millimetres]
): number {
	const sorted = [...places].sort((a, b) => a - b);
	const first = sorted[0];
	const last = sorted.at(-1);
	if (first === undefined || last === undefined) return 0;
	if (at < first) return pried(first - at, (sorted[1] ?? ends[1]) - first);
	if (at > last) return pried(at - last, last - (sorted.at(-2) ?? ends[0]));
	const arms = sorted.map((x) => x - at);
	const lever = (side: readonly number[]) => side.reduce((sum, a) => sum + Math.abs(a), 0);
	const left = arms.filter((a) => a < 0);
	const right = arms.filter((a) => a > 0);
	const here = arms.length - left.length - right.length;
	const [small, large] = lever(left) <= lever(right) ? [left, right] : [right, left];
	let rest = lever(small);
	let total = here + small.length;
	for (const a of large.map(Math.abs).sort((p, q) => p - q)) {
		const used = Math.min(1, rest / a);
		total += used;
		rest -= used * a;
		if (rest <= 0) break;
	}
	return total;
}

/** The last screw under a load so far beyond it, turning about a place so far on the other side. */
const pried = (beyond: Millimetres, lever: Millimetres): number => (lever > 0 ? 1 / (1 + beyond / lever) : 0);
