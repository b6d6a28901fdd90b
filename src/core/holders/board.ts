import type { Found } from '../carriers/carrier';
import { stock } from '../materials/stocks';
import type { Back } from '../plan/types';
import { mm, phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';

/** Sizes that are called alike differ by less than this, in the last digits of an inch. */
const SAME: Millimetres = 0.01;

/** What is wrong with the board itself: higher than it is sold. */
export function boardWarnings(back: Pick<Back, 'stock' | 'height'>): Found[] {
	const board = stock(back.stock);
	if (back.height <= board.width + SAME) return [];
	return [
		{
			level: 'stop',
			field: 'height',
			message: phrase(`The face is {h} high, but ${board.title} is {w} wide`, {
				h: mm(back.height),
				w: mm(board.width)
			})
		}
	];
}
