<script lang="ts">
	import type { HolderDesk, HolderView } from '$lib/state/holder-desk.svelte';

	/** Whether the picked holder is shown on its wall, large from its sides, or in space. */
	let { desk }: { desk: HolderDesk } = $props();

	const VIEWS: [HolderView, string][] = [
		['bench', 'Bench'],
		['wall', 'Wall'],
		['space', 'In space']
	];
</script>

<div class="switch no-print" role="group" aria-label="How the holder is shown">
	{#each VIEWS as [view, word] (view)}
		<button type="button" aria-pressed={desk.view === view} onclick={() => (desk.view = view)}>{word}</button>
	{/each}
</div>

<style>
	.switch {
		position: absolute;
		z-index: 2;
		top: 10px;
		right: 12px;
		border: 1px solid var(--ink);
		background: var(--sheet);
	}
	button {
		padding: 0.25rem 0.8rem;
		font-size: 0.85rem;
	}
	button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--sheet);
	}
</style>
