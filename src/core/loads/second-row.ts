import type { CleatProfile } from '../cleats/profile';
import { stock } from '../materials/stocks';
import { rowProfile } from '../plan/profile';
import type { Plan, Row, Wall } from '../plan/types';
import type { Millimetres } from '../units/quantity';
import type { Spot } from './place';

/** A row, the cleat it comes to, and how far out from the wall that is mounted. */
export interface RowWithProfile {
	row: Row;
	profile: CleatProfile;
	/** Thickness of its backer sheet; 0 on the wall itself. */
	base: Millimetres;
}

/**
 * How far out from the wall a row's cleat is mounted: on its backer sheet, or on the wall.
 * @example mountedAt(row) // 12
 */
export const mountedAt = (row: Pick<Row, 'backer'>): Millimetres =>
	row.backer ? stock(row.backer.stock).thickness : 0;

/**
 * All rows of a plan with their cleats, lowest first, and the wall they are on. The same object as long as both are.
 */
export interface AllRows {
	kerf: Millimetres;
	wall: Wall;
	rows: readonly RowWithProfile[];
}
const allRowsFor = new WeakMap<readonly Row[], AllRows>();

/** A plan's rows with their cleats. @example allRows(plan).rows[0]?.profile.front */
export function allRows({ rows, wall, cutting: { kerf } }: Plan): AllRows {
	const before = allRowsFor.get(rows);
	if (before?.kerf === kerf && before.wall === wall) return before;
	const made = {
		kerf,
		wall,
		rows: rows
			.map((row) => ({ row, profile: rowProfile(row, kerf), base: mountedAt(row) }))
			.sort((a, b) => a.row.y - b.row.y)
	};
	allRowsFor.set(rows, made);
	return made;
}

/** Do two rows' cleats stand out alike, so that one face lies on both? */
export const flush = (a: RowWithProfile, b: RowWithProfile): boolean =>
	Math.abs(a.base + a.profile.thickness - b.base - b.profile.thickness) < 0.5;

/**
 * The highest row under a holder's own that its second hook can ride on: covered by its face, under all of its width,
 * standing out as far; null when there is none, or it has one hook.
 */
export function secondRow(p: Spot, among: AllRows): RowWithProfile | null {
	if (!p.holder.params.secondHook) return null;
	let found: RowWithProfile | null = null;
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
