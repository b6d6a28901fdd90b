<script lang="ts">
	import type { CutJob } from '$lib/state/cut-job.svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import type { Outlook } from '$lib/state/outlook.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';
	import type { SurveyDesk } from '$lib/state/survey-desk.svelte';
	import CutPanel from '../cuts/CutPanel.svelte';
	import ChecksPanel from '../panels/ChecksPanel.svelte';
	import HoldersPanel from '../panels/HoldersPanel.svelte';
	import RowsPanel from '../panels/RowsPanel.svelte';
	import StockSlip from '../stock/StockSlip.svelte';
	import SurveyPanel from '../survey/SurveyPanel.svelte';
	import type { StageId } from './stages';

	/** Beside the drawing: what is picked decides it; the stage does where nothing is. */
	interface Props {
		open: OpenPlan;
		stage: StageId;
		desk: StockDesk | null;
		survey: SurveyDesk;
		job: CutJob;
		outlook: Outlook;
	}
	let { open, stage, desk, survey, job, outlook }: Props = $props();

	const STAGE_OF = { row: 'rows', holder: 'holders', stud: 'wall', obstruction: 'wall' } as const;
	const shown = $derived.by((): StageId => {
		if (stage === 'holds' || stage === 'cut' || stage === 'stock') return stage;
		return open.selection ? STAGE_OF[open.selection.kind] : stage;
	});
</script>

{#if shown === 'stock'}{#if desk}<StockSlip {desk} {open} />{/if}
{:else if shown === 'wall'}<SurveyPanel {open} desk={survey} />
{:else if shown === 'rows'}<RowsPanel {open} />
{:else if shown === 'holders'}<HoldersPanel {open} />
{:else if shown === 'holds'}<ChecksPanel {open} {outlook} />
{:else}<CutPanel {open} {job} />{/if}
