import {
	BoxGeometry,
	Color,
	EdgesGeometry,
	ExtrudeGeometry,
	Group,
	LineBasicMaterial,
	LineSegments,
	Matrix4,
	Mesh,
	MeshLambertMaterial,
	Path,
	Shape,
	Vector2,
	Vector3,
	type BufferGeometry
} from 'three';
import { mergeGeometries } from 'three/examples/jsm/utils/BufferGeometryUtils.js';
import { above, sizeOn } from '$core/holders/assemble';
import { thingOn, type Built } from '$core/holders/built';
import { zOf, type Frame } from '$core/solid/frame';
import { boundsOf, flatten, type Path as OutlinePath } from '$core/solid/outline';
import type { Part } from '$core/solid/part';
import type { Vec3 } from '$core/solid/vector';

/** What is shown: holders in their places, and the piece of wall behind them. */
export interface Shown {
	models: readonly { built: Built; at: Vec3 }[];
	wall: { left: number; low: number; width: number; height: number };
}

const points = (path: OutlinePath) => flatten(path).map(({ x, y }) => new Vector2(x, y));

function geometryOf(part: Part): BufferGeometry {
	const shape = new Shape(points(part.outline.outer));
	shape.holes = part.outline.holes.map((h) => new Path(points(h)));
	return new ExtrudeGeometry(shape, { depth: part.thickness, bevelEnabled: false });
}

function matrixOf(f: Frame): Matrix4 {
	const m = new Matrix4().makeBasis(new Vector3(...f.x), new Vector3(...f.y), new Vector3(...zOf(f)));
	return m.setPosition(...f.at);
}

/** Colours of the drawing, as the page has them now: light or dark. */
function colours() {
	const style = getComputedStyle(document.documentElement);
	const of = (name: string) => new Color(style.getPropertyValue(name).trim() || '#888888');
	return { ply: of('--ply'), pine: of('--pine'), edge: of('--ply-edge'), thing: of('--thing'), wall: of('--hair') };
}

type Look = 'ply' | 'pine' | 'thing' | 'wall';

/** Solids by how they look: one mesh each, since a wall has thousands of them. */
export class Gathered {
	#solids = new Map<Look, BufferGeometry[]>();

	add(look: Look, geometry: BufferGeometry, at: Matrix4) {
		const bare = geometry.index ? geometry.toNonIndexed() : geometry.clone();
		bare.deleteAttribute('uv');
		const alike = this.#solids.get(look) ?? [];
		alike.push(bare.applyMatrix4(at));
		this.#solids.set(look, alike);
	}

	/** @param edged their edges are drawn too */
	group(edged = true): Group {
		const c = colours();
		const group = new Group();
		for (const [look, all] of this.#solids) {
			const geometry = mergeGeometries(all);
			const mesh = new Mesh(geometry, new MeshLambertMaterial({ color: c[look] }));
			mesh.name = look;
			group.add(mesh);
			if (!edged) continue;
			const edges = new LineSegments(
				mergeGeometries(all.map((g) => new EdgesGeometry(g, 25))),
				new LineBasicMaterial({ color: look === 'thing' || look === 'wall' ? c.wall : c.edge })
			);
			edges.name = 'edges';
			group.add(edges);
		}
		return group;
	}
}

const moved = (at: Vec3) => new Matrix4().makeTranslation(...at);
const lookOf = ({ material }: Part): Look => (material.kind === 'dowel' ? 'pine' : 'ply');

/** The box about a part, where it stands. */
function boxOf(part: Part): { box: BufferGeometry; off: Matrix4 } {
	const { left, right, low, high } = boundsOf(part.outline.outer);
	return {
		box: new BoxGeometry(right - left, high - low, part.thickness),
		off: moved([(left + right) / 2, (low + high) / 2, part.thickness / 2])
	};
}

function addThings(all: Gathered, { seats }: Built, place: Matrix4) {
	for (const s of seats) {
		const load = thingOn(s);
		if (!load) continue;
		for (const t of s.things) {
			const top = s.at[1] + above(s.stance, load);
			const { wide, deep } = sizeOn(s, load);
			const box = new BoxGeometry(wide, load.height, deep);
			all.add('thing', box, place.clone().multiply(moved([s.at[0], top - load.height / 2, t.at[2]])));
		}
	}
}

/** All that is shown, but for the wall behind. */
export function gather({ models }: Shown): Gathered {
	const all = new Gathered();
	for (const { built, at } of models) {
		const place = moved(at);
		for (const part of built.parts) {
			const geometry = geometryOf(part);
			for (const frame of part.stands) all.add(lookOf(part), geometry, place.clone().multiply(matrixOf(frame)));
		}
		addThings(all, built, place);
	}
	return all;
}

/** The same as boxes: one about every part, what hangs as it is. */
export function roughParts({ models }: Shown): Gathered {
	const all = new Gathered();
	for (const { built, at } of models) {
		const place = moved(at);
		for (const part of built.parts) {
			const { box, off } = boxOf(part);
			for (const frame of part.stands)
				all.add(lookOf(part), box, place.clone().multiply(matrixOf(frame)).multiply(off));
		}
		addThings(all, built, place);
	}
	return all;
}

/** Rougher still: one box about each holder and all on it. */
export function roughHolders({ models }: Shown): Gathered {
	const all = new Gathered();
	for (const { built, at } of models) {
		const { left, right, low, high, out } = built.reach;
		const middle = moved([(left + right) / 2, (low + high) / 2, out / 2]);
		all.add('ply', new BoxGeometry(right - left, high - low, out), moved(at).multiply(middle));
	}
	return all;
}

/** The piece of wall behind. */
export function addWall(all: Gathered, { wall: { left, low, width, height } }: Shown): Gathered {
	all.add('wall', new BoxGeometry(width, height, 4), moved([left + width / 2, low + height / 2, -2]));
	return all;
}
