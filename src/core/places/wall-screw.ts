import type { Wall } from '../plan/types';
import { topAt } from '../survey/outline';
import { barredAt } from '../survey/safe-zones';
import { supportUnder, type Support } from '../survey/supports';
import { mm, phrase, type Phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';

/** A screw, nail or lag straight into the wall, in its one place. */
export interface WallScrew {
	/** Along the wall, and above the floor. */
	x: Millimetres;
	y: Millimetres;
	/** Above the foot of what it holds. */
	up: Millimetres;
	/** What it enters there; null where there is nothing. */
	support: Support | null;
	/** Why it counts for nothing; absent where it counts. */
	fault?: Phrase;
	/** It goes where none may go. */
	barred?: true;
}

/**
 * Why a place of the wall will not do for a screw; nothing where it will.
 * @param side least distance of the screw from the sides of what it enters
 */
export function wallFault(wall: Wall, x: Millimetres, y: Millimetres, s: Support | null, side: Millimetres) {
	const at = { x: mm(x), y: mm(y) };
	if (barredAt(wall, x, y))
		return { barred: true as const, fault: phrase('The screw at {x@tape}, {y@tape} up, has no place to go', at) };
	if (x < 0 || x > wall.width || y > topAt(wall, x) || y < 0)
		return { fault: phrase('The screw at {x@tape}, {y@tape} up, is past the wall', at) };
	if (!s) return { fault: phrase('The screw at {x@tape}, {y@tape} up, misses every stud', at) };
	if (s.member === 'plank' || s.member === 'masonry') return {};
	const beside = s.width / 2 - Math.abs(x - s.x);
	const above = s.block ? Math.min(y - s.block.y, s.block.y + s.block.height - y) : Infinity;
	const has = Math.min(beside, above);
	if (has < side - 0.01)
		return {
			fault: phrase('The screw at {x@tape}, {y@tape} up, stands {h} from a side of what it enters; it needs {n}', {
				...at,
				h: mm(has),
				n: mm(side)
			})
		};
	return {};
}

/**
 * A screw, nail or lag in its place: what it enters there, or why it counts for nothing.
 * @param up above the foot of what it holds
 * @param side least distance from the sides of what it enters
 * @example screwAt(wall, 815, 1400, 10, 7).support?.id
 */
export function screwAt(wall: Wall, x: Millimetres, y: Millimetres, up: Millimetres, side: Millimetres): WallScrew {
	const support = supportUnder(wall, x, y);
	return { x, y, up, support, ...wallFault(wall, x, y, support, side) };
}
