import type { Millimetres } from '../../units/quantity';

/**
 * The height of a fall after which a thing presses n times its weight: delta ((n - 1)^2 - 1) / 2, the other way round.
 * @returns 0 where n is 2 or less: put down all at once it already presses twice its weight
 * @example fallFor(4, 1) // 4
 */
export const fallFor = (n: number, give: Millimetres): Millimetres => Math.max(0, (give * ((n - 1) ** 2 - 1)) / 2);

/**
 * How many times its weight a thing presses when it is laid down hard: n = 1 + sqrt(1 + 2 h / delta).
 * Statics: the work of the fall is taken up by a support that gives in proportion to load.
 * @param height of the fall
 * @param give deflection of the support under the thing at rest
 * @throws RangeError when the support does not give at all
 * @example dropFactor(0, 1) // 2
 */
export function dropFactor(height: Millimetres, give: Millimetres): number {
	if (!(give > 0)) throw new RangeError('A support that gives nothing takes any blow without limit');
	return 1 + Math.sqrt(1 + (2 * height) / give);
}
