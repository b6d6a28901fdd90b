import type { Segment } from '../../cleats/segments';
import { remembering } from '../../remembering';
import { weightOf, type Millimetres, type NewtonMillimetres, type Newtons } from '../../units/quantity';
import { stock } from '../../materials/stocks';
import { holderWeights } from '../../places/in-place';
import type { LaidRow, Placed } from '../../places/row/place';
import { beamReactions, type BeamReactions, type LineLoad } from '../../mechanics/statics/continuous-beam';
import { worstPattern } from '../../mechanics/statics/pattern-loads';
import { cleatRoll, rollArm, type Rolling } from '../../mechanics/statics/roll';
import { torqueShares, type LineTorque } from '../../mechanics/statics/torque-shares';
import { hookLoad, within, type HookLoad, type HookPart } from '../../places/row/hook-loads';
import type { RowExtra } from '../../places/row/extras';

/**
 * What a cleat's load does at one stud. Any of the things that hang may be taken off: each figure counts only what adds
 * to it.
 */
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

/** The wood of the row itself on one of its cleats: cleat, and the sheet behind it. */
export interface OwnWeight {
	cleat: Newtons;
	sheet: Newtons;
	/** How both roll the row out of the wall. */
	roll: NewtonMillimetres;
}

export interface SegmentLoads {
	shares: StudShare[];
	own: OwnWeight;
	/** Greatest bending under weight and outward, shear and torsion, with the place of the first. */
	strong: { value: NewtonMillimetres; at: Millimetres };
	weak: NewtonMillimetres;
	shear: Newtons;
	torque: NewtonMillimetres;
	/** Greatest weight per length of hook. */
	line: number;
	/** Greatest arm of a roll about the cleat's own lower edge. */
	arm: Millimetres;
}

/** What one holder puts on the row, for the written sum. */
export interface Hung {
	name: string;
	id: string;
	load: HookLoad;
	weight: Newtons;
	/** From the wall. */
	standOff: Millimetres;
	roll: NewtonMillimetres;
	/** The roll is the least of two: its stand-off decides, or how far up the bevel it may bear. */
	byStandOff: boolean;
}

/** A holder's roll, spread along its row both ways that it may be. */
interface Rolls {
	hung: Hung;
	/** As its weights stand out, and as they weigh: the same in all. */
	ways: readonly [readonly LineTorque[], readonly LineTorque[]];
}

/** Loads of every hook on a row. */
export interface RowLoads {
	hooks: readonly HookLoad[];
	rolls: readonly Rolls[];
	rolling: Rolling;
}

/**
 * A holder's roll: the least of its weights by their stand-offs, and of the most that the bevel allows. How it is
 * spread along the row is workmanship: by what stands out, or by what weighs. A stud takes the worse of both, so that
 * more weight never rolls any stud by less.
 */
function rollOf(p: Placed, load: HookLoad, rolling: Rolling): Rolls {
	const { total, standOff } = holderWeights(p.built);
	const by = (arm: (w: HookPart) => Millimetres): LineTorque[] =>
		load.parts.map((w) => ({ from: w.from, to: w.to, total: w.total * arm(w) }));
	const sum = (ts: readonly LineTorque[]) => ts.reduce((all, t) => all + t.total, 0);
	const out = by((w) => Math.max(0, w.standOff + (rolling.behind ?? 0)));
	const weighed = by(() => rollArm(p.profile, rolling));
	const [free, capped] = [sum(out), sum(weighed)];
	const byStandOff = load.locked || free <= capped;
	const roll = byStandOff ? free : capped;
	const scaled = (ts: readonly LineTorque[], of: number) =>
		of > 0 ? ts.map((t) => ({ ...t, total: (t.total * roll) / of })) : [];
	const hung = {
		name: p.holder.name || 'holder',
		id: p.holder.id,
		load,
		weight: total,
		standOff: standOff + (rolling.behind ?? 0),
		roll,
		byStandOff
	};
	return { hung, ways: [scaled(out, free), scaled(weighed, capped)] };
}

/** The roll of what is on the row without a hook: all of it, since no bevel bounds it; of an arm, as a hook's is. */
function extraRoll({ profile }: LaidRow, { rack, weight, load, hooked }: RowExtra, rolling: Rolling): Rolls {
	const standOff = load.standOff + (rolling.behind ?? 0);
	const free = load.total * Math.max(0, standOff);
	const capped = hooked ? load.total * rollArm(profile, rolling) : Infinity;
	const roll = Math.min(free, capped);
	const way: LineTorque[] = [{ from: load.from, to: load.to, total: roll }];
	const hung = {
		name: rack.holder.name || 'rack',
		id: rack.holder.id,
		load,
		weight,
		standOff,
		roll,
		byStandOff: free <= capped
	};
	return { hung, ways: [way, way] };
}

