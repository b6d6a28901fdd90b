import type { CleatProfile } from '../../cleats/profile';
import { screwDiameter, type ScrewSize } from '../../materials/screws';
import { MM_PER_INCH, radians, type Millimetres, type NewtonMillimetres, type Newtons } from '../../units/quantity';

/** Drywall crushes under the cleat's lower edge, so the cleat turns about a line this far up. */
export const DRYWALL_CRUSH = 0.2 * MM_PER_INCH;
/** Stacked screws stand at least this far apart. */
export const STACK_APART = MM_PER_INCH;
/** Distance of a screw from the cleat's edges, in diameters. */
export const EDGE_DISTANCE = 2.5;

/**
 * Moment that rolls the wall cleat about its lower back edge. Where the hook bears on the slope is workmanship, so the
 * envelope counts: M = min(W x_g, W (y_front tan b + t)).
 * @example cleatRoll(30, 6, { thickness: 0.75, bevel: 45, back: 1.65, front: 2.4 }) // 94.5
 */
export function cleatRoll(weight: Newtons, standOff: Millimetres, profile: CleatProfile): NewtonMillimetres {
	return weight * Math.min(Math.max(0, standOff), rollArm(profile));
}

/** Greatest arm of the roll: y_front tan b + t. */
export function rollArm(profile: CleatProfile): Millimetres {
	return profile.front * Math.tan(radians(profile.bevel)) + profile.thickness;
}

/**
 * Heights of the screws above the cleat's lower edge: one as high as the wall side allows (2.5 D below the bevel's wall edge),
 * a second 2.5 D above the lower edge.
 * @returns heights, lowest first, and whether stacked screws stand 1 in apart
 */
export function screwHeights(profile: CleatProfile, size: ScrewSize, perStud: 1 | 2): { heights: Millimetres[]; fits: boolean } {
	const edge = EDGE_DISTANCE * screwDiameter(size);
	const top = profile.back - edge;
	if (perStud === 1) return { heights: [top], fits: top >= edge };
	return { heights: [edge, top], fits: top - edge >= STACK_APART - 1e-9 };
}

/**
 * Pull on each screw of a stud that resists a roll about `pivot`: T_i = M (y_i - p) / sum (y_j - p)^2.
 * @example rollPull(94.5, [0.5, 1.2], 0) // [28.0, 67.1]
 */
export function rollPull(moment: NewtonMillimetres, heights: readonly Millimetres[], pivot: Millimetres): Newtons[] {
	if (moment === 0) return heights.map(() => 0);
	// A screw at or below the pivot resists no roll: nothing holds the cleat.
	if (Math.max(...heights) <= pivot) return heights.map(() => Infinity);
	const below = heights.reduce((sum, y) => sum + (y - pivot) ** 2, 0);
	return heights.map((y) => (moment * (y - pivot)) / below);
}

/**
 * Roll of a holder's hook about its own top edge: M = W tan b y_k + W t / 2.
 * @param bevelToTop from the middle of the hook's bevel to its top edge
 * @example hookRoll(30, 45, 1.5, 0.75) // 56.25
 */
export function hookRoll(weight: Newtons, bevel: 45 | 30, bevelToTop: Millimetres, thickness: Millimetres): NewtonMillimetres {
	return weight * (Math.tan(radians(bevel)) * bevelToTop + thickness / 2);
}
