<script lang="ts">
	import type { Verdict } from '$core/verdict/check';
	import { vialBubble, vialGlass, vialStroke } from './vial-shape';

	/** Spirit-level vials of one verdict, each about its middle: where the bubble stands is the verdict. For any svg. */
	let {
		verdict,
		at,
		size = 1
	}: { verdict: Verdict; at: readonly (readonly [number, number])[]; size?: number } = $props();

	const glass = $derived(at.map(([x, y]) => vialGlass(x, y, size)).join(''));
	const bubbles = $derived(at.map(([x, y]) => vialBubble(verdict, x, y, size)).join(''));
	const struck = $derived(at.map(([x, y]) => vialStroke(verdict, x, y, size)).join(''));
	const colour = $derived(`var(--${verdict})`);
</script>

<path
	d={glass}
	fill="var(--sheet)"
	stroke={colour}
	stroke-width={1.7 * Math.sqrt(size)}
	stroke-dasharray={verdict === 'cannot-be-judged' ? '3 2' : undefined}
/>
<path d={bubbles} fill={colour} />
{#if struck}<path d={struck} stroke={colour} stroke-width={2.4 * size} />{/if}
