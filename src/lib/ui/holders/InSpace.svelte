<script lang="ts">
	import type { AnyPlaced } from '$core/places/any-place';
	import { onMount } from 'svelte';
	import type { SpaceScene } from './space-scene';

	/** One holder in space: turned by dragging, or by the arrow keys. What draws it is loaded when it is asked for. */
	let { placed }: { placed: AnyPlaced } = $props();

	let host: HTMLDivElement;
	let fault = $state('');
	let scene = $state.raw<SpaceScene | null>(null);

	onMount(() => {
		let gone = false;
		void import('./space-scene')
			.then(({ openScene }) => {
				if (!gone) scene = openScene(host);
			})
			.catch(() => (fault = 'This browser cannot draw in space: it has no WebGL.'));
		return () => {
			gone = true;
			scene?.close();
		};
	});
	$effect(() => scene?.show(placed.built));
</script>

<div
	class="space"
	bind:this={host}
	role="img"
	aria-label="{placed.holder.name || 'The holder'} in space; drag to turn it"
>
	{#if fault}<p class="error" role="alert">{fault}</p>
	{:else if !scene}<p class="marks">Loading…</p>{/if}
</div>

<style>
	.space {
		position: relative;
		width: 100%;
		height: 100%;
		min-height: 0;
		overflow: hidden;
		background: var(--sheet);
	}
	.space :global(canvas) {
		position: absolute;
		inset: 0;
		touch-action: none;
	}
	p {
		padding: 1rem;
	}
</style>
