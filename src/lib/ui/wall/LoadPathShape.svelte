<script lang="ts">
	import type { LoadPath } from '$core/checks/load-path';

	/** Thing, hook, row, screws, studs: the way down, in chalk. `k` is px per mm. */
	let { path, k }: { path: LoadPath; k: number } = $props();
</script>

<g class="path" aria-hidden="true">
	<path d="M{path.thing[0]} {-path.thing[1]}V{-path.hook[0][1]}" />
	<path d="M{path.hook[0][0]} {-path.hook[0][1]}H{path.hook[1][0]}" stroke-width="4" />
	{#each path.screws as s (s.at[0])}
		<path d="M{path.thing[0]} {-path.hook[0][1]}H{s.at[0]}" />
		<path d="M{s.at[0]} {-s.at[1]}v{28 / k}" stroke-dasharray="5 4" />
		<circle cx={s.at[0]} cy={-s.at[1]} r={6 / k} />
	{/each}
</g>

<style>
	.path {
		pointer-events: none;
	}
	path {
		fill: none;
		stroke: var(--chalk);
		stroke-width: 2;
		vector-effect: non-scaling-stroke;
	}
	circle {
		fill: var(--sheet);
		stroke: var(--chalk);
		stroke-width: 2;
		vector-effect: non-scaling-stroke;
	}
</style>
