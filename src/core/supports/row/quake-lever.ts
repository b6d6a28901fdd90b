import { centreUp } from '../../places/in-place';
import { dropOf, type LaidRow, type Placed } from '../../places/row/place';
import { remembering } from '../../remembering';

/** How far above what it bears on below the middle of a holder is: an earthquake pushes there. */
export const quakeArm = (p: Placed): number => p.foot + centreUp(p.built) - p.bearing.y;

/**
 * What comes to a row's bevel of what pushes its holders out: more than all of it where one's middle is above its hook,
 * and it turns about its foot.
 * @returns 1 or more
 * @example quakeLever(laid) // 1
 */
export const quakeLever = remembering(({ placed }: LaidRow): number =>
	placed.reduce((most, p) => {
		const drop = dropOf(p);
		return drop > 0 ? Math.max(most, quakeArm(p) / drop) : most;
	}, 1)
);