/**
 * Line loads of every hook on a row, those of second hooks from above too: a spacing error of a millimetre puts all of
 * a holder on either. A holder that cannot hang there loads nothing and is warned of elsewhere.
 * @param below how far under its cleat the row turns about
 */
export function rowLineLoads(laid: LaidRow, below: Millimetres): RowLoads {
	const rolling: Rolling = { below, behind: laid.base };
	const hooks: HookLoad[] = [];
	const rolls: Rolls[] = [];
	for (const p of [...laid.placed, ...laid.guests]) {
		const load = hookLoad(p);
		if (!load) continue;
		hooks.push(load);
		rolls.push(rollOf(p, load, rolling));
	}
	for (const extra of laid.extras) {
		hooks.push(extra.load);
		rolls.push(extraRoll(laid, extra, rolling));
	}
	return { hooks, rolls, rolling };
}

/** A weight that stays where it is gives the same to the same studs. */
const partReactions = remembering((load: LineLoad, supports: readonly Millimetres[]): BeamReactions =>
	beamReactions(supports, [load])
);

function ownWeight({ row, profile, base }: LaidRow, length: Millimetres): OwnWeight {
	const area = (profile.thickness * (profile.back + profile.front)) / 2;
	const cleat = weightOf((area * length * stock(row.stock).density) / 1e9);
	const sheet = row.backer ? weightOf((row.backer.height * base * length * stock(row.backer.stock).density) / 1e9) : 0;
	return { cleat, sheet, roll: cleat * (base + profile.thickness / 2) + (sheet * base) / 2 };
}

/** Parts of every hook that lie on one cleat, with the outward pull that goes with each. */
function onSegment(hooks: readonly HookLoad[], { from, to }: Segment, last: boolean) {
	return hooks.flatMap((hook) =>
		hook.parts.flatMap((part) => {
			const here = within(part, from, to, last);
			return here ? [{ here, hook }] : [];
		})
	);
}

/** What a holder gives to one stud: down where it presses, negative where it lifts, worked out for the written sum. */
export function shareOf(load: HookLoad, segment: Segment, at: number): Newtons {
	const supports = segment.fixings.map((f) => f.x);
	return load.parts.reduce((sum, part) => {
		const here = within(part, segment.from, segment.to);
		return here ? sum + (partReactions(here, supports).reactions[at] as number) : sum;
	}, 0);
}

/**
 * Spreads a row's loads over the studs of one of its cleats. Needs at least two studs.
 * The row's own wood is always there; every thing may be taken off, so a stud is never counted as eased by one, and the
 * cleat bends under whatever of them bends it most.
 * @param last the cleat is the row's last
 */
export function segmentLoads(laid: LaidRow, loads: RowLoads, segment: Segment, last = true): SegmentLoads {
	const own = ownWeight(laid, segment.to - segment.from);
	const supports = segment.fixings.map((f) => f.x);
	const always: LineLoad = { from: segment.from, to: segment.to, total: own.cleat + own.sheet };
	const parts = onSegment(loads.hooks, segment, last);
	const worst = worstPattern(
		supports,
		always,
		parts.map((p) => p.here),
		(load) => partReactions(load, supports)
	);
	const pulls = supports.map(() => 0);
	for (const { here, hook } of parts) {
		if (!hook.bearsBelow) continue;
		partReactions(here, supports).reactions.forEach((r, i) => {
			if (r > 0) pulls[i] = (pulls[i] as number) + r * hook.outward;
		});
	}
	const here = loads.rolls.filter(({ hung }) => hung.load.from < segment.to && hung.load.to > segment.from);
	const roll = torqueShares(supports, [
		[[{ from: segment.from, to: segment.to, total: own.roll }]],
		...loads.rolls.map(({ ways }) =>
			ways.map((all) => all.flatMap((t) => within(t, segment.from, segment.to, last) ?? []))
		)
	]);
	const levers = [always, ...parts.map((p) => p.here)].map((l) => partReactions(l, supports).lever);
	const most = (of: (load: HookLoad) => number) => here.reduce((m, { hung }) => Math.max(m, of(hung.load)), 0);
	const free = cleatRoll(1, Infinity, laid.profile);
	return {
		shares: supports.map((_, i) => ({
			lever: levers.reduce((sum, l) => sum + (l[i] as number), 0),
			down: worst.down[i] as number,
			lift: worst.lift[i] as number,
			roll: roll.shares[i] as number,
			pull: pulls[i] as number
		})),
		own,
		strong: worst.moment,
		// The hooks push out by their weight times tan b, or what a lock strip lets them; the row's own weight does not.
		weak: worst.removable * most((l) => l.outward),
		shear: worst.shear,
		torque: roll.greatest,
		line: most((l) => l.heaviest),
		arm: most((l) => (l.locked ? l.furthest : Math.min(free, l.furthest)))
	};
}
