import type { UprightsHold } from '../../carriers/hold';
import { lag } from '../../materials/lags';
import { spacingMinimums } from '../../mechanics/fasteners/spacing-minimums';
import type { Wall } from '../../plan/types';
import type { Millimetres } from '../../units/quantity';
import { screwAt, type WallScrew } from '../wall-screw';

/**
 * Every lag of a rack's uprights in its place: upright by upright, each from its foot up.
 * @param left of the rack on the wall
 * @param foot of the rack above the floor
 */
export function uprightScrews(hold: UprightsHold, left: Millimetres, foot: Millimetres, wall: Wall): WallScrew[] {
	const { edge } = spacingMinimums(lag(hold.lags.size), { acrossGrain: false, drilled: true });
	return hold.xs.flatMap((at) =>
		hold.lags.at.map((up): WallScrew => {
			return screwAt(wall, left + at, foot + up, up, edge);
		})
	);
}
