<script lang="ts">
	import type { Placed } from '$core/loads/place';
	import { holesPath, thingsPath } from './thing-shape';

	let { placed, selected }: { placed: Placed; selected: boolean } = $props();

	/** Three shapes a holder, however many things hang on it: a full wall has hundreds of them. */
	const { load, pegs } = $derived(placed.holder.params);
	const built = $derived(placed.built);
	const face = $derived(built.face);
	const things = $derived(
		load.mass > 0
			? thingsPath(
					load.name,
					load.width,
					load.height,
					built.seats.map((s) => [s.x, -s.y - pegs.diameter / 2])
				)
			: ''
	);
	const holes = $derived(holesPath(built.holes.map((h) => ({ x: h.x, y: -h.y, diameter: h.diameter }))));
</script>

<g transform="translate({placed.left} {-placed.foot})">
	<rect
		x="0"
		y={-face.height}
		width={face.width}
		height={face.height}
		fill="var(--ply)"
		stroke={selected ? 'var(--chalk)' : 'var(--ply-edge)'}
		stroke-width={selected ? 2.5 : 1.2}
		class="thin"
	/>
	<path d={things} fill="var(--thing)" stroke="var(--sheet)" stroke-width="0.8" fill-rule="evenodd" class="thin" />
	<path d={holes} fill="var(--pine)" stroke="var(--ply-edge)" stroke-width="1" class="thin" />
</g>

<style>
	.thin {
		vector-effect: non-scaling-stroke;
	}
</style>
