import type { InPlace } from '../places/in-place';
import type { Load } from '../carriers/carrier';
import { thingOn } from '../holders/built';
import { remembering } from '../remembering';
import { MM_PER_INCH, type Kilograms, type Millimetres } from '../units/quantity';
import { handsOut, liftIndex, liftLimit } from './lifting';
import { reachBand, type ReachBand } from './reach';
import { AT_THE_WALL, type Standing } from './standing';

/** Height that things are lifted from: a bench, and where NIOSH's equation is kindest. */
export const LIFTED_FROM: Millimetres = 30 * MM_PER_INCH;
/**
 * The equation is for two hands and a load; below this a thing is a tool in one hand. ISO 11228-1 starts at 3 kg, from
 * memory.
 */
export const LOAD_FROM: Kilograms = 3;
/** How near the kinder height is found, mm. */
const NEAR = 1;

/** What it takes to hang the hardest thing of a holder, and to take it down. */
export interface SeatHandling {
	/** Of the thing. */
	name: string;
	/** Of the hands when it hangs. */
	height: Millimetres;
	/** Hands out from the ankles there. */
	out: Millimetres;
	mass: Kilograms;
	limit: Kilograms;
	/** Over 1 more people are hurt. */
	index: number;
	/**
	 * The nearest height at which the index would be 1; null when there is none, it is 1 or less already, or the thing is
	 * light.
	 */
	oneAt: Millimetres | null;
	/** Of the hands at the highest seat that something is on; its band is null when nobody said who reaches. */
	top: Millimetres;
	band: ReachBand | null;
}

/** Index at a height: the least of the limits at both ends of the lift. */
function at(height: Millimetres, thickness: Millimetres, reachIn: Millimetres, mass: Kilograms) {
	const travel = Math.abs(height - LIFTED_FROM);
	const common = { travel, twist: 0, coupling: 'fair', frequency: 1 } as const;
	const out = handsOut(thickness, height) + reachIn;
	const up = liftLimit({ ...common, out, height });
	const down = liftLimit({ ...common, out: handsOut(thickness, LIFTED_FROM), height: LIFTED_FROM });
	const limit = Math.min(up.limit, down.limit);
	return { out, limit, index: liftIndex(mass, limit) };
}

/**
 * The nearest height at which the index comes down to 1: the further from where it is lifted, the more it is. Null when
 * it is over 1 even there.
 */
function kinder(height: Millimetres, index: (y: Millimetres) => number): Millimetres | null {
	if (index(LIFTED_FROM) > 1) return null;
	let [good, bad] = [LIFTED_FROM, height];
	while (Math.abs(bad - good) > NEAR) {
		const middle = (good + bad) / 2;
		if (index(middle) > 1) bad = middle;
		else good = middle;
	}
	return good;
}

/**
 * Handling of what is hardest to lift of a holder, each thing at its highest seat; the place nearest the wall is the
 * furthest to reach.
 * Source: NIOSH revised lifting equation, lifted from 30 in, now and then, a fair grip.
 * @param standing where one stands to do it: over a bench it is further to reach
 * @returns null when nothing hangs there
 * @example seatHandling(placed, 1750)?.index // 0.21
 */
export function seatHandling(
	p: InPlace,
	stature: Millimetres | undefined,
	standing: Standing = AT_THE_WALL
): SeatHandling | null {
	return handled(p, stature, standing.below, standing.keptOff);
}

/** What it takes to hang a holder itself, empty. */
export interface HangingHandling {
	mass: Kilograms;
	/** Of the hands, at its middle. */
	height: Millimetres;
	index: number;
}

/**
 * Handling of a holder as it is hung or screwed on, nothing on it: held at its middle, against the body.
 * Source: NIOSH revised lifting equation, lifted from 30 in, once, a fair grip.
 * @example hangingHandling(placed).index // 0.6
 */
export const hangingHandling = remembering((p: InPlace): HangingHandling => {
	const { mass } = p.built.self;
	const height = (p.foot + p.top) / 2;
	return { mass, height, index: at(height, p.built.projection, 0, mass).index };
});

const handled = remembering(handle);

/** A kind of thing on a holder, and the highest seat that one of it is on. */
interface Lifted {
	load: Load & { mass: Kilograms };
	up: Millimetres;
}

/** Each kind of thing that hangs there and that somebody weighed, where the highest of it is. */
function lifted(p: InPlace): Lifted[] {
	const found = new Map<Load, Lifted>();
	for (const seat of p.built.seats) {
		const load = thingOn(seat);
		if (!load || load.mass === null || !(load.mass > 0)) continue;
		if (seat.fast) {
			// It comes down with its board, hands at the middle of that.
			found.set(load, {
				load: {
					...load,
					name: `${load.name || 'what is bolted on'} on its board`,
					mass: load.mass + p.built.self.mass,
					depth: p.built.projection
				},
				up: (p.top - p.foot) / 2
			});
			continue;
		}
		const before = found.get(load);
		if (!before || seat.at[1] > before.up) found.set(load, { load: { ...load, mass: load.mass }, up: seat.at[1] });
	}
	return [...found.values()];
}

function handle(
	p: InPlace,
	stature: Millimetres | undefined,
	below: Millimetres,
	keptOff: Millimetres
): SeatHandling | null {
	const all = lifted(p).map((l) => handledAt(p, l, stature, below, keptOff));
	const highest = all.reduce<SeatHandling | null>((top, h) => (top && top.height >= h.height ? top : h), null);
	if (!highest) return null;
	// The hardest to lift, each where it is: what is heavy may lie low. What is light is a tool in one hand.
	const heavy = all.filter((h) => h.mass >= LOAD_FROM);
	const hardest = (heavy.length > 0 ? heavy : all).reduce((worst, h) => (h.index > worst.index ? h : worst));
	return { ...hardest, top: highest.height, band: highest.band };
}

function handledAt(
	p: InPlace,
	{ load, up }: Lifted,
	stature: Millimetres | undefined,
	below: Millimetres,
	keptOff: Millimetres
): SeatHandling {
	const height = p.foot + up + below;
	const { front } = p.built;
	// A bench keeps the hands off the wall by what of it the holder does not already reach over.
	const over = Math.max(0, keptOff - p.built.projection);
	// A thing may also stand right at the face.
	const reachIn = over + Math.max(0, p.built.projection - front - load.depth);
	const here = at(height, load.depth, reachIn, load.mass);
	const oneAt =
		here.index > 1 && load.mass >= LOAD_FROM
			? kinder(height, (y) => at(y, load.depth, reachIn, load.mass).index)
			: null;
	return {
		name: load.name,
		height,
		out: here.out,
		mass: load.mass,
		limit: here.limit,
		index: here.index,
		oneAt,
		top: height,
		band: stature === undefined ? null : reachBand(height, here.out, stature)
	};
}
