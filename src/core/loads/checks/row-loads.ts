import type { Segment } from '../../cleats/segments';
import { radians, weightOf, type Millimetres, type NewtonMillimetres, type Newtons } from '../../units/quantity';
import { stock } from '../../materials/stocks';
import type { Row } from '../../plan/types';
import { holderWeights, type LaidRow, type Placed } from '../place';
import { cleatRoll } from '../statics/roll';
import { combine } from '../statics/seat';
import { continuousBeam, type LineLoad } from '../statics/continuous-beam';
import { torqueShares, type LineTorque } from '../statics/torque-shares';

/** What a cleat's load does at one stud. */
export interface StudShare {
	/** Across the screws, down; negative where an overhang lifts. */
	across: Newtons;
	/** Roll to resist at this stud. */
	roll: NewtonMillimetres;
	/** Net outward pull, where holders bear below their own cleat; never negative: inward presses on the wall. */
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
}

/** What one holder puts on the row, for the written sum. */
export interface Hung {
	name: string;
	from: Millimetres;
	to: Millimetres;
	weight: Newtons;
	standOff: Millimetres;
	roll: NewtonMillimetres;
}

interface CleatLoads {
	down: LineLoad[];
	out: LineLoad[];
	/** Outward loads of those holders whose lower bearing is on the wall or the row below. */
	net: LineLoad[];
	roll: LineTorque[];
}

function cut<T extends LineLoad | LineTorque>(load: T, from: Millimetres, to: Millimetres): T | null {
	const a = Math.max(load.from, from);
	const b = Math.min(load.to, to);
	return b > a ? { ...load, from: a, to: b, total: (load.total * (b - a)) / (load.to - load.from) } : null;
}

/**
 * The stretch of cleat that carries a hook. A hook that stands out past the row's end rests on what is left of it, and the
 * load spreads evenly about the weight, as far as the nearer end of the contact: in balance, and heavier per length.
 * @returns null when the weight hangs beyond the cleat altogether
 */
export function contactOf(p: Placed, row: Row): { from: Millimetres; to: Millimetres } | null {
	const from = Math.max(p.left + p.built.hook.from, row.left);
	const to = Math.min(p.left + p.built.hook.to, row.right);
	const weightAt = (p.left + p.right) / 2;
	const half = Math.min(weightAt - from, to - weightAt);
	return half > 0 ? { from: weightAt - half, to: weightAt + half } : null;
}

/** Line loads of every hook on a row; a holder that cannot hang there loads nothing and is warned of elsewhere. */
export function rowLineLoads(laid: LaidRow): { loads: CleatLoads; hung: Hung[] } {
	const loads: CleatLoads = { down: [], out: [], net: [], roll: [] };
	const hung: Hung[] = [];
	const tan = Math.tan(radians(laid.row.bevel));
	for (const p of laid.placed) {
		const contact = contactOf(p, laid.row);
		if (!contact) continue;
		const { from, to } = contact;
		const weights = holderWeights(p.built, p.profile);
		const full = combine([weights.self, ...weights.things]);
		const at = (total: number): LineLoad => ({ from, to, total });
		loads.down.push(at(full.weight));
		loads.out.push(at(full.weight * tan));
		const roll = cleatRoll(full.weight, full.standOff, p.profile);
		loads.roll.push({ from, to, total: roll });
		hung.push({ name: p.holder.name || 'holder', from, to, weight: full.weight, standOff: full.standOff, roll });
		if (p.bearing.kind === 'spacer' || p.bearing.kind === 'row-below') loads.net.push(at(full.weight * tan));
	}
	return { loads, hung };
}

/** Spreads a row's loads over the studs of one of its cleats. Needs at least two studs. */
export function segmentLoads(laid: LaidRow, loads: CleatLoads, segment: Segment): SegmentLoads {
	const { profile, row } = laid;
	const on = <T extends LineLoad | LineTorque>(all: T[]) => all.flatMap((l) => cut(l, segment.from, segment.to) ?? []);
	const area = (profile.thickness * (profile.back + profile.front)) / 2;
	const own: LineLoad = { from: segment.from, to: segment.to, total: weightOf((area * (segment.to - segment.from) * stock(row.stock).density) / 1e9) };
	const supports = segment.fixings.map((f) => f.x);
	const hung = on(loads.down);
	const down = continuousBeam(supports, [...hung, own]);
	const out = continuousBeam(supports, on(loads.out));
	const net = continuousBeam(supports, on(loads.net));
	const roll = torqueShares(supports, on(loads.roll));
	return {
		shares: segment.fixings.map((_, i) => ({
			across: down.reactions[i] as number,
			roll: roll.shares[i] as number,
			pull: Math.max(0, net.reactions[i] as number)
		})),
		weight: own.total + hung.reduce((sum, l) => sum + l.total, 0),
		strong: down.moment,
		weak: out.moment.value,
		shear: down.shear.value,
		torque: roll.greatest,
		line: hung.reduce((most, l) => Math.max(most, l.total / (l.to - l.from)), 0)
	};
}
