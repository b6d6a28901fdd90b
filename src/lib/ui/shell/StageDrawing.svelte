<script lang="ts">
	import type { AnyPlaced } from '$core/places/any-place';
	import type { HolderDesk } from '$lib/state/holder-desk.svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import type { SurveyDesk } from '$lib/state/survey-desk.svelte';
	import BenchFront from '../holders/BenchFront.svelte';
	import InSpace from '../holders/InSpace.svelte';
	import ViewSwitch from '../holders/ViewSwitch.svelte';
	import WallDrawing from '../wall/WallDrawing.svelte';
	import type { StageId } from './stages';

	/** What lies in the middle: the wall, or the holder that is picked by itself. */
	interface Props {
		open: OpenPlan;
		stage: StageId;
		survey: SurveyDesk;
		holders: HolderDesk;
		/** The holder that is picked on its own stage. */
		picked: AnyPlaced | undefined;
		/** The same where it is shown by itself. */
		onBench: AnyPlaced | undefined;
	}
	let { open, stage, survey, holders, picked, onBench }: Props = $props();
</script>

{#if onBench && holders.view === 'bench'}<BenchFront {open} placed={onBench} desk={holders} />
{:else if onBench}<InSpace placed={onBench} />
{:else}<WallDrawing {open} {stage} desk={survey} />{/if}
{#if picked}<ViewSwitch desk={holders} />{/if}
