<script lang="ts">
	import type { RoomDesk, WallView } from '$lib/state/room-desk.svelte';

	/** Whether the wall is shown from its front, or the room that it is in. */
	let { desk }: { desk: RoomDesk } = $props();

	const VIEWS: [WallView, string][] = [
		['front', 'Front'],
		['above', 'From above'],
		['below', 'Ceiling'],
		['section', 'Cut across'],
		['space', 'In space']
	];
</script>

<div class="switch no-print" role="group" aria-label="How the wall is shown">
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
		padding: 0.2rem 0.6rem;
		font-size: 0.82rem;
	}
	button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--sheet);
	}
	@media (max-width: 700px) {
		button {
			padding: 0.2rem 0.35rem;
			font-size: 0.75rem;
		}
	}
</style>
