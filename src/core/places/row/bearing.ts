import type { CleatProfile } from '../../cleats/profile';
import type { Obstruction, Wall } from '../../plan/types';
import { topAt } from '../../survey/outline';
import { ledgeBox } from '../../survey/packing';
import type { Millimetres } from '../../units/quantity';
import type { AllRows } from './second-row';

/**
 * What really is behind a stretch of a holder: a bearing counts only where something is at that depth.
 */

/** A stretch along the wall and how far out its surface stands there. */
export interface Surface {
	from: Millimetres;
	to: Millimetres;
	/** From the wall; null where there is nothing: an opening, past an end, above the top. */
	out: Millimetres | null;
}

const OPENINGS = new Set<Obstruction['kind']>(['window', 'door', 'overhead-door']);
const SAME: Millimetres = 0.5;

/** Places along the wall where what is behind a band may change. */
function breaks(wall: Wall, among: AllRows, left: Millimetres, right: Millimetres): Millimetres[] {
	const all = [left, right, 0, wall.width];
	for (const o of wall.obstructions) if (OPENINGS.has(o.kind)) all.push(o.x, o.x + o.width);
	for (const l of wall.ledges ?? []) {
		const box = ledgeBox(wall, l);
		all.push(box.left, box.right);
	}
	for (const { row } of among.rows) if (row.backer) all.push(row.left, row.right);
	return [...new Set(all.filter((x) => x >= left && x <= right))].sort((a, b) => a - b);
}

/** How far out the surface stands at one place of a band; null where there is none over all its height. */
function outAt(wall: Wall, among: AllRows, x: Millimetres, low: Millimetres, high: Millimetres): Millimetres | null {
	if (x < 0 || x > wall.width || high > topAt(wall, x)) return null;
	if (
		wall.obstructions.some(
			(o) => OPENINGS.has(o.kind) && x > o.x && x < o.x + o.width && high > o.y && low < o.y + o.height
		)
	)
		return null;
	let out = 0;
	for (const l of wall.ledges ?? []) {
		const box = ledgeBox(wall, l);
		if (x > box.left && x < box.right && low < box.high && high > box.low) out = Math.max(out, l.out);
	}
	for (const { row, base } of among.rows) {
		if (!row.backer || x < row.left || x > row.right) continue;
		const foot = row.y - row.backer.below;
		if (low >= foot - SAME && high <= foot + row.backer.height + SAME) out = Math.max(out, base);
	}
	return out;
}

/**
 * The surface behind a band, from left to right.
 * @param band heights, low and high
 * @example surfaceBehind(among, 0, 900, { low: 1200, high: 1220 }) // [{ from: 0, to: 900, out: 0 }]
 */
function surfaceBehind(
	among: AllRows,
	left: Millimetres,
	right: Millimetres,
	band: { low: Millimetres; high: Millimetres }
): Surface[] {
	const at = breaks(among.wall, among, left, right);
	return at.slice(1).map((to, i) => {
		const from = at[i] as number;
		return { from, to, out: outAt(among.wall, among, (from + to) / 2, band.low, band.high) };
	});
}

/** A narrower strip to lie on is none. */
const LEAST: Millimetres = 10;

/** Of a spacer, this much at its lower edge must bear. */
const FOOT: Millimetres = 15;

/** Why a spacer bears on nothing: what is behind it is not there, further back, or a row's cleat is in its place. */
export type NoBearing = 'nothing-behind' | 'further-back' | 'meets-row';

/**
 * Does a spacer as thick as its cleat bear at a holder's foot? What it bears on must lie on both sides of the weight.
 * @param at of the weight, along the wall
 * @param top of what lies on the wall there: of a spacer, unless said
 * @returns null when it bears
 */
export function spacerFault(
	p: {
		left: Millimetres;
		right: Millimetres;
		foot: Millimetres;
		base: Millimetres;
		profile: CleatProfile;
		row: { id: string };
	},
	at: Millimetres,
	among: AllRows,
	top: Millimetres = p.foot + p.profile.front
): NoBearing | null {
	const meets = among.rows.some(
		({ row, profile }) =>
			row.id !== p.row.id &&
			row.left < p.right &&
			row.right > p.left &&
			row.y < top - SAME &&
			row.y + profile.front > p.foot + SAME
	);
	if (meets) return 'meets-row';
	const behind = surfaceBehind(among, p.left, p.right, { low: p.foot, high: p.foot + FOOT });
	const bears = behind.filter((s) => s.out !== null && s.out > p.base - SAME && s.to - s.from >= LEAST);
	if (bears.some((s) => s.from <= at) && bears.some((s) => s.to >= at)) return null;
	return behind.some((s) => s.out !== null && s.out <= p.base - SAME) ? 'further-back' : 'nothing-behind';
}
