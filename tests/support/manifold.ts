import Module from 'manifold-3d';
import type { Manifold } from 'manifold-3d';
import { zOf } from '$core/solid/frame';
import { flatten, type Path } from '$core/solid/outline';
import type { Feature, Part } from '$core/solid/part';
import { add, times, type Vec3 } from '$core/solid/vector';

/** A general library of solids, to hold our volumes and centres against: it knows no formula, only triangles. */
const library = await Module();
library.setup();
const { Manifold: Solid, CrossSection } = library;

/** So many steps a turn that arcs of triangles fall short of a circle by less than 0.01 %. */
const STEPS = 300;
const points = (path: Path) => flatten(path, STEPS).map(({ x, y }): [number, number] => [x, y]);

/** Column by column, as the library takes it. */
const matrix = (x: Vec3, y: Vec3, z: Vec3, at: Vec3) =>
	[...x, 0, ...y, 0, ...z, 0, ...at, 1] as Parameters<Manifold['transform']>[0];

function extruded(path: Path, from: number, to: number): Manifold {
	return Solid.extrude(new CrossSection([points(path)], 'Positive'), to - from).translate([0, 0, from]);
}

/** A hole in an edge: the same hole in a face, laid onto that edge by its two corners. */
function cutInEdge(f: Extract<Feature, { kind: 'bore' }>, edge: number, { outline }: Part): Manifold | null {
	const [a, b] = [outline.outer[edge]!, outline.outer[(edge + 1) % outline.outer.length]!];
	const long = Math.hypot(b.x - a.x, b.y - a.y);
	const along: Vec3 = [(b.x - a.x) / long, (b.y - a.y) / long, 0];
	const hole = cut({ ...f, from: 'front', through: false }, 0);
	return hole && hole.transform(matrix(along, [0, 0, 1], [along[1], -along[0], 0], [a.x, a.y, 0]));
}

function cut(f: Feature, thickness: number): Manifold | null {
	if (f.kind === 'slot' || (f.kind === 'bore' && f.drawn)) return null;
	if (f.kind === 'pocket')
		return f.from === 'front' ? extruded(f.path, thickness - f.depth, thickness + 1) : extruded(f.path, -1, f.depth);
	const tilt = (f.tilt * Math.PI) / 180;
	const out = f.from === 'front' ? 1 : -1;
	const axis: Vec3 = [f.toward[0] * Math.sin(tilt), f.toward[1] * Math.sin(tilt), out * Math.cos(tilt)];
	const x: Vec3 = [-f.toward[1], f.toward[0], 0];
	const y: Vec3 = [axis[1] * x[2] - axis[2] * x[1], axis[2] * x[0] - axis[0] * x[2], axis[0] * x[1] - axis[1] * x[0]];
	const beyond = 2 * (thickness + f.diameter);
	const deep = f.through ? beyond : f.depth;
	const entry: Vec3 = [f.at[0], f.at[1], f.from === 'front' ? thickness : 0];
	return Solid.cylinder(deep + beyond, f.diameter / 2, f.diameter / 2, STEPS).transform(
		matrix(x, y, axis, add(entry, times(axis, -deep)))
	);
}

/** One part as a solid, as it lies in its own frame. */
export function solidOf(part: Part): Manifold {
	let solid = extruded(part.outline.outer, 0, part.thickness);
	for (const h of part.outline.holes) solid = solid.subtract(extruded(h, -1, part.thickness + 1));
	for (const f of part.features) {
		const inEdge = f.kind === 'bore' && typeof f.from === 'object' ? f.from.edge : null;
		const away = f.kind === 'bore' && inEdge !== null ? cutInEdge(f, inEdge, part) : cut(f, part.thickness);
		if (away) solid = solid.subtract(away);
	}
	return solid;
}

/** A part's solid in each of its places. */
export const placed = ({ stands }: Part, solid: Manifold): Manifold[] =>
	stands.map((f) => solid.transform(matrix(f.x, f.y, zOf(f), f.at)));

/** One part as a solid, in each of its places. */
export const solids = (part: Part): Manifold[] => placed(part, solidOf(part));

/** Volume and centroid of a solid, from its triangles: each makes a tetrahedron with the origin. */
export function centreOf(solid: Manifold): { volume: number; at: Vec3 } {
	const { vertProperties: v, triVerts, numProp } = solid.getMesh();
	const corner = (i: number): Vec3 => {
		const k = (triVerts[i] as number) * numProp;
		return [v[k] as number, v[k + 1] as number, v[k + 2] as number];
	};
	let volume = 0;
	let turn: Vec3 = [0, 0, 0];
	for (let i = 0; i < triVerts.length; i += 3) {
		const [a, b, c] = [corner(i), corner(i + 1), corner(i + 2)];
		const six =
			a[0] * (b[1] * c[2] - b[2] * c[1]) - a[1] * (b[0] * c[2] - b[2] * c[0]) + a[2] * (b[0] * c[1] - b[1] * c[0]);
		volume += six / 6;
		turn = add(turn, times(add(add(a, b), c), six / 24));
	}
	return { volume, at: times(turn, 1 / volume) };
}

/** Turns space so that a view looks along z: right, up, toward the eye. */
const LOOK: Record<'front' | 'side' | 'above', readonly [Vec3, Vec3, Vec3]> = {
	front: [
		[1, 0, 0],
		[0, 1, 0],
		[0, 0, 1]
	],
	side: [
		[0, 0, 1],
		[0, 1, 0],
		[-1, 0, 0]
	],
	above: [
		[1, 0, 0],
		[0, 0, -1],
		[0, 1, 0]
	]
};

/** Areas of shadows: of solids along a view, and of the faces of a drawing together. */
export const shadow = {
	ofSolids(all: readonly Manifold[], view: 'front' | 'side' | 'above'): number {
		const [u, v, w] = LOOK[view];
		// Rows of the turn are where right, up and near lie in space.
		const turn = matrix([u[0], v[0], w[0]], [u[1], v[1], w[1]], [u[2], v[2], w[2]], [0, 0, 0]);
		return CrossSection.union(all.map((s) => s.transform(turn).project())).area();
	},
	ofPolygons(faces: readonly (readonly (readonly [number, number])[])[][]): number {
		return CrossSection.union(
			faces.map(
				(polygons) =>
					new CrossSection(
						polygons.map((p) => p.map(([x, y]): [number, number] => [x, y])),
						'EvenOdd'
					)
			)
		).area();
	}
};
