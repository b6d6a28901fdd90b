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
 * A leaf at an angle from closed: the pull-out moment is W (x_0 + r sin a), all at the hinge line; in the plane of the wall its weight
 * stands r cos a along from the hinge and is shared by the studs by the lever rule, lifting the far one when it stands beyond.
 * @example leafAt({ weight: 10, reach: 300, hingeOut: 50, hinge: 0, studs: [0, 400] }, 90).pullOut // 3500
 */
export function leafAt(leaf: Leaf, angle: Degrees): LeafAt {
	const a = radians(angle);
	const along = leaf.hinge + leaf.reach * Math.cos(a);
	const [first, second] = leaf.studs;
	const right = (leaf.weight * (along - first)) / (second - first);
	return { angle, pullOut: leaf.weight * (leaf.hingeOut + leaf.reach * Math.sin(a)), down: [leaf.weight - right, right] };
}

/** Every angle from closed to the stop, a degree at a time. @example sweepLeaf(leaf, 120).length // 121 */
export function sweepLeaf(leaf: Leaf, stop: Degrees): LeafAt[] {
	return Array.from({ length: Math.floor(stop) + 1 }, (_, i) => leafAt(leaf, i));
}
