import type { Built } from '../holders/built';
import { combine, type OutWeight } from '../mechanics/statics/seat';
import type { Holder } from '../plan/types';
import { remembering } from '../remembering';
import { weightOf, type Millimetres, type Newtons } from '../units/quantity';

/** A holder built for what holds it, and where that puts it on the wall. */
export interface InPlace<H extends Holder = Holder> {
	holder: H;
	built: Built;
	left: Millimetres;
	right: Millimetres;
	foot: Millimetres;
	top: Millimetres;
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
	/** Where all of it hangs, from the holder's left end. */
	at: Millimetres;
	/** Of the centre of all of it, from what its cleat is mounted on. */
	standOff: Millimetres;
}

/**
 * Height of the centre of a holder and all on it, above its foot.
 * @example centreUp(placed.built) // 140
 */
export const centreUp = remembering((built: Built): Millimetres => {
	const all = [built.self, ...built.seats.flatMap((s) => s.things)];
	const mass = all.reduce((sum, w) => sum + w.mass, 0);
	return mass > 0 ? all.reduce((sum, w) => sum + w.mass * w.at[1], 0) / mass : built.self.at[1];
});

/**
 * Weights and stand-offs of a built holder.
 * @example holderWeights(placed.built).total
 */
export const holderWeights = remembering((built: Built): HolderWeights => {
	const { mass, at: centre } = built.self;
	const self = { weight: weightOf(mass), standOff: centre[2], x: centre[0] };
	const things = built.seats.flatMap((s) =>
		s.things.map((t) => ({ weight: weightOf(t.mass), standOff: t.at[2], x: t.at[0] }))
	);
	const total = self.weight + things.reduce((sum, t) => sum + t.weight, 0);
	const turn = things.reduce((sum, t) => sum + t.x * t.weight, self.weight * self.x);
	return { self, things, total, at: total > 0 ? turn / total : self.x, standOff: combine([self, ...things]).standOff };
});
