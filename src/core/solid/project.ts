import type { Millimetres } from '../units/quantity';
import { edgeFrame } from './edge';
import { outOf, zOf, type Frame } from './frame';
import { circle, flatten, type Corner } from './outline';
import type { Part } from './part';
import { dot, minus, times, type Vec2, type Vec3 } from './vector';

/** From the front, from the left end, from above, from below as one sees it looking up. */
export type ViewName = 'front' | 'side' | 'above' | 'below';

/** How a view sees space: right, up, and toward the eye. */
const VIEWS: Record<ViewName, { u: Vec3; v: Vec3; eye: Vec3 }> = {
	front: { u: [1, 0, 0], v: [0, 1, 0], eye: [0, 0, 1] },
	side: { u: [0, 0, 1], v: [0, 1, 0], eye: [-1, 0, 0] },
	above: { u: [1, 0, 0], v: [0, 0, -1], eye: [0, 1, 0] },
	below: { u: [1, 0, 0], v: [0, 0, -1], eye: [0, -1, 0] }
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

/** A part in one place, as a view sees it: toward the eye is its z. */
interface Body {
	part: string;
	/** A door, looked at from where it opens: it hides nothing. */
	clear: boolean;
	frame: Frame;
	/** The frame's own z, and the eye as the frame sees it. */
	z: Vec3;
	eye: Vec3;
	thickness: Millimetres;
	/** Its outline, and holes through it, with arcs as short edges. */
	loops: Corner[][];
	/** Circles where bores enter, in the body's own frame, and the way out of the face that they enter. */
	marks: { loop: Vec3[]; out: Vec3 }[];
	box: { left: number; right: number; low: number; high: number; far: number; near: number };
}

/** A corner of a body so far up its thickness. Asked for thousands of times a drawing. */
function placeOf({ frame: { at, x, y }, z }: Pick<Body, 'frame' | 'z'>, c: Pick<Corner, 'x' | 'y'>, up: number): Vec3 {
	return [
		at[0] + x[0] * c.x + y[0] * c.y + z[0] * up,
		at[1] + x[1] * c.x + y[1] * c.y + z[1] * up,
		at[2] + x[2] * c.x + y[2] * c.y + z[2] * up
	];
}

type Bore = Extract<Part['features'][number], { kind: 'bore' }>;

/** One can look through it: a hole of the outline like any other. */
const isOpen = (f: Part['features'][number]): f is Bore =>
	f.kind === 'bore' && !f.drawn && f.through && f.tilt === 0 && typeof f.from !== 'object';

const loopsOf = ({ outline, features }: Part) => [
	flatten(outline.outer),
	...outline.holes.map((h) => flatten(h)),
	...features.filter(isOpen).map((f) => flatten(circle(f.at[0], f.at[1], f.diameter)))
];

/** Where a bore enters a part. */
function markOf(part: Part, f: Bore): Body['marks'][number] {
	const loop = flatten(circle(f.at[0], f.at[1], f.diameter));
	if (typeof f.from === 'object') {
		const face = edgeFrame(part.outline, f.from.edge);
		return { loop: loop.map((c) => outOf(face, [c.x, c.y, 0])), out: zOf(face) };
	}
	const [z, out] = f.from === 'front' ? [part.thickness, 1] : [0, -1];
	return { loop: loop.map((c): Vec3 => [c.x, c.y, z]), out: [0, 0, out] };
}

function bodiesOf(parts: readonly Part[], view: ViewName): Body[] {
	return parts.flatMap((part) => {
		const loops = loopsOf(part);
		const marks = part.features.flatMap((f) => (f.kind === 'bore' && !f.drawn && !isOpen(f) ? [markOf(part, f)] : []));
		return part.stands.map((stand): Body => {
			const frame = { at: seen(view, stand.at), x: seen(view, stand.x), y: seen(view, stand.y) };
			// Seen as a whole: from below right and up are as in a mirror, and a cross product would turn it inside out.
			const z = seen(view, zOf(stand));
			const placed = { frame, z };
			const box = { left: Infinity, right: -Infinity, low: Infinity, high: -Infinity, far: Infinity, near: -Infinity };
			for (const c of loops[0] as Corner[]) {
				for (const out of [0, part.thickness]) {
					const [u, v, w] = placeOf(placed, c, out);
					box.left = Math.min(box.left, u);
					box.right = Math.max(box.right, u);
					box.low = Math.min(box.low, v);
					box.high = Math.max(box.high, v);
					box.far = Math.min(box.far, w);
					box.near = Math.max(box.near, w);
				}
			}
			return {
				part: part.id,
				clear: part.door === true && view === 'front',
				frame,
				z,
				eye: [frame.x[2], frame.y[2], z[2]],
				thickness: part.thickness,
				loops,
				marks,
				box
			};
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
	piece?: boolean;
}

/** A line on the view's plane too short to be drawn. */
const short = (from: Vec3, to: Vec3) => (from[0] - to[0]) ** 2 + (from[1] - to[1]) ** 2 <= SAME ** 2;

/** Around a closed path so far up a body; its pieces that the drawing leaves out are left out. */
function ring(body: Body, loop: readonly Corner[], up: number, shows: (a: Corner, b: Corner) => boolean): Line[] {
	const found: Line[] = [];
	loop.forEach((c, i) => {
		const next = loop[(i + 1) % loop.length] as Corner;
		if (!shows(c, next)) return;
		const [from, to] = [placeOf(body, c, up), placeOf(body, next, up)];
		if (!short(from, to)) found.push({ from, to, piece: c.smooth || next.smooth });
	});
	return found;
}

/**
 * The edges of a body, where what is behind it begins to be hidden: both ends of the prism, its sharp corners, and
 * where something round turns away.
 */
function edgesOf(body: Body): Line[] {
	const { eye, thickness, loops } = body;
	const turns = (a: Corner, b: Corner) => (b.y - a.y) * eye[0] - (b.x - a.x) * eye[1];
	// Seen on its edge, every edge of an end lies on one line: those that face the eye say all of it.
	const onEdge = Math.abs(eye[2]) < 1e-6;
	// Seen straight on, the far end lies exactly behind the near one.
	const ends = isStraight(body) ? [eye[2] > 0 ? thickness : 0] : [0, thickness];
	const found = (onEdge ? loops.slice(0, 1) : loops).flatMap((loop) =>
		ends.flatMap((up) => ring(body, loop, up, (a, b) => !onEdge || turns(a, b) > 0))
	);
	if (ends.length === 1) return found;
	for (const loop of loops)
		loop.forEach((c, i) => {
			const before = loop[(i + loop.length - 1) % loop.length] as Corner;
			const after = loop[(i + 1) % loop.length] as Corner;
			if (c.smooth && turns(before, c) * turns(c, after) > 0) return;
			const [from, to] = [placeOf(body, c, 0), placeOf(body, c, thickness)];
			if (!short(from, to)) found.push({ from, to });
		});
	return found;
}

/** Does the eye look straight onto the ends of a prism? */
const isStraight = ({ eye }: Body) => Math.abs(eye[2]) > 1 - 1e-6;

/** A face that the eye looks along, or nearly, shows nothing of a hole in it. */
const LOOKS_ALONG = 0.2;

/**
 * The circles where bores enter, which hide nothing: each by itself, so that little of what is before it is asked. Of a
 * prism that leans only those in its edges are drawn, as the eye sees them.
 */
const circlesOf = (body: Body): Line[][] =>
	body.marks.flatMap(({ loop, out }) => {
		const facing = dot(out, body.eye);
		if (out[2] === 0 ? facing < LOOKS_ALONG : !isStraight(body)) return [];
		const seenAt = loop.map((p) => placeOf(body, { x: p[0], y: p[1] }, p[2]));
		const lines = seenAt.map((from, i) => ({ from, to: seenAt[(i + 1) % seenAt.length] as Vec3, piece: true }));
		return [lines.filter(({ from, to }) => !short(from, to))];
	});

/** Room of lines, as a view sees them. */
function boxOf(lines: readonly Line[]): Body['box'] {
	const box = { left: Infinity, right: -Infinity, low: Infinity, high: -Infinity, far: Infinity, near: -Infinity };
	for (const { from, to } of lines)
		for (const [x, y, z] of [from, to]) {
			box.left = Math.min(box.left, x);
			box.right = Math.max(box.right, x);
			box.low = Math.min(box.low, y);
			box.high = Math.max(box.high, y);
			box.far = Math.min(box.far, z);
			box.near = Math.max(box.near, z);
		}
	return box;
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
function covers(body: Body, place: Vec3, far: number): boolean {
	const p = minus(place, body.frame.at);
	const o: Vec3 = [dot(body.frame.x, p), dot(body.frame.y, p), dot(body.z, p)];
	const d = times(body.eye, far);
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

/** A body with its edges. */
interface Looked {
	body: Body;
	edges: readonly Line[];
}

/** Where an edge, as seen, passes behind the edges of other bodies, as shares of it. */
function splits(line: Line, bodies: readonly Looked[]): number[] {
	const found = [0, 1];
	const d: Vec2 = [line.to[0] - line.from[0], line.to[1] - line.from[1]];
	const [left, right] = [Math.min(line.from[0], line.to[0]), Math.max(line.from[0], line.to[0])];
	const [low, high] = [Math.min(line.from[1], line.to[1]), Math.max(line.from[1], line.to[1])];
	for (const { edges } of bodies)
		for (const { from, to } of edges) {
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
	return found.length > 2 ? found.sort((a, b) => a - b) : found;
}

/** Could a body hide any of another: not beside it, and not all behind it? */
const meets = (box: Body['box'], of: Body['box']) =>
	box.right >= of.left - SAME &&
	box.left <= of.right + SAME &&
	box.high >= of.low - SAME &&
	box.low <= of.high + SAME &&
	box.near >= of.far - SAME;

const beside = (box: Body['box'], line: Line) =>
	box.right < Math.min(line.from[0], line.to[0]) - SAME ||
	box.left > Math.max(line.from[0], line.to[0]) + SAME ||
	box.high < Math.min(line.from[1], line.to[1]) - SAME ||
	box.low > Math.max(line.from[1], line.to[1]) + SAME ||
	box.near < Math.min(line.from[2], line.to[2]) + SAME;

/** A place on an edge. Asked for thousands of times a drawing. */
function along({ from, to }: Line, t: number): Vec3 {
	const r = 1 - t;
	return [from[0] * r + to[0] * t, from[1] * r + to[1] * t, from[2] * r + to[2] * t];
}

/** The same for an edge whichever end comes first, to a hundredth of a millimetre. */
function key(a: Vec3, b: Vec3): string {
	const [ax, ay] = [Math.round(a[0] * 100), Math.round(a[1] * 100)];
	const [bx, by] = [Math.round(b[0] * 100), Math.round(b[1] * 100)];
	return ax < bx || (ax === bx && ay <= by) ? `${ax} ${ay} ${bx} ${by}` : `${bx} ${by} ${ax} ${ay}`;
}

/** Everything that a body covers, as polygons to be filled with one colour. */
function faceOf(body: Body): Face {
	const flat = (p: Vec3): Vec2 => [p[0], p[1]];
	const end = (loop: readonly Corner[], z: number) => loop.map((c) => flat(placeOf(body, c, z)));
	if (isStraight(body)) return { part: body.part, polygons: body.loops.map((l) => end(l, 0)) };
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
		.map(faceOf);
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
 * Draws solids from one side: what each covers, from the back to the front, and every edge, visible or hidden. Doors,
 * from the front, hide nothing and are dashed.
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
	const looked = bodies.map((body) => ({ body, edges: edgesOf(body) }));
	const depth = near - far + 1;
	const drawLine = (of: Looked, line: Line, around: readonly Looked[]) => {
		if (of.body.clear) return put(hidden, line.from, line.to);
		const before = around.filter(({ body }) => !body.clear && !beside(body.box, line));

		const others = before.filter((b) => b !== of);
		const hides = (t: number, by: readonly Looked[]) => {
			const place = along(line, t);
			return by.find(({ body }) => covers(body, place, depth));
		};
		// One body that stands before all of it says it at once: most of what is behind a back.
		const one = hides(0.5, others);
		if (one && splits(line, [one]).length === 2) return put(hidden, line.from, line.to);
		const split = splits(line, line.piece ? others : before);
		for (let i = 1; i < split.length; i++) {
			const [t0, t1] = [split[i - 1] as number, split[i] as number];
			const [from, to] = [along(line, t0), along(line, t1)];
			if (!short(from, to)) put(hides((t0 + t1) / 2, before) ? hidden : visible, from, to);
		}
	};
	for (const of of looked)
		for (const lines of [of.edges, ...circlesOf(of.body)]) {
			// Few of all bodies can hide any of these.
			const room = boxOf(lines);
			const around = looked.filter(({ body }) => meets(body.box, room));
			for (const line of lines) drawLine(of, line, around);
		}
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
		faces: bodies.filter((b) => !b.clear).map(faceOf),
		visible: [...visible.values()],
		hidden: [...hidden.values()],
		...box
	};
}
