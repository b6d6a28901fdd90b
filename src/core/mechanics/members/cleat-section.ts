import type { CleatProfile } from '../../cleats/profile';
import type { Megapascals, NewtonMillimetres, Newtons, NewtonsPerMillimetre } from '../../units/quantity';
import { radians } from '../../units/quantity';

/** The cleat counted as the rectangle of its wall side: what stands above it at the front is not relied on. */
export function cleatSection(p: CleatProfile) {
	return {
		area: p.thickness * p.back,
		/** Bending under weight (depth = the wall side's height). */
		strong: (p.thickness * p.back ** 2) / 6,
		/** Bending outward (depth = thickness). */
		weak: (p.back * p.thickness ** 2) / 6
	};
}

/**
 * Greatest shear stress of a solid rectangle in torsion: tau = T (3 + 1.8 t/y) / (y t^2), t the smaller side.
 * Source: Timoshenko, approximate form.
 * @example torsionShear(1000, 20, 40) // 0.24
 */
export function torsionShear(torque: NewtonMillimetres, a: number, b: number): Megapascals {
	const [t, y] = a < b ? [a, b] : [b, a];
	return (torque * (3 + (1.8 * t) / y)) / (y * t * t);
}

/**
 * Bending across the grain of a solid cleat, at the line of its upper screws, with the hook bearing on the front of the
 * bevel: stress 6 m / t^2 with m = w (t/2 + (y_front - y_screw) tan b) per length.
 */
export function crossGrainStress(line: NewtonsPerMillimetre, p: CleatProfile, screwHeight: number): Megapascals {
	const arm = p.thickness / 2 + Math.max(0, p.front - screwHeight) * Math.tan(radians(p.bevel));
	return (6 * line * arm) / p.thickness ** 2;
}

/** Shear stress of a rectangle under a shear force: 1.5 V / A. */
export function beamShear(force: Newtons, area: number): Megapascals {
	return (1.5 * force) / area;
}
