import {
	AmbientLight,
	BoxGeometry,
	Color,
	DirectionalLight,
	EdgesGeometry,
	ExtrudeGeometry,
	Group,
	LineBasicMaterial,
	LineSegments,
	Matrix4,
	Mesh,
	MeshLambertMaterial,
	MeshStandardMaterial,
	PerspectiveCamera,
	Path,
	Scene,
	Shape,
	Vector2,
	Vector3,
	WebGLRenderer,
	type BufferGeometry
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { mergeGeometries } from 'three/examples/jsm/utils/BufferGeometryUtils.js';
import { above, sizeOn } from '$core/holders/assemble';
import { thingOn, type Built } from '$core/holders/built';
import { zOf, type Frame } from '$core/solid/frame';
import { flatten, type Path as OutlinePath } from '$core/solid/outline';
import type { Part } from '$core/solid/part';
import type { Vec3 } from '$core/solid/vector';

/** What is shown: holders in their places, and the piece of wall behind them. */
export interface Shown {
	models: readonly { built: Built; at: Vec3 }[];
	wall: { left: number; low: number; width: number; height: number };
}

/** Solids in space on a page. */
export interface SpaceScene {
	show(shown: Shown): void;
	/** All solids as a file, in metres as glTF has them, in millimetres as STL. */
	file(ending: 'glb' | 'stl'): Promise<Blob>;
	close(): void;
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
class Gathered {
	#solids = new Map<Look, BufferGeometry[]>();

	add(look: Look, geometry: BufferGeometry, at: Matrix4) {
		const bare = geometry.index ? geometry.toNonIndexed() : geometry.clone();
		bare.deleteAttribute('uv');
		const alike = this.#solids.get(look) ?? [];
		alike.push(bare.applyMatrix4(at));
		this.#solids.set(look, alike);
	}

	group(): Group {
		const c = colours();
		const group = new Group();
		for (const [look, all] of this.#solids) {
			const geometry = mergeGeometries(all);
			const mesh = new Mesh(geometry, new MeshLambertMaterial({ color: c[look] }));
			mesh.name = look;
			const edges = new LineSegments(
				mergeGeometries(all.map((g) => new EdgesGeometry(g, 25))),
				new LineBasicMaterial({ color: look === 'thing' || look === 'wall' ? c.wall : c.edge })
			);
			edges.name = 'edges';
			group.add(mesh, edges);
		}
		return group;
	}
}

/** All that is shown, but for the wall behind. */
function gather({ models }: Shown): Gathered {
	const all = new Gathered();
	for (const { built, at } of models) {
		const place = new Matrix4().makeTranslation(...at);
		for (const part of built.parts) {
			const geometry = geometryOf(part);
			const look = part.material.kind === 'dowel' ? 'pine' : 'ply';
			for (const frame of part.stands) all.add(look, geometry, place.clone().multiply(matrixOf(frame)));
		}
		for (const s of built.seats) {
			const load = thingOn(s);
			if (!load) continue;
			for (const t of s.things) {
				const top = s.at[1] + above(s.stance, load);
				const { wide, deep } = sizeOn(s, load);
				const box = new BoxGeometry(wide, load.height, deep);
				all.add(
					'thing',
					box,
					place.clone().multiply(new Matrix4().setPosition(s.at[0], top - load.height / 2, t.at[2]))
				);
			}
		}
	}
	return all;
}

function disposeOf(group: Group) {
	group.traverse((o) => {
		if (o instanceof Mesh || o instanceof LineSegments) o.geometry.dispose();
	});
}

/** Longer between two frames of a drag than this, ms: detail is left out until it ends. */
const SLOW = 33;

/**
 * Opens a scene in a box of the page, as large as it is.
 * @throws Error where the browser has no WebGL
 */
export function openScene(host: HTMLElement): SpaceScene {
	const renderer = new WebGLRenderer({ antialias: true, alpha: true });
	const sharp = Math.min(2, devicePixelRatio);
	renderer.setPixelRatio(sharp);
	host.append(renderer.domElement);
	const scene = new Scene();
	scene.add(new AmbientLight(0xffffff, 1.6));
	const sun = new DirectionalLight(0xffffff, 1.8);
	sun.position.set(-0.6, 1, 1.2);
	scene.add(sun);
	const camera = new PerspectiveCamera(35, 1, 1, 100_000);
	const controls = new OrbitControls(camera, renderer.domElement);
	controls.listenToKeyEvents(host);
	let model = new Group();
	let last: Shown | null = null;

	/** In a drag that is slow edges go first, then every second pixel; all comes back when it ends. */
	let coarse = 0;
	let before = 0;
	function setDetail(level: number) {
		coarse = level;
		for (const o of model.children) if (o.name === 'edges') o.visible = level < 1;
		renderer.setPixelRatio(level < 2 ? sharp : sharp / 2);
		host.dataset.detail = String(level);
	}
	const draw = () => renderer.render(scene, camera);
	function drag() {
		const now = performance.now();
		const took = now - before;
		before = now;
		// A rest between two moves is no slow frame.
		if (took > SLOW && took < 1000 && coarse < 2) setDetail(coarse + 1);
		draw();
	}
	controls.addEventListener('start', () => (before = performance.now()));
	controls.addEventListener('change', drag);
	controls.addEventListener('end', () => {
		setDetail(0);
		draw();
	});

	function resize() {
		const { clientWidth: w, clientHeight: h } = host;
		if (w === 0 || h === 0) return;
		renderer.setSize(w, h);
		camera.aspect = w / h;
		camera.updateProjectionMatrix();
		draw();
	}
	const watch = new ResizeObserver(resize);
	watch.observe(host);

	let looked = false;
	function lookAt({ models, wall }: Shown) {
		const out = Math.max(0, ...models.map((m) => m.built.reach.out));
		const [x, y] = [wall.left + wall.width / 2, wall.low + wall.height / 2];
		const far = Math.max(wall.width / camera.aspect, wall.height, out) * 1.75;
		camera.position.set(x - far * 0.4, y + far * 0.35, far);
		controls.target.set(x, y, 0);
		controls.update();
	}

	return {
		show(shown) {
			scene.remove(model);
			disposeOf(model);
			last = shown;
			const all = gather(shown);
			const { left, low, width, height } = shown.wall;
			const back = new Matrix4().setPosition(left + width / 2, low + height / 2, -2);
			all.add('wall', new BoxGeometry(width, height, 4), back);
			model = all.group();
			scene.add(model);
			if (!looked) {
				resize();
				lookAt(shown);
			}
			looked = true;
			draw();
		},
		async file(ending) {
			const group = last ? gather(last).group() : new Group();
			for (const edges of group.children.filter((o) => o.name === 'edges')) group.remove(edges);
			if (ending === 'stl') {
				const { STLExporter } = await import('three/examples/jsm/exporters/STLExporter.js');
				const data = new STLExporter().parse(group, { binary: true });
				return new Blob([data.buffer as ArrayBuffer], { type: 'model/stl' });
			}
			const { GLTFExporter } = await import('three/examples/jsm/exporters/GLTFExporter.js');
			group.scale.setScalar(0.001);
			// The format knows this kind of surface alone; drawing it here would cost frames.
			for (const solid of group.children)
				if (solid instanceof Mesh && solid.material instanceof MeshLambertMaterial)
					solid.material = new MeshStandardMaterial({ color: solid.material.color, roughness: 1 });
			const data = (await new GLTFExporter().parseAsync(group, { binary: true })) as ArrayBuffer;
			return new Blob([data], { type: 'model/gltf-binary' });
		},
		close() {
			watch.disconnect();
			controls.dispose();
			disposeOf(model);
			renderer.dispose();
			renderer.domElement.remove();
		}
	};
}
