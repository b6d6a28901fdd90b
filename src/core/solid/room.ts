import { nth } from '../nth';
import type { Millimetres, Radians } from '../units/quantity';

export type Span = readonly [Millimetres, Millimetres];

/** A box in the room: x along the wall, y up, z out from it. */
export interface Box3 {
	x: Span;
	y: Span;
	z: Span;
}

/** Room that something takes, or sweeps: a box, or a slice of a round about an upright hinge. */
export type Solid =
	| ({ kind: 'box' } & Box3)
	/**
	 * Angles in the plan, from along the wall to the right (0) towards the room (a quarter turn). `from` is less than
	 * `to`.
	 */
	| { kind: 'sector'; x: Millimetres; z: Millimetres; radius: Millimetres; from: Radians; to: Radians; y: Span };

/** Touching is not meeting: half a millimetre is nothing. */
const NOTHING = 0.5;
const crosses = (a: Span, b: Span) => a[0] < b[1] - NOTHING && b[0] < a[1] - NOTHING;

type Sector = Extract<Solid, { kind: 'sector' }>;

/** Is this direction within the slice? */
function turned(s: Sector, angle: Radians): boolean {
	const full = 2 * Math.PI;
	const past = (((angle - s.from) % full) + full) % full;
	return past <= s.to - s.from + 1e-9;
}

const inside = (s: Sector, x: Millimetres, z: Millimetres) =>
	Math.hypot(x - s.x, z - s.z) < s.radius - NOTHING && turned(s, Math.atan2(z - s.z, x - s.x));

type Edge = readonly [number, number, number, number];

/** Do two stretches cross? */
function cut([ax, az, bx, bz]: Edge, [cx, cz, dx, dz]: Edge): boolean {
	const side = (px: number, pz: number, qx: number, qz: number, rx: number, rz: number) =>
		(qx - px) * (rz - pz) - (qz - pz) * (rx - px);
	return (
		side(ax, az, bx, bz, cx, cz) * side(ax, az, bx, bz, dx, dz) < 0 &&
		side(cx, cz, dx, dz, ax, az) * side(cx, cz, dx, dz, bx, bz) < 0
	);
}

/** Places where an edge meets the round, that lie within the slice. */
function meetsArc(s: Sector, [ax, az, bx, bz]: Edge): boolean {
	const [dx, dz] = [bx - ax, bz - az];
	const [fx, fz] = [ax - s.x, az - s.z];
	const [a, b, c] = [dx * dx + dz * dz, 2 * (fx * dx + fz * dz), fx * fx + fz * fz - (s.radius - NOTHING) ** 2];
	const root = b * b - 4 * a * c;
	if (root <= 0 || a === 0) return false;
	return [-1, 1].some((sign) => {
		const t = (-b + sign * Math.sqrt(root)) / (2 * a);
		return t > 0 && t < 1 && turned(s, Math.atan2(fz + t * dz, fx + t * dx));
	});
}

function sectorMeets(s: Sector, { x, z }: Box3): boolean {
	const corners: [number, number][] = [
		[x[0], z[0]],
		[x[1], z[0]],
		[x[1], z[1]],
		[x[0], z[1]]
	];
	if (corners.some(([px, pz]) => inside(s, px, pz))) return true;
	if (s.x > x[0] + NOTHING && s.x < x[1] - NOTHING && s.z > z[0] + NOTHING && s.z < z[1] - NOTHING) return true;
	const edges = corners.map(([px, pz], i): Edge => [px, pz, ...nth(corners, (i + 1) % 4)]);
	// Ends of the slice, and its middle, for a box that lies across it without a corner in it.
	const rays = [s.from, (s.from + s.to) / 2, s.to].map((a): Edge => [
		s.x,
		s.z,
		s.x + s.radius * Math.cos(a),
		s.z + s.radius * Math.sin(a)
	]);
	return edges.some((e) => meetsArc(s, e) || rays.some((r) => cut(r, e)));
}

/**
 * Does a thing meet a solid?
 * @example meets({ kind: 'sector', x: 0, z: 0, radius: 800, from: 0, to: Math.PI / 2, y: [0, 2000] }, { x: [100, 200],
 * y: [0, 100], z: [100, 200] }) // true
 */
export function meets(solid: Solid, box: Box3): boolean {
	if (!crosses(solid.y, box.y)) return false;
	return solid.kind === 'box' ? boxesMeet(solid, box) : sectorMeets(solid, box);
}

const by = (span: Span, d: Millimetres): Span => [span[0] + d, span[1] + d];

/** A solid, moved along, up and out. @example shifted(solid, [100, 0, 36]) */
export function shifted(s: Solid, [x, y, z]: readonly [Millimetres, Millimetres, Millimetres]): Solid {
	if (s.kind === 'box') return { kind: 'box', x: by(s.x, x), y: by(s.y, y), z: by(s.z, z) };
	return { ...s, x: s.x + x, z: s.z + z, y: by(s.y, y) };
}

/** Do two boxes share more than a face? */
export const boxesMeet = (a: Box3, b: Box3): boolean => crosses(a.x, b.x) && crosses(a.y, b.y) && crosses(a.z, b.z);

/** The box about a solid. @example boxAbout(door).z[1] // how far out it comes */
export function boxAbout(s: Solid): Box3 {
	if (s.kind === 'box') return s;
	const quarters = [-2, -1, 0, 1, 2].map((n) => (n * Math.PI) / 2).filter((a) => a > s.from && a < s.to);
	// Farthest at the ends of the slice, and where it passes straight along the wall or out from it.
	const angles = [s.from, s.to, ...quarters];
	const xs = [s.x, ...angles.map((a) => s.x + s.radius * Math.cos(a))];
	const zs = [s.z, ...angles.map((a) => s.z + s.radius * Math.sin(a))];
	return { x: [Math.min(...xs), Math.max(...xs)], y: s.y, z: [Math.min(...zs), Math.max(...zs)] };
}

/**
 * How far a solid reaches along the wall.
 * @example alongWall({ kind: 'box', x: [0, 900], y: [0, 1], z: [0, 1] }) // [0, 900]
 */
export const alongWall = (s: Solid): Span => boxAbout(s).x;
