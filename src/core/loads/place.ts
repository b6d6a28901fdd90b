import type { CleatProfile } from '../cleats/profile';
import { families } from '../holders/registry';
import type { BuiltHolder } from '../holders/types';
import { rowProfile } from '../plan/profile';
import type { Holder, Plan, Row } from '../plan/types';
import { weightOf, type Millimetres, type Newtons } from '../units/quantity';
import { spacerFault, type NoBearing } from './bearing';
import { allRows, flush, secondRow, type AllRows, type RowWithProfile } from './second-row';
import { combine, type OutWeight } from './statics/seat';

/** The lowest point where a holder touches something behind it. */
export interface Bearing {
	kind: 'face' | 'cleat-edge' | 'spacer' | 'row-below' | 'second-hook';
	/** Above the floor. */
	y: Millimetres;
	/** A holder hung on the row below took that bearing away. */
	taken: boolean;
	/** Why its spacer bears on nothing. */
	lost?: NoBearing;
}

/** A holder built for its row, and where that puts it on the wall. */
export interface Spot extends RowWithProfile {
	holder: Holder;
	built: BuiltHolder;
	left: Millimetres;
	right: Millimetres;
	foot: Millimetres;
	top: Millimetres;
}

/** A holder in its place, and what it bears on there. */
export interface Placed extends Spot {
	bearing: Bearing;
}

/** A weight on a holder, how far it stands out and where along it. */
export interface PlacedWeight extends OutWeight {
	/** From the holder's left end. */
	x: Millimetres;
}

/**
 * Weights of a built holder, each with its distance out from what its cleat is mounted on. Independent of where it
 * hangs.
 */
export interface HolderWeights {
	self: PlacedWeight;
	/** Every single thing: each may be taken off by itself. */
	things: PlacedWeight[];
	/** All of it. */
	total: Newtons;
	/** Where all of it hangs, from the holder's left end: its own weight in its middle, things where their seats are. */
	at: Millimetres;
	/** Of the centre of all of it, from what its cleat is mounted on. */
	standOff: Millimetres;
}

/** A row with its cleat and what hangs on it, from left to right. The same object while nothing about them changes. */
export interface LaidRow extends RowWithProfile {
	placed: readonly Placed[];
	/** Holders of a row above whose second hook rides here: this row must take all of each as well. */
	guests: readonly Placed[];
	/** Those of its own whose second hook rides on another row. */
	riders: readonly Placed[];
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
	const self = { weight: weightOf(built.self.mass), standOff: built.self.out, x: built.face.width / 2 };
	const things = built.seats.flatMap((s) =>
		s.things.map((t) => ({ weight: weightOf(t.mass), standOff: front + t.out, x: s.x }))
	);
	const total = self.weight + things.reduce((sum, t) => sum + t.weight, 0);
	const turn = built.seats.reduce(
		(sum, s) => sum + s.x * s.things.reduce((w, t) => w + weightOf(t.mass), 0),
		(self.weight * built.face.width) / 2
	);
	const weights = { self, things, total, at: turn / total, standOff: combine([self, ...things]).standOff };
	weightsFor.set(built, weights);
	return weights;
}

/** How far a holder reaches down from where its hook rides to its lower bearing. */
export const dropOf = (p: Pick<Placed, 'row' | 'profile' | 'bearing'>): Millimetres =>
	p.row.y + p.profile.back - p.bearing.y;

/** Does any holder of a row touch the stretch from `from` to `to`? */
function hangsBetween({ placed, guests, widest }: LaidRow, from: Millimetres, to: Millimetres): boolean {
	if (guests.some((g) => g.right > from && g.left < to)) return true;
	let lo = 0;
	let hi = placed.length;
	while (lo < hi) {
		const mid = (lo + hi) >> 1;
		if ((placed[mid] as Placed).left < from - widest) lo = mid + 1;
		else hi = mid;
	}
	for (let i = lo; i < placed.length && (placed[i] as Placed).left < to; i++) {
		if ((placed[i] as Placed).right > from) return true;
	}
	return false;
}

