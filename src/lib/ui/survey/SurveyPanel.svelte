<script lang="ts">
	import type { SurveyPart } from '$core/survey/record';
	import { METERS } from '$devices/meters';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import type { SurveyDesk } from '$lib/state/survey-desk.svelte';
	import MeasureSection from '../measure/MeasureSection.svelte';
	import FilesPart from './FilesPart.svelte';
	import LevelsPart from './LevelsPart.svelte';
	import ObstructionPanel from './ObstructionPanel.svelte';
	import ObstructionsPart from './ObstructionsPart.svelte';
	import PhotoPart from './PhotoPart.svelte';
	import RoomPart from './RoomPart.svelte';
	import StudPanel from './StudPanel.svelte';
	import StudsPart from './StudsPart.svelte';
	import WallPart from './WallPart.svelte';

	/** The survey: what is picked, or one of its parts. */
	let { open, desk }: { open: OpenPlan; desk: SurveyDesk } = $props();

	const PARTS: { id: SurveyPart; title: string }[] = [
		{ id: 'wall', title: 'Build' },
		{ id: 'studs', title: 'Studs' },
		{ id: 'in-the-way', title: 'In the way' },
		{ id: 'room', title: 'Room' },
		{ id: 'levels', title: 'Levels' },
		{ id: 'photo', title: 'Photo' },
		{ id: 'files', title: 'Files' }
	];
	const wall = $derived(open.plan.wall);
	const stud = $derived(
		open.selection?.kind === 'stud' ? wall.studs.find((s) => s.id === open.selection?.id) : undefined
	);
	const obstruction = $derived(
		open.selection?.kind === 'obstruction' ? wall.obstructions.find((o) => o.id === open.selection?.id) : undefined
	);

	/** Parts with lengths that are measured at the wall. */
	const MEASURED: readonly SurveyPart[] = ['wall', 'in-the-way', 'room', 'levels'];
	const LENGTH_METERS = METERS.filter((m) => m.dim === 'length');

	function show(part: SurveyPart) {
		open.selection = null;
		desk.part = part;
	}
</script>

<nav class="parts no-print" aria-label="Parts of the survey">
	{#each PARTS as p (p.id)}
		<button
			type="button"
			aria-current={!stud && !obstruction && desk.part === p.id ? 'true' : undefined}
			onclick={() => show(p.id)}>{p.title}</button
		>
	{/each}
</nav>
{#if stud}{#key stud.id}<StudPanel {open} {stud} {desk} />{/key}
{:else if obstruction}{#key obstruction.id}<ObstructionPanel {open} {obstruction} />{/key}
{:else if desk.part === 'wall'}<WallPart {open} />
{:else if desk.part === 'studs'}<StudsPart {open} {desk} />
{:else if desk.part === 'in-the-way'}<ObstructionsPart {open} />
{:else if desk.part === 'room'}<RoomPart {open} />
{:else if desk.part === 'levels'}<LevelsPart {open} />
{:else if desk.part === 'photo'}<PhotoPart {open} {desk} />
{:else}<FilesPart {open} />{/if}
{#if stud || obstruction || MEASURED.includes(desk.part)}<MeasureSection
		meters={LENGTH_METERS}
		usual={{ mass: null, length: wall.width }}
	/>{/if}

<style>
	.parts {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem;
		margin-bottom: 0.9rem;
	}
	.parts button {
		min-height: 34px;
		padding: 0 0.6rem;
		border: 1px solid var(--hair);
		border-radius: 2px;
		background: var(--paper);
		font-weight: 600;
	}
	.parts button[aria-current] {
		border-color: var(--chalk);
		background: var(--chalk);
		color: var(--sheet);
	}
</style>
