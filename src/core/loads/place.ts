import type { CleatProfile } from '../cleats/profile';
import { families } from '../holders/registry';
import type { BuiltHolder } from '../holders/types';
import { rowProfile } from '../plan/profile';
import type { Holder, Plan, Row } from '../plan/types';
import { weightOf, type Millimetres, type Newtons } from '../units/quantity';
import type { OutWeight } from './statics/seat';

/** The lowest point where a holder touches something behind it. */
export interface Bearing {
	kind: 'face' | 'cleat-edge' | 'spacer' | 'row-below';
	/** Above the floor. */
	y: Millimetres;
	/** A holder hung on the row below took that bearing away. */
	taken: boolean;
}

/** A holder built for its row and put in its place on the wall. */
export interface Placed {
	holder: Holder;
	row: Row;
	profile: CleatProfile;
	built: BuiltHolder;
	left: Millimetres;
	right: Millimetres;
	foot: Millimetres;
	top: Millimetres;
	bearing: Bearing;
}

/** Weights of a built holder, each with its distance out from the wall face. Independent of where it hangs. */
export interface HolderWeights {
	self: OutWeight;
	things: OutWeight[];
	/** All of it. */
	total: Newtons;
}

/** A row with its cleat and what hangs on it, from left to right. */
export interface LaidRow {
	row: Row;
	profile: CleatProfile;
	placed: Placed[];
	/** Widest holder, so that a search by place knows how far back to look. */
	widest: Millimetres;
}

interface Cached {
	row: Row;
	kerf: number;
	built: BuiltHolder;
}
const builtFor = new WeakMap<Holder['params'], Cached>();
const weightsFor = new WeakMap<BuiltHolder, HolderWeights>();

/** Builds a holder for its row; the same parameters on the same cleat are built once. */
export function buildHolder(holder: Holder, row: Row, kerf: Millimetres): BuiltHolder {
	const known = builtFor.get(holder.params);
	if (known && known.kerf === kerf && sameCleat(known.row, row)) return known.built;
	const context = { profile: rowProfile(row, kerf), stock: row.stock, blank: row.blank };
	const built = families[holder.family].build(holder.params, context);
	builtFor.set(holder.params, { row, kerf, built });
	return built;
}

function sameCleat(a: Row, b: Row): boolean {
	return a === b || (a.stock === b.stock && a.bevel === b.bevel && a.blank === b.blank);
}

/** Weights and stand-offs of a built holder. */
export function holderWeights(built: BuiltHolder, profile: CleatProfile): HolderWeights {
	const known = weightsFor.get(built);
	if (known) return known;
	const front = profile.thickness + built.face.thickness;
	const self = { weight: weightOf(built.self.mass), standOff: built.self.out };
	const things = built.seats.flatMap((s) => s.things.map((t) => ({ weight: weightOf(t.mass), standOff: front + t.out })));
	const weights = { self, things, total: self.weight + things.reduce((sum, t) => sum + t.weight, 0) };
	weightsFor.set(built, weights);
	return weights;
}

/** Holders of a laid row that touch the stretch from `from` to `to`. */
export function holdersBetween(laid: LaidRow, from: Millimetres, to: Millimetres): Placed[] {
	let lo = 0;
	let hi = laid.placed.length;
	const start = from - laid.widest;
	while (lo < hi) {
		const mid = (lo + hi) >> 1;
		if ((laid.placed[mid] as Placed).left < start) lo = mid + 1;
		else hi = mid;
	}
	const found: Placed[] = [];
	for (let i = lo; i < laid.placed.length && (laid.placed[i] as Placed).left < to; i++) {
		const p = laid.placed[i] as Placed;
		if (p.right > from) found.push(p);
	}
	return found;
}

/** A row's cleat covers the stretch without a break at this height, in front of the wall by the same thickness. */
function bearsOn(below: LaidRow, p: { left: number; right: number; foot: number; profile: CleatProfile }): boolean {
	const sameThickness = Math.abs(below.profile.thickness - p.profile.thickness) < 0.5;
	return sameThickness && below.row.left <= p.left && below.row.right >= p.right && p.foot < below.row.y + below.profile.front;
}

function bearingOf(p: { holder: Holder; row: Row; left: number; right: number; foot: number; profile: CleatProfile }, below: readonly LaidRow[]): Bearing {
	if (p.holder.params.spacer && p.foot < p.row.y) return { kind: 'spacer', y: p.foot, taken: false };
	if (p.foot >= p.row.y) return { kind: 'face', y: p.foot, taken: false };
	let taken = false;
	for (const row of below) {
		if (!bearsOn(row, p)) continue;
		if (holdersBetween(row, p.left, p.right).length > 0) taken = true;
		else return { kind: 'row-below', y: row.row.y + row.profile.front, taken: false };
	}
	return { kind: 'cleat-edge', y: p.row.y, taken };
}

const settledBefore = new WeakMap<Holder, Placed>();

/** The same object as before while nothing about a holder's place has changed, so that a screen need not draw it again. */
function settled(p: Placed): Placed {
	const before = settledBefore.get(p.holder);
	const same =
		before && before.row === p.row && before.built === p.built &&
		before.bearing.kind === p.bearing.kind && before.bearing.y === p.bearing.y && before.bearing.taken === p.bearing.taken;
	if (same) return before;
	settledBefore.set(p.holder, p);
	return p;
}

/**
 * Puts every holder of a plan on its row: foot, top, and what it bears on below.
 * The face's top is flush with the hook's top; the hook stands on the cleat's slope.
 */
export function placeHolders(plan: Plan): LaidRow[] {
	const kerf = plan.cutting.kerf;
	const laid: LaidRow[] = plan.rows.map((row) => ({ row, profile: rowProfile(row, kerf), placed: [], widest: 0 }));
	const byId = new Map(laid.map((l) => [l.row.id, l]));
	for (const holder of plan.holders) {
		const on = byId.get(holder.mount.row);
		if (!on) continue;
		const built = buildHolder(holder, on.row, kerf);
		const top = on.row.y + on.profile.back + on.profile.front;
		const foot = top - built.face.height;
		const left = holder.mount.x;
		on.placed.push({
			holder, row: on.row, profile: on.profile, built, left, right: left + built.face.width, foot, top,
			bearing: { kind: 'cleat-edge', y: on.row.y, taken: false }
		});
		on.widest = Math.max(on.widest, built.face.width);
	}
	for (const l of laid) l.placed.sort((a, b) => a.left - b.left);
	const downward = [...laid].sort((a, b) => b.row.y - a.row.y);
	downward.forEach((l, i) => {
		const below = downward.slice(i + 1).filter((r) => r.row.y < l.row.y).reverse();
		for (const p of l.placed) p.bearing = bearingOf(p, below);
		l.placed = l.placed.map(settled);
	});
	return laid;
}
