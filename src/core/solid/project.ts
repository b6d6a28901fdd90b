import type { Millimetres } from '../units/quantity';
import { into, outOf, turnInto, type Frame } from './frame';
import { circle, flatten, type Corner, type Outline } from './outline';
import type { Part } from './part';
import { add, dot, times, type Vec2, type Vec3 } from './vector';

/** From the front, from the left end, from above. */
export type ViewName = 'front' | 'side' | 'above';

/** How a view sees space: right, up, and toward the eye. */
const VIEWS: Record<ViewName, { u: Vec3; v: Vec3; eye: Vec3 }> = {
	front: { u: [1, 0, 0], v: [0, 1, 0], eye: [0, 0, 1] },
	side: { u: [0, 0, 1], v: [0, 1, 0], eye: [-1, 0, 0] },
	above: { u: [1, 0, 0], v: [0, 0, -1], eye: [0, 1, 0] }
};

/** A place as a view sees it: right, up, and how near the eye. */
const seen = (view: ViewName, p: Vec3): Vec3 => {
	const { u, v, eye } = VIEWS[view];
	return [dot(u, p), dot(v, p), dot(eye, p)];
};

/** One part in one place, drawn flat: what it covers, as polygons to be filled together. */
export interface Face {
	part: string;
	polygons: Vec2[][];
}

/** A straight edge as drawn. */
export type Edge = readonly [from: Vec2, to: Vec2];

/** A drawing of solids from one side, to scale, mm: faces from the back to the front, then edges. */
export interface Projection {
	view: ViewName;
	faces: Face[];
	visible: Edge[];
	/** Behind something: drawn dashed. */
	hidden: Edge[];
	left: Millimetres;
	right: Millimetres;
	low: Millimetres;
	high: Millimetres;
}

/** A part in one place, made ready to be looked at. */
interface Body {
	part: string;
	frame: Frame;
	thickness: Millimetres;
	/** Its outline, and holes through it, with arcs as short edges. */
	loops: Corner[][];
	/** Circles where bores enter, at the height of the face they enter. */
	marks: { loop: Corner[]; z: Millimetres }[];
	box: { left: number; right: number; low: number; high: number; far: number; near: number };
}

const loopsOf = (o: Outline) => [flatten(o.outer), ...o.holes.map((h) => flatten(h))];

function bodiesOf(parts: readonly Part[], view: ViewName): Body[] {
	return parts.flatMap((part) => {
		const loops = loopsOf(part.outline);
		const marks = part.features.flatMap((f) =>
			f.kind === 'bore' && !f.drawn
				? [{ loop: flatten(circle(f.at[0], f.at[1], f.diameter)), z: f.from === 'front' ? part.thickness : 0 }]
				: []
		);
		return part.stands.map((frame): Body => {
			const box = { left: Infinity, right: -Infinity, low: Infinity, high: -Infinity, far: Infinity, near: -Infinity };
			for (const c of loops[0] as Corner[]) {
				for (const z of [0, part.thickness]) {
					const [u, v, w] = seen(view, outOf(frame, [c.x, c.y, z]));
					box.left = Math.min(box.left, u);
					box.right = Math.max(box.right, u);
					box.low = Math.min(box.low, v);
					box.high = Math.max(box.high, v);
					box.far = Math.min(box.far, w);
					box.near = Math.max(box.near, w);
				}
			}
			return { part: part.id, frame, thickness: part.thickness, loops, marks, box };
		});
	});
}

/** Nearer than this is the same place. */
const SAME: Millimetres = 0.01;
/** Less wood than this before a point does not hide it. */
const HIDES: Millimetres = 0.05;

interface Line {
	from: Vec3;
	to: Vec3;
	/** A short piece of an arc: seen or not as a whole, as far as its own body goes. */
	piece?: true;
}

/**
 * The edges of a body, where what is behind it begins to be hidden: both ends of the prism, its sharp corners, and
 * where something round turns away. `drawn` are those and the circles where bores enter, which hide nothing.
 */
