<script lang="ts">
	import type { PhotoJob } from '$lib/state/photo-job.svelte';
	import { followDrag } from '../wall/drag';

	/** The photograph, with its four points to be dragged or moved by arrow keys. */
	let { job }: { job: PhotoJob } = $props();

	let canvas = $state<HTMLCanvasElement>();
	let frame: HTMLDivElement;
	const NAMES = ['lower left', 'lower right', 'upper right', 'upper left'];
	/** Share of the picture that a key moves a point by, and with shift. */
	const KEY = 0.002;

	$effect(() => {
		const { opened } = job;
		if (!canvas || !opened) return;
		canvas.width = opened.preview.width;
		canvas.height = opened.preview.height;
		canvas.getContext('2d')?.drawImage(opened.preview, 0, 0);
	});

	const clamp = (v: number) => Math.min(1, Math.max(0, v));
	function move(i: number, x: number, y: number) {
		job.seen[i] = { x: clamp(x), y: clamp(y) };
	}
	function grab(event: PointerEvent, i: number) {
		event.preventDefault();
		const box = frame.getBoundingClientRect();
		const before = { ...job.seen[i] } as { x: number; y: number };
		followDrag(event, {
			move: (e) => move(i, (e.clientX - box.left) / box.width, (e.clientY - box.top) / box.height),
			end(done) {
				if (!done) job.seen[i] = before;
			}
		});
	}
	function keyed(event: KeyboardEvent, i: number) {
		const by = event.shiftKey ? 10 * KEY : KEY;
		const step = (
			{ ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] } as Record<
				string,
				[number, number]
			>
		)[event.key];
		const p = job.seen[i];
		if (!step || !p) return;
		event.preventDefault();
		move(i, p.x + step[0], p.y + step[1]);
	}
</script>

<div class="photo" bind:this={frame}>
	<canvas bind:this={canvas} aria-label="The photograph {job.file}"></canvas>
	<svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true"
		><path d="M{job.seen.map((p) => `${p.x} ${p.y}`).join('L')}z" /></svg
	>
	{#each job.seen as p, i (i)}
		<button
			type="button"
			aria-label="Point {i + 1}, {NAMES[i]}: {Math.round(p.x * 100)} % along, {Math.round(p.y * 100)} % down"
			style:left="{p.x * 100}%"
			style:top="{p.y * 100}%"
			onpointerdown={(e) => grab(e, i)}
			onkeydown={(e) => keyed(e, i)}>{i + 1}</button
		>
	{/each}
</div>

<style>
	.photo {
		position: relative;
		margin-block: 0.5rem;
		touch-action: none;
	}
	canvas {
		display: block;
		width: 100%;
	}
	svg {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
		pointer-events: none;
	}
	path {
		fill: none;
		stroke: var(--tape);
		stroke-width: 2;
		vector-effect: non-scaling-stroke;
	}
	button {
		position: absolute;
		width: 30px;
		height: 30px;
		margin: -15px 0 0 -15px;
		border: 2px solid var(--tape);
		border-radius: 50%;
		background: rgb(0 0 0 / 0.55);
		color: #fff;
		font-weight: 700;
		cursor: grab;
		touch-action: none;
	}
</style>
