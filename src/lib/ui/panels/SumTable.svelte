<script lang="ts">
	import type { SumLine } from '$core/verdict/check';
	import SumLineRow from './SumLineRow.svelte';

	/**
	 * A worked sum, as on a scrap of board: what, the sum with its numbers, what it comes to. Steps on the way to a
	 * figure are folded.
	 */
	let { lines }: { lines: readonly SumLine[] } = $props();

	/** Lines that stand open, and those between them that are folded away together. */
	const parts = $derived.by(() => {
		const found: { folded: boolean; lines: SumLine[] }[] = [];
		for (const line of lines) {
			const folded = line.detail === true;
			const last = found.at(-1);
			if (last?.folded === folded) last.lines.push(line);
			else found.push({ folded, lines: [line] });
		}
		return found;
	});
</script>

<div class="sum">
	{#each parts as part, p (p)}
		{#if part.folded}
			<details>
				<summary>how the next figure comes about</summary>
				<dl>
					{#each part.lines as line, i (i)}<SumLineRow {line} last={false} />{/each}
				</dl>
			</details>
		{:else}
			<dl>
				{#each part.lines as line, i (i)}<SumLineRow
						{line}
						last={p === parts.length - 1 && i === part.lines.length - 1}
					/>{/each}
			</dl>
		{/if}
	{/each}
</div>

<style>
	details {
		border-bottom: 1px dotted var(--hair);
	}
	summary {
		padding: 0.2rem 0;
		font-family: var(--font-sans);
		color: var(--pencil);
		cursor: pointer;
	}
	details dl {
		padding-left: 0.6rem;
		border-left: 2px solid var(--hair);
	}
	@media print {
		details::details-content {
			content-visibility: visible;
			height: auto;
		}
	}
</style>
