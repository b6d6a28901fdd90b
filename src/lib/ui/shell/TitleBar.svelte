<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { Keeping, OpenPlan } from '$lib/state/open-plan.svelte';
	import { fileName, saveFile } from '$lib/state/save-file';
	import Preferences from './Preferences.svelte';

	let { open }: { open: OpenPlan } = $props();

	const words: Record<Keeping, string> = {
		kept: 'kept',
		keeping: 'keeping …',
		waiting: 'kept on this device; the server or its database cannot be reached',
		conflict: 'changed elsewhere',
		refused: 'not kept on the server'
	};
	const past = $derived(open.history.past.at(-1));
	const future = $derived(open.history.future.at(-1));
</script>

<header class="no-print">
	<a href="/" class="home">Kammer</a>
	<h1 title={open.shown.name}>{open.shown.name}</h1>
	<p class="keep {open.keeping}" role="status">{words[open.keeping]}{open.keeping === 'refused' ? `: ${open.refusal}` : ''}</p>
	<div class="tools">
		<Button size="sm" color="alternative" disabled={!past} title={past ? `Undo: ${past.label}` : 'Nothing to undo'} onclick={() => open.undo()}>Undo</Button>
		<Button size="sm" color="alternative" disabled={!future} title={future ? `Redo: ${future.label}` : 'Nothing to redo'} onclick={() => open.redo()}>Redo</Button>
		<Preferences />
		<Button size="sm" color="alternative" onclick={() => saveFile(fileName(open.plan.name, 'json'), 'application/json', JSON.stringify(open.plan, null, '\t'))}>Export</Button>
	</div>
</header>

<style>
	header {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.3rem 1rem;
		min-height: 50px;
		padding: 0.4rem 1rem;
		border-bottom: 2px solid var(--ink);
		background: var(--paper);
	}
	.home {
		font-size: 1.25rem;
		font-weight: 800;
	}
	h1 {
		flex: 1 1 8rem;
		min-width: 0;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		font-size: 1.1rem;
	}
	.keep {
		font-size: 0.9rem;
		color: var(--pencil);
	}
	.keep.waiting,
	.keep.conflict,
	.keep.refused {
		font-weight: 700;
		color: var(--close);
	}
	.tools {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
	}
</style>
