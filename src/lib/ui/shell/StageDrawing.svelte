<script lang="ts">
	import type { AnyPlaced } from '$core/places/any-place';
	import type { HolderDesk, HolderView } from '$lib/state/holder-desk.svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import type { SurveyDesk } from '$lib/state/survey-desk.svelte';
	import BenchFront from '../holders/BenchFront.svelte';
	import InSpace from '../holders/InSpace.svelte';
	import { paper } from '$lib/state/paper.svelte';
	import { RoomDesk, type WallView } from '$lib/state/room-desk.svelte';
	import RoomDrawing from '../wall/RoomDrawing.svelte';
	import WallDrawing from '../wall/WallDrawing.svelte';
	import WallInSpace from '../wall/WallInSpace.svelte';
	import type { StageId } from './stages';
	import ViewSwitch from './ViewSwitch.svelte';

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

	/** Stages that look at the room, and not at the front of the wall alone. */
	const ROOM_STAGES = new Set<StageId>(['holders', 'holds']);
	const WALL_VIEWS: readonly (readonly [WallView, string])[] = [
		['front', 'Front'],
		['above', 'From above'],
		['below', 'Ceiling'],
		['section', 'Cut across'],
		['space', 'In space']
	];
	const HOLDER_VIEWS: readonly (readonly [HolderView, string])[] = [
		['bench', 'Bench'],
		['wall', 'Wall'],
		['space', 'In space']
	];
	const room = new RoomDesk();
	/** What is picked is shown where it is taken hold of; so is paper. */
	const view = $derived(picked || paper.on || !ROOM_STAGES.has(stage) ? 'front' : room.view);
	/** One holder by itself before a piece of wall. */
	function aloneOf({ built }: AnyPlaced) {
		const { width, height } = built.face;
		const wall = { left: -0.2 * width, low: -0.4 * height, width: 1.4 * width, height: 1.8 * height };
		return { models: [{ built, at: [0, 0, 0] as const }], wall };
	}
</script>

{#if onBench && holders.view === 'bench'}<BenchFront {open} placed={onBench} desk={holders} />
{:else if onBench}<InSpace
		shown={aloneOf(onBench)}
		label="{onBench.holder.name || 'The holder'} in space; drag to turn it"
	/>
{:else if view === 'space'}<WallInSpace {open} />
{:else if view !== 'front'}<RoomDrawing {open} desk={room} {view} />
{:else}<WallDrawing {open} {stage} desk={survey} />{/if}
{#if picked}<ViewSwitch views={HOLDER_VIEWS} bind:view={holders.view} label="How the holder is shown" />
{:else if ROOM_STAGES.has(stage)}<ViewSwitch
		views={WALL_VIEWS}
		bind:view={room.view}
		label="How the wall is shown"
	/>{/if}
