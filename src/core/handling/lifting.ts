import { KG_PER_POUND, MM_PER_INCH, type Degrees, type Kilograms, type Millimetres } from '../units/quantity';

/** Load constant: what anyone may lift under the best of conditions. NIOSH 1991: 51 lb. */
export const LOAD_CONSTANT: Kilograms = 51 * KG_PER_POUND;

/** How a thing is held: handles, fair, or none to speak of. */
export type Coupling = 'good' | 'fair' | 'poor';

/** One lift, at its start or its end. */
export interface Lift {
	/** Hands out from the middle of the ankles. */
	out: Millimetres;
	/** Hands above the floor. */
	height: Millimetres;
	/** Up or down, from start to end. */
	travel: Millimetres;
	/** Turn of the body. */
	twist: Degrees;
	coupling: Coupling;
	/** 1 for a lift now and then. */
	frequency: number;
}

/** The multipliers, each from 0 to 1, and what they leave of the load constant. */
export interface LiftLimit {
	HM: number;
	VM: number;
	DM: number;
	AM: number;
	CM: number;
	FM: number;
	/** Recommended weight limit. */
	limit: Kilograms;
}

const COUPLING: Record<Coupling, { low: number; high: number }> = {
	good: { low: 1, high: 1 },
	fair: { low: 0.95, high: 1 },
	poor: { low: 0.9, high: 0.9 }
};

/**
 * Recommended weight limit of one lift.
 * Source: NIOSH revised lifting equation, 1991 (Applications Manual 94-110): RWL = LC HM VM DM AM FM CM in inches and
 * pounds; beyond H 25, V 70, D 70, A 135 it is 0; H and D under 10 in count as 10.
 * @example liftLimit({ out: 254, height: 762, travel: 254, twist: 0, coupling: 'good', frequency: 1 }).limit // 23.1
 * kg, which is 51 lb
 */
export function liftLimit(l: Lift): LiftLimit {
	const H = Math.max(10, l.out / MM_PER_INCH);
	const V = l.height / MM_PER_INCH;
	const D = Math.max(10, l.travel / MM_PER_INCH);
	// A thousandth of an inch: 70 in said in mm must still be 70 in.
	const past = (value: number, most: number) => value > most + 1e-3;
	const HM = past(H, 25) ? 0 : 10 / H;
	const VM = past(V, 70) || V < 0 ? 0 : 1 - 0.0075 * Math.abs(V - 30);
	const DM = past(D, 70) ? 0 : 0.82 + 1.8 / D;
	const AM = past(l.twist, 135) ? 0 : 1 - 0.0032 * l.twist;
	const CM = COUPLING[l.coupling][V < 30 ? 'low' : 'high'];
	return { HM, VM, DM, AM, CM, FM: l.frequency, limit: LOAD_CONSTANT * HM * VM * DM * AM * CM * l.frequency };
}

/**
 * Lifting index: the weight over its limit. Over 1 it is more than the equation recommends.
 * @example liftIndex(20, 10) // 2
 */
export function liftIndex(mass: Kilograms, limit: Kilograms): number {
	if (limit > 0) return mass / limit;
	return mass > 0 ? Infinity : 0;
}

/**
 * Hands out from the ankles when a thing of this depth is held against the body.
 * Source: NIOSH Applications Manual 94-110, 8 + W/2 in when the hands are 10 in up or higher, else 10 + W/2; from
 * memory.
 * @example handsOut(0, 1000) // 203.2
 */
export function handsOut(depth: Millimetres, height: Millimetres): Millimetres {
	return (height >= 10 * MM_PER_INCH ? 8 : 10) * MM_PER_INCH + depth / 2;
}
