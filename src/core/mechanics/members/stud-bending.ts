import type { Wood } from '../../materials/woods';
import type { Millimetres, NewtonMillimetres, Newtons } from '../../units/quantity';

/** What a row gives to a stud at one height. */
export interface StudLoad {
	height: Millimetres;
	/** Down. */
	force: Newtons;
	/** Turning the stud toward the room, about its own axis. */
	couple: NewtonMillimetres;
	/** Straight out, and where along the wall: what a block must hand on to its studs. */
	pull?: Newtons;
	at?: Millimetres;
}

export interface StudBending {
	axial: Newtons;
	moment: NewtonMillimetres;
	/** Height of the greatest moment. */
	at: Millimetres;
	fc: number;
	fb: number;
	/** Allowables with the duration factor, and the Euler stress. */
	Fc: number;
	Fb: number;
	FcE: number;
	/** (fc/Fc')^2 + fb / (Fb' (1 - fc/FcE)), to be 1 or less. Infinity when it buckles. */
	ratio: number;
}

/**
 * A stud, pinned at floor and top plate, held sideways by the wall's skin, under the weight and turning of all the rows
 * on it. Source: NDS 2018 3.9.2 (equation 3.9-3, one axis), 3.7.1 column stability with c = 0.8, FcE = 0.822 Emin' /
 * (le/d)^2.
 * @param span floor to top, mm
 * @param section width and depth of the stud, mm
 * @example studBending([{ height: 1500, force: 400, couple: 40000 }], 2400, { width: 38, depth: 89 }, wood('spf'),
 * 0.9).ratio
 */
export function studBending(
	loads: readonly StudLoad[],
	span: Millimetres,
	section: { width: Millimetres; depth: Millimetres },
	timber: Wood,
	duration: number
): StudBending {
	const axial = loads.reduce((sum, l) => sum + l.force, 0);
	const turning = loads.reduce((sum, l) => sum + l.couple, 0) / span;
	let moment = 0;
	let at = 0;
	// The moment grows by turning x height and drops by each couple at its own height: the peaks stand at the couples.
	const sorted = [...loads].sort((a, b) => a.height - b.height);
	let passed = 0;
	for (const l of sorted) {
		for (const m of [turning * l.height - passed, turning * l.height - passed - l.couple]) {
			if (Math.abs(m) > moment) [moment, at] = [Math.abs(m), l.height];
		}
		passed += l.couple;
	}
	const area = section.width * section.depth;
	const fc = axial / area;
	const fb = moment / ((section.width * section.depth ** 2) / 6);
	const Fb = timber.Fb * duration;
	const FcStar = timber.Fc * duration;
	const FcE = (0.822 * timber.Emin) / (span / section.depth) ** 2;
	const r = FcE / FcStar;
	const c = 0.8;
	const Cp = (1 + r) / (2 * c) - Math.sqrt(((1 + r) / (2 * c)) ** 2 - r / c);
	const Fc = FcStar * Cp;
	const ratio = fc >= FcE ? Infinity : (fc / Fc) ** 2 + fb / (Fb * (1 - fc / FcE));
	return { axial, moment, at, fc, fb, Fc, Fb, FcE, ratio };
}
