<script lang="ts">
	import { reachOf } from '$core/handling/reach';
	import type { Wall } from '$core/plan/types';
	import { formatLength } from '$core/units/format-length';
	import type { LengthUnit } from '$core/units/parse-length';

	/** Heights between which things are easy to reach for whoever reaches here. `k` is px per mm. */
	let { stature, wall, k, unit }: { stature: number; wall: Wall; k: number; unit: LengthUnit } = $props();

	const lines = $derived.by(() => {
		const r = reachOf(stature);
		return [
			{ y: r.wrist, word: 'wrist' },
			{ y: r.eye, word: 'eye' },
			{ y: r.top, word: 'reach, feet flat' }
		]
			.map((l) => ({ ...l, y: l.y - (wall.base ?? 0) }))
			.filter((l) => l.y > 0 && l.y < wall.height);
	});
</script>

<g aria-hidden="true">
	{#each lines as l (l.word)}
		<path d="M0 {-l.y}H{wall.width}" />
		<text transform="translate({wall.width} {-l.y}) scale({1 / k})" x="-4" y="-3" text-anchor="end"
			>{l.word} {formatLength(l.y + (wall.base ?? 0), unit)}</text
		>
	{/each}
</g>

<style>
	g {
		pointer-events: none;
	}
	path {
		stroke: var(--chalk);
		stroke-width: 1;
		stroke-dasharray: 1 5;
		vector-effect: non-scaling-stroke;
	}
	text {
		font: 600 11px var(--font-sans);
		fill: var(--chalk);
		stroke: var(--wall);
		stroke-width: 3px;
		paint-order: stroke;
	}
</style>
