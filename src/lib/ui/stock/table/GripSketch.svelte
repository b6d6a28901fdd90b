<script lang="ts">
	import type { Dims } from '$core/things/grips/grip';
	import type { GripKind } from '$core/things/grips/registry';
	import { SKETCH, sketchOf } from './grip-sketch';

	/** How a thing is carried, as a drawing the size of a word. */
	let { grip, dims }: { grip: GripKind; dims: Dims } = $props();
</script>

<svg width={SKETCH.width} height={SKETCH.height} aria-hidden="true">
	{#each sketchOf(grip, dims) as { d, fill }, i (i)}<path {d} {fill} stroke="var(--thing)" stroke-width="1" />{/each}
</svg>

<style>
	svg {
		flex: none;
	}
</style>
