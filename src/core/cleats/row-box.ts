import { stock } from '../materials/stocks';
import { rowProfile } from '../plan/profile';
import type { Row } from '../plan/types';
import type { Box3 } from '../solid/room';
import type { Millimetres } from '../units/quantity';

/**
 * Room that a row takes before the wall: its cleat, and the sheet behind it where it has one.
 * @example rowBoxes(row, 3.2).length // 1, without a sheet
 */
export function rowBoxes(row: Row, kerf: Millimetres): Box3[] {
	const profile = rowProfile(row, kerf);
	const x = [row.left, row.right] as const;
	const { backer } = row;
	if (!backer) return [{ x, y: [row.y, row.y + profile.front], z: [0, profile.thickness] }];
	const out = stock(backer.stock).thickness;
	const foot = row.y - backer.below;
	return [
		{ x, y: [row.y, row.y + profile.front], z: [out, out + profile.thickness] },
		{ x, y: [foot, foot + backer.height], z: [0, out] }
	];
}
