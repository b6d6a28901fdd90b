<script lang="ts">
	import { onMount } from 'svelte';
	import { STANDING_NOTE } from '$exchange/check-report';
	import { CutJob } from '$lib/state/cut-job.svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import CutBoards from '../cuts/CutBoards.svelte';
	import CutPanel from '../cuts/CutPanel.svelte';
	import ChecksPanel from '../panels/ChecksPanel.svelte';
	import HoldersPanel from '../panels/HoldersPanel.svelte';
	import RowsPanel from '../panels/RowsPanel.svelte';
	import WallPanel from '../panels/WallPanel.svelte';
	import WallDrawing from '../wall/WallDrawing.svelte';
	import ConflictDialog from './ConflictDialog.svelte';
	import OpenList from './OpenList.svelte';
	import StageBand from './StageBand.svelte';
	import { whenIdle } from '../when-idle';
	import type { StageId } from './stages';
	import TitleBar from './TitleBar.svelte';

	let { open, stage }: { open: OpenPlan; stage: StageId } = $props();

	const job = new CutJob();
	$effect(() => {
		if (stage === 'cut') job.run(open.plan);
	});

	/** What is picked decides the slip; the stage does where nothing is. */
	const slip = $derived.by(() => {
		if (stage === 'holds' || stage === 'cut') return stage;
		const kind = open.selection?.kind;
		if (kind === 'row') return 'rows';
		if (kind === 'holder') return 'holders';
		return kind ? 'wall' : stage;
	});

	function keyed(event: KeyboardEvent) {
		const typing = (event.target as Element).matches('input, select, textarea');
		if ((event.ctrlKey || event.metaKey) && !typing && !event.altKey) {
			const key = event.key.toLowerCase();
			if (key === 'z' || key === 'y') {
				event.preventDefault();
				if (key === 'y' || event.shiftKey) open.redo();
				else open.undo();
			}
		}
		if (event.key === 'Escape' && !typing) open.selection = null;
	}

	onMount(() => {
		whenIdle(() => open.warmUp());
		const leave = () => open.leave();
		window.addEventListener('pagehide', leave);
		return () => {
			window.removeEventListener('pagehide', leave);
			leave();
			job.stop();
		};
	});
</script>

<svelte:window onkeydown={keyed} />

<div class="bench" class:cutting={stage === 'cut'} style:--ratio={open.shown.wall.height / open.shown.wall.width}>
	<header class="on-paper">
		<p class="name">{open.shown.name}</p>
		<p>{STANDING_NOTE}</p>
	</header>
	<div class="top">
		<TitleBar {open} />
		<StageBand {open} {stage} />
	</div>
	<main class="drawing"><WallDrawing {open} {stage} /></main>
	<div class="strip">
		{#if stage === 'cut'}<CutBoards {open} {job} />{:else}<OpenList {open} />{/if}
	</div>
	<aside class="slip" aria-label="Worked sum">
		{#if slip === 'wall'}<WallPanel {open} />
		{:else if slip === 'rows'}<RowsPanel {open} />
		{:else if slip === 'holders'}<HoldersPanel {open} />
		{:else if slip === 'holds'}<ChecksPanel {open} />
		{:else}<CutPanel {open} {job} />{/if}
	</aside>
</div>
<ConflictDialog {open} />

<style>
	.bench {
		display: grid;
		grid-template: auto minmax(0, 1fr) 168px / minmax(0, 1fr) 372px;
		grid-template-areas: 'top top' 'drawing slip' 'strip slip';
		height: 100dvh;
	}
	.bench.cutting {
		grid-template-rows: auto minmax(0, 2fr) minmax(0, 3fr);
	}
	/* What changes in one part lays out that part alone. */
	.drawing,
	.strip,
	.slip {
		contain: layout paint style;
	}
	.top {
		grid-area: top;
	}
	.drawing {
		grid-area: drawing;
		min-height: 0;
	}
	.strip {
		grid-area: strip;
		min-height: 0;
		overflow-y: auto;
		border-top: 2px solid var(--ink);
		background: var(--paper);
	}
	.slip {
		grid-area: slip;
		min-height: 0;
		padding: 1rem 1.1rem 2rem;
		overflow-y: auto;
		border-left: 2px solid var(--ink);
		background: var(--sheet);
	}
	@media (max-width: 900px) {
		.bench,
		.bench.cutting {
			/* As high as the wall needs at this width, and the tapes. */
			grid-template: auto clamp(200px, calc((100vw - 66px) * var(--ratio) + 120px), 46dvh) auto auto / minmax(0, 1fr);
			grid-template-areas: 'top' 'drawing' 'slip' 'strip';
			height: auto;
		}
		.slip {
			border-left: 0;
			border-top: 2px solid var(--ink);
		}
		.strip {
			overflow: visible;
		}
	}
	.on-paper {
		display: none;
	}
	@media print {
		.bench,
		.bench.cutting {
			display: flex;
			flex-direction: column;
			height: auto;
		}
		.on-paper {
			display: block;
			margin-bottom: 4mm;
		}
		.on-paper .name {
			font-size: 1.4rem;
			font-weight: 800;
		}
		.drawing {
			flex: none;
			height: 90mm;
		}
		/* What to buy before how to cut it. */
		.strip {
			order: 1;
		}
		.strip,
		.slip {
			contain: none;
			padding-inline: 0;
			overflow: visible;
			border: 0;
			background: #fff;
		}
		.strip :global(.boards) {
			background: #fff;
		}
	}

	/* The slip's own small words, used by every panel. */
	.slip :global(h2) {
		font-size: 1.3rem;
		font-weight: 800;
	}
	.slip :global(.about),
	.slip :global(.empty) {
		color: var(--pencil);
	}
	.slip :global(.empty) {
		margin-block: 0.4rem 0.8rem;
	}
	.slip :global(.verdict) {
		display: flex;
		gap: 0.6rem;
		align-items: center;
		margin-block: 0.6rem;
		font-weight: 700;
		font-size: 1.05rem;
	}
	.slip :global(.holds) {
		color: var(--holds);
	}
	.slip :global(.close) {
		color: var(--close);
	}
	.slip :global(.does-not-hold) {
		color: var(--does-not-hold);
	}
	.slip :global(.cannot-be-judged) {
		color: var(--cannot-be-judged);
	}
	.slip :global(.grid) {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0.5rem 0.7rem;
		margin-bottom: 0.6rem;
	}
	.slip :global(.actions) {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		margin-block: 0.8rem;
	}
	.slip :global(.marks) {
		margin-top: 0.35rem;
		font-size: 0.93rem;
	}
	.slip :global(.caution) {
		margin-top: 0.9rem;
		padding-top: 0.5rem;
		border-top: 1px solid var(--hair);
		font-size: 0.88rem;
		color: var(--pencil);
	}
	.slip :global(.cards) {
		margin-block: 0.6rem;
	}
	.slip :global(.cards button) {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 0.6rem;
		align-items: start;
		width: 100%;
		padding: 0.45rem 0.2rem;
		text-align: left;
		border-bottom: 1px solid var(--hair);
	}
	.slip :global(.cards small) {
		color: var(--pencil);
	}
	.slip :global(.list) {
		display: flex;
		flex-wrap: wrap;
		gap: 0.3rem;
		margin-block: 0.5rem;
	}
	.slip :global(.list button) {
		min-height: 34px;
		padding: 0 0.5rem;
		border: 1px solid var(--hair);
		border-radius: 2px;
		background: var(--paper);
	}
</style>
