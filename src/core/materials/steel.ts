import { MM_PER_INCH, MPA_PER_PSI, type Megapascals, type Millimetres } from '../units/quantity';

/**
 * Yield of mild steel strap and angle, and what it may be given. ASTM A36, from memory; factor 1.67 of AISC 360 (ASD),
 * from memory.
 */
export const MILD_STEEL: { yield: Megapascals; allowed: Megapascals } = {
	yield: 36_000 * MPA_PER_PSI,
	allowed: (36_000 * MPA_PER_PSI) / 1.67
};

/** Flat iron with holes. */
export interface Strap {
	id: string;
	title: string;
	width: Millimetres;
	thickness: Millimetres;
	source: string;
}
/** Angle iron with equal legs. */
export interface Angle {
	id: string;
	title: string;
	leg: Millimetres;
	thickness: Millimetres;
	source: string;
}
/** A plain washer. */
export interface Washer {
	id: string;
	title: string;
	outer: Millimetres;
	hole: Millimetres;
	source: string;
}

const inch = (n: number): Millimetres => n * MM_PER_INCH;
const AS_SAID = 'size as it is called';

export const STRAPS: readonly Strap[] = [
	{ id: 'strap-3/4', title: '3/4 x 1/8 in strap', width: inch(0.75), thickness: inch(0.125), source: AS_SAID },
	{ id: 'strap-1', title: '1 x 1/8 in strap', width: inch(1), thickness: inch(0.125), source: AS_SAID },
	{ id: 'strap-20', title: '20 x 3 mm strap', width: 20, thickness: 3, source: AS_SAID },
	{ id: 'strap-30', title: '30 x 4 mm strap', width: 30, thickness: 4, source: AS_SAID }
];

export const ANGLES: readonly Angle[] = [
	{ id: 'angle-1', title: '1 x 1 x 1/8 in angle', leg: inch(1), thickness: inch(0.125), source: AS_SAID },
	{ id: 'angle-1-1/2', title: '1 1/2 x 1 1/2 x 1/8 in angle', leg: inch(1.5), thickness: inch(0.125), source: AS_SAID },
	{ id: 'angle-30', title: '30 x 30 x 3 mm angle', leg: 30, thickness: 3, source: AS_SAID }
];

const B18 = 'ASME B18.22.1 type A plain';
const ISO = 'ISO 7089';
export const WASHERS: readonly Washer[] = [
	{ id: 'washer-1/4', title: '1/4 in washer', outer: inch(0.734), hole: inch(0.312), source: B18 },
	{ id: 'washer-5/16', title: '5/16 in washer', outer: inch(0.875), hole: inch(0.375), source: B18 },
	{ id: 'washer-3/8', title: '3/8 in washer', outer: inch(1), hole: inch(0.438), source: B18 },
	{ id: 'washer-1/2', title: '1/2 in washer', outer: inch(1.375), hole: inch(0.562), source: B18 },
	{ id: 'washer-8', title: '8 mm washer', outer: 16, hole: 8.4, source: ISO },
	{ id: 'washer-10', title: '10 mm washer', outer: 20, hole: 10.5, source: ISO }
];

/**
 * Section modulus of an equal-leg angle bent about its outer face's axis, the two legs counted as rectangles.
 * @example angleSection({ leg: 30, thickness: 3 }) // 649 mm3
 */
export function angleSection({ leg, thickness: t }: { leg: Millimetres; thickness: Millimetres }): number {
	const flat = { area: leg * t, at: t / 2, own: (leg * t ** 3) / 12 };
	const rest = leg - t;
	const up = { area: rest * t, at: t + rest / 2, own: (t * rest ** 3) / 12 };
	const area = flat.area + up.area;
	const centre = (flat.area * flat.at + up.area * up.at) / area;
	const inertia = flat.own + flat.area * (centre - flat.at) ** 2 + up.own + up.area * (up.at - centre) ** 2;
	return inertia / (leg - centre);
}
