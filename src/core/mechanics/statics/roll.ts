import type { CleatProfile } from '../../cleats/profile';
import { screwDiameter, type ScrewSize } from '../../materials/screws';
import { MM_PER_INCH, radians, type Millimetres, type NewtonMillimetres, type Newtons } from '../../units/quantity';

/** Drywall crushes under the cleat's lower edge, so the cleat turns about a line this far up. */
export const DRYWALL_CRUSH = 0.2 * MM_PER_INCH;
/** Stacked screws stand at least this far apart. */
export const STACK_APART = MM_PER_INCH;
/** Distance of a screw from the cleat's edges, in diameters. */
const EDGE_DISTANCE = 2.5;

/** What a cleat rolls with, and about. */
export interface Rolling {
	/** How far under the cleat a block or sheet that rolls with it reaches. */
	below?: Millimetres;
	/** Thickness of a sheet behind it, which puts everything so much further out. */
	behind?: Millimetres;
	/**
	 * A lock strip is at work: what pulls is then W x_g over the drop, more than W tan b, and no place on the bevel caps
	 * it.
	 */
	locked?: boolean;
}

/**
 * Moment that rolls the wall cleat about its lower back edge. Where the hook bears on the slope is workmanship, so the
 * envelope counts: M = min(W x_g, W (y_front tan b + t)); with a lock strip at work all of W x_g.
 * @param standOff of the weight from what the cleat is mounted on
 * @example cleatRoll(30, 6, { thickness: 0.75, bevel: 45, back: 1.65, front: 2.4 }) // 94.5
 */
export function cleatRoll(
	weight: Newtons,
	standOff: Millimetres,
	profile: CleatProfile,
	rolling: Rolling = {}
): NewtonMillimetres {
	const arm = Math.max(0, standOff + (rolling.behind ?? 0));
	return weight * (rolling.locked ? arm : Math.min(arm, rollArm(profile, rolling)));
}

/**
 * Greatest arm of the roll on a free seat: y_front tan b + t, the front's height measured from the edge it turns about.
 */
export function rollArm(profile: CleatProfile, { below = 0, behind = 0 }: Rolling = {}): Millimetres {
	return (profile.front + below) * Math.tan(radians(profile.bevel)) + profile.thickness + behind;
}

/**
 * Heights of the screws above the cleat's lower edge: one as high as the wall side allows (2.5 D below the bevel's wall
 * edge), a second 2.5 D above the lower edge.
 * @returns heights, lowest first, and whether stacked screws stand 1 in apart
 */
export function screwHeights(
	profile: CleatProfile,
	size: ScrewSize,
	perStud: 1 | 2
): { heights: Millimetres[]; fits: boolean } {
	const edge = EDGE_DISTANCE * screwDiameter(size);
	const top = profile.back - edge;
	if (perStud === 1) return { heights: [top], fits: top >= edge };
	return { heights: [edge, top], fits: top - edge >= STACK_APART - 1e-9 };
}

/** Screws of a backer sheet keep this far from its edges. */
const SHEET_EDGE: Millimetres = 25;

/** A sheet's screws are driven from its front: past the cleat, which is on it already, by this much. */
const BESIDE_CLEAT: Millimetres = 12;

/**
 * Heights of a backer's screws above its foot: spread evenly from edge to edge; one that would go in behind the cleat
 * goes in beside it.
 * @param cleat where on the sheet it stands
 * @example sheetScrewHeights(300, 3) // [25, 150, 275]
 */
export function sheetScrewHeights(
	height: Millimetres,
	count: number,
	cleat?: { low: Millimetres; high: Millimetres }
): Millimetres[] {
	const edge = Math.min(SHEET_EDGE, height / 4);
	return Array.from({ length: count }, (_, i) => {
		const even = edge + (i * (height - 2 * edge)) / (count - 1);
		if (!cleat || even <= cleat.low - BESIDE_CLEAT || even >= cleat.high + BESIDE_CLEAT) return even;
		return even < (cleat.low + cleat.high) / 2 || cleat.high + BESIDE_CLEAT > height - edge
			? cleat.low - BESIDE_CLEAT
			: cleat.high + BESIDE_CLEAT;
	});
}

/**
 * Bending of the joint between a cleat and the twist block under it: what the screws pull, the block's foot presses on
 * the wall, block high minus the crushed strip away from the joint; as stress in a glued joint as wide as the block and
 * as thick as the cleat.
 * @param pull of all screws of the stud together
 * @example blockJointStress(200, 60, { width: 50, thickness: 18 }) // 4.44
 */
export function blockJointStress(
	pull: Newtons,
	arm: Millimetres,
	joint: { width: Millimetres; thickness: Millimetres }
): number {
	return (6 * pull * arm) / (joint.width * joint.thickness ** 2);
}

/**
 * Pull on each screw of a stud that resists a roll about `pivot`: T_i = M (y_i - p) / sum (y_j - p)^2.
 * @example rollPull(94.5, [0.5, 1.2], 0) // [28.0, 67.1]
 */
export function rollPull(moment: NewtonMillimetres, heights: readonly Millimetres[], pivot: Millimetres): Newtons[] {
	if (moment === 0) return heights.map(() => 0);
	// A screw at or below the pivot resists no roll: nothing holds the cleat.
	if (Math.max(...heights) <= pivot) return heights.map(() => Infinity);
	const below = heights.reduce((sum, y) => sum + (y - pivot) ** 2, 0);
	return heights.map((y) => (moment * (y - pivot)) / below);
}

/**
 * Roll of a holder's hook about its own top edge: M = W tan b y_k + W t / 2.
 * @param outward pull of the bevel for its weight: tan b, or what a lock strip at work lets it be
 * @param bevelToTop from the middle of the hook's bevel to its top edge
 * @example hookRoll(30, Math.tan(Math.PI / 4), 1.5, 0.75) // 56.25
 */
export function hookRoll(
	weight: Newtons,
	outward: number,
	bevelToTop: Millimetres,
	thickness: Millimetres
): NewtonMillimetres {
	return weight * (outward * bevelToTop + thickness / 2);
}
