<script lang="ts">
	import type { Snippet } from 'svelte';

	let { title, children }: { title: string; children: Snippet } = $props();
</script>

<section>
	<h3>{title}</h3>
	{@render children()}
</section>

<style>
	section {
		margin-top: 1rem;
	}
	h3 {
		margin-bottom: 0.35rem;
		padding-bottom: 0.15rem;
		border-bottom: 1.5px solid var(--ink);
		font-weight: 700;
	}
</style>
