import type { Segment } from '../../cleats/segments';
import { radians, weightOf, type Millimetres, type NewtonMillimetres, type Newtons, type NewtonsPerMillimetre } from '../../units/quantity';
import { stock } from '../../materials/stocks';
import { once } from '../../once';
import { holderWeights, type LaidRow, type Placed } from '../place';
import { cleatRoll } from '../statics/roll';
import { combine, heavyEnd } from '../statics/seat';
import { beamExtremes, beamReactions, type BeamReactions, type LineLoad } from '../statics/continuous-beam';
import { torqueShares, type LineTorque } from '../statics/torque-shares';

/** What a cleat's load does at one stud. Any of the things that hang may be taken off: each figure counts only what adds to it. */
export interface StudShare {
	/** Across the screws, down, by the lever rule: what a pencil gets first. */
	lever: Newtons;
	/** Across the screws, down: the cleat is one piece over its studs. */
	down: Newtons;
	/** Across the screws, up, where an overhang or a far span lifts; never negative. */
	lift: Newtons;
	/** Roll to resist at this stud. */
	roll: NewtonMillimetres;
	/** Net outward pull, where holders bear below their own cleat; inward presses on the wall. */
	pull: Newtons;
}

export interface SegmentLoads {
	shares: StudShare[];
	/** All that hangs on this cleat, its own weight included. */
	weight: Newtons;
	/** Greatest bending under weight and outward, shear and torsion, with the place of the first. */
	strong: { value: NewtonMillimetres; at: Millimetres };
	weak: NewtonMillimetres;
	shear: Newtons;
	torque: NewtonMillimetres;
	/** Greatest weight per length of hook. */
	line: number;
	/** Furthest that a weight on it stands out. */
	heaviestArm: Millimetres;
}

/** What one holder puts on the row, for the written sum. */
export interface Hung {
	name: string;
	id: string;
	from: Millimetres;
	to: Millimetres;
	weight: Newtons;
	standOff: Millimetres;
	roll: NewtonMillimetres;
}

/** The weight of one holder along its hook. */
export interface HookLoad extends LineLoad {
	/** Greatest weight per length, where it hangs off the hook's middle. */
	heaviest: NewtonsPerMillimetre;
	/** Of its weight from the wall. */
	standOff: Millimetres;
	/** Its lower bearing is on the wall or the row below, so that this cleat alone is pulled out. */
	bearsBelow: boolean;
}

interface CleatLoads {
	down: HookLoad[];
	roll: LineTorque[];
}

/** The part of an even load that lies between two places: itself, when all of it does; null when none does. */
export function within<T extends LineLoad | LineTorque>(load: T, from: Millimetres, to: Millimetres): T | null {
	if (load.from >= from && load.to <= to && load.to > load.from) return load;
	const a = Math.max(load.from, from);
	const b = Math.min(load.to, to);
	return b > a ? { ...load, from: a, to: b, total: (load.total * (b - a)) / (load.to - load.from) } : null;
}

/**
 * A holder's weight along its row. The hook rests on as much of itself as the row is under; the load spreads evenly about the
 * weight, as far as the nearer end of that: in balance, and heavier per length the further the weight is off the middle.
 * @returns null when the weight hangs beyond the cleat altogether; the same object for the same place
 */
export const hookLoad = once((p: Placed): HookLoad | null => {
	const from = Math.max(p.left + p.built.hook.from, p.row.left);
	const to = Math.min(p.left + p.built.hook.to, p.row.right);
	const { total, at, standOff } = holderWeights(p.built, p.profile);
	const weightAt = p.left + at;
	const half = Math.min(weightAt - from, to - weightAt);
	if (!(half > 0)) return null;
	return {
		from: weightAt - half,
		to: weightAt + half,
		total,
		standOff: Math.max(0, standOff),
		heaviest: heavyEnd(total, to - from, weightAt - (from + to) / 2),
		bearsBelow: p.bearing.kind === 'spacer' || p.bearing.kind === 'row-below' || p.bearing.kind === 'second-hook'
	};
});

/**
 * Line loads of every hook on a row, those of second hooks from above too: a spacing error of a millimetre puts all of a holder on
 * either. A holder that cannot hang there loads nothing and is warned of elsewhere.
 * @param below how far under its cleat the row turns about
 */
