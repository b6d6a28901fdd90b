import { add, cross, dot, minus, times, type Vec3 } from './vector';

/** Where a part stands and how it is turned: its own x and y in space; its z is their cross product. Unit vectors. */
export interface Frame {
	at: Vec3;
	x: Vec3;
	y: Vec3;
}

/** Along x, y and z, moved. @example upright([0, 0, 18]) */
export const upright = (at: Vec3): Frame => ({ at, x: [1, 0, 0], y: [0, 1, 0] });

/** A frame's own z. @example zOf(upright([0, 0, 0])) // [0, 0, 1] */
export const zOf = (f: Frame): Vec3 => cross(f.x, f.y);

/** A direction of a frame, as it is outside of it. */
export const turnOut = (f: Frame, v: Vec3): Vec3 => add(add(times(f.x, v[0]), times(f.y, v[1])), times(zOf(f), v[2]));

/** A place in a frame, as it is outside of it. @example outOf(upright([5, 0, 0]), [1, 2, 3]) // [6, 2, 3] */
export const outOf = (f: Frame, p: Vec3): Vec3 => add(f.at, turnOut(f, p));

/** A direction as a frame sees it. */
export const turnInto = (f: Frame, v: Vec3): Vec3 => [dot(f.x, v), dot(f.y, v), dot(zOf(f), v)];

/** A place as a frame sees it. @example into(upright([5, 0, 0]), [6, 2, 3]) // [1, 2, 3] */
export const into = (f: Frame, p: Vec3): Vec3 => turnInto(f, minus(p, f.at));

/** A frame within a frame, as it is outside of both. */
export const within = (outer: Frame, inner: Frame): Frame => ({
	at: outOf(outer, inner.at),
	x: turnOut(outer, inner.x),
	y: turnOut(outer, inner.y)
});

/**
 * The faces that something can stand on, each turned so that its own x runs along, y up the face and z away from it.
 */
export const FACES = {
	front: { x: [1, 0, 0], y: [0, 1, 0] },
	top: { x: [1, 0, 0], y: [0, 0, -1] },
	underside: { x: [1, 0, 0], y: [0, 0, 1] },
	left: { x: [0, 0, 1], y: [0, 1, 0] },
	right: { x: [0, 0, -1], y: [0, 1, 0] }
} as const satisfies Record<string, Omit<Frame, 'at'>>;
export type FaceName = keyof typeof FACES;

/** A frame lying on a face. @example facing('top', [0, 80, 36]) */
export const facing = (face: FaceName, at: Vec3): Frame => ({ at, ...FACES[face] });

/**
 * A board lying flat: its x along, its y out from the surface, so that its thickness runs down from `at`.
 * @example flat([0, 200, 0]) // its upper side at 200
 */
export const flat = (at: Vec3): Frame => ({ at, x: [1, 0, 0], y: [0, 0, 1] });

/**
 * A board on edge, square to the surface: its x out, its y up, so that its thickness runs to the left of `at`.
 * @example onEdge([18, 0, 0]) // from 0 to 18 along
 */
export const onEdge = (at: Vec3): Frame => ({ at, x: [0, 0, 1], y: [0, 1, 0] });
