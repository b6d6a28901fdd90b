import { startsOf } from '../form/start-of';
import { BACK } from '../plan/plan-fields';
import type { Back, Holder } from '../plan/types';
import type { LengthUnit } from '../units/parse-length';

/** A board to start from, in the sizes of the user's shop. */
export const startBack = (unit: LengthUnit): Back => startsOf(BACK, unit);

/**
 * A board with nothing on it yet, to be hung on some row.
 * @example emptyHolder('h9', 'Clamps', 'mm').carriers.length // 0
 */
export function emptyHolder(id: string, name: string, unit: LengthUnit): Holder {
	return { id, name, mount: { kind: 'row', row: '', x: 0 }, back: startBack(unit), carriers: [] };
}
