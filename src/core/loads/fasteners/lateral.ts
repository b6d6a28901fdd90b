import { screw, type ScrewSize } from '../../materials/screws';
import { MM_PER_INCH, N_PER_POUND, type Millimetres, type NewtonMillimetres, type Newtons, type NewtonsPerMillimetre } from '../../units/quantity';

export type YieldMode = 'Im' | 'Is' | 'II' | 'IIIm' | 'IIIs' | 'IV';

/** Dowel bearing strength for D under 1/4 in, psi: 16,600 G^1.84. Source: NDS 2018 Table 12.3.3 footnote 2. */
export function dowelBearing(G: number): number {
	return 16600 * G ** 1.84;
}

/** Reduction term K_D for D under 1/4 in. Source: NDS 2018 Table 12.3.1B: 2.2 up to 0.17 in, else 10 D + 0.5. */
export function reductionKD(D: number): number {
	return D <= 0.17 ? 2.2 : 10 * D + 0.5;
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

/** The mode that gives way first, and its load. */
export function governing(loads: Record<YieldMode, number>): { mode: YieldMode; load: number } {
	const [mode, load] = (Object.entries(loads) as [YieldMode, number][]).reduce((least, next) => (next[1] < least[1] ? next : least));
	return { mode, load };
}

export interface LateralInput {
	size: ScrewSize;
	/** Bearing length in the side member (cleat), mm. */
	side: Millimetres;
	/** Bearing length in the main member (stud), mm. */
	main: Millimetres;
	/** What stands between them without counting: drywall, panel, air, mm. */
	gap: Millimetres;
	sideG: number;
	mainG: number;
}

/** A lateral value with every step on the way to it. */
export interface Lateral {
	/** Reference value. */
	load: Newtons;
	mode: YieldMode;
	/** Load at which that mode yields, before the reduction term. */
	yields: Newtons;
	/** What main and side member bear by length of screw. */
	qm: NewtonsPerMillimetre;
	qs: NewtonsPerMillimetre;
	/** Moment at which the screw bends for good. */
	bends: NewtonMillimetres;
	KD: number;
}

/**
 * Reference lateral value of a wood screw in single shear with its threads in the shear plane, so with its root diameter.
 * Source: NDS 2018 section 12.3 with the general form of Technical Report 12 for the gap.
 * @returns the value, the yield mode that governs, and the steps between
 * @example lateral({ size: '#10', side: 19.05, main: 48.26, gap: 0, sideG: 0.42, mainG: 0.42 }) // 372 N (83.7 lb), IIIs
 */
export function lateral(input: LateralInput): Lateral {
	const s = screw(input.size);
	const [Fem, Fes] = [dowelBearing(input.mainG), dowelBearing(input.sideG)];
	const KD = reductionKD(s.Dr);
	const loads = yieldLoads({
		D: s.Dr,
		Fyb: s.Fyb,
		Fem,
		Fes,
		lm: input.main / MM_PER_INCH,
		ls: input.side / MM_PER_INCH,
		gap: input.gap / MM_PER_INCH
	});
	const { mode, load } = governing(loads);
	const perMm = (psi: number): NewtonsPerMillimetre => (psi * s.Dr * N_PER_POUND) / MM_PER_INCH;
	return {
		load: (load / KD) * N_PER_POUND, mode, yields: load * N_PER_POUND, qm: perMm(Fem), qs: perMm(Fes),
		bends: ((s.Fyb * s.Dr ** 3) / 6) * N_PER_POUND * MM_PER_INCH, KD
	};
}
