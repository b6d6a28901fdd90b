import { remembering } from '../../remembering';
import type { Millimetres, Newtons, NewtonsPerMillimetre } from '../../units/quantity';
import { dropOf, type Placed } from './place';
import { holderWeights, type PlacedWeight } from '../in-place';
import type { LineLoad } from '../../mechanics/statics/continuous-beam';
import { endRuns } from '../../mechanics/statics/end-runs';
import { heavyEnd, type OutWeight } from '../../mechanics/statics/seat';

/**
 * A weight of a holder as it lies on its cleat: the holder's own, or all that hangs on one seat. Any seat may be empty.
 */
export interface HookPart extends LineLoad {
	/** Of its weight, from what the cleat is mounted on. */
	standOff: Millimetres;
}

/** The weight of one holder along its hook. */
export interface HookLoad extends LineLoad {
	/** Its own weight and every seat's, each about its place. */
	parts: readonly HookPart[];
	/** Greatest weight per length, where what hangs on it is off the hook's middle. */
	heaviest: NewtonsPerMillimetre;
	/** Of all of it. */
	standOff: Millimetres;
	/** Of the thing that stands furthest out. */
	furthest: Millimetres;
	/** Its lower bearing is on the wall or the row below, so that this cleat alone is pulled out. */
	bearsBelow: boolean;
	/** Outward pull at the hook for its weight: tan b, or with a lock strip at work its stand-off over its drop. */
	outward: number;
	locked: boolean;
	/** With only what hangs at one end left on, its weight is past the end of the hook's lap: it swings off. */
	swingsOff: boolean;
}

/** Where the hook lies on the row. */
interface Lap {
	from: Millimetres;
	to: Millimetres;
}

/**
 * A hook rests about the weight as far as the nearer end of its lap. One beyond the lap turns about its end: it lies
 * there, with more than itself.
 */
function partOf(lap: Lap, x: Millimetres, w: OutWeight): HookPart {
	const beyond = Math.max(lap.from - x, x - lap.to);
	if (beyond > 0) {
		const at = x < lap.from ? lap.from : lap.to;
		return { from: at, to: at, total: w.weight * (1 + beyond / (lap.to - lap.from)), standOff: w.standOff };
	}
	const half = Math.min(x - lap.from, lap.to - x);
	return { from: x - half, to: x + half, total: w.weight, standOff: w.standOff };
}

/** What hangs at one place along a holder, together. */
function bySeat(things: readonly PlacedWeight[]): PlacedWeight[] {
	const found = new Map<number, PlacedWeight>();
	for (const t of things) {
		const before = found.get(t.x);
		if (!before) {
			found.set(t.x, { ...t });
			continue;
		}
		const weight = before.weight + t.weight;
		// Two of which nobody said what they weigh have no middle of their own.
		if (weight === 0) continue;
		before.standOff = (before.weight * before.standOff + t.weight * t.standOff) / weight;
		before.weight = weight;
	}
	return [...found.values()];
}

/**
 * The part loads of a holder that are worst for what is off its middle: its own weight with the seats from one end on.
 * @returns each with its weight and its place along the holder; the full load first
 */
export function endLoads(self: PlacedWeight, seats: readonly PlacedWeight[]): { weight: Newtons; x: Millimetres }[] {
	const of = (w: PlacedWeight): [number, number] => [w.weight, w.weight * w.x];
	return endRuns(
		of(self),
		seats.map((s) => ({ x: s.x, of: of(s) }))
	).map(([weight = 0, turn = 0]) => ({ weight, x: turn / weight }));
}

/** Load per length of a hook under a weight off its middle; one beyond it stands on its very end. */
function lineAt(lap: Lap, weight: Newtons, x: Millimetres): NewtonsPerMillimetre {
	const length = lap.to - lap.from;
	const off = Math.abs(x - (lap.from + lap.to) / 2);
	// Nearer to an end than this it is a point; so is whatever is counted of it.
	return heavyEnd(weight, length, Math.min(off, length / 2 - Math.min(POINT, length / 4)));
}
const POINT: Millimetres = 5;

/**
 * A holder's weight along its row. The hook rests on as much of itself as the row is under; each weight spreads evenly
 * about its place, as far as the nearer end of that. Things may be taken off one by one, at either end.
 * @returns null when all of it together hangs beyond the cleat; the same object for the same place
 */
export const hookLoad = remembering((p: Placed): HookLoad | null => {
	const lap = {
		from: Math.max(p.left + p.built.hook.from, p.row.left),
		to: Math.min(p.left + p.built.hook.to, p.row.right)
	};
	const { self, things, total, at, standOff } = holderWeights(p.built);
	const weightAt = p.left + at;
	const half = Math.min(weightAt - lap.from, lap.to - weightAt);
	if (!(half > 0)) return null;
	const seats = bySeat(things);
	const drop = dropOf(p);
	const tan = Math.tan((p.profile.bevel * Math.PI) / 180);
	const locked = p.holder.mount.strips.lockStrip !== 'none' && drop > 0 && standOff / drop > tan;
	return {
		from: weightAt - half,
		to: weightAt + half,
		total,
		parts: [self, ...seats].map((w) => partOf(lap, p.left + w.x, w)),
		standOff: Math.max(0, standOff),
		furthest: Math.max(0, standOff, ...seats.map((s) => s.standOff)),
		heaviest: endLoads(self, seats).reduce((most, s) => Math.max(most, lineAt(lap, s.weight, p.left + s.x)), 0),
		bearsBelow: p.bearing.kind === 'spacer' || p.bearing.kind === 'row-below' || p.bearing.kind === 'second-hook',
		outward: locked ? standOff / drop : tan,
		locked,
		swingsOff: endLoads(self, seats).some((s) => p.left + s.x <= lap.from || p.left + s.x >= lap.to)
	};
});

/** Anything spread evenly along the cleat: a load, or a turning moment. */
interface Span {
	from: Millimetres;
	to: Millimetres;
	total: number;
}

/**
 * The part of an even load that lies between two places: itself, when all of it does; null when none does. A point lies
 * in the stretch that begins there.
 */
export function within<T extends Span>(load: T, from: Millimetres, to: Millimetres, last = true): T | null {
	if (load.from === load.to) return load.from >= from && (load.from < to || (last && load.from === to)) ? load : null;
	if (load.from >= from && load.to <= to) return load;
	const a = Math.max(load.from, from);
	const b = Math.min(load.to, to);
	return b > a ? { ...load, from: a, to: b, total: (load.total * (b - a)) / (load.to - load.from) } : null;
}
