import { mm, phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';

/**
 * A measure that must be smaller than its room: said with how much it is too large. Nothing where it is, or is unknown.
 * @example mustGoIn('bar', 12, 10, 'slot') // its bar, 12 mm, is 2 mm too large for the slot of 10 mm
 */
export function mustGoIn(what: string, has: Millimetres | undefined | null, room: Millimetres, into: string): Phrase[] {
	if (has === undefined || has === null || has <= room) return [];
	return [
		phrase(`its ${what}, {has}, is {by} too large for the ${into} of {room}`, {
			has: mm(has),
			by: mm(has - room),
			room: mm(room)
		})
	];
}

/** A measure that must be larger than what it shall not fall through. */
export function mustNotPass(
	what: string,
	has: Millimetres | undefined | null,
	gap: Millimetres,
	through: string
): Phrase[] {
	if (has === undefined || has === null || has > gap) return [];
	return [
		phrase(`its ${what}, {has}, is no wider than the ${through} of {gap}: it falls through`, {
			has: mm(has),
			gap: mm(gap)
		})
	];
}