function edgesOf(body: Body, view: ViewName): { edges: Line[]; drawn: Line[] } {
	const { eye } = VIEWS[view];
	const at = (c: Corner, z: number) => seen(view, outOf(body.frame, [c.x, c.y, z]));
	const local = turnInto(body.frame, eye);
	const found: Line[] = [];
	const turns = (a: Corner, b: Corner) => (b.y - a.y) * local[0] - (b.x - a.x) * local[1];
	// Seen on its edge, every edge of an end lies on one line: those that face the eye say all of it.
	const onEdge = Math.abs(local[2]) < 1e-6;
	const ring = (loop: readonly Corner[], z: number, shows = true) =>
		loop.forEach((c, i) => {
			const next = loop[(i + 1) % loop.length] as Corner;
			if (!shows || (onEdge && turns(c, next) <= 0)) return;
			const line = { from: at(c, z), to: at(next, z) };
			found.push(c.smooth || next.smooth ? { ...line, piece: true } : line);
		});
	// Seen straight on, the far end lies exactly behind the near one.
	const ends = Math.abs(local[2]) > 1 - 1e-6 ? [local[2] > 0 ? body.thickness : 0] : [0, body.thickness];
	for (const loop of body.loops) {
		for (const z of ends) ring(loop, z, !onEdge || loop === body.loops[0]);
		if (ends.length === 1) continue;
		loop.forEach((c, i) => {
			const before = loop[(i + loop.length - 1) % loop.length] as Corner;
			const after = loop[(i + 1) % loop.length] as Corner;
			const silhouette = turns(before, c) * turns(c, after) <= 0;
			if (!c.smooth || silhouette) found.push({ from: at(c, 0), to: at(c, body.thickness) });
		});
	}
	const long = ({ from, to }: Line) => Math.hypot(from[0] - to[0], from[1] - to[1]) > SAME;
	const edges = found.filter(long);
	for (const m of body.marks) if (Math.abs(local[2]) > 1 - 1e-6) ring(m.loop, m.z);
	return { edges, drawn: found.filter(long) };
}

/** Is a place of the plane within a shape: by how often a ray leaves it. */
function inside(loops: readonly Corner[][], x: number, y: number): boolean {
	let odd = false;
	for (const loop of loops) {
		for (let i = 0, j = loop.length - 1; i < loop.length; j = i++) {
			const [a, b] = [loop[i] as Corner, loop[j] as Corner];
			if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) odd = !odd;
		}
	}
	return odd;
}

/** Where a stretch from `p` along `d` crosses the edges of a shape, as shares of it, ascending, its ends included. */
function crossings(loops: readonly Corner[][], p: Vec2, d: Vec2): number[] {
	const found = [0, 1];
	for (const loop of loops) {
		for (let i = 0, j = loop.length - 1; i < loop.length; j = i++) {
			const [a, b] = [loop[j] as Corner, loop[i] as Corner];
			const [ex, ey] = [b.x - a.x, b.y - a.y];
			const det = d[0] * ey - d[1] * ex;
			if (Math.abs(det) < 1e-12) continue;
			const t = ((a.x - p[0]) * ey - (a.y - p[1]) * ex) / det;
			const s = ((a.x - p[0]) * d[1] - (a.y - p[1]) * d[0]) / det;
			if (t > 0 && t < 1 && s >= 0 && s <= 1) found.push(t);
		}
	}
	return found.sort((a, b) => a - b);
}

