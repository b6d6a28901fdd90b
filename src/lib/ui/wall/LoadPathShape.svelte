<script lang="ts">
	import type { LoadPath } from '$core/loads/load-path';
	import { formatQuantity } from '$core/units/format-quantity';
	import { preferences } from '$lib/state/preferences.svelte';

	/** Thing, hook, row, screws, studs: the way down, in chalk. `k` is px per mm. */
	let { path, k }: { path: LoadPath; k: number } = $props();

	/** Room a figure takes, px. */
	const FIGURE = 54;
	/** Screws whose figure is written: the most loaded first, as long as none stands on another. */
	const figures = $derived.by(() => {
		const written: number[] = [];
		for (const { at } of [...path.screws].sort((a, b) => Math.abs(b.across) - Math.abs(a.across))) {
			if (written.every((x) => Math.abs(x - at[0]) * k >= FIGURE)) written.push(at[0]);
		}
		return new Set(written);
	});
</script>

<g class="path" aria-hidden="true">
	<path d="M{path.thing[0]} {-path.thing[1]}V{-path.hook[0][1]}" />
	<path d="M{path.hook[0][0]} {-path.hook[0][1]}H{path.hook[1][0]}" stroke-width="4" />
	{#each path.screws as s (s.at[0])}
		<path d="M{path.thing[0]} {-path.hook[0][1]}H{s.at[0]}" />
		<path d="M{s.at[0]} {-s.at[1]}v{28 / k}" stroke-dasharray="5 4" />
		<circle cx={s.at[0]} cy={-s.at[1]} r={6 / k} />
		{#if figures.has(s.at[0])}<text transform="translate({s.at[0]} {-s.at[1]}) scale({1 / k})" x="0" y="46" text-anchor="middle">{formatQuantity({ value: s.across, dim: 'force' }, preferences.unit)}</text>{/if}
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
	text {
		font: 600 12px var(--font-mono);
		fill: var(--chalk);
		stroke: var(--sheet);
		stroke-width: 4px;
		paint-order: stroke;
	}
</style>
