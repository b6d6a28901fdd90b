<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { Keeping } from '$lib/state/open-plan.svelte';
	import KeysSheet from './KeysSheet.svelte';
	import Preferences from './Preferences.svelte';

	/** What is worked on: a wall, or the stock-take. */
	interface Work {
		keeping: Keeping;
		refusal: string;
		history: { past: readonly { label: string }[]; future: readonly { label: string }[] };
		undo(): void;
		redo(): void;
	}
	let { name, work, save }: { name: string; work: Work; save?: () => void } = $props();

	const words: Record<Keeping, string> = {
		kept: 'kept',
		keeping: 'keeping …',
		waiting: 'kept on this device; the server or its database cannot be reached',
		conflict: 'changed elsewhere',
		refused: 'not kept on the server'
	};
	const past = $derived(work.history.past.at(-1));
	const future = $derived(work.history.future.at(-1));
</script>

<header class="no-print">
	<a href="/" class="home">Kammer</a>
	<h1 title={name}>{name}</h1>
	<p class="keep {work.keeping}" role="status">{words[work.keeping]}{work.keeping === 'refused' ? `: ${work.refusal}` : ''}</p>
	<div class="tools">
		<Button size="sm" color="alternative" disabled={!past} title={past ? `Undo: ${past.label}` : 'Nothing to undo'} onclick={() => work.undo()}>Undo</Button>
		<Button size="sm" color="alternative" disabled={!future} title={future ? `Redo: ${future.label}` : 'Nothing to redo'} onclick={() => work.redo()}>Redo</Button>
		<Preferences />
		<KeysSheet />
		{#if save}<Button size="sm" color="alternative" onclick={save}>Export</Button>{/if}
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
