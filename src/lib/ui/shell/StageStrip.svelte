<script lang="ts">
	import type { CutJob } from '$lib/state/cut-job.svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';
	import type { SurveyDesk } from '$lib/state/survey-desk.svelte';
	import LoadChart from '../charts/LoadChart.svelte';
	import CutBoards from '../cuts/CutBoards.svelte';
	import BenchViews from '../holders/BenchViews.svelte';
	import type { AnyPlaced } from '$core/places/any-place';
	import StockDeskView from '../stock/StockDeskView.svelte';
	import SurveyStrip from '../survey/SurveyStrip.svelte';
	import OpenList from './OpenList.svelte';
	import type { StageId } from './stages';

	/** Under the drawing: what the stage lists. */
	interface Props {
		open: OpenPlan;
		stage: StageId;
		/** Null while the stock-take is out of reach. */
		desk: StockDesk | null;
		survey: SurveyDesk;
		job: CutJob;
		wallShown: boolean;
		showWall: (on: boolean) => void;
		/** The holder that is shown by itself. */
		onBench?: AnyPlaced | undefined;
	}
	let { open, stage, desk, survey, job, wallShown, showWall, onBench }: Props = $props();
</script>

{#if stage === 'stock'}
	{#if desk}<StockDeskView {desk} {wallShown} {showWall} />
	{:else}<p class="error" role="alert">
			The stock-take cannot be reached just now, and this device has no copy of it.
		</p>{/if}
{:else if stage === 'cut'}<CutBoards {open} {job} />
{:else if stage === 'holds'}<div class="side-by-side"><OpenList {open} /><LoadChart {open} /></div>
{:else if stage === 'wall'}<SurveyStrip {open} desk={survey} />
{:else if onBench}<BenchViews placed={onBench} wall={open.id} />
{:else}<OpenList {open} />{/if}

<style>
	.side-by-side {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		height: 100%;
	}
	@media (max-width: 900px) {
		.side-by-side {
			grid-template-columns: minmax(0, 1fr);
			height: auto;
		}
	}
</style>