export function rowLineLoads(laid: LaidRow, below: Millimetres): { loads: CleatLoads; hung: Hung[] } {
	const loads: CleatLoads = { down: [], roll: [] };
	const hung: Hung[] = [];
	for (const p of [...laid.placed, ...laid.guests]) {
		const load = hookLoad(p);
		if (!load) continue;
		const { from, to } = load;
		const weights = holderWeights(p.built, p.profile);
		const full = combine([weights.self, ...weights.things]);
		loads.down.push(load);
		const roll = cleatRoll(full.weight, full.standOff, p.profile, below);
		loads.roll.push({ from, to, total: roll });
		hung.push({ name: p.holder.name || 'holder', id: p.holder.id, from, to, weight: full.weight, standOff: full.standOff, roll });
	}
	return { loads, hung };
}

const reactionsOf = new WeakMap<LineLoad, { supports: readonly Millimetres[]; found: BeamReactions }>();

/** A hook that stays where it is gives the same to the same studs. */
function hookReactions(supports: readonly Millimetres[], load: LineLoad): BeamReactions {
	const before = reactionsOf.get(load);
	if (before && before.supports.length === supports.length && before.supports.every((x, i) => x === supports[i])) return before.found;
	const found = beamReactions(supports, [load]);
	reactionsOf.set(load, { supports, found });
	return found;
}

/** Sums what each hook gives to each stud, keeping apart what adds and what eases. */
function studShares(supports: readonly Millimetres[], own: LineLoad, hung: readonly HookLoad[], tan: number) {
	const self = beamReactions(supports, [own]);
	const all = [...self.reactions];
	const shares = supports.map((_, i): Omit<StudShare, 'roll'> => {
		const r = self.reactions[i] as number;
		return { lever: self.lever[i] as number, down: Math.max(0, r), lift: Math.max(0, -r), pull: 0 };
	});
	for (const load of hung) {
		const { reactions, lever } = hookReactions(supports, load);
		shares.forEach((s, i) => {
			const r = reactions[i] as number;
			all[i] = (all[i] as number) + r;
			s.lever += lever[i] as number;
			if (r < 0) s.lift -= r;
			else {
				s.down += r;
				if (load.bearsBelow) s.pull += r * tan;
			}
		});
	}
	return { self: self.reactions, all, shares };
}

/**
 * Spreads a row's loads over the studs of one of its cleats. Needs at least two studs.
 * The cleat's own weight is always there; every holder may be taken off, so a stud is never counted as eased by one. Bending
 * of the cleat itself is that with everything on it.
 */
export function segmentLoads(laid: LaidRow, loads: CleatLoads, segment: Segment): SegmentLoads {
	const { profile, row } = laid;
	const on = <T extends LineLoad | LineTorque>(all: T[]) => all.flatMap((l) => within(l, segment.from, segment.to) ?? []);
	const area = (profile.thickness * (profile.back + profile.front)) / 2;
	const own: LineLoad = { from: segment.from, to: segment.to, total: weightOf((area * (segment.to - segment.from) * stock(row.stock).density) / 1e9) };
	const tan = Math.tan(radians(row.bevel));
	const supports = segment.fixings.map((f) => f.x);
	const hung = on(loads.down);
	const { self, all, shares } = studShares(supports, own, hung, tan);
	const down = beamExtremes(supports, all, [...hung, own]);
	// The hooks push out by their weight times tan b; the cleat's own weight does not.
	const out = beamExtremes(supports, all.map((r, i) => r - (self[i] as number)), hung).moment.value * tan;
	const roll = torqueShares(supports, on(loads.roll));
	return {
		shares: shares.map((s, i) => ({ ...s, lift: Math.max(0, s.lift - Math.max(0, self[i] as number)), roll: roll.shares[i] as number })),
		weight: own.total + hung.reduce((sum, l) => sum + l.total, 0),
		strong: down.moment,
		weak: out,
		shear: down.shear.value,
		torque: roll.greatest,
		line: hung.reduce((most, l) => Math.max(most, l.heaviest), 0),
		heaviestArm: hung.reduce((most, l) => Math.max(most, l.standOff), 0)
	};
}
