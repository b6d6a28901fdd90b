import type { Millimetres, Newtons } from '../../units/quantity';

/** Friction of wood on concrete, or of a sheet on a board: common practice. */
export const FOOT_FRICTION = 0.3;
/** A stack that leans with less than this, 10 lb, is tipped by a knock: common practice. */
export const KEPT: Newtons = 10 * 4.4482216;

/**
 * What a leaning sheet pushes the wall with, which is also all that keeps it from tipping forward: W (d / 2) / sqrt(H^2
 * - d^2). Statics of a bar with no friction at its top.
 * @param height of the sheet, along it
 * @param foot of its lower edge from the wall
 * @returns nothing where it stands upright; without end where it would lie flat
 * @example leaningPush(266.9, 1219.2, 152.4) // 16.8 N: 3.8 lb of 60
 */
export function leaningPush(weight: Newtons, height: Millimetres, foot: Millimetres): Newtons {
	if (foot <= 0) return 0;
	return foot >= height ? Infinity : (weight * (foot / 2)) / Math.sqrt(height ** 2 - foot ** 2);
}
