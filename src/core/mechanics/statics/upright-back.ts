import type { Millimetres, NewtonMillimetres, Newtons } from '../../units/quantity';

/** A weight that stands out from a back, and over which height of it it pulls and pushes. */
export interface UprightLoad {
	weight: Newtons;
	/** Along the back. */
	x: Millimetres;
	/** Half of the length that it is spread over; nothing for a single thing. */
	half?: Millimetres;
	/** Out from the plane that the back bears on. */
	z: Millimetres;
	/** Above the foot of the back: what it turns about, and where it pulls. The same for what is bored in. */
	low: Millimetres;
	top: Millimetres;
	/** The wood of the holder: it cannot be taken off. */
	always?: true;
}

/** A back that hangs: heights above its foot, and how far out the middle of its wood is. */
export interface HungBack {
	/** Where it bears. */
	foot: Millimetres;
	/** Where its hook rides. */
	hook: Millimetres;
	middle: Millimetres;
}

/** How much of a load's couple is below a height: it pulls at its top and pushes at its foot. */
function below({ low, top }: UprightLoad, y: Millimetres): number {
	if (y <= low) return 0;
	return y >= top ? 1 : (y - low) / (top - low);
}

/**
 * How one load bends a back that hangs, at a height up to its hook: the push at its foot bends it one way, what it puts
 * on the back below that height the other. Free body of what is below the cut.
 * @returns either, each by itself: what bends it is one less the other
 * @example hungBending(thing, { foot: 0, hook: 100, middle: 0 }, 49).pushed // 490: of 10 N, 100 out, bored in at 50
 */
export function hungBending(
	load: UprightLoad,
	back: HungBack,
	y: Millimetres
): { pushed: NewtonMillimetres; below: NewtonMillimetres } {
	return {
		pushed: ((load.weight * load.z) / (back.hook - back.foot)) * Math.max(0, y - back.foot),
		below: load.weight * (load.z - back.middle) * below(load, y)
	};
}

/** Heights where that may be greatest: where it bears and rides, just under and over every pull and push. */
export function hungSections(loads: readonly UprightLoad[], { foot, hook }: HungBack): Millimetres[] {
	const all = new Set([foot, hook]);
	for (const { low, top } of loads) for (const y of [low, top]) for (const d of [-NEAR, NEAR]) all.add(y + d);
	return [...all].filter((y) => y > 0 && y <= hook);
}
/** Either side of a couple. */
const NEAR: Millimetres = 1e-6;
