import type { Obstruction } from '../plan/types';
import type { Millimetres } from '../units/quantity';

interface Stretch {
	left: Millimetres;
	right: Millimetres;
	foot: Millimetres;
	top: Millimetres;
}

/** From outside a stretch to its nearer end; 0 within it. */
const beyond = (at: Millimetres, from: Millimetres, to: Millimetres) => Math.max(from - at, 0, at - to);

/**
 * Does a cord plugged in at an outlet come as far as a holder, as the crow flies from the outlet's middle?
 * @returns false where nobody said how long the cord is
 * @example cordReaches({ ...outlet, cord: 2000 }, { left: 300, right: 900, foot: 1200, top: 1400 })
 */
export function cordReaches(o: Pick<Obstruction, 'x' | 'y' | 'width' | 'height' | 'cord'>, to: Stretch): boolean {
	return (
		o.cord !== undefined &&
		Math.hypot(beyond(o.x + o.width / 2, to.left, to.right), beyond(o.y + o.height / 2, to.foot, to.top)) <= o.cord
	);
}
