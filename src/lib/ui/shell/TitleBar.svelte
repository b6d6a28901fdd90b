<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { keepMark } from '$lib/state/keep-mark';
	import type { OnDevice, OnServer } from '$lib/state/keeper.svelte';
	import KeysSheet from './KeysSheet.svelte';
	import Preferences from './Preferences.svelte';

	/** What is worked on: a wall, or the stock-take. */
	interface Work {
		keeper: { server: OnServer; device: OnDevice; message: string; unkept: boolean; save(): Promise<void> };
		history: { past: readonly { label: string }[]; future: readonly { label: string }[] };
		undo(): void;
		redo(): void;
	}
	let { name, work, save }: { name: string; work: Work; save?: () => void } = $props();

	const mark = $derived(keepMark(work.keeper.server, work.keeper.device, work.keeper.message));
	let unfolded = $state(false);
	const past = $derived(work.history.past.at(-1));
	const future = $derived(work.history.future.at(-1));
	let tools: HTMLElement;
	/** A press elsewhere, or Escape, folds the rest away again. */
	const away = (e: PointerEvent) => !tools.contains(e.target as Node) && (unfolded = false);
	const escaped = (e: KeyboardEvent) => e.key === 'Escape' && (unfolded = false);
</script>

<svelte:window onpointerdowncapture={away} onkeydown={escaped} />

<header class="no-print" class:loud={mark.tone === 'away' || mark.tone === 'lost'}>
	<a href="/" class="home">Kammer</a>
	<h1 title={name}>{name}</h1>
	<p class="keep {mark.tone}" role="status" title={mark.words}>{mark.words}</p>
	{#if work.keeper.server === 'failed' || work.keeper.server === 'refused'}<Button
			size="sm"
			color="alternative"
			onclick={() => work.keeper.save()}>Try again</Button
		>{/if}
	<div class="tools" bind:this={tools}>
		<Button
			size="sm"
			color="alternative"
			disabled={!past}
			title={past ? `Undo: ${past.label}` : 'Nothing to undo'}
			onclick={() => work.undo()}>Undo</Button
		>
		<Button
			size="sm"
			color="alternative"
			disabled={!future}
			title={future ? `Redo: ${future.label}` : 'Nothing to redo'}
			onclick={() => work.redo()}>Redo</Button
		>
		<!-- On a phone the rest waits behind one button, so that the bar stays one line. -->
		<button type="button" class="more" aria-expanded={unfolded} onclick={() => (unfolded = !unfolded)}>More</button>
		<div class="rest" class:unfolded>
			<Preferences />
			<KeysSheet />
			{#if save}<Button size="sm" color="alternative" onclick={save}>Export</Button>{/if}
		</div>
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
	.keep.away,
	.keep.lost {
		font-weight: 700;
		color: var(--close);
	}
	.keep.lost {
		color: var(--does-not-hold);
	}
	.tools,
	.rest {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
	}
	.more {
		display: none;
	}
	@media (max-width: 900px) {
		header {
			position: relative;
			flex-wrap: nowrap;
			gap: 0.5rem;
			padding-inline: 0.6rem;
		}
		h1 {
			flex-basis: 2rem;
		}
		.keep {
			overflow: hidden;
			text-overflow: ellipsis;
			white-space: nowrap;
		}
		.tools {
			flex: none;
			flex-wrap: nowrap;
		}
		/* What is not kept is worth a line of its own. */
		header.loud {
			flex-wrap: wrap;
		}
		.loud .keep {
			flex: 1 1 100%;
			order: 1;
			white-space: normal;
		}
		.loud > :global(button) {
			order: 2;
		}
		.more {
			display: block;
			min-height: 34px;
			padding: 0 0.6rem;
			border: 1px solid var(--pencil);
			border-radius: 2px;
			font-size: 0.9rem;
		}
		.rest:not(.unfolded) {
			display: none;
		}
		.rest {
			position: absolute;
			top: 100%;
			right: 0;
			z-index: 20;
			padding: 0.6rem;
			border: 2px solid var(--ink);
			background: var(--paper);
		}
	}
</style>
