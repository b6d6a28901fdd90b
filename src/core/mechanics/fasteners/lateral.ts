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

export type YieldMode = 'Im' | 'Is' | 'II' | 'IIIm' | 'IIIs' | 'IV';

/** From this diameter on the grain's direction counts, in. NDS 2018 Table 12.3.3. */
const LARGE = 0.25;

/**
 * Dowel bearing strength, psi: for D under 1/4 in 16,600 G^1.84; else 11,200 G along the grain, 6,100 G^1.45 / sqrt D
 * across it, and between them by Hankinson's formula. Source: NDS 2018 Table 12.3.3 and 12.3-11.
 * @param D nominal diameter, in
 * @param toGrain angle between load and grain, degrees
 * @example dowelBearing(0.5, 0.19, 90) // 4637
 */
export function dowelBearing(G: number, D: number, toGrain: Degrees): number {
	if (D < LARGE) return 16600 * G ** 1.84;
	const along = 11200 * G;
	const across = (6100 * G ** 1.45) / Math.sqrt(D);
	const t = (toGrain * Math.PI) / 180;
	return (along * across) / (along * Math.sin(t) ** 2 + across * Math.cos(t) ** 2);
}

/**
 * Reduction term R_d of each yield mode.
 * Source: NDS 2018 Table 12.3.1B: K_D (2.2 up to 0.17 in, else 10 D + 0.5) below 1/4 in; else 4, 3.6 or 3.2 times
 * K_theta; a thread with its root under 1/4 in on a shank of 1/4 in or more takes K_D K_theta.
 * @param D nominal diameter, in
 * @param Dr root diameter, in
 * @param angle largest angle between load and grain of either member, degrees
 * @example reduction({ D: 0.19, Dr: 0.152 }, 90).IV // 2.2
 */
export function reduction({ D, Dr }: Pick<Fastener, 'D' | 'Dr'>, angle: Degrees): Record<YieldMode, number> {
	const KD = Dr <= 0.17 ? 2.2 : 10 * Dr + 0.5;
	const Ktheta = 1 + (0.25 * angle) / 90;
	const all = (Rd: number) => ({ Im: Rd, Is: Rd, II: Rd, IIIm: Rd, IIIs: Rd, IV: Rd });
	if (D < LARGE) return all(KD);
	if (Dr < LARGE) return all(KD * Ktheta);
	return { ...all(3.2 * Ktheta), Im: 4 * Ktheta, Is: 4 * Ktheta, II: 3.6 * Ktheta };
}

/** Inputs of the yield equations, in inches, pounds and psi, as published. */
export interface YieldInput {
	/** Diameter that bears and bends, in. */
	D: number;
	/** Bending yield strength, psi. */
	Fyb: number;
	/** Dowel bearing strength of the main and side member, psi. */
	Fem: number;
	Fes: number;
	/** Bearing lengths, in. */
	lm: number;
	ls: number;
	/** Gap between the members, in. */
	gap: number;
}

/**
 * Yield load in each mode before the reduction term, lb, with a gap between the members.
 * Source: AWC Technical Report 12, general dowel equations, single shear:
 * P = (-B + sqrt(B^2 - 4 A C)) / 2A with q = Fe D and M = Fyb D^3 / 6.
 */
export function yieldLoads(i: YieldInput): Record<YieldMode, number> {
	const qm = i.Fem * i.D;
	const qs = i.Fes * i.D;
	const M = (i.Fyb * i.D ** 3) / 6;
	const { lm, ls, gap: g } = i;
	const root = (A: number, B: number, C: number) => (-B + Math.sqrt(B * B - 4 * A * C)) / (2 * A);
	return {
		Im: qm * lm,
		Is: qs * ls,
		II: root(1 / (4 * qs) + 1 / (4 * qm), ls / 2 + g + lm / 2, -(qs * ls * ls) / 4 - (qm * lm * lm) / 4),
		IIIm: root(1 / (2 * qs) + 1 / (4 * qm), g + lm / 2, -M - (qm * lm * lm) / 4),
		IIIs: root(1 / (4 * qs) + 1 / (2 * qm), ls / 2 + g, -(qs * ls * ls) / 4 - M),
		IV: root(1 / (2 * qs) + 1 / (2 * qm), g, -2 * M)
	};
}

/** The mode that gives way first once each is divided by its reduction term. */
export function governing(
	loads: Record<YieldMode, number>,
	Rd: Record<YieldMode, number>
): { mode: YieldMode; load: number } {
	return (Object.keys(loads) as YieldMode[])
		.map((mode) => ({ mode, load: loads[mode] / Rd[mode] }))
		.reduce((least, next) => (next.load < least.load ? next : least));
}

/** A wooden member a fastener goes into or through. */
export interface Bearing {
	/** Length that bears, mm. */
	length: Millimetres;
	G: number;
	/** Between the load and its grain. */
	toGrain: Degrees;
}

export interface LateralInput {
	fastener: Fastener;
	/** The member under the head. */
	side: Bearing;
	/** The member with the point. */
	main: Bearing;
	/** What stands between them without counting: drywall, panel, air, mm. */
	gap: Millimetres;
}

/** A lateral value with every step on the way to it. */
export interface Lateral {
	/** Reference value. */
	load: Newtons;
	mode: YieldMode;
	/** Load at which that mode yields, before the reduction term. */
	yields: Newtons;
	/** Bearing strength of main and side member, psi. */
	Fem: number;
	Fes: number;
	/** What main and side member bear by length of fastener. */
	qm: NewtonsPerMillimetre;
	qs: NewtonsPerMillimetre;
	/** Moment at which the fastener bends for good. */
	bends: NewtonMillimetres;
	/** The reduction term of that mode. */
	Rd: number;
}

/**
 * Reference lateral value of a fastener in single shear with its threads in the shear plane, so with its root diameter.
 * Source: NDS 2018 section 12.3 with the general form of Technical Report 12 for the gap.
 * @returns the value, the yield mode that governs, and the steps between
 * @example lateral({ fastener: screw('#10'), side: { length: 19.05, G: 0.42, toGrain: 90 }, main: { length: 48.26, G:
 * 0.42, toGrain: 0 }, gap: 0 }) // 372 N (83.7 lb), IIIs
 */
export function lateral({ fastener: f, side, main, gap }: LateralInput): Lateral {
	const Fem = dowelBearing(main.G, f.D, main.toGrain);
	const Fes = dowelBearing(side.G, f.D, side.toGrain);
	const Rd = reduction(f, Math.max(main.toGrain, side.toGrain));
	const loads = yieldLoads({
		D: f.Dr,
		Fyb: f.Fyb,
		Fem,
		Fes,
		lm: main.length / MM_PER_INCH,
		ls: side.length / MM_PER_INCH,
		gap: gap / MM_PER_INCH
	});
	const { mode, load } = governing(loads, Rd);
	const perMm = (psi: number): NewtonsPerMillimetre => (psi * f.Dr * N_PER_POUND) / MM_PER_INCH;
	return {
		load: load * N_PER_POUND,
		mode,
		yields: loads[mode] * N_PER_POUND,
		Fem,
		Fes,
		qm: perMm(Fem),
		qs: perMm(Fes),
		bends: ((f.Fyb * f.Dr ** 3) / 6) * N_PER_POUND * MM_PER_INCH,
		Rd: Rd[mode]
	};
}