/** Does a body stand between a place and the eye? `far` is as far as anything reaches. */
function covers(body: Body, place: Vec3, eye: Vec3, far: number): boolean {
	const o = into(body.frame, place);
	const d = times(turnInto(body.frame, eye), far);
	let [t0, t1] = [0, 1];
	if (Math.abs(d[2]) < 1e-9) {
		if (o[2] < SAME || o[2] > body.thickness - SAME) return false;
	} else {
		const [a, b] = [-o[2] / d[2], (body.thickness - o[2]) / d[2]];
		t0 = Math.max(0, Math.min(a, b));
		t1 = Math.min(1, Math.max(a, b));
		if ((t1 - t0) * far < HIDES) return false;
	}
	const from: Vec2 = [o[0] + d[0] * t0, o[1] + d[1] * t0];
	const over: Vec2 = [d[0] * (t1 - t0), d[1] * (t1 - t0)];
	if (Math.hypot(over[0], over[1]) < SAME) return inside(body.loops, from[0], from[1]);
	const at = crossings(body.loops, from, over);
	for (let i = 1; i < at.length; i++) {
		const [a, b] = [at[i - 1] as number, at[i] as number];
		if ((b - a) * (t1 - t0) * far < HIDES) continue;
		const t = (a + b) / 2;
		if (inside(body.loops, from[0] + over[0] * t, from[1] + over[1] * t)) return true;
	}
	return false;
}

/** Where an edge, as seen, passes behind the edges of other bodies, as shares of it. */
function splits(line: Line, bodies: readonly (readonly Line[])[]): number[] {
	const found = [0, 1];
	const d: Vec2 = [line.to[0] - line.from[0], line.to[1] - line.from[1]];
	const [left, right] = [Math.min(line.from[0], line.to[0]), Math.max(line.from[0], line.to[0])];
	const [low, high] = [Math.min(line.from[1], line.to[1]), Math.max(line.from[1], line.to[1])];
	for (const others of bodies)
		for (const { from, to } of others) {
			if (Math.max(from[0], to[0]) < left || Math.min(from[0], to[0]) > right) continue;
			if (Math.max(from[1], to[1]) < low || Math.min(from[1], to[1]) > high) continue;
			const [ex, ey] = [to[0] - from[0], to[1] - from[1]];
			const det = d[0] * ey - d[1] * ex;
			if (Math.abs(det) < 1e-9) {
				// Along each other: the ends of the other one split it.
				const length = d[0] ** 2 + d[1] ** 2;
				for (const p of [from, to]) {
					const t = ((p[0] - line.from[0]) * d[0] + (p[1] - line.from[1]) * d[1]) / length;
					if (t > 0 && t < 1) found.push(t);
				}
				continue;
			}
			const t = ((from[0] - line.from[0]) * ey - (from[1] - line.from[1]) * ex) / det;
			if (t > 0 && t < 1) found.push(t);
		}
	return found.sort((a, b) => a - b);
}

const beside = (box: Body['box'], line: Line) =>
	box.right < Math.min(line.from[0], line.to[0]) - SAME ||
	box.left > Math.max(line.from[0], line.to[0]) + SAME ||
	box.high < Math.min(line.from[1], line.to[1]) - SAME ||
	box.low > Math.max(line.from[1], line.to[1]) + SAME ||
	box.near < Math.min(line.from[2], line.to[2]) + SAME;

/** Back from what a view sees to space. */
function back(view: ViewName, p: Vec3): Vec3 {
	const { u, v, eye } = VIEWS[view];
	return add(add(times(u, p[0]), times(v, p[1])), times(eye, p[2]));
}

const along = (line: Line, t: number): Vec3 =>
	[0, 1, 2].map((i) => (line.from[i] as number) * (1 - t) + (line.to[i] as number) * t) as unknown as Vec3;

/** The same for an edge whichever end comes first, to a hundredth of a millimetre. */
function key(a: Vec3, b: Vec3): string {
	const [ax, ay, bx, by] = [a[0], a[1], b[0], b[1]].map((n) => Math.round(n * 100)) as [number, number, number, number];
	return ax < bx || (ax === bx && ay <= by) ? `${ax} ${ay} ${bx} ${by}` : `${bx} ${by} ${ax} ${ay}`;
}

/** Everything that a body covers, as polygons to be filled with one colour. */
function faceOf(body: Body, view: ViewName): Face {
	const straight = Math.abs(turnInto(body.frame, VIEWS[view].eye)[2]) > 1 - 1e-6;
	const flat = (p: Vec3): Vec2 => [p[0], p[1]];
	const end = (loop: readonly Corner[], z: number) =>
		loop.map((c) => flat(seen(view, outOf(body.frame, [c.x, c.y, z]))));
	if (straight) return { part: body.part, polygons: body.loops.map((l) => end(l, 0)) };
	const outer = body.loops[0] as Corner[];
	const [a, b] = [end(outer, 0), end(outer, body.thickness)];
	return { part: body.part, polygons: [hull([...a, ...b])] };
}

