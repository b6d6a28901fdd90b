<script lang="ts">
	import type { Verdict } from '$core/loads/check';
	import { vialBubble, vialGlass } from './vial-shape';

	/** Spirit-level vials of one verdict, each about its middle: where the bubble stands is the verdict. For any svg. */
	let { verdict, at }: { verdict: Verdict; at: readonly (readonly [number, number])[] } = $props();

	const glass = $derived(at.map(([x, y]) => vialGlass(x, y)).join(''));
	/** What cannot be built is struck through. */
	const struck = $derived(verdict === 'cannot-be-built' ? at.map(([x, y]) => `M${x - 17} ${y + 8}L${x + 17} ${y - 8}`).join('') : '');
	const bubbles = $derived(at.map(([x, y]) => vialBubble(verdict, x, y)).join(''));
	const colour = $derived(`var(--${verdict})`);
</script>

<path d={glass} fill="var(--sheet)" stroke={colour} stroke-width="1.7" stroke-dasharray={verdict === 'cannot-be-judged' ? '3 2' : undefined} />
<path d={bubbles} fill={colour} />
{#if struck}<path d={struck} stroke={colour} stroke-width="2.4" />{/if}
