import { roomBoxes } from '../holders/room-boxes';
import type { AnyPlaced } from '../places/any-place';
import { remembering } from '../remembering';
import type { Box3 } from '../solid/room';

/**
 * Every part of a holder in its place, and what stands on each of its seats, as boxes on the wall: x along it, y above
 * the floor, z out.
 * @example placedBoxes(placed)[0]?.x
 */
export const placedBoxes = remembering((p: AnyPlaced): readonly Box3[] =>
	roomBoxes(p.built).map(({ box: { x, y, z } }) => ({
		x: [x[0] + p.left, x[1] + p.left],
		y: [y[0] + p.foot, y[1] + p.foot],
		z
	}))
);
