import { startsOf } from '../form/start-of';
import { BACK, STRIPS } from '../plan/plan-fields';
import type { Back, HungHolder, RowMount, Strips } from '../plan/types';
import type { LengthUnit } from '../units/parse-length';
import type { Millimetres } from '../units/quantity';

/** A board to start from, in the sizes of the user's shop. */
export const startBack = (unit: LengthUnit): Back => startsOf(BACK, unit);

/** Strips to start from. */
export const startStrips = (unit: LengthUnit): Strips => startsOf(STRIPS, unit);

/** Hung on a row, with the usual strips. */
export const onRow = (row: string, x: Millimetres, unit: LengthUnit): RowMount => ({
	kind: 'row',
	row,
	x,
	strips: startStrips(unit)
});

/**
 * A board with nothing on it yet, to be hung on some row.
 * @example emptyHolder('h9', 'Clamps', 'mm').carriers.length // 0
 */
export function emptyHolder(id: string, name: string, unit: LengthUnit): HungHolder {
	return { id, name, mount: onRow('', 0, unit), back: startBack(unit), carriers: [] };
}
