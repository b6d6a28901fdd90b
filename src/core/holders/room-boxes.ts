import { remembering } from '../remembering';
import { envelope } from '../solid/envelope';
import type { Box3 } from '../solid/room';
import { sizeOn, above } from './assemble';
import { thingOn, type Built, type BuiltSeat } from './built';

/** Room that one part or the things of one seat take, and the carrier it is of; none for the back and its strips. */
export interface RoomBox {
	carrier: string | null;
	box: Box3;
}

/** Room of what stands on a seat. */
function ofSeat(seat: BuiltSeat): RoomBox[] {
	const load = thingOn(seat);
	if (!load) return [];
	const { wide, deep } = sizeOn(seat, load);
	const over = above(seat.stance, load);
	const out = (deep / 2) * Math.abs(seat.axis[2]);
	const zs = seat.things.map((t) => t.at[2]);
	return [
		{
			carrier: seat.carrier,
			box: {
				x: [seat.at[0] - wide / 2, seat.at[0] + wide / 2],
				y: [seat.at[1] - (load.height - over), seat.at[1] + over],
				z: [Math.min(...zs) - out, Math.max(...zs) + out]
			}
		}
	];
}

/**
 * Every part of a holder and what stands on its seats, each as a box in the holder's frame.
 * @example roomBoxes(built).some(({ box }) => meets(door, box))
 */
export const roomBoxes = remembering((built: Built): RoomBox[] => [
	...built.parts.flatMap((part) =>
		part.stands.map((stand) => ({
			carrier: part.carrier ?? null,
			box: envelope([{ ...part, stands: [stand] }])
		}))
	),
	...built.seats.flatMap(ofSeat)
]);
