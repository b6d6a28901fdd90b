import { HELD } from '../../support/in-place';
import type { Manifold } from 'manifold-3d';
import { describe, expect, it } from 'vitest';
import { CARRIERS } from '$core/carriers/registry';
import { buildHolder } from '$core/holders/build';
import { holderFor } from '$core/holders/holder-for';
import { flat, onEdge, upright } from '$core/solid/frame';
import { circle, plain, rectangle } from '$core/solid/outline';
import type { Part } from '$core/solid/part';
import { project, type Edge, type ViewName } from '$core/solid/project';
import { FITTING } from '../../support/fitting-things';
import { shadow, solids } from '../../support/manifold';

const board = (id: string, width: number, height: number, stands: Part['stands'], thickness = 18): Part => ({
	id,
	name: id,
	material: { kind: 'board', stock: 'ply-18' },
	outline: plain(rectangle(width, height)),
	thickness,
	grain: 'x',
	features: [],
	stands
});
/** Length that stretches cover together, however they overlap. */
function covered(stretches: readonly (readonly [number, number])[]): number {
	let [sum, reached] = [0, -Infinity];
	for (const [from, to] of [...stretches].sort((a, b) => a[0] - b[0])) {
		sum += Math.max(0, to - Math.max(from, reached));
		reached = Math.max(reached, to);
	}
	return sum;
}
/** Length of edges that lie at a height, and at a place along. */
const on = (edges: readonly Edge[], at: number, fixed: 0 | 1) =>
	covered(
		edges
			.filter((e) => e.every((p) => Math.abs(p[fixed] - at) < 0.01))
			.map(([a, b]) => [Math.min(a[1 - fixed]!, b[1 - fixed]!), Math.max(a[1 - fixed]!, b[1 - fixed]!)] as const)
	);
const along = (edges: readonly Edge[], y: number) => on(edges, y, 1);
const up = (edges: readonly Edge[], x: number) => on(edges, x, 0);

describe('a shelf before a back, by hand', () => {
	// A back 300 x 200, a shelf 200 x 80 in its middle, its top at 120, and a strip behind the back.
	const scene = [
		board('back', 300, 200, [upright([0, 0, 18])]),
		board('shelf', 200, 80, [flat([50, 120, 36])]),
		board('strip', 300, 40, [upright([0, 100, 0])])
	];

	it('draws a door before it in dashes from the front, and what is behind it as if it were open', () => {
		const door = { ...board('door', 220, 100, [upright([40, 60, 120])], 6), door: true as const };
		const [open, d] = [project(scene, 'front'), project([...scene, door], 'front')];
		expect(d.visible).toEqual(open.visible);
		expect(d.faces).toEqual(open.faces);
		expect(along(d.hidden, 160) - along(open.hidden, 160)).toBeCloseTo(220, 6);
		expect(up(d.hidden, 260)).toBeCloseTo(100, 6);
		// From the side it is a board like any other.
		expect(project([...scene, door], 'side').faces.map((f) => f.part)).toContain('door');
	});

	it('from the front hides the strip, and draws the shelf over the back', () => {
		const d = project(scene, 'front');
		expect(along(d.visible, 120)).toBeCloseTo(200, 6);
		expect(along(d.visible, 102)).toBeCloseTo(200, 6);
		// The strip's edges at 100 and 140 lie behind the back: all of the lower one, and nothing of either is seen.
		expect(along(d.hidden, 140)).toBeCloseTo(300, 6);
		expect(along(d.visible, 140)).toBe(0);
		expect([d.left, d.right, d.low, d.high]).toEqual([0, 300, 0, 200]);
		expect(d.faces.map((f) => f.part)).toEqual(['strip', 'back', 'shelf']);
	});

	it('from the left end shows the wall on the left, and the shelf standing out', () => {
		const d = project(scene, 'side');
		expect([d.left, d.right]).toEqual([0, 116]);
		// The shelf's end is set in from the back's: all of it is seen, since the back ends where the shelf begins.
		expect(along(d.visible, 120)).toBeCloseTo(80, 6);
		expect(up(d.visible, 116)).toBeCloseTo(18, 6);
	});

	it('from above shows the shelf, its front edge, and the top of the back', () => {
		const d = project(scene, 'above');
		expect(along(d.visible, -116)).toBeCloseTo(200, 6);
		expect(along(d.visible, -36)).toBeCloseTo(300, 6);
		expect(d.low).toBe(-116);
		expect(d.high).toBeCloseTo(0, 9);
	});

	it('a gusset below the shelf is hidden from above, and seen from the front', () => {
		const gusset = board('gusset', 60, 60, [onEdge([150, 42, 36])]);
		const above = project([...scene, gusset], 'above');
		expect(up(above.visible, 150)).toBe(0);
		expect(up(above.hidden, 150)).toBeCloseTo(60, 6);
		expect(up(project([...scene, gusset], 'front').visible, 150)).toBeCloseTo(60, 6);
	});

	it('a rod is two lines from its side and a circle from its end', () => {
		const rod: Part = {
			...board('rod', 1, 1, [{ at: [0, 50, 50], x: [0, 1, 0], y: [0, 0, 1] }], 400),
			outline: plain(circle(0, 0, 20))
		};
		const front = project([rod], 'front');
		const long = front.visible.filter(([a, b]) => Math.abs(a[0] - b[0]) > 399);
		expect(long.map(([a]) => Math.round(a[1])).sort()).toEqual([40, 60]);
		expect(project([rod], 'side').visible).toHaveLength(32);
	});
});

