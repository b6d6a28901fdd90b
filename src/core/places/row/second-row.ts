import type { CleatProfile } from '../../cleats/profile';
import { stock } from '../../materials/stocks';
import { rowProfile } from '../../plan/profile';
import type { Row, Wall } from '../../plan/types';
import { remembering } from '../../remembering';
import type { Millimetres } from '../../units/quantity';
import type { Spot } from './place';

/** A row, the cleat it comes to, and how far out from the wall that is mounted. */
export interface RowOnWall {
	row: Row;
	profile: CleatProfile;
	/** Thickness of its backer sheet; 0 on the wall itself. */
	base: Millimetres;
}

/**
 * How far out from the wall a row's cleat is mounted: on its backer sheet, or on the wall.
 * @example mountedAt(row) // 12
 */
const mountedAt = (row: Pick<Row, 'backer'>): Millimetres => (row.backer ? stock(row.backer.stock).thickness : 0);

/**
 * All rows of a plan with their cleats, lowest first, and the wall they are on. The same object as long as both are.
 */
export interface AllRows {
	kerf: Millimetres;
	wall: Wall;
	rows: readonly RowOnWall[];
}
const onWall = remembering((row: Row, kerf: Millimetres): RowOnWall => ({
	row,
	profile: rowProfile(row, kerf),
	base: mountedAt(row)
}));

/** Rows with their cleats, on their wall. @example allRows(plan.rows, plan.wall, 3.2).rows[0]?.profile.front */
export const allRows = remembering((rows: readonly Row[], wall: Wall, kerf: Millimetres): AllRows => ({
	kerf,
	wall,
	rows: rows.map((row) => onWall(row, kerf)).sort((a, b) => a.row.y - b.row.y)
}));

/** Do two rows' cleats stand out alike, so that one face lies on both? */
export const flush = (a: RowOnWall, b: RowOnWall): boolean =>
	Math.abs(a.base + a.profile.thickness - b.base - b.profile.thickness) < 0.5;

/**
 * The highest row under a holder's own that its second hook can ride on: covered by its face, under all of its width,
 * standing out as far; null when there is none, or it has one hook.
 */
export function secondRow(p: Spot, among: AllRows): RowOnWall | null {
	if (!p.holder.mount.strips.secondHook) return null;
	let found: RowOnWall | null = null;
	for (const r of among.rows) {
		const under = r.row.y + r.profile.front + r.profile.back < p.row.y + p.profile.back && r.row.y >= p.foot;
		const fits =
			r.row.left <= p.left &&
			r.row.right >= p.right &&
			flush(r, p) &&
			Math.abs(r.base - p.base) < 0.5 &&
			r.row.bevel === p.row.bevel;
		if (under && fits && r.row.y > (found?.row.y ?? -Infinity)) found = r;
	}
	return found;
}
