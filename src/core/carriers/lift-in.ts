import type { Millimetres } from '../units/quantity';

/** A sliding door and the opening it closes, seen from its end. */
export interface Grooved {
	/** Clear between the upper and the lower board. */
	opening: Millimetres;
	height: Millimetres;
	thickness: Millimetres;
	/** Of the boards, before its groove. */
	before: Millimetres;
}

/** Angles it is tried at, from where its foot comes over the lower board until it stands upright. */
const STEPS = 200;

/**
 * How wide its grooves must be for it to be tipped in: head first into the upper groove, its foot then swung in over
 * the lower board. While its foot is over that board its head must be in so far that the foot is clear of it, and there
 * it is so wide across: its thickness, and what the part that is in leans. Leaning further its foot is still before the
 * board, and it can hang as low as it likes.
 * @returns at least its thickness; more for a door that reaches further up, or stands further in
 * @example tippingRoom({ opening: 300, height: 308, thickness: 6, before: 21 }) // 6.63
 */
export function tippingRoom({ opening, height, thickness, before }: Grooved): Millimetres {
	// Its rear face passes the front edge of the lower board: opening × sin - before × cos = thickness.
	const reach = Math.hypot(opening, before);
	const passes = Math.atan2(before, opening) + Math.asin(Math.min(1, thickness / reach));
	let widest = thickness;
	for (let i = 1; i <= STEPS; i++) {
		const a = (passes * i) / STEPS;
		const [sin, cos] = [Math.sin(a), Math.cos(a)];
		const deep = height * cos + thickness * sin - opening;
		if (deep <= 0) continue;
		const across = deep >= thickness * sin ? thickness * cos + deep * Math.tan(a) : deep / (sin * cos);
		widest = Math.max(widest, across);
	}
	return widest;
}
