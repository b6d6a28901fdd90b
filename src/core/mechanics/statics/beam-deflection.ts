import type { Millimetres, Newtons } from '../../units/quantity';
import { beamReactions, type LineLoad } from './continuous-beam';

/** Places looked at along a beam; the worst is then closed in on. */
const STEPS = 120;

/** A deflection curve times E I: zero at every support, down positive. */
export type Deflection = (x: Millimetres) => number;

const ramp = (x: number, a: number, power: 3 | 4) => (x > a ? (x - a) ** power : 0);

/**
 * The deflection curve of a continuous beam of one section, times its E I, N mm3.
 * Method: Macaulay's brackets on the reactions of the three-moment equations; the two constants from the first two
 * supports.
 * @param supports ascending positions, at least two
 * @throws RangeError with fewer than two supports or supports out of order
 * @example beamDeflection([0, 1000], [{ from: 500, to: 500, total: 1 }])(500) // 1000^3 / 48
 */
export function beamDeflection(supports: readonly Millimetres[], loads: readonly LineLoad[]): Deflection {
	const { reactions } = beamReactions(supports, loads);
	const bent = (x: number) => {
		let sum = 0;
		supports.forEach((s, i) => (sum += ((reactions[i] as Newtons) * ramp(x, s, 3)) / 6));
		for (const l of loads) {
			if (l.from === l.to) sum -= (l.total * ramp(x, l.from, 3)) / 6;
			else sum -= ((l.total / (l.to - l.from)) * (ramp(x, l.from, 4) - ramp(x, l.to, 4))) / 24;
		}
		return sum;
	};
	const [a, b] = [supports[0] as number, supports[1] as number];
	const slope = -(bent(b) - bent(a)) / (b - a);
	const start = -bent(a) - slope * a;
	return (x) => -(bent(x) + slope * x + start);
}

/**
 * The greatest deflection between two places, whatever its sign, and where; times E I.
 * @example greatestDeflection([0, 1000], [{ from: 500, to: 500, total: 1 }], 0, 1000).at // 500
 */
export function greatestDeflection(
	supports: readonly Millimetres[],
	loads: readonly LineLoad[],
	from: Millimetres,
	to: Millimetres
): { value: number; at: Millimetres } {
	const curve = beamDeflection(supports, loads);
	let at = from;
	for (let i = 0; i <= STEPS; i++) {
		const x = from + ((to - from) * i) / STEPS;
		if (Math.abs(curve(x)) > Math.abs(curve(at))) at = x;
	}
	let [lo, hi] = [Math.max(from, at - (to - from) / STEPS), Math.min(to, at + (to - from) / STEPS)];
	for (let i = 0; i < 60; i++) {
		const [p, q] = [lo + (hi - lo) * 0.382, lo + (hi - lo) * 0.618];
		if (Math.abs(curve(p)) > Math.abs(curve(q))) hi = q;
		else lo = p;
	}
	at = (lo + hi) / 2;
	return { value: Math.abs(curve(at)), at };
}
