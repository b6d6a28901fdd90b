import {
	MM_PER_INCH,
	type Megapascals,
	type Millimetres,
	type NewtonMillimetres,
	type Newtons,
	type Radians
} from '../../units/quantity';

/** Allowable bending of a dowel: modulus of rupture over 4. */
export const DOWEL_FACTOR = 4;

/** Section of a round bar, or of a tube when it has a wall. */
export interface RoundSection {
	area: number;
	/** Section modulus, mm3. */
	modulus: number;
	/** Second moment of area, mm4. */
	inertia: number;
}

/**
 * Section properties of a round bar or tube.
 * @param wall thickness of a tube's wall; 0 is solid
 * @example roundSection(10, 0).modulus // 98.17, which is pi d^3 / 32
 */
export function roundSection(outer: Millimetres, wall: Millimetres): RoundSection {
	const inner = wall > 0 ? Math.max(0, outer - 2 * wall) : 0;
	const inertia = (Math.PI * (outer ** 4 - inner ** 4)) / 64;
	return { area: (Math.PI * (outer ** 2 - inner ** 2)) / 4, modulus: inertia / (outer / 2), inertia };
}

/** Bending stress of a solid round rod: 32 M / (pi d^3). @example rodStress(1000, 10) // 10.19 */
export function rodStress(moment: NewtonMillimetres, diameter: Millimetres): Megapascals {
	return moment / roundSection(diameter, 0).modulus;
}

/**
 * Bearing of a rigid rod on the lip of its hole: q = (4 V l + 6 M) / l^2 per length, over the rod's diameter.
 * Statics of a straight-line pressure along the embedded length.
 * @param shear weight on the rod
 * @param moment about the face
 * @param embedded length in the board
 * @example lipBearing(50, 359, 2.625, 0.922) // 422
 */
export function lipBearing(
	shear: Newtons,
	moment: NewtonMillimetres,
	embedded: Millimetres,
	diameter: Millimetres
): Megapascals {
	return (4 * shear * embedded + 6 * moment) / embedded ** 2 / diameter;
}

/** The same at the back end, upward: q = (2 V l + 6 M) / l^2. @example backBearing(50, 359, 2.625, 0.922) // 380 */
export function backBearing(
	shear: Newtons,
	moment: NewtonMillimetres,
	embedded: Millimetres,
	diameter: Millimetres
): Megapascals {
	return (2 * shear * embedded + 6 * moment) / embedded ** 2 / diameter;
}

/** Crushing that the bearing value across the grain stands for. NDS 2018 4.2.6: 0.04 in. */
const CRUSH = 0.04 * MM_PER_INCH;

/**
 * Slope at the root of a rod: lip and back pressed in by 0.04 in at the bearing value across the grain, less in
 * proportion. NDS 2018 4.2.6.
 */
export function rodRoot(lip: Megapascals, back: Megapascals, allowed: Megapascals, embedded: Millimetres): Radians {
	return (CRUSH * (lip + back)) / allowed / embedded;
}

export interface RodTip {
	/** Drop of the tip, mm, by bending, by play in the hole, by the wood giving way at the root. */
	bending: Millimetres;
	play: Millimetres;
	root: Millimetres;
	/** Slope that each takes from the tilt, at the tip. */
	slope: { bending: Radians; play: Radians; root: Radians };
}

/**
 * How far the tip of a rod in a hole drops, and how much of its tilt goes with it.
 * Beam tables for the bending (load spread along the rod: W L^3 / 8 E I, slope W L^2 / 6 E I); hole less rod over the
 * embedded length for the play; for the root, lip and back pressed in by 0.04 in at the bearing value (NDS 2018 4.2.6),
 * less in proportion.
 * @param r weight spread along the projection; hole its diameter; lip, back the pressures there, allowed the bearing
 * value across the grain
 * @example rodTip({ weight: 50, projection: 14.375, embedded: 2.625, outer: 0.922, hole: 1, EI: 29e6 * 0.01284, lip: 0,
 * back: 0, allowed: 1 }).play // 0.427
 */
export function rodTip(r: {
	weight: Newtons;
	projection: Millimetres;
	embedded: Millimetres;
	outer: Millimetres;
	hole: Millimetres;
	EI: number;
	lip: Megapascals;
	back: Megapascals;
	allowed: Megapascals;
}): RodTip {
	const { weight: W, projection: L, embedded: l } = r;
	const slope = {
		bending: (W * L ** 2) / (6 * r.EI),
		play: Math.max(0, r.hole - r.outer) / l,
		root: rodRoot(r.lip, r.back, r.allowed, l)
	};
	return { bending: (W * L ** 3) / (8 * r.EI), play: slope.play * L, root: slope.root * L, slope };
}
