<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import type { Board } from '$core/lumber/board';
	import { buyingOf } from '$core/buying/buying-of';
	import { NO_PRICES } from '$core/prices/ware';
	import { CutJob } from '$lib/state/cut-job.svelte';
	import { endingSweeps } from '$lib/state/ending-sweeps';
	import { keepPlaces } from '$lib/state/hanging-places.svelte';
	import { Outlook } from '$lib/state/outlook.svelte';
	import { WARM_ROUNDS, type OpenPlan } from '$lib/state/open-plan.svelte';
	import NowhereYet from '../holders/NowhereYet.svelte';
	import ConflictDialog from './ConflictDialog.svelte';
	import TwiceNote from '../stock/TwiceNote.svelte';
	import PaperHead from './PaperHead.svelte';
	import StageBand from './StageBand.svelte';
	import StageDrawing from './StageDrawing.svelte';
	import StageSlip from './StageSlip.svelte';
	import StageStrip from './StageStrip.svelte';
	import type { OpenShop } from '$lib/state/open-shop.svelte';
	import { paper } from '$lib/state/paper.svelte';
	import { recall, store } from '$lib/state/preferences.svelte';
	import { fileName, saveFile } from '$lib/state/save-file';
	import { provideShop } from '$lib/state/shop-context';
	import { tallest } from '$core/survey/outline';
	import { SurveyDesk } from '$lib/state/survey-desk.svelte';
	import { HolderDesk } from '$lib/state/holder-desk.svelte';
	import { StockDesk } from '$lib/state/stock-desk.svelte';
	import { whenIdle } from '$lib/state/when-idle';
	import { withStock } from '$lib/state/with-stock';
	import { letGoOfOthers } from './let-go.svelte';
	import type { StageId } from './stages';
	import { askBeforeLeaving } from './ask-before-leaving';
	import TitleBar from './TitleBar.svelte';
	import { isTyping, undoKeys } from './undo-keys';

	let {
		open,
		shop,
		stage,
		find = null
	}: {
		open: OpenPlan;
		shop: OpenShop | null;
		stage: StageId;
		find?: { thing: string | null; holder: string | null } | null;
	} = $props();

	provideShop(() => shop);
	const desk = $derived(shop && new StockDesk(shop));
	let wallShown = $state(recall('kammer-stock-wall') !== 'hidden');
	function showWall(on: boolean) {
		wallShown = on;
		store('kammer-stock-wall', on ? 'shown' : 'hidden');
	}
	/** Somebody came by a label's code. */
	$effect(() => {
		if (find?.thing) untrack(() => desk?.pick([find.thing as string]));
		if (find?.holder) open.selection = { kind: 'holder', id: find.holder };
	});
	keepPlaces(
		() => open,
		() => shop
	);
	/** A thing that is picked shows the holder it hangs on. */
	$effect(() => {
		if (stage !== 'stock' || desk?.picked.size !== 1) return;
		const [thing] = desk.picked;
		const holder = open.plan.holders.find((h) => h.carriers.some((c) => c.loads.some((l) => l.thing === thing)));
		if (holder) untrack(() => (open.selection = { kind: 'holder', id: holder.id }));
	});
	const holders = new HolderDesk();
	const survey = new SurveyDesk(untrack(() => open.id));
	/** What undo takes back: the stock-take has a history of its own. */
	const work = $derived(stage === 'stock' && shop ? shop : withStock(endingSweeps(open, survey.scan), shop));
	/** The holder that is picked on its own stage, where it stands now. */
	const picked = $derived(
		stage === 'holders' && open.selection?.kind === 'holder' ? open.standing.get(open.selection.id) : undefined
	);
	/** It is shown by itself, not on its wall; on paper the wall is. */
	const onBench = $derived(holders.view === 'wall' || paper.on ? undefined : picked);
	const save = () =>
		saveFile(fileName(open.plan.name, 'json'), 'application/json', JSON.stringify(open.plan, null, '\t'));

	const NO_BOARDS: readonly Board[] = [];
	const job = new CutJob();
	const outlook = new Outlook();
	/** Asked of what is picked, on its own stage and while nothing is dragged. */
	$effect(() => {
		const { plan, selection } = open;
		const asked =
			stage === 'holds' && !open.dragging && (selection?.kind === 'holder' || selection?.kind === 'row')
				? { kind: selection.kind, id: selection.id }
				: null;
		untrack(() => outlook.ask(plan, asked));
	});
	$effect(() => {
		if (stage === 'cut')
			job.run(open.plan, shop?.shop.boards ?? NO_BOARDS, shop ? buyingOf(shop.shop, open.plan.cutting) : NO_PRICES);
	});

	letGoOfOthers(
		() => open,
		() => stage
	);

	function keyed(event: KeyboardEvent) {
		undoKeys(event, work);
		if (event.key !== 'Escape' || isTyping(event)) return;
		open.selection = null;
		desk?.pick([]);
	}

	askBeforeLeaving(
		untrack(() => `/walls/${open.id}`),
		() => open.keeper.unkept || (shop?.keeper.unkept ?? false)
	);
	onMount(() => {
		/** One round after the other, each in an idle moment. */
		const warm = (round: number) =>
			whenIdle(() => {
				if (round < WARM_ROUNDS && open.warmUp(round)) cold = warm(round + 1);
			});
		let cold = warm(0);
		const unprinted = paper.follow();
		void survey.scan.load();
		const leave = () => {
			open.keeper.leave();
			shop?.keeper.leave();
		};
		window.addEventListener('pagehide', leave);
		return () => {
			window.removeEventListener('pagehide', leave);
			cold();
			leave();
			unprinted();
			survey.leave();
			job.stop();
			outlook.end();
		};
	});
