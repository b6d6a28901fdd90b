import type { Wall } from '../plan/types';
import { floorAt } from '../survey/outline';
import { outOf } from '../survey/swept';
import type { Millimetres } from '../units/quantity';

/** Where somebody stands who reaches for a stretch of wall. */
export interface Standing {
	/** Of the floor under it, below the zero of the wall's heights; less where the floor rises. */
	below: Millimetres;
	/** A bench or machine keeps them so far from the wall. */
	keptOff: Millimetres;
}

/** On the floor, at the wall. */
export const AT_THE_WALL: Standing = { below: 0, keptOff: 0 };

/**
 * Where one stands before a stretch of wall, to reach a height there.
 * @example standingAt(wall, { left: 300, right: 900 }, 1500).keptOff // 600, over a bench
 */
export function standingAt(
	wall: Wall,
	{ left, right }: { left: Millimetres; right: Millimetres },
	height: Millimetres
): Standing {
	const before = wall.obstructions.filter(
		(o) =>
			(o.kind === 'bench' || o.kind === 'machine') && o.x < right && o.x + o.width > left && o.y + o.height <= height
	);
	return { below: (wall.base ?? 0) - floorAt(wall, (left + right) / 2), keptOff: Math.max(0, ...before.map(outOf)) };
}
