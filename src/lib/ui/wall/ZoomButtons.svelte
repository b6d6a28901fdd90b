<script lang="ts">
	/** By what the drawing is zoomed; 0 shows the whole wall again. */
	let { zoomBy }: { zoomBy: (factor: number) => void } = $props();
</script>

<div class="no-print" role="group" aria-label="Zoom">
	<button type="button" aria-label="Zoom in" onclick={() => zoomBy(1.4)}>+</button>
	<button type="button" aria-label="Zoom out" onclick={() => zoomBy(1 / 1.4)}>−</button>
	<button type="button" aria-label="All: show the whole wall" onclick={() => zoomBy(0)}>All</button>
</div>

<style>
	div {
		position: absolute;
		right: 6px;
		bottom: 34px;
		display: flex;
		gap: 4px;
	}
	button {
		min-width: 34px;
		height: 30px;
		padding: 0 8px;
		border: 1px solid var(--hair);
		border-radius: 2px;
		background: var(--sheet);
		color: var(--ink);
		font-weight: 700;
	}
</style>
