import { ripInTwo, type CleatProfile } from '../cleats/profile';
import { stock } from '../materials/stocks';
import type { Row } from './types';

/** The cleat of a row after its rip. @example rowProfile(row, 3.2).front */
export function rowProfile(
	row: Pick<Row, 'stock' | 'bevel' | 'blank'>,
	kerf: number
): ReturnType<typeof ripInTwo> & CleatProfile {
	return ripInTwo({ blank: row.blank, thickness: stock(row.stock).thickness, bevel: row.bevel, kerf });
}
