import type { Millimetres } from '../units/quantity';
import type { Vec2 } from './vector';

/**
 * A corner, and how the edge from it to the next bends: 0 is straight, else the tangent of a quarter of the arc, as DXF
 * has it; more than 0 turns left.
 */
export interface Vertex {
	x: Millimetres;
	y: Millimetres;
	bulge?: number;
}

/** Closed: the last corner joins the first. Anticlockwise round what is solid. */
export type Path = readonly Vertex[];

/** A flat shape with holes through it. */
export interface Outline {
	outer: Path;
	holes: readonly Path[];
}

/** @example rectangle(600, 200) // from its lower left corner */
export const rectangle = (width: Millimetres, height: Millimetres, x = 0, y = 0): Path => [
	{ x, y },
	{ x: x + width, y },
	{ x: x + width, y: y + height },
	{ x, y: y + height }
];

/** @example circle(0, 0, 20) // of diameter 20 */
export const circle = (x: Millimetres, y: Millimetres, diameter: Millimetres): Path => [
	{ x: x - diameter / 2, y, bulge: 1 },
	{ x: x + diameter / 2, y, bulge: 1 }
];

/** Corners only. @example polygon([[0, 0], [60, 0], [0, 60]]) */
export const polygon = (points: readonly Vec2[]): Path => points.map(([x, y]) => ({ x, y }));

/** A shape without holes. */
export const plain = (outer: Path): Outline => ({ outer, holes: [] });

/** The arc of an edge: its centre, radius, and the angle it sweeps. */
function arcOf(a: Vertex, b: Vertex) {
	const bulge = a.bulge ?? 0;
	const chord = Math.hypot(b.x - a.x, b.y - a.y);
	const sweep = 4 * Math.atan(bulge);
	const radius = chord / 2 / Math.sin(Math.abs(sweep) / 2);
	// Outward of an arc that turns left is to the right of its chord.
	const side = Math.sign(bulge);
	const normal: Vec2 = [(side * (b.y - a.y)) / chord, (-side * (b.x - a.x)) / chord];
	const rise = (Math.abs(bulge) * chord) / 2 - radius;
	const centre: Vec2 = [(a.x + b.x) / 2 + normal[0] * rise, (a.y + b.y) / 2 + normal[1] * rise];
	return { centre, radius, sweep, normal };
}

/**
 * Area of a path and its centroid, arcs exactly. Clockwise comes out negative.
 * @example areaOf(circle(0, 0, 20)).area // 314.16
 */
export function areaOf(path: Path): { area: number; x: Millimetres; y: Millimetres } {
	let [area, turnX, turnY] = [0, 0, 0];
	path.forEach((a, i) => {
		const b = path[(i + 1) % path.length] as Vertex;
		const piece = (a.x * b.y - b.x * a.y) / 2;
		area += piece;
		turnX += (piece * (a.x + b.x)) / 3;
		turnY += (piece * (a.y + b.y)) / 3;
		if (!a.bulge) return;
		const { centre, radius, sweep, normal } = arcOf(a, b);
		const t = Math.abs(sweep);
		const segment = ((radius * radius) / 2) * (t - Math.sin(t));
		const out = (4 * radius * Math.sin(t / 2) ** 3) / (3 * (t - Math.sin(t)));
		const signed = Math.sign(a.bulge) * segment;
		area += signed;
		turnX += signed * (centre[0] + normal[0] * out);
		turnY += signed * (centre[1] + normal[1] * out);
	});
	return area === 0 ? { area, x: 0, y: 0 } : { area, x: turnX / area, y: turnY / area };
}

/** Steps of a full turn that a drawing or a mesh makes of an arc. */
export const STEPS_A_TURN = 32;

/** A corner of a flattened path; `smooth` lies on an arc, where no edge shows. */
export interface Corner {
	x: Millimetres;
	y: Millimetres;
	smooth: boolean;
}

/** A path with its arcs as short straight edges. @example flatten(circle(0, 0, 20)).length // 32 */
export function flatten(path: Path, steps = STEPS_A_TURN): Corner[] {
	return path.flatMap((a, i): Corner[] => {
		const before = path[(i + path.length - 1) % path.length] as Vertex;
		const here: Corner = { x: a.x, y: a.y, smooth: isRound(before, a) };
		if (!a.bulge) return [here];
		const b = path[(i + 1) % path.length] as Vertex;
		const { centre, radius, sweep } = arcOf(a, b);
		const from = Math.atan2(a.y - centre[1], a.x - centre[0]);
		const n = Math.max(2, Math.ceil((steps * Math.abs(sweep)) / (2 * Math.PI)));
		const along = Array.from({ length: n - 1 }, (_, k): Corner => {
			const angle = from + (sweep * (k + 1)) / n;
			return { x: centre[0] + radius * Math.cos(angle), y: centre[1] + radius * Math.sin(angle), smooth: true };
		});
		return [here, ...along];
	});
}

/** Two arcs that follow each other are taken to run on smoothly: a circle of two halves. */
const isRound = (before: Vertex, a: Vertex) => Boolean(before.bulge && a.bulge);

/** Least box about a path. @example boundsOf(rectangle(60, 20)) // { left: 0, right: 60, low: 0, high: 20 } */
export function boundsOf(path: Path): { left: number; right: number; low: number; high: number } {
	const box = { left: Infinity, right: -Infinity, low: Infinity, high: -Infinity };
	for (const { x, y } of flatten(path)) {
		box.left = Math.min(box.left, x);
		box.right = Math.max(box.right, x);
		box.low = Math.min(box.low, y);
		box.high = Math.max(box.high, y);
	}
	return box;
}
