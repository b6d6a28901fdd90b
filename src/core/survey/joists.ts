import type { Ceiling, Wall } from '../plan/types';
import type { Millimetres } from '../units/quantity';
import type { Box } from './box';
import { pitched } from './pitched';

/** A joist over a place, and how far from its middle that place is. */
export interface JoistOver {
	/** 'joist-3': by its order. */
	id: string;
	/** Of its middle: along the wall where they run across it, out from it where they run along. */
	at: Millimetres;
	off: Millimetres;
}

/** How far into the room joists that run along a wall are asked after. */
const ROOM: Millimetres = 12_000;

/** Middles of all joists: along the wall where they run across it, out from it where they run along. */
export const joistMiddles = (ceiling: Ceiling, width: Millimetres): Millimetres[] =>
	pitched(ceiling.first, ceiling.pitch, ceiling.direction === 'across' ? width : ROOM);

/**
 * Ends of the joists that run across a wall, as they are seen over it; none where they run along it, or where the
 * ceiling is a slab.
 * @example joistsOver(wall).map((j) => (j.left + j.right) / 2) // their centres
 */
export function joistsOver({ ceiling, width }: Pick<Wall, 'ceiling' | 'width'>): Box[] {
	if (!ceiling || ceiling.direction !== 'across' || ceiling.kind === 'slab') return [];
	const half = ceiling.width / 2;
	return joistMiddles(ceiling, width).map((x) => ({
		left: x - half,
		right: x + half,
		low: ceiling.height,
		high: ceiling.height + ceiling.depth
	}));
}

/**
 * The joist over a place of the room; null where none is, where the ceiling is a slab or was not surveyed.
 * @param x along the wall
 * @param z out from it
 * @example joistAt(wall, 620, 760)?.id // 'joist-2'
 */
export function joistAt(
	{ ceiling, width }: Pick<Wall, 'ceiling' | 'width'>,
	x: Millimetres,
	z: Millimetres
): JoistOver | null {
	if (!ceiling || ceiling.kind === 'slab') return null;
	const place = ceiling.direction === 'across' ? x : z;
	const all = joistMiddles(ceiling, width);
	const i = all.findIndex((m) => Math.abs(m - place) <= ceiling.width / 2);
	const at = all[i];
	return at === undefined ? null : { id: `joist-${i + 1}`, at, off: Math.abs(at - place) };
}
