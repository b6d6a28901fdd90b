import type { Millimetres } from '../../units/quantity';

/**
 * Area, section modulus and second moment of a rectangle bent in its height.
 * @example rectangle(10, 20) // { area: 200, modulus: 666.7, inertia: 6666.7 }
 */
export function rectangle(width: Millimetres, height: Millimetres): { area: number; modulus: number; inertia: number } {
	return { area: width * height, modulus: (width * height ** 2) / 6, inertia: (width * height ** 3) / 12 };
}
