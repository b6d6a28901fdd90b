<script lang="ts">
	import { Button, Drawer } from 'flowbite-svelte';
	import { isTyping } from './undo-keys';

	/** Every key that does something, on one sheet; `?` shows it. */
	const KEYS: { keys: string; does: string }[] = [
		{ keys: 'Ctrl Z', does: 'undo' },
		{ keys: 'Ctrl Y, Ctrl Shift Z', does: 'redo' },
		{ keys: 'Tab, Shift Tab', does: 'next and last thing on the drawing, or field' },
		{ keys: 'Enter, space', does: 'pick it' },
		{ keys: 'arrows', does: 'move what is picked by a tick of the tape; with Shift by ten' },
		{ keys: 'Delete', does: 'delete it' },
		{ keys: 'Escape', does: 'let go: of a drag, or of what is picked' },
		{ keys: '+  -  0', does: 'nearer, further, the whole wall' },
		{ keys: 'Alt while dragging', does: 'no snapping' },
		{ keys: 'arrows, Enter, F2 in a table', does: 'go about, change a cell' },
		{ keys: '?', does: 'this sheet' }
	];
	let open = $state(false);

	function keyed(event: KeyboardEvent) {
		if (event.key !== '?' || isTyping(event) || event.ctrlKey || event.metaKey) return;
		event.preventDefault();
		open = true;
	}
</script>

<svelte:window onkeydown={keyed} />

<Button size="sm" color="alternative" onclick={() => (open = true)}>Keys</Button>
<Drawer bind:open placement="right" title="Keys" dismissable={false} width="default" aria-label="Keys" class="keys">
	<h2>Keys</h2>
	<dl>
		{#each KEYS as k (k.keys)}
			<dt>{k.keys}</dt>
			<dd>{k.does}</dd>
		{/each}
	</dl>
	<Button size="sm" onclick={() => (open = false)}>Close</Button>
</Drawer>

<style>
	:global(.keys) {
		width: min(30rem, 92vw) !important;
		padding: 1rem 1.3rem !important;
		border-left: 2px solid var(--ink);
		background: var(--sheet) !important;
		color: var(--ink);
	}
	h2 {
		font-size: 1.2rem;
		font-weight: 700;
	}
	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 0.35rem 1.2rem;
		margin-block: 0.7rem 1rem;
	}
	dt {
		max-width: 11rem;
		font-family: var(--font-mono);
		font-weight: 600;
	}
</style>
