import { buildHolder as make } from '../../holders/build';
import type { Built } from '../../holders/built';
import { holderWeights, type InPlace } from '../in-place';
import { remembering } from '../../remembering';
import { rowProfile } from '../../plan/profile';
import { hangs } from '../../plan/held';
import type { Backed, Holder, HungHolder, Plan, Row, Strips } from '../../plan/types';
import { type Millimetres } from '../../units/quantity';
import { placeRacks } from '../rack/place';
import { spacerFault, type NoBearing } from './bearing';
import { rowExtras, type RowExtra } from './extras';
import { allRows, flush, secondRow, type AllRows, type RowOnWall } from './second-row';

/** The lowest point where a holder touches something behind it. */
export interface Bearing {
	kind: 'face' | 'foot' | 'cleat-edge' | 'spacer' | 'row-below' | 'second-hook';
	/** Above the floor. */
	y: Millimetres;
	/** A holder hung on the row below took that bearing away. */
	taken: boolean;
	/** Why its spacer bears on nothing. */
	lost?: NoBearing;
}

/** One that hangs on a row. */
export interface Spot extends RowOnWall, InPlace<HungHolder> {}

/** A holder in its place, and what it bears on there. */
export interface Placed extends Spot {
	bearing: Bearing;
}

/** A row with its cleat and what hangs on it, from left to right. The same object while nothing about them changes. */
export interface LaidRow extends RowOnWall {
	placed: readonly Placed[];
	/** Holders of a row above whose second hook rides here: this row must take all of each as well. */
	guests: readonly Placed[];
	/** What is on it without a hook: on a screw in its end, on the sheet behind it. */
	extras: readonly RowExtra[];
	/** Those of its own whose second hook rides on another row. */
	riders: readonly Placed[];
	/** Widest holder, so that a search by place knows how far back to look. */
	widest: Millimetres;
}

const builtOn = remembering(
	(
		carriers: Holder['carriers'],
		back: Backed['back'],
		strips: Strips,
		stock: Row['stock'],
		bevel: Row['bevel'],
		blank: Millimetres,
		kerf: Millimetres,
		secondTop: Millimetres | undefined
	): Built =>
		make(back, carriers, {
			kind: 'row',
			strips,
			profile: rowProfile({ stock, bevel, blank }, kerf),
			stock,
			blank,
			...(secondTop === undefined ? {} : { secondTop })
		})
);

/**
 * Builds a holder for its row; the same figures on the same cleat are built once.
 * @param secondTop top of its second hook above its foot, where it rides on a row
 */
