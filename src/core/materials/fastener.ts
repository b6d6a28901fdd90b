/** Anything driven through one member into another. Sizes in inches and psi, as their tables are. */
export interface Fastener {
	kind: 'wood-screw' | 'lag' | 'nail';
	size: string;
	title: string;
	/** Nominal (shank) diameter D. */
	D: number;
	/** Root diameter of the thread; a nail's is its shank's. */
	Dr: number;
	/** Diameter of the head: flat head of a screw, across the flats of a lag. */
	head: number;
	/** Length of the tapered tip that holds nothing in withdrawal. */
	tip: number;
	/** Bending yield strength. */
	Fyb: number;
	source: string;
}

/**
 * Bending yield strength of a fastener by its nominal diameter, psi.
 * Source: NDS 2018 Appendix I, Table I1, from memory.
 * @param D nominal diameter, in
 * @example bendingYield(0.19) // 80000
 */
export function bendingYield(D: number): number {
	if (D <= 0.142) return 100_000;
	if (D <= 0.177) return 90_000;
	if (D <= 0.236) return 80_000;
	if (D <= 0.273) return 70_000;
	return D <= 0.344 ? 60_000 : 45_000;
}
