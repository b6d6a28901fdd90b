/** Branded numbers: inside the core a length is millimetres, a force newtons, an angle radians, a mass kilograms. */
declare const brand: unique symbol;
type Branded<Name extends string> = number & { readonly [brand]?: Name };

export type Millimetres = Branded<'mm'>;
export type Newtons = Branded<'N'>;
export type Radians = Branded<'rad'>;
export type Degrees = Branded<'deg'>;
export type Kilograms = Branded<'kg'>;
/** Newtons per square millimetre, which is megapascals. */
export type Megapascals = Branded<'MPa'>;
export type NewtonMillimetres = Branded<'Nmm'>;
export type NewtonsPerMillimetre = Branded<'N/mm'>;

/** Millimetres in an inch, exact by definition (international yard and pound agreement, 1959). */
export const MM_PER_INCH = 25.4;
/** Standard gravity, m/s2, exact by definition (CGPM 1901). */
export const GRAVITY = 9.80665;
/** Kilograms in an avoirdupois pound, exact by definition (1959). */
export const KG_PER_POUND = 0.45359237;
/** A length in inches, mm. @example inch(0.75) // 19.05 */
export const inch = (n: number): Millimetres => n * MM_PER_INCH;
/** Newtons in a pound-force: one pound under standard gravity. */
export const N_PER_POUND = KG_PER_POUND * GRAVITY;
/** Megapascals in a pound per square inch. */
export const MPA_PER_PSI = N_PER_POUND / (MM_PER_INCH * MM_PER_INCH);

/** Weight in newtons of a mass in kilograms. @example weightOf(10) // 98.0665 */
export function weightOf(mass: Kilograms): Newtons {
	return mass * GRAVITY;
}

/** Degrees to radians. @example radians(45) // 0.7853981633974483 */
export function radians(degrees: Degrees): Radians {
	return (degrees * Math.PI) / 180;
}