export function buildHung(holder: HungHolder, row: Row, kerf: Millimetres, secondTop?: Millimetres): Built {
	return builtOn(holder.carriers, holder.back, holder.mount.strips, row.stock, row.bevel, row.blank, kerf, secondTop);
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

/** Does its face reach no lower than its row, so that what hangs on the rows below does not matter? */
const bearsByItsFace = ({ back, mount }: HungHolder, { profile }: RowOnWall) =>
	!mount.strips.recessed && back.height <= profile.back + profile.front;

/**
 * What a holder bears on by itself, whatever hangs below; null when that decides. `lost` says why a spacer does not
 * count.
 * @param among all rows and the wall; null when it looks at neither
 */
function ownBearing(p: Spot, among: AllRows | null): Bearing | null | { lost: NoBearing } {
	const second = among && secondRow(p, among);
	if (second) return { kind: 'second-hook', y: second.row.y + second.profile.front, taken: false };
	const { recessed, spacer } = p.holder.mount.strips;
	if (among && (recessed || spacer) && !bearsByItsFace(p.holder, p)) {
		const at = p.left + holderWeights(p.built).at;
		// A back that lies flat meets whatever stands proud under its own cleat.
		const lost = recessed ? spacerFault(p, at, among, p.row.y) : spacerFault(p, at, among);
		return lost ? { lost } : { kind: recessed ? 'foot' : 'spacer', y: p.foot, taken: false };
	}
	return bearsByItsFace(p.holder, p) ? { kind: 'face', y: p.foot, taken: false } : null;
}

/** What a holder bears on: `below` are the rows under its own, the lowest first. */
function bearingOf(p: Spot, below: readonly LaidRow[], among: AllRows | null): Bearing {
	const own = ownBearing(p, among);
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

/** Where a holder hangs, whatever it bears on there. */
const spotOf = remembering((holder: HungHolder, on: RowOnWall, built: Built): Spot => {
	const top = on.row.y + on.profile.back + on.profile.front;
	const left = holder.mount.x;
	return { holder, ...on, built, left, right: left + built.face.width, foot: top - built.face.height, top };
});

const placedOn = remembering(
	(spot: Spot, kind: Bearing['kind'], y: Millimetres, taken: boolean, lost: NoBearing | undefined): Placed => ({
		...spot,
		bearing: { kind, y, taken, ...(lost ? { lost } : {}) }
	})
);

const settle = remembering(
	(holder: HungHolder, on: RowOnWall, below: readonly LaidRow[], among: AllRows | null, kerf: Millimetres): Placed => {
		const spot = spotOf(holder, on, buildHung(holder, on.row, kerf));
		const { kind, y, taken, lost } = bearingOf(spot, below, among);
		if (kind !== 'second-hook') return placedOn(spot, kind, y, taken, lost);
		// Now it is known where its second hook goes: it bears on that row's front, and reaches its own height above it.
		const secondTop = y + on.profile.back - spot.foot;
		return placedOn(spotOf(holder, on, buildHung(holder, on.row, kerf, secondTop)), kind, y, taken, lost);
	}
);

/** What comes to hang on one row: its own holders, and those of rows above whose second hook rides on it. */
interface Hanging {
	on: RowOnWall;
	holders: HungHolder[];
	guests: Placed[];
	extras: RowExtra[];
}

const laidRow = remembering(
	(on: RowOnWall, placed: readonly Placed[], guests: readonly Placed[], extras: readonly RowExtra[]): LaidRow => ({
		...on,
		placed,
		guests,
		extras,
		riders: placed.filter((p) => p.bearing.kind === 'second-hook'),
		widest: placed.reduce((most, p) => Math.max(most, p.right - p.left), 0)
	})
);

const layRow = remembering(
	(
		on: RowOnWall,
		holders: readonly HungHolder[],
		guests: readonly Placed[],
		extras: readonly RowExtra[],
		below: readonly LaidRow[],
		among: AllRows | null,
		kerf: Millimetres
	): LaidRow => {
		const placed = holders.map((h) => settle(h, on, below, among, kerf));
		return laidRow(
			on,
			placed.sort((a, b) => a.left - b.left),
			guests,
			extras
		);
	}
);

/** Does it ask what is behind it: another row under its second hook, a surface under its spacer? */
const looksBehind = ({ mount: { strips } }: HungHolder) => strips.secondHook || strips.spacer || strips.recessed;

/**
 * A holder as the row sees it that its second hook rides on; null when it rides nowhere. The same object while nothing
 * about it changes.
 */
const guestOf = remembering((holder: HungHolder, own: RowOnWall, among: AllRows): Placed | null => {
	const spot = spotOf(holder, own, buildHung(holder, own.row, among.kerf));
	const on = secondRow(spot, among);
	return on && guestOn(spot, on);
});

const guestOn = remembering((spot: Spot, on: RowOnWall): Placed => ({
	...spot,
	...on,
	bearing: { kind: 'second-hook', y: spot.foot, taken: false }
}));

/**
 * Puts every holder of a plan on its row: foot, top, and what it bears on below. A holder whose row is not there is
 * left out. The face's top is flush with the hook's top; the hook stands on the cleat's slope.
 * @returns the rows in the plan's order
 */
export function placeHolders(plan: Plan): LaidRow[] {
	const { kerf } = plan.cutting;
	const among = allRows(plan.rows, plan.wall, kerf);
	const hanging = new Map(
		among.rows.map((on): [string, Hanging] => [on.row.id, { on, holders: [], guests: [], extras: [] }])
	);
	for (const holder of plan.holders) {
		if (!hangs(holder)) continue;
		const here = hanging.get(holder.mount.row);
		if (!here) continue;
		here.holders.push(holder);
		const guest = holder.mount.strips.secondHook && guestOf(holder, here.on, among);
		if (guest) hanging.get(guest.row.id)?.guests.push(guest);
	}
	for (const rack of placeRacks(plan)) {
		const here = hanging.get(rack.on?.row.id ?? '');
		if (here) here.extras.push(...rowExtras(rack, plan.wall, kerf));
	}
	const laid: LaidRow[] = [];
	for (const { on, holders, guests, extras } of hanging.values()) {
		// A row is laid anew only for what its holders look at.
		const alone = holders.every((h) => bearsByItsFace(h, on) && !looksBehind(h));
		const below = alone ? [] : laid.filter((l) => l.row.y < on.row.y);
		laid.push(layRow(on, holders, guests, extras, below, holders.some(looksBehind) ? among : null, kerf));
	}
	const byId = new Map(laid.map((l) => [l.row.id, l]));
	return plan.rows.flatMap((r) => byId.get(r.id) ?? []);
}