const VIEWS = ['front', 'side', 'above'] as const satisfies readonly ViewName[];

describe.each(CARRIERS.map((c) => c.kind))('%s', (kind) => {
	const made = holderFor(kind, { thing: FITTING[kind]!, count: 5, widest: 1200, unit: 'mm' }, 'h');
	if (!made.ok) throw new Error(made.error);
	const { parts } = buildHolder(made.value.holder.back, made.value.holder.carriers, HELD);
	const all: Manifold[] = parts.flatMap(solids);

	it.each(VIEWS)('from the %s covers what its solids throw a shadow on', (view) => {
		const drawn = project(parts, view);
		const ours = shadow.ofPolygons(drawn.faces.map((f) => f.polygons));
		const theirs = shadow.ofSolids(all, view);
		// A groove that runs out of an end is not drawn there: seen from that end the drawing covers it.
		const grooves = view === 'side' ? parts.flatMap(endsOf).reduce((sum, area) => sum + area, 0) : 0;
		expect(ours / theirs).toBeGreaterThan(0.995);
		expect((ours - grooves) / theirs).toBeLessThan(1.005);
		expect(drawn.visible.length).toBeGreaterThan(8);
	});
});

/** Area of each groove of a part where it runs out of both its ends. */
function endsOf({ features, outline }: Part): number[] {
	const wide = Math.max(...outline.outer.map((v) => v.x));
	return features.flatMap((f) => {
		if (f.kind !== 'pocket') return [];
		const [xs, ys] = [f.path.map((v) => v.x), f.path.map((v) => v.y)];
		const through = Math.min(...xs) <= 0 && Math.max(...xs) >= wide;
		return through ? [f.depth * (Math.max(...ys) - Math.min(...ys))] : [];
	});
}

describe('holes that bores make', () => {
	const plank = (feature: Part['features'][number]): Part => ({
		...board('plank', 100, 40, [flat([0, 60, 0])]),
		features: [feature]
	});
	const bore = { kind: 'bore', diameter: 10, through: false, tilt: 0, toward: [1, 0] } as const;
	/** Edges of the circle itself: short, where nothing else is. */
	const round = (edges: readonly Edge[]) => edges.filter(([a, b]) => Math.hypot(a[0] - b[0], a[1] - b[1]) < 2);

	it('in the front edge of a plank is seen from the front alone, where it is', () => {
		// Its far long edge runs back from the right: 70 from there is 30 along, half way down.
		const drilled = plank({ ...bore, at: [70, 9], from: { edge: 2 }, depth: 20 });
		const front = round(project([drilled], 'front').visible);
		expect(front).toHaveLength(32);
		for (const [[x, y]] of front) expect(Math.hypot(x - 30, y - (60 - 9))).toBeCloseTo(5, 9);
		expect(round(project([drilled], 'above').visible)).toHaveLength(0);
		// A board before it hides it.
		const cover = board('cover', 100, 100, [upright([0, 0, 60])]);
		expect(round(project([drilled, cover], 'front').hidden)).toHaveLength(32);
	});
	it('that goes through lets what is behind be seen', () => {
		const under = board('under', 100, 40, [flat([0, 20, 0])]);
		const seen = (depth: number, through: boolean) => {
			const hole = plank({ ...bore, at: [50, 20], from: 'back', depth, through });
			const mark: Part = { ...board('mark', 60, 2, [flat([20, 40, 19])], 2), outline: plain(rectangle(60, 2)) };
			return project([hole, mark, under], 'above').visible.filter(
				([a, b]) => Math.abs(a[1] - b[1]) < 1e-6 && Math.abs(a[1] + 20) < 1.5 && Math.abs(a[0] - b[0]) < 11
			);
		};
		expect(seen(18, true).length).toBeGreaterThan(0);
		expect(seen(12, false)).toEqual([]);
	});
});
