import { nth } from '../../nth';
import type { Newtons } from '../../units/quantity';
import { worstSoftPulls, type SoftUpright } from './soft-upright';
import { localPulls, worstPulls, type Turn } from './upright';

/** Pull on each lag of an upright by three models, and the greatest of them. */
export interface UprightPulls {
	/** Each couple over the distance to the next lag. */
	bound: readonly Newtons[];
	/** On a stiff wall that it leans on at its ends and arms. */
	stiff: readonly Newtons[];
	/** On a wall that crushes, by lags that draw. */
	soft: readonly Newtons[];
	most: readonly Newtons[];
}

/**
 * What the couples of its arms pull each lag of an upright with. A stiff wall leaned on at ends and arms alone can be
 * too kind, as the upright may lean nearer to an arm; a bound from lag to lag can be too kind where one stands close
 * beside a long stretch. The greatest of the three counts.
 * @param ones what a couple of 1 at each turn's place pulls, where somebody has it already
 * @example uprightPulls(upright, [{ at: 2286, couple: 60400 }]).most.length // as many as it has lags
 */
export function uprightPulls(
	u: SoftUpright,
	turns: readonly Turn[],
	ones?: readonly (readonly Newtons[])[]
): UprightPulls {
	const bound = localPulls(u.lags, turns, 0);
	const stiff = worstPulls(u.lags, turns, [0, ...turns.map((t) => t.at), u.length]);
	const soft = worstSoftPulls(u, turns, ones);
	return { bound, stiff, soft, most: bound.map((b, k) => Math.max(b, nth(stiff, k), nth(soft, k))) };
}
