import { radians, type Millimetres } from '../units/quantity';

export type Bevel = 45 | 30;

/**
 * Cross-section of a cleat on the wall: a rectangle with a sloped top, its high edge away from the wall.
 * The hook is the same piece turned over.
 */
export interface CleatProfile {
	thickness: Millimetres;
	bevel: Bevel;
	/** Height of the side against the wall. */
	back: Millimetres;
	/** Height of the side toward the room: back + thickness tan(bevel). */
	front: Millimetres;
}

/**
 * One rip at `bevel` down the middle of a board makes two mating cleats; the blade takes kerf / cos(bevel) of the
 * width, because it crosses the board on the slope.
 * @param blank width of the board before the rip, mm
 * @param kerf width of the saw's cut, square to the blade, mm
 * @example ripInTwo({ blank: 88.9, thickness: 19.05, bevel: 45, kerf: 3.2 }).back // 32.66
 */
export function ripInTwo(input: {
	blank: Millimetres;
	thickness: Millimetres;
	bevel: Bevel;
	kerf: Millimetres;
}): CleatProfile & {
	/** Width lost to the blade. */
	lost: Millimetres;
	/** Width of each half at the middle of its slope. */
	middle: Millimetres;
} {
	const b = radians(input.bevel);
	const lost = input.kerf / Math.cos(b);
	const middle = (input.blank - lost) / 2;
	const rise = input.thickness * Math.tan(b);
	return {
		thickness: input.thickness,
		bevel: input.bevel,
		lost,
		middle,
		back: middle - rise / 2,
		front: middle + rise / 2
	};
}

/** How far a holder must rise before it comes off its cleat: the depth of the bevel. */
export function liftOff(profile: CleatProfile): Millimetres {
	return profile.front - profile.back;
}

/** Shape of the hook that rides on it, in the same place: the same piece turned over, resting on the slope. */
export function hookOutline(p: CleatProfile): [number, number][] {
	const top = p.back + p.front;
	return [
		[0, p.back],
		[p.thickness, p.front],
		[p.thickness, top],
		[0, top]
	];
}

/** Shape of the wall cleat seen from its end, mm, wall at x 0, lower back edge at the origin, anticlockwise. */
export function profileOutline(p: CleatProfile): [number, number][] {
	return [
		[0, 0],
		[p.thickness, 0],
		[p.thickness, p.front],
		[0, p.back]
	];
}
