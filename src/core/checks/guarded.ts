import type { AnyPlaced } from '../places/any-place';
import type { Obstruction } from '../plan/types';

/** Nearer to a cheek a hand does not get about a plug. */
const BESIDE = 10;

/**
 * Is an outlet in the room that a holder keeps free about one: between its cheeks, above their lower ends, under its
 * ledge?
 * @example guarded(placed, outlet) // true: its plug is reached from below
 */
export function guarded(p: AnyPlaced, o: Pick<Obstruction, 'kind' | 'x' | 'y' | 'width' | 'height'>): boolean {
	if (o.kind !== 'outlet') return false;
	const [left, low] = [o.x - p.left, o.y - p.foot];
	return p.built.guards.some(
		({ x, y }) =>
			left >= x[0] + BESIDE && left + o.width <= x[1] - BESIDE && low >= y[0] && low + o.height <= y[1] - BESIDE
	);
}
