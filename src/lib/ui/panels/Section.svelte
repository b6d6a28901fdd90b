<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		title: string;
		/** Idle moments to wait before its content is built: what is further down a long slip need not hold up the press that opened it. */
		after?: number;
		children: Snippet;
	}
	let { title, after = 0, children }: Props = $props();

	const LONGEST_WAIT = 250;
	let moments = $state(0);
	$effect(() => {
		if (moments >= after) return;
		const pass = () => moments++;
		if ('requestIdleCallback' in window) {
			const wait = requestIdleCallback(pass, { timeout: LONGEST_WAIT });
			return () => cancelIdleCallback(wait);
		}
		const wait = setTimeout(pass, 20);
		return () => clearTimeout(wait);
	});
</script>

<section>
	<h3>{title}</h3>
	{#if moments >= after}{@render children()}{/if}
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
