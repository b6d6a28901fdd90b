import { radians, type Degrees, type Millimetres, type NewtonMillimetres, type Newtons } from '../../units/quantity';

/** A leaf on a vertical hinge, and the two studs its back is screwed to. Places along the wall, left to right. */
export interface Leaf {
	weight: Newtons;
	/** Of its centre from the hinge. */
	reach: Millimetres;
	/** Of the hinge line from the wall. */
	hingeOut: Millimetres;
	/** Of the hinge line along the wall; closed, the leaf lies from there to the right. */
	hinge: Millimetres;
	studs: [Millimetres, Millimetres];
}

/** What a leaf at one angle does to its fixing. */
export interface LeafAt {
	angle: Degrees;
	/** Pulling its back out at the top, all at the hinge line. */
	pullOut: NewtonMillimetres;
	/** Down on each stud; negative is lifted. */
	down: [Newtons, Newtons];
}

/**
 * A leaf at an angle from closed: the pull-out moment is W (x_0 + r sin a), all at the hinge line; in the plane of the
 * wall its weight stands r cos a along from the hinge and is shared by the studs by the lever rule, lifting the far one
 * when it stands beyond.
 * @example leafAt({ weight: 10, reach: 300, hingeOut: 50, hinge: 0, studs: [0, 400] }, 90).pullOut // 3500
 */
export function leafAt(leaf: Leaf, angle: Degrees): LeafAt {
	const a = radians(angle);
	const along = leaf.hinge + leaf.reach * Math.cos(a);
	const [first, second] = leaf.studs;
	const right = (leaf.weight * (along - first)) / (second - first);
	return {
		angle,
		pullOut: leaf.weight * (leaf.hingeOut + leaf.reach * Math.sin(a)),
		down: [leaf.weight - right, right]
	};
}

/** How finely the worst angle is looked for once its degree is known. */
const FINE: Degrees = 1 / 50;

/** A leaf at every step between two angles, and at the last of them itself. */
const swing = (leaf: Leaf, from: Degrees, to: Degrees, step: Degrees): LeafAt[] =>
	[...Array.from({ length: Math.ceil((to - from) / step) }, (_, i) => from + i * step), to].map((angle) =>
		leafAt(leaf, angle)
	);

/**
 * What is worst over the whole swing, from closed to the stop: found to the degree, then to a fiftieth of one about
 * there. The stop itself is always looked at.
 * @param judge what is used at an angle; the most of it is the worst
 * @example worstSwing(leaf, 120, (at) => at.pullOut).angle // 90
 */
export function worstSwing(leaf: Leaf, stop: Degrees, judge: (at: LeafAt) => number): LeafAt {
	const worst = (all: readonly LeafAt[]) =>
		all.map((at) => ({ at, used: judge(at) })).reduce((a, b) => (b.used > a.used ? b : a)).at;
	const { angle } = worst(swing(leaf, 0, stop, 1));
	return worst([leafAt(leaf, angle), ...swing(leaf, Math.max(0, angle - 1), Math.min(stop, angle + 1), FINE)]);
}
