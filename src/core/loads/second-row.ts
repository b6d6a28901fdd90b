import type { CleatProfile } from '../cleats/profile';
import { rowProfile } from '../plan/profile';
import type { Plan, Row } from '../plan/types';
import type { Millimetres } from '../units/quantity';
import type { Spot } from './place';

/** A row and the cleat it comes to. */
export interface RowWithProfile {
	row: Row;
	profile: CleatProfile;
}

/** All rows of a plan with their cleats, lowest first. The same object as long as the rows are. */
export interface AllRows {
	kerf: Millimetres;
	rows: readonly RowWithProfile[];
}
const allRowsFor = new WeakMap<readonly Row[], AllRows>();

/** A plan's rows with their cleats. @example allRows(plan).rows[0]?.profile.front */
export function allRows({ rows, cutting: { kerf } }: Plan): AllRows {
	const before = allRowsFor.get(rows);
	if (before?.kerf === kerf) return before;
	const made = { kerf, rows: rows.map((row) => ({ row, profile: rowProfile(row, kerf) })).sort((a, b) => a.row.y - b.row.y) };
	allRowsFor.set(rows, made);
	return made;
}

/** The highest row under a holder's own that its second hook can ride on: covered by its face, under all of its width, as thick; null when there is none, or it has one hook. */
export function secondRow(p: Spot, among: AllRows): RowWithProfile | null {
	if (!p.holder.params.secondHook) return null;
	let found: RowWithProfile | null = null;
	for (const r of among.rows) {
		const under = r.row.y + r.profile.front + r.profile.back < p.row.y + p.profile.back && r.row.y >= p.foot;
		const fits = r.row.left <= p.left && r.row.right >= p.right && Math.abs(r.profile.thickness - p.profile.thickness) < 0.5 && r.row.bevel === p.row.bevel;
		if (under && fits && r.row.y > (found?.row.y ?? -Infinity)) found = r;
	}
	return found;
}