/** A row's cleat covers the stretch without a break at this height, and stands out as far as the holder's own. */
function bearsOn(below: LaidRow, p: Spot): boolean {
	return (
		flush(below, p) &&
		below.row.left <= p.left &&
		below.row.right >= p.right &&
		p.foot < below.row.y + below.profile.front
	);
}

/**
 * What a holder bears on by itself, whatever hangs below; null when that decides. `lost` says why a spacer does not
 * count.
 */
function ownBearing(p: Spot, second: RowWithProfile | null, among: AllRows): Bearing | null | { lost: NoBearing } {
	if (second) return { kind: 'second-hook', y: second.row.y + second.profile.front, taken: false };
	if (p.holder.params.spacer && p.foot < p.row.y) {
		const lost = spacerFault(p, p.left + holderWeights(p.built, p.profile).at, among);
		return lost ? { lost } : { kind: 'spacer', y: p.foot, taken: false };
	}
	return p.foot >= p.row.y ? { kind: 'face', y: p.foot, taken: false } : null;
}

/** What a holder bears on: `below` are the rows under its own, the lowest first. */
function bearingOf(p: Spot, second: RowWithProfile | null, below: readonly LaidRow[], among: AllRows): Bearing {
	const own = ownBearing(p, second, among);
	if (own && 'kind' in own) return own;
	const lost = own ? { lost: own.lost } : {};
	let taken = false;
	for (const row of below) {
		if (!bearsOn(row, p)) continue;
		if (hangsBetween(row, p.left, p.right)) taken = true;
		else return { kind: 'row-below', y: row.row.y + row.profile.front, taken: false, ...lost };
	}
	return { kind: 'cleat-edge', y: p.row.y, taken, ...lost };
}

interface Stood {
	below: readonly LaidRow[];
	among: AllRows;
	placed: Placed;
}
/**
 * The last place of each holder: the same object as long as nothing about it has changed, so that nothing need be done
 * again.
 */
const lastPlace = new WeakMap<Holder, Stood>();

function stand(holder: Holder, { row, profile, base }: RowWithProfile, kerf: Millimetres): Spot {
	const built = buildHolder(holder, row, kerf);
	const before = lastPlace.get(holder)?.placed;
	if (before && before.row === row && before.built === built && before.base === base) return before;
	const top = row.y + profile.back + profile.front;
	const left = holder.mount.x;
	return {
		holder,
		row,
		profile,
		base,
		built,
		left,
		right: left + built.face.width,
		foot: top - built.face.height,
		top
	};
}

function settle(holder: Holder, on: RowWithProfile, below: readonly LaidRow[], among: AllRows): Placed {
	const before = lastPlace.get(holder);
	if (before && before.placed.row === on.row && before.below === below && before.among === among) return before.placed;
	const spot = stand(holder, on, among.kerf);
	const bearing = bearingOf(spot, secondRow(spot, among), below, among);
	const same = before && before.placed === spot && sameBearing(before.placed.bearing, bearing);
	const placed = same ? before.placed : { ...spot, bearing };
	lastPlace.set(holder, { below, among, placed });
	return placed;
}

const sameBearing = (a: Bearing, b: Bearing) =>
	a.kind === b.kind && a.y === b.y && a.taken === b.taken && a.lost === b.lost;

interface Known {
	holders: readonly Holder[];
	guests: readonly Placed[];
	below: readonly LaidRow[];
	/**
	 * All rows of the plan and the wall: a second hook looks among them for the one it rides on, a spacer for what is
	 * behind it.
	 */
	among: AllRows;
	/** Some of its holders look behind them. */
	looks: boolean;
	/** Every holder bears on something of its own: what hangs on the rows below does not matter. */
	alone: boolean;
	laid: LaidRow;
}
const known = new WeakMap<Row, Known>();

const sameItems = <T>(a: readonly T[], b: readonly T[]) => a.length === b.length && a.every((x, i) => x === b[i]);

