import type { Wall } from '../plan/types';
import type { Millimetres } from '../units/quantity';
import { nameOf } from './names';
import { ledgeBox } from './packing';

/** Something of the wall that has an upper side. */
export interface Top {
	name: string;
	y: Millimetres;
	/** How far out from the wall it reaches. */
	out: Millimetres;
}

/** A foot so near to an upper side stands on it: nobody surveys closer. */
const NEAR: Millimetres = 3;

/**
 * What a thing stands on at a place of the wall: a ledge of the survey, or the head of a door or a window that stands
 * out and carries its upper side there all along. The nearest, and of those the deepest; null where nothing is.
 * @example topUnder(plan.wall, 1900, 2100, 2110)?.name // 'Side door'
 */
export function topUnder(wall: Wall, left: Millimetres, right: Millimetres, y: Millimetres): Top | null {
	const tops: (Top & { left: Millimetres; right: Millimetres })[] = [
		...(wall.ledges ?? []).map((l) => {
			const box = ledgeBox(wall, l);
			return { name: l.name || 'ledge', y: box.high, out: l.out, left: box.left, right: box.right };
		}),
		...wall.obstructions
			.filter((o) => !o.hidden && !o.near && (o.out ?? 0) > 0)
			.map((o) => ({ name: nameOf(o), y: o.y + o.height, out: o.out ?? 0, left: o.x, right: o.x + o.width }))
	];
	return tops
		.filter((t) => t.left <= left + NEAR && t.right >= right - NEAR && Math.abs(t.y - y) <= NEAR)
		.reduce<Top | null>((best, t) => (!best || t.out > best.out ? t : best), null);
}
