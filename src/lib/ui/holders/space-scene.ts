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
import { above, sizeOn } from '$core/holders/assemble';
import { thingOn, type Built } from '$core/holders/built';
import { zOf, type Frame } from '$core/solid/frame';
import { flatten, type Path as OutlinePath } from '$core/solid/outline';
import type { Part } from '$core/solid/part';

/** A holder in space on a page. */
export interface SpaceScene {
	show(built: Built): void;
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

/**
 * Opens a scene in a box of the page, as large as it is.
 * @throws Error where the browser has no WebGL
 */
export function openScene(host: HTMLElement): SpaceScene {
	const renderer = new WebGLRenderer({ antialias: true, alpha: true });
	renderer.setPixelRatio(Math.min(2, devicePixelRatio));
	host.append(renderer.domElement);
	const scene = new Scene();
	scene.add(new AmbientLight(0xffffff, 1.6));
	const sun = new DirectionalLight(0xffffff, 1.8);
	sun.position.set(-0.6, 1, 1.2);
	scene.add(sun);
	const camera = new PerspectiveCamera(35, 1, 1, 50_000);
	const controls = new OrbitControls(camera, renderer.domElement);
	controls.listenToKeyEvents(host);
	let model = new Group();
	const draw = () => renderer.render(scene, camera);
	controls.addEventListener('change', draw);

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

	function clear() {
		scene.remove(model);
		model.traverse((o) => {
			if (o instanceof Mesh || o instanceof LineSegments) o.geometry.dispose();
		});
		model = new Group();
	}

	function solid(geometry: BufferGeometry, colour: Color, edge: Color, at: Matrix4) {
		const mesh = new Mesh(geometry, new MeshLambertMaterial({ color: colour }));
		mesh.applyMatrix4(at);
		const lines = new LineSegments(new EdgesGeometry(geometry, 25), new LineBasicMaterial({ color: edge }));
		lines.applyMatrix4(at);
		model.add(mesh, lines);
	}

	let looked = false;
	return {
		show(built) {
			clear();
			const c = colours();
			for (const part of built.parts) {
				const geometry = geometryOf(part);
				const colour = part.material.kind === 'dowel' ? c.pine : c.ply;
				for (const frame of part.stands) solid(geometry, colour, c.edge, matrixOf(frame));
			}
			for (const s of built.seats) {
				const load = thingOn(s);
				if (!load) continue;
				for (const t of s.things) {
					const top = s.at[1] + above(s.stance, load);
					const { wide, deep } = sizeOn(s, load);
					const box = new BoxGeometry(wide, load.height, deep);
					solid(box, c.thing, c.wall, new Matrix4().setPosition(s.at[0], top - load.height / 2, t.at[2]));
				}
			}
			const { width, height } = built.face;
			const wall = new BoxGeometry(width * 1.4, height * 1.8, 4);
			solid(wall, c.wall, c.wall, new Matrix4().setPosition(width / 2, height / 2, -2));
			scene.add(model);
			if (!looked) {
				const far = Math.max(width, height, built.reach.out) * 1.9;
				camera.position.set(width / 2 - far * 0.55, height / 2 + far * 0.45, far);
				controls.target.set(width / 2, height / 2, built.front);
				controls.update();
				looked = true;
			}
			draw();
		},
		close() {
			watch.disconnect();
			controls.dispose();
			clear();
			renderer.dispose();
			renderer.domElement.remove();
		}
	};
}
