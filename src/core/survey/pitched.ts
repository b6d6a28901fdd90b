import type { Millimetres } from '../units/quantity';

/**
 * Places at an even pitch, from the first as far as something goes; one that comes to its very end counts.
 * @example pitched(100, 400, 900) // [100, 500, 900]
 */
export function pitched(first: Millimetres, pitch: Millimetres, to: Millimetres): Millimetres[] {
	const n = Math.max(0, Math.floor((to - first) / pitch + 1e-9) + 1);
	return Array.from({ length: n }, (_, i) => first + i * pitch);
}
