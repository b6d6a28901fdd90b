import type { Megapascals, Millimetres, NewtonMillimetres, Newtons } from '../../units/quantity';

/** Allowable bending of a dowel: modulus of rupture over 4. */
export const DOWEL_FACTOR = 4;

/** Bending stress of a round rod: 32 M / (pi d^3). @example rodStress(1000, 10) // 10.19 */
export function rodStress(moment: NewtonMillimetres, diameter: Millimetres): Megapascals {
	return (32 * moment) / (Math.PI * diameter ** 3);
}

/**
 * Bearing of a rigid rod on the lip of its hole: q = (4 V l + 6 M) / l^2 per length, over the rod's diameter.
 * Statics of a straight-line pressure along the embedded length.
 * @param shear weight on the rod
 * @param moment about the face
 * @param embedded length in the board
 * @example lipBearing(50, 359, 2.625, 0.922) // 422
 */
export function lipBearing(shear: Newtons, moment: NewtonMillimetres, embedded: Millimetres, diameter: Millimetres): Megapascals {
	return (4 * shear * embedded + 6 * moment) / embedded ** 2 / diameter;
}
