import { rowProfile } from '../plan/profile';
import type { Row } from '../plan/types';
import type { Box3 } from '../survey/solid';
import type { Millimetres } from '../units/quantity';

/** Room that a row's cleat takes before the wall. */
export function rowBox(row: Row, kerf: Millimetres): Box3 {
	const profile = rowProfile(row, kerf);
	return { x: [row.left, row.right], y: [row.y, row.y + profile.front], z: [0, profile.thickness] };
}
