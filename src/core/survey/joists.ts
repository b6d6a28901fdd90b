import type { Wall } from '../plan/types';
import type { Box } from './box';
import { pitched } from './pitched';

/**
 * Ends of the joists that run across a wall, as they are seen over it; none where they run along it, or where the
 * ceiling is a slab.
 * @example joistsOver(wall).map((j) => (j.left + j.right) / 2) // their centres
 */
export function joistsOver({ ceiling, width }: Pick<Wall, 'ceiling' | 'width'>): Box[] {
	if (!ceiling || ceiling.direction !== 'across' || ceiling.kind === 'slab') return [];
	const half = ceiling.width / 2;
	return pitched(ceiling.first, ceiling.pitch, width).map((x) => ({
		left: x - half,
		right: x + half,
		low: ceiling.height,
		high: ceiling.height + ceiling.depth
	}));
}
