import type { Megapascals, Millimetres, Newtons } from '../../units/quantity';
import { rectangle } from './rectangle';
import { lipBearing } from './rod';

/**
 * A wooden arm between two uprights, housed half its thickness into each, hung on a cleat by a notch sawn through all.
 */
export interface LumberArm {
	/** On one arm, spread along it. */
	weight: Newtons;
	/** Of the arm out of its uprights. */
	length: Millimetres;
	arm: { thickness: Millimetres; height: Millimetres };
	/** One upright; depth is out from the wall. */
	upright: { thickness: Millimetres; depth: Millimetres };
	/** How deep the notch for the cleat goes in from the back. */
	notch: Millimetres;
	/** Height of the wood that hangs over the cleat, under the top of the uprights. */
	tip: Millimetres;
	/** How deep the arm is housed; absent: as deep as its uprights. */
	housed?: Millimetres | undefined;
}

/** Stresses of a lumber arm, N/mm2. */
export interface LumberArmStresses {
	/** Of the arm at the face of its uprights. */
	bending: Megapascals;
	/** Of the uprights over what the notch leaves of them. */
	notched: Megapascals;
	/** Shoulders of the housing, across the grain. */
	housing: Megapascals;
	/** Glue in the two housings, turned by the arm. */
	glue: Megapascals;
	/** Hook tip, sheared along its grain. */
	tipShear: Megapascals;
	/** Hook tip, bent across its grain at its root. */
	tipSplit: Megapascals;
	/** Of the load from the back of the uprights. */
	standOff: Millimetres;
}

/**
 * Stresses along the way of the load through a lumber arm. Statics: a cantilever to the uprights' face; the housing as
 * a rigid bar in a slot; glue as two rectangles under shear and torsion; all of the overturning on the section the
 * notch leaves; the hook tip as a short bracket of half the notch.
 * @example lumberArmStresses({ weight: 400, length: 300, arm: { thickness: 38, height: 89 }, upright: { thickness: 19,
 * depth: 89 }, notch: 19, tip: 40 }).bending // 1.196
 */
export function lumberArmStresses(a: LumberArm): LumberArmStresses {
	const { weight: W, length: L } = a;
	const d = a.upright.depth;
	const l = a.housed ?? d;
	const both = 2 * a.upright.thickness;
	const M = (W * L) / 2;
	const standOff = d + L / 2;
	const left = Math.max(0, d - a.notch);
	// Two glued faces, l long and as high as the arm.
	const { height: h } = a.arm;
	const area = 2 * l * h;
	const polar = (2 * l * h * (l * l + h * h)) / 12;
	const turned = M + (W * l) / 2;
	return {
		bending: M / rectangle(a.arm.thickness, h).modulus,
		notched: (W * standOff) / rectangle(both, left).modulus,
		// Each housing is half the arm's thickness deep: together all of it.
		housing: lipBearing(W, M, l, a.arm.thickness),
		glue: W / area + (turned * Math.hypot(l / 2, h / 2)) / polar,
		tipShear: (1.5 * W) / (a.tip * both),
		tipSplit: (W * a.notch) / 2 / rectangle(both, a.tip).modulus,
		standOff
	};
}
