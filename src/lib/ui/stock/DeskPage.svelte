<script lang="ts">
	import type { Snippet } from 'svelte';

	/** What lies on the desk where there is no table: headings and what stands under them. */
	let { children }: { children: Snippet } = $props();
</script>

<div class="page">{@render children()}</div>

<style>
	.page {
		position: relative;
		height: 100%;
		padding: 0.6rem 1rem 1.5rem;
		overflow-y: auto;
		background: var(--sheet);
	}
	.page :global(h2) {
		margin-top: 0.7rem;
		border-bottom: 1.5px solid var(--ink);
		font-weight: 700;
	}
	.page :global(.marks) {
		color: var(--pencil);
	}
</style>
