import { MM_PER_INCH, type Millimetres } from '../units/quantity';

export type ScrewSize = '#6' | '#8' | '#9' | '#10' | '#12' | '#14';

/** A wood screw. Diameters in inches, as its tables are. */
export interface Screw {
	size: ScrewSize;
	/** Nominal (shank) diameter D, in. NDS 2018 Appendix L. */
	D: number;
	/** Root diameter of the thread, in. NDS 2018 Appendix L. */
	Dr: number;
	/** Flat head diameter, in. ASME B18.6.1 maximum sharp, from memory. */
	head: number;
	/** Bending yield strength, psi. NDS 2018 Appendix I, by nominal D. */
	Fyb: number;
}

export const SCREWS: readonly Screw[] = [
	{ size: '#6', D: 0.138, Dr: 0.113, head: 0.279, Fyb: 100_000 },
	{ size: '#8', D: 0.164, Dr: 0.131, head: 0.332, Fyb: 90_000 },
	{ size: '#9', D: 0.177, Dr: 0.142, head: 0.358, Fyb: 90_000 },
	{ size: '#10', D: 0.19, Dr: 0.152, head: 0.385, Fyb: 80_000 },
	{ size: '#12', D: 0.216, Dr: 0.171, head: 0.438, Fyb: 80_000 },
	{ size: '#14', D: 0.242, Dr: 0.196, head: 0.507, Fyb: 70_000 }
];

/** Lengths a shop keeps, mm: what advice chooses from. */
export const SCREW_LENGTHS: readonly Millimetres[] = [0.75, 1, 1.25, 1.5, 1.75, 2, 2.5, 3, 3.5, 4].map((l) => l * MM_PER_INCH);

/** Share of a wood screw's length that carries thread. NDS 2018 Appendix L, cut thread. */
export const THREAD_SHARE = 2 / 3;

/** The screw of this size. @throws RangeError when there is none. @example screw('#10').D // 0.19 */
export function screw(size: ScrewSize): Screw {
	const found = SCREWS.find((s) => s.size === size);
	if (!found) throw new RangeError(`No such screw: ${size}`);
	return found;
}

/** Nominal diameter in mm. */
export function screwDiameter(size: ScrewSize): Millimetres {
	return screw(size).D * MM_PER_INCH;
}
