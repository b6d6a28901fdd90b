<script lang="ts">
	import type { Snippet } from 'svelte';
	import { whenIdle } from '$lib/state/when-idle';

	interface Props {
		title: string;
		/** Idle moments to wait before its content is built: what is further down a long slip need not hold up the press that opened it. */
		after?: number;
		children: Snippet;
	}
	let { title, after = 0, children }: Props = $props();

	let moments = $state(0);
	$effect(() => (moments < after ? whenIdle(() => moments++) : undefined));
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
