import { above, sizeOn } from '$core/holders/assemble';
import { thingOn, type BuiltSeat } from '$core/holders/built';
import { endPath, thingPath } from './thing-shape';

/**
 * The outline of what is on a seat, from the front, y down; empty where nothing is.
 * @example built.seats.map(thingOnSeat).join('')
 */
export function thingOnSeat(seat: BuiltSeat): string {
	const load = thingOn(seat);
	if (!load) return '';
	const top = -(seat.at[1] + above(seat.stance, load));
	const { wide } = sizeOn(seat, load);
	return seat.endOn
		? endPath(wide, load.height, seat.at[0], top)
		: thingPath(load.name, wide, load.height, seat.at[0], top);
}
