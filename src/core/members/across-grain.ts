import { stock, type StockId } from '../materials/stocks';
import { CD_STORAGE } from '../mechanics/fasteners/joint';
import { phrase, stress, type Phrase } from '../units/phrase';
import type { Megapascals } from '../units/quantity';
import { bendsAcross } from './cantilever';

/** Allowable tension across the grain, as a share of the allowable shear: NDS 2018 3.8.2 forbids relying on more. */
export const ACROSS_GRAIN = 1 / 3;

/**
 * What a board may be bent by across the grain of its faces, where it is bent a little all over, as a back is between
 * hook and foot: a third of its shear for a solid one, the weaker way of a sheet.
 * @example bentUp('1x8').allowed // .28
 */
export function bentUp(id: StockId): { allowed: Megapascals; sum: Phrase; source: string } {
	const { panel, Fv } = stock(id);
	if (panel !== null) return { ...bendsAcross(id, 'across'), source: 'statics' };
	return {
		allowed: Fv * CD_STORAGE * ACROSS_GRAIN,
		sum: phrase(`{F} × ${CD_STORAGE} / 3: across the grain, not to be relied on`, { F: stress(Fv) }),
		source: 'NDS 2018 3.8.2: a third of Fv'
	};
}
