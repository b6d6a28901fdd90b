<script lang="ts">
	import type { LoadPath } from '$core/checks/load-path';

	/** Thing, hook, row, screws, studs: the way down, in chalk. `k` is px per mm. */
	let { path, k }: { path: LoadPath; k: number } = $props();

	/** The height at which it goes along to the screws: of the hook, or of the highest screw. */
	const across = $derived(path.hook ? path.hook[0][1] : Math.max(...path.screws.map((s) => s.at[1])));
</script>

<g class="path" aria-hidden="true">
	{#each path.carriers as chain, i (i)}
		<polyline points={chain.map(([x, y]) => `${x},${-y}`).join(' ')} />
		<circle cx={chain[0]?.[0]} cy={-(chain[0]?.[1] ?? 0)} r={4 / k} />
	{/each}
	<path d="M{path.thing[0]} {-path.thing[1]}V{-across}" />
	{#if path.hook}<path d="M{path.hook[0][0]} {-across}H{path.hook[1][0]}" stroke-width="4" />{/if}
	{#each path.screws as s, i (i)}
		<path d="M{path.thing[0]} {-across}H{s.at[0]}" />
		<path d="M{s.at[0]} {-s.at[1]}v{28 / k}" stroke-dasharray="5 4" />
		<circle cx={s.at[0]} cy={-s.at[1]} r={6 / k} />
	{/each}
</g>

<style>
	.path {
		pointer-events: none;
	}
	path,
	polyline {
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
