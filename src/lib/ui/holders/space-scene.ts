import {
	AmbientLight,
	DirectionalLight,
	Group,
	LineSegments,
	Mesh,
	MeshLambertMaterial,
	MeshStandardMaterial,
	PerspectiveCamera,
	Scene,
	WebGLRenderer
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { addWall, gather, roughHolders, roughParts, type Shown } from './space-solids';

/** Solids in space on a page. */
export interface SpaceScene {
	show(shown: Shown): void;
	/** All solids as a file, in metres as glTF has them, in millimetres as STL. */
	file(ending: 'glb' | 'stl'): Promise<Blob>;
	close(): void;
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

	/**
	 * In a drag that is slow edges go first, then every second pixel, then all but a box about each part, then all but
	 * one about each holder; it comes back when the drag ends.
	 */
	let coarse = 0;
	let before = 0;
	/** Made when they are first asked for. */
	let rough: Partial<Record<3 | 4, Group>> = {};
	function roughAt(level: 3 | 4): Group {
		const made = rough[level];
		if (made || !last) return made ?? new Group();
		const group = addWall(level === 3 ? roughParts(last) : roughHolders(last), last).group(false);
		rough = { ...rough, [level]: group };
		scene.add(group);
		return group;
	}
	function setDetail(level: number) {
		coarse = level;
		for (const o of model.children) if (o.name === 'edges') o.visible = level < 1;
		model.visible = level < 3;
		if (level === 3 || level === 4) roughAt(level);
		for (const [of, group] of Object.entries(rough)) group.visible = Number(of) === level;
		renderer.setPixelRatio(level < 2 ? sharp : sharp / 2);
		host.dataset.detail = String(level);
		// What making boxes took is no slow frame.
		before = performance.now();
	}
	function forgetRough() {
		for (const group of Object.values(rough)) {
			scene.remove(group);
			disposeOf(group);
		}
		rough = {};
	}
	const draw = () => renderer.render(scene, camera);
	function drag() {
		const now = performance.now();
		const took = now - before;
		before = now;
		// A rest between two moves is no slow frame.
		if (took > SLOW && took < 1000 && coarse < 4) setDetail(coarse + 1);
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
			forgetRough();
			last = shown;
			model = addWall(gather(shown), shown).group();
			scene.add(model);
			if (!looked) {
				resize();
				lookAt(shown);
			}
			looked = true;
			draw();
		},
		async file(ending) {
			const group = last ? gather(last).group(false) : new Group();
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
			forgetRough();
			renderer.dispose();
			renderer.domElement.remove();
		}
	};
}
