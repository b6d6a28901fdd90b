<script lang="ts">
	import type { Snippet } from 'svelte';
	import { whenIdle } from '$lib/state/when-idle';

	/**
	 * Builds its content some idle moments later: what is further down a long slip need not hold up the press that opened
	 * it.
	 */
	let { after, children }: { after: number; children: Snippet } = $props();

	let moments = $state(0);
	$effect(() => (moments < after ? whenIdle(() => moments++) : undefined));
</script>

{#if moments >= after}{@render children()}{/if}
