<script lang="ts">
	import type { Snippet } from 'svelte';
	import Later from './Later.svelte';

	interface Props {
		title: string;
		/** Idle moments to wait before its content is built. */
		after?: number;
		children: Snippet;
	}
	let { title, after = 0, children }: Props = $props();
</script>

<section>
	<h3>{title}</h3>
	<Later {after}>{@render children()}</Later>
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
