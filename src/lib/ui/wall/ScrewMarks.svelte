<script lang="ts">
	import { onRow, type AnyPlaced } from '$core/places/any-place';

	/** Screws of a holder into the wall, in its own frame, y down; those that count for nothing are hollow. */
	let { placed }: { placed: AnyPlaced } = $props();

	const screws = $derived(
		onRow(placed) ? [] : placed.screws.map((s) => ({ x: s.x - placed.left, y: s.up, out: s.fault !== undefined }))
	);
</script>

{#each screws as s, i (i)}
	<circle cx={s.x} cy={-s.y} r="5" class:out={s.out} />
{/each}

<style>
	circle {
		fill: var(--ink);
		stroke: var(--sheet);
		vector-effect: non-scaling-stroke;
		pointer-events: none;
	}
	.out {
		fill: none;
		stroke: var(--does-not-hold);
		stroke-width: 2;
	}
</style>
