<script lang="ts" module>
	/** Length that a figure takes, px. */
	export const roomFor = (word: string): number => word.length * 6.6 + 8;
</script>

<script lang="ts">
	/**
	 * A dimension on a drawing, in px: a line between two ticks and its figure. Too short for it, it has none, or where
	 * nothing stands to the right of it, it has it there.
	 */
	interface Props {
		from: readonly [number, number];
		to: readonly [number, number];
		word: string;
		upright?: boolean;
		free?: boolean;
	}
	let { from, to, word, upright = false, free = false }: Props = $props();

	const long = $derived(upright ? Math.abs(to[1] - from[1]) : Math.abs(to[0] - from[0]));
	const room = $derived(roomFor(word));
	const middle = $derived([(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]);
</script>

{#if long > 4}
	<g class="dimension">
		<path
			d={upright
				? `M${from[0]} ${from[1]}V${to[1]}M${from[0] - 4} ${from[1]}h8M${to[0] - 4} ${to[1]}h8`
				: `M${from[0]} ${from[1]}H${to[0]}M${from[0]} ${from[1] - 4}v8M${to[0]} ${to[1] - 4}v8`}
		/>
		{#if upright}
			<text transform="rotate(-90 {middle[0]} {middle[1]})" x={middle[0]} y={(middle[1] ?? 0) - 4} text-anchor="middle"
				>{word}</text
			>
		{:else if long > room}
			<text x={middle[0]} y={(middle[1] ?? 0) - 4} text-anchor="middle">{word}</text>
		{:else if free}
			<text x={Math.max(from[0], to[0]) + 6} y={(middle[1] ?? 0) + 4}>{word}</text>
		{/if}
	</g>
{/if}

<style>
	path {
		fill: none;
		stroke: var(--chalk);
		stroke-width: 1.2;
	}
	text {
		fill: var(--chalk);
		font-family: var(--font-mono, monospace);
		font-size: 11px;
	}
</style>
