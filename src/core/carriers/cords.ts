import { groupField, lengthField, orNothing, wholeField, type ValueOf } from '../form/field';
import type { Feature } from '../solid/part';
import { ROOM } from '../things/grips/room';
import type { Thing } from '../things/types';
import { mm, phrase, type Phrase } from '../units/phrase';
import { inch, type Millimetres } from '../units/quantity';
import type { Cord, Found } from './carrier';

/** Something that charges where it stands: a hole in the back lets its plug through, and its cord goes to an outlet. */
export const CORDS = orNothing(
	groupField('Charges here', {
		count: wholeField('Places that do', 1, 40, 1),
		cord: lengthField('Cord', 100, 20_000, [1500, inch(60)], { hint: 'Of the shortest, from its place to its plug' }),
		plug: lengthField('Plug', 5, 200, [40, inch(1.5)], { hint: 'Its widest way, corner to corner' }),
		hole: lengthField('Hole for the plug', 6, 220, [45, inch(1.75)])
	})
);
export type Cords = ValueOf<typeof CORDS> | undefined;

/** Bottom of a hole above the board that the thing stands on. */
const ABOVE: Millimetres = 8;

/**
 * Holes through the back behind the first places, just above what stands there stands on, and the cords that leave
 * there.
 * @param places middles of the places, along
 */
export function cordHoles(
	cords: Cords,
	places: readonly Millimetres[],
	base: Millimetres,
	back: Millimetres
): { host: Feature[]; cords: Cord[] } {
	if (!cords) return { host: [], cords: [] };
	const y = base + ABOVE + cords.hole / 2;
	const at = places.slice(0, cords.count);
	return {
		host: at.map((x) => ({
			kind: 'bore',
			at: [x, y],
			from: 'front',
			diameter: cords.hole,
			depth: back,
			through: true,
			tilt: 0,
			toward: [0, 1]
		})),
		cords: at.map((x) => ({ at: [x, y, 0], length: cords.cord }))
	};
}

/** So much higher a back must be over what stands on it, that a plug's hole stays clear of its hook. */
export const overCords = (cords: Cords): Millimetres => (cords ? cords.hole + ABOVE : 0);

/** A plug that does not go through its hole, and holes for places that are not there. */
export function cordWarnings(cords: Cords, places: number): Found[] {
	if (!cords) return [];
	const found: Found[] = [];
	if (cords.hole <= cords.plug)
		found.push({
			level: 'stop',
			field: 'cords',
			message: phrase('A plug of {p} does not go through a hole of {h}', { p: mm(cords.plug), h: mm(cords.hole) })
		});
	if (cords.count > places)
		found.push({
			level: 'mind',
			field: 'cords',
			message: phrase(`${cords.count} charge, but there are ${places} places`)
		});
	return found;
}

/** A plug nobody measured: as wide as most are, and told as such. */
const USUAL_PLUG: Millimetres = 40;
/** A cord nobody measured. */
const USUAL_CORD: Millimetres = 1200;

/**
 * What a thing that charges asks for, with the sum; null for one that does not. What is not known of its plug and cord
 * is taken as usual.
 */
export function cordsFor(
	thing: Thing,
	count: number
): { cords: Cords; sums: { label: string; sum: Phrase; value: Millimetres }[] } {
	if (!thing.charger) return { cords: null, sums: [] };
	const { plugWidth, plugHeight, cord } = thing;
	const known = plugWidth !== null && plugHeight !== null;
	const plug = known ? Math.hypot(plugWidth, plugHeight) : USUAL_PLUG;
	const hole = Math.ceil(plug + ROOM.slack);
	return {
		cords: { count: Math.min(40, Math.max(1, count)), cord: cord ?? USUAL_CORD, plug, hole },
		sums: [
			{
				label: 'hole for the plug',
				sum: known
					? phrase('corner to corner {p} + {s}', { p: mm(plug), s: mm(ROOM.slack) })
					: phrase('a usual plug, {p}, + {s}: measure yours', { p: mm(plug), s: mm(ROOM.slack) }),
				value: hole
			}
		]
	};
}
