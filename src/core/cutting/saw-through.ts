import type { Cut, Rest } from './cut-sheet';
import type { Millimetres } from '../units/quantity';

/** Sums of lengths are not exact, mm. */
export const NEAR = 0.02;

/** The two parts of a rectangle once a cut has gone through it; the far one is missing where the blade takes it all. */
export function parted(r: Rest, { across, at }: Cut, kerf: Millimetres): Rest[] {
	const near = across ? { ...r, length: at - r.x } : { ...r, width: at - r.y };
	const far = across
		? { ...r, x: at + kerf, length: r.x + r.length - at - kerf }
		: { ...r, y: at + kerf, width: r.y + r.width - at - kerf };
	return far.length > NEAR && far.width > NEAR ? [near, far] : [near];
}

/** Does a cut go right through this, from edge to edge? */
export const goesThrough = (r: Rest, { across, at, from, to }: Cut): boolean =>
	across
		? at > r.x + NEAR && at < r.x + r.length - NEAR / 4 && from >= r.y - NEAR && to <= r.y + r.width + NEAR
		: at > r.y + NEAR && at < r.y + r.width - NEAR / 4 && from >= r.x - NEAR && to <= r.x + r.length + NEAR;
