import type { Fastener } from '../../materials/fastener';
import {
	MM_PER_INCH,
	N_PER_POUND,
	type Degrees,
	type Millimetres,
	type NewtonMillimetres,
	type Newtons,
	type NewtonsPerMillimetre
} from '../../units/quantity';
import { dowelBearing, reduction } from './lateral';

/** A fastener that stands out of the wood, loaded across at a distance from it. */
export interface StandOffInput {
	fastener: Fastener;
	/** Length that bears in the wood. */
	length: Millimetres;
	/** Specific gravity of that. */
	G: number;
	/** Between the load and its grain. */
	toGrain: Degrees;
	/** From the face of the wood to the load. */
	out: Millimetres;
}

/** What it holds, with every step on the way. */
export interface StandOff {
	/** Reference value. */
	load: Newtons;
	/** It tips in its hole as a stiff pin, or bends in it. */
	mode: 'tips' | 'bends';
	/** Load at which that happens, before the reduction term. */
	yields: Newtons;
	/** What the wood bears by length of it. */
	q: NewtonsPerMillimetre;
	/** Moment at which it bends for good. */
	bends: NewtonMillimetres;
	Rd: number;
}

/**
 * Reference value of one fastener with its load on a lever: a dowel that tips in the wood, or that bends there, as the
 * equations of Technical Report 12 for modes II and III have it once the side member neither crushes nor holds the
 * fastener straight, and the gap is the lever.
 * Source: AWC Technical Report 12, general dowel equations; R_d of NDS 2018 Table 12.3.1B.
 * @returns the smaller of the two over its reduction term
 * @example standOff({ fastener: screw('#10'), length: 40, G: 0.42, toGrain: 0, out: 30 }).mode // 'bends'
 */
export function standOff({ fastener: f, length, G, toGrain, out }: StandOffInput): StandOff {
	const q = (dowelBearing(G, f.D, toGrain) * f.Dr * N_PER_POUND) / MM_PER_INCH;
	const bends = ((f.Fyb * f.Dr ** 3) / 6) * N_PER_POUND * MM_PER_INCH;
	const Rd = reduction(f, toGrain);
	const root = (A: number, B: number, C: number) => (-B + Math.sqrt(B * B - 4 * A * C)) / (2 * A);
	const ways = [
		{ mode: 'tips' as const, yields: root(1 / (4 * q), out + length / 2, -(q * length * length) / 4), Rd: Rd.II },
		{ mode: 'bends' as const, yields: root(1 / (2 * q), out, -bends), Rd: Rd.IIIs }
	];
	const least = ways.reduce((a, b) => (b.yields / b.Rd < a.yields / a.Rd ? b : a));
	return { ...least, load: least.yields / least.Rd, q, bends };
}
