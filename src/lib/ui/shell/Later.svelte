<script lang="ts">
	import { onMount, type Snippet } from 'svelte';

	/**
	 * What is in it is made in a task of its own, right after what is around it: a long panel that opens as a drag
	 * begins does not hold that up.
	 */
	let { children }: { children: Snippet } = $props();

	let ready = $state(false);
	onMount(() => {
		const wait = setTimeout(() => (ready = true));
		return () => clearTimeout(wait);
	});
</script>

{#if ready}{@render children()}{/if}
