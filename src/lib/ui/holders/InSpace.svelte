<script lang="ts">
	import { onMount } from 'svelte';
	import type { SpaceScene } from './space-scene';
	import type { Shown } from './space-solids';

	/** Solids in space: turned by dragging, or by the arrow keys. What draws them is loaded when it is asked for. */
	interface Props {
		shown: Shown;
		/** What it is, for those who do not see it. */
		label: string;
		opened?: (scene: SpaceScene) => void;
	}
	let { shown, label, opened }: Props = $props();

	let host: HTMLDivElement;
	let fault = $state('');
	let scene = $state.raw<SpaceScene | null>(null);

	onMount(() => {
		let gone = false;
		void import('./space-scene')
			.then(({ openScene }) => {
				if (gone) return;
				scene = openScene(host);
				opened?.(scene);
			})
			.catch(() => (fault = 'This browser cannot draw in space: it has no WebGL.'));
		return () => {
			gone = true;
			scene?.close();
		};
	});
	$effect(() => scene?.show(shown));
</script>

<div class="space" bind:this={host} role="img" aria-label={label}>
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