/**
 * What solids cover from one side, the furthest first: enough to paint them, without their edges.
 * @example facesOf(built.parts, 'front')
 */
export function facesOf(parts: readonly Part[], view: ViewName): Face[] {
	return bodiesOf(parts, view)
		.sort((a, b) => a.box.near - b.box.near)
		.map((b) => faceOf(b, view));
}

/** Convex hull, anticlockwise. What a prism covers when it is seen from its side is convex, or near enough to fill. */
function hull(points: readonly Vec2[]): Vec2[] {
	const sorted = [...points].sort((p, q) => p[0] - q[0] || p[1] - q[1]);
	const half = (list: readonly Vec2[]) => {
		const out: Vec2[] = [];
		for (const p of list) {
			while (out.length > 1) {
				const [a, b] = [out.at(-2) as Vec2, out.at(-1) as Vec2];
				if ((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]) > 0) break;
				out.pop();
			}
			out.push(p);
		}
		return out.slice(0, -1);
	};
	return [...half(sorted), ...half([...sorted].reverse())];
}

/**
 * Draws solids from one side: what each covers, from the back to the front, and every edge, visible or hidden.
 * @param parts in one frame: x along, y up, z out
 * @returns a front view in x and y; a side view from the left end with z to the right; from above with the wall on top
 * @example project(built.parts, 'side').visible.length
 */
export function project(parts: readonly Part[], view: ViewName): Projection {
	const bodies = bodiesOf(parts, view).sort((a, b) => a.box.near - b.box.near);
	const [far, near] = bodies.reduce(
		([f, n], b) => [Math.min(f, b.box.far), Math.max(n, b.box.near)],
		[Infinity, -Infinity]
	);
	const visible = new Map<string, Edge>();
	const hidden = new Map<string, Edge>();
	const put = (into: Map<string, Edge>, from: Vec3, to: Vec3) =>
		void into.set(key(from, to), [
			[from[0], from[1]],
			[to[0], to[1]]
		]);
	const looked = bodies.map((body) => ({ ...body, ...edgesOf(body, view) }));
	looked.forEach((of) => {
		for (const line of of.drawn) {
			const before = looked.filter((b) => !beside(b.box, line));
			const covered = (b: Body, t: number) => covers(b, back(view, along(line, t)), VIEWS[view].eye, near - far + 1);
			// One body that stands before all of it says it at once: most of what is behind a back.
			const whole = before.some((b) => b !== of && covered(b, 0.5) && splits(line, [b.edges]).length === 2);
			if (whole) {
				put(hidden, line.from, line.to);
				continue;
			}
			const split = splits(
				line,
				before.flatMap((b) => (line.piece && b === of ? [] : [b.edges]))
			);
			for (let i = 1; i < split.length; i++) {
				const [t0, t1] = [split[i - 1] as number, split[i] as number];
				const [from, to] = [along(line, t0), along(line, t1)];
				if (Math.hypot(from[0] - to[0], from[1] - to[1]) < SAME) continue;
				const hides = before.some((b) => covered(b, (t0 + t1) / 2));
				put(hides ? hidden : visible, from, to);
			}
		}
	});
	for (const k of visible.keys()) hidden.delete(k);
	const box = bodies.reduce(
		(all, { box: b }) => ({
			left: Math.min(all.left, b.left),
			right: Math.max(all.right, b.right),
			low: Math.min(all.low, b.low),
			high: Math.max(all.high, b.high)
		}),
		{ left: Infinity, right: -Infinity, low: Infinity, high: -Infinity }
	);
	return {
		view,
		faces: bodies.map((b) => faceOf(b, view)),
		visible: [...visible.values()],
		hidden: [...hidden.values()],
		...box
	};
}
