import type { UprightsHold } from '../../carriers/hold';
import { lag } from '../../materials/lags';
import { spacingMinimums } from '../../mechanics/fasteners/spacing-minimums';
import type { Wall } from '../../plan/types';
import { supportUnder } from '../../survey/supports';
import type { Millimetres } from '../../units/quantity';
import { wallFault, type WallScrew } from '../wall-screw';

/**
 * Every lag of a rack's uprights in its place: upright by upright, each from its foot up.
 * @param left of the rack on the wall
 * @param foot of the rack above the floor
 */
export function uprightScrews(hold: UprightsHold, left: Millimetres, foot: Millimetres, wall: Wall): WallScrew[] {
	const { edge } = spacingMinimums(lag(hold.lags.size), { acrossGrain: false, drilled: true });
	return hold.xs.flatMap((at) =>
		hold.lags.at.map((up): WallScrew => {
			const [x, y] = [left + at, foot + up];
			const support = supportUnder(wall, x, y);
			return { x, y, up, support, ...wallFault(wall, x, y, support, edge) };
		})
	);
}