</script>

<svelte:window onkeydown={keyed} />

<div
	class="bench"
	class:cutting={stage === 'cut'}
	class:judging={stage === 'holds'}
	class:placing={stage === 'holders' && shop !== null}
	class:benched={onBench !== undefined}
	class:stock={stage === 'stock'}
	class:wall-less={stage === 'stock' && !wallShown}
	style:--ratio={tallest(open.shown.wall) / open.shown.wall.width}
>
	<PaperHead name={open.shown.name} />
	<div class="top">
		<TitleBar name={open.shown.name} {work} {save} />
		<StageBand {open} {shop} {stage} />
	</div>
	{#if stage === 'holders' && shop}<div class="nowhere"><NowhereYet {open} {shop} desk={holders} /></div>{/if}
	<main class="drawing"><StageDrawing {open} {stage} {survey} {holders} {picked} {onBench} /></main>
	<div class="strip">
		<StageStrip {open} {stage} {desk} {survey} {job} {wallShown} {showWall} {onBench} />
	</div>
	<aside class="slip" aria-label="Worked sum">
		<StageSlip {open} {stage} {desk} {survey} {job} {outlook} />
	</aside>
</div>
<ConflictDialog {open} />
{#if shop}<TwiceNote {shop} />{/if}

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
	.bench.judging {
		grid-template-rows: auto minmax(0, 1fr) 214px;
	}
	.bench.stock {
		grid-template-rows: auto minmax(0, 2fr) minmax(0, 4fr);
	}
	.bench.wall-less {
		grid-template-rows: auto 0 minmax(0, 1fr);
	}
	.bench.placing {
		grid-template-columns: 236px minmax(0, 1fr) 372px;
		grid-template-areas: 'top top top' 'nowhere drawing slip' 'nowhere strip slip';
	}
	.bench.benched {
		grid-template-rows: auto minmax(0, 1fr) 236px;
	}
	.nowhere {
		grid-area: nowhere;
		min-height: 0;
		border-right: 2px solid var(--ink);
		contain: layout paint style;
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
		position: relative;
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
	@media (max-width: 900px) {
		.bench,
		.bench.judging,
		.bench.stock,
		.bench.cutting {
			/* As high as the wall needs at this width, and the tapes. */
			grid-template: auto clamp(200px, calc((100vw - 66px) * var(--ratio) + 120px), 46dvh) auto auto / minmax(0, 1fr);
			grid-template-areas: 'top' 'drawing' 'slip' 'strip';
			height: auto;
		}
		.bench.placing {
			grid-template: auto clamp(200px, calc((100vw - 66px) * var(--ratio) + 120px), 46dvh) auto auto auto / minmax(
					0,
					1fr
				);
			grid-template-areas: 'top' 'drawing' 'nowhere' 'slip' 'strip';
		}
		.bench.benched {
			grid-template-rows: auto 52dvh auto auto auto;
		}
		.nowhere {
			border-right: 0;
			border-bottom: 2px solid var(--ink);
		}
		.bench.wall-less .drawing {
			display: none;
		}
		.bench.stock {
			grid-template-areas: 'top' 'drawing' 'strip' 'slip';
		}
		.strip {
			overflow: visible;
		}
	}
	.bench.wall-less .drawing {
		visibility: hidden;
	}
	@media print {
		.bench,
		.bench.judging,
		.bench.stock,
		.bench.cutting {
			display: flex;
			flex-direction: column;
			height: auto;
		}
		.drawing {
			flex: none;
			height: 380px;
		}
		.bench.stock .drawing,
		.bench.stock .slip {
			display: none;
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
		/* Names whole; the record is read on paper, not filled in. */
		.strip :global(*) {
			overflow: visible;
			text-overflow: clip;
			white-space: normal;
		}
		.slip :global(:is(button:not(li button), input, select, .field, fieldset)) {
			display: none;
		}
		.strip :global(.boards) {
			background: #fff;
		}
	}
</style>
