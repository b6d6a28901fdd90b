import type { Point, Shape } from '$core/drawing/shapes';
import type { Dims } from '$core/things/grips/grip';
import { gripOf, type GripKind } from '$core/things/grips/registry';

/** Size of a sketch, px: that of a word. */
export const SKETCH = { width: 34, height: 24 };
const FILL = {
	wood: 'var(--pine)',
	ply: 'var(--ply)',
	steel: 'var(--thing)',
	wall: 'var(--hair)',
	thing: 'var(--glass)',
	bent: 'none',
	clash: 'none'
} as const;

/** One path of a sketch. */
export interface Stroke {
	d: string;
	fill: string;
}

type Looked = Extract<Shape, { look: unknown }>;

function ends(s: Looked): readonly Point[] {
	if (s.kind !== 'circle') return s.points;
	const [x, y] = s.at;
	return [
		[x - s.radius, y - s.radius],
		[x + s.radius, y + s.radius]
	];
}

function draw(grip: GripKind, dims: Dims): Stroke[] {
	const shapes = gripOf(grip)
		.draw(dims)
		.shapes.filter((s): s is Looked => 'look' in s);
	const points = shapes.flatMap(ends);
	const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
	const [left, low] = [Math.min(...xs), Math.min(...ys)];
	const k = Math.min(
		(SKETCH.width - 3) / Math.max(1, Math.max(...xs) - left),
		(SKETCH.height - 3) / Math.max(1, Math.max(...ys) - low)
	);
	const round = (px: number) => px.toFixed(1);
	const place = ([x, y]: Point): [number, number] => [1.5 + (x - left) * k, SKETCH.height - 1.5 - (y - low) * k];
	const found: Stroke[] = [];
	for (const s of shapes) {
		const fill = s.kind === 'circle' || s.kind === 'polygon' ? FILL[s.look] : 'none';
		const d = pathOf(s, place, k, round);
		const last = found.at(-1);
		// A table has dozens of sketches: what follows in the same colour is the same path.
		if (last?.fill === fill) last.d += d;
		else found.push({ d, fill });
	}
	return found;
}

function pathOf(s: Looked, place: (p: Point) => [number, number], k: number, round: (px: number) => string): string {
	if (s.kind !== 'circle') {
		const line = s.points.map((p, i) => `${i ? 'L' : 'M'}${place(p).map(round).join(' ')}`).join('');
		return s.kind === 'polygon' ? `${line}z` : line;
	}
	const [x, y] = place(s.at);
	const r = s.radius * k;
	const arc = (to: number) => `a${round(r)} ${round(r)} 0 1 0 ${round(to)} 0`;
	return `M${round(x - r)} ${round(y)}${arc(2 * r)}${arc(-2 * r)}z`;
}

const known = new Map<string, Stroke[]>();
/** More are begun anew. */
const MOST = 2000;

/**
 * How a thing is carried, as paths the size of a word: the same that its slip shows large. Like things share one.
 * @example sketchOf('slot', { bar: 6 }).length
 */
export function sketchOf(grip: GripKind, dims: Dims): readonly Stroke[] {
	const key = `${grip} ${JSON.stringify(dims)}`;
	const before = known.get(key);
	if (before) return before;
	if (known.size >= MOST) known.clear();
	const made = draw(grip, dims);
	known.set(key, made);
	return made;
}