/** What comes to hang on one row: its own holders, and those of rows above whose second hook rides on it. */
interface Hanging {
	holders: Holder[];
	guests: Placed[];
}

const BEARS_BY_ITSELF: readonly Bearing['kind'][] = ['face', 'spacer', 'second-hook'];

function layRow(
	on: RowWithProfile,
	{ holders, guests }: Hanging,
	rowsBelow: readonly LaidRow[],
	among: AllRows
): LaidRow {
	const { row } = on;
	const before = known.get(row);
	const below = before && sameItems(before.below, rowsBelow) ? before.below : rowsBelow;
	const sameRow =
		before &&
		before.among.kerf === among.kerf &&
		sameItems(before.holders, holders) &&
		sameItems(before.guests, guests);
	if (sameRow && (before.among === among || !before.looks) && (before.alone || before.below === below))
		return before.laid;
	const placed = holders.map((h) => settle(h, on, below, among)).sort((a, b) => a.left - b.left);
	const laid =
		sameRow && sameItems(before.laid.placed, placed)
			? before.laid
			: {
					...on,
					placed,
					guests,
					riders: placed.filter((p) => p.bearing.kind === 'second-hook'),
					widest: placed.reduce((most, p) => Math.max(most, p.right - p.left), 0)
				};
	known.set(row, {
		holders,
		guests,
		below,
		among,
		looks: holders.some((h) => h.params.secondHook || h.params.spacer),
		alone: placed.every((p) => BEARS_BY_ITSELF.includes(p.bearing.kind)),
		laid
	});
	return laid;
}

const guestFor = new WeakMap<Holder, { above: Row; among: AllRows; guest: Placed | null }>();

/**
 * A holder as the row sees it that its second hook rides on; null when it rides nowhere. The same object while nothing
 * about it changes.
 */
function guestOf(holder: Holder, own: RowWithProfile, among: AllRows): Placed | null {
	if (!holder.params.secondHook) return null;
	const { row } = own;
	const before = guestFor.get(holder);
	if (before?.above === row && before.among === among) return before.guest;
	const spot = stand(holder, own, among.kerf);
	const on = secondRow(spot, among);
	const old = before?.guest;
	const same = old && old.row === on?.row && old.built === spot.built && old.foot === spot.foot;
	const guest =
		on && (same ? old : { ...spot, ...on, bearing: { kind: 'second-hook' as const, y: spot.foot, taken: false } });
	guestFor.set(holder, { above: row, among, guest });
	return guest;
}

/**
 * Puts every holder of a plan on its row: foot, top, and what it bears on below. A holder whose row is not there is
 * left out. The face's top is flush with the hook's top; the hook stands on the cleat's slope.
 * @returns the rows in the plan's order
 */
export function placeHolders(plan: Plan): LaidRow[] {
	const among = allRows(plan);
	const { rows } = among;
	const hung = new Map(rows.map((r) => [r.row.id, { on: r, holders: [] as Holder[], guests: [] as Placed[] }]));
	for (const holder of plan.holders) {
		const here = hung.get(holder.mount.row);
		if (!here) continue;
		here.holders.push(holder);
		const guest = guestOf(holder, here.on, among);
		if (guest) hung.get(guest.row.id)?.guests.push(guest);
	}
	const laid = new Map<Row, LaidRow>();
	for (const on of rows) {
		const below = [...laid.values()].filter((l) => l.row.y < on.row.y);
		laid.set(on.row, layRow(on, hung.get(on.row.id) as Hanging, below, among));
	}
	return plan.rows.map((r) => laid.get(r) as LaidRow);
}

/** Every holder in its place, by id, in the plan's order. @example placesById(plan).get('h1')?.foot */
export function placesById(plan: Plan): Map<string, Placed> {
	const placed = new Map(placeHolders(plan).flatMap((l) => l.placed.map((p) => [p.holder.id, p] as const)));
	return new Map(
		plan.holders.flatMap(({ id }) => {
			const found = placed.get(id);
			return found ? [[id, found] as const] : [];
		})
	);
}
