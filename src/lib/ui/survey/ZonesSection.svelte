<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayProblem } from '$lib/state/commit';
	import { setIn } from '$lib/state/survey-commit';
	import LengthField from '../panels/LengthField.svelte';
	import Section from '../panels/Section.svelte';
	import TextField from '../panels/TextField.svelte';

	/** Stretches where things may stand out only so far: beside a door, over a bench, along the car. */
	let { open }: { open: OpenPlan } = $props();

	const wall = $derived(open.plan.wall);
	const unit = $derived(preferences.unit);
	let problem = $state('');

	function add() {
		const width = Math.round(wall.width / 3);
		const [wrong] = open.do({
			kind: 'add',
			list: 'zones',
			item: {
				id: newId(),
				name: `zone ${(wall.zones ?? []).length + 1}`,
				x: 0,
				y: 0,
				width,
				height: Math.min(2000, wall.height),
				most: 300
			}
		});
		problem = wrong ? sayProblem(wrong, unit) : '';
	}
</script>

<Section title="Zones with a greatest projection">
	{#each wall.zones ?? [] as z (z.id)}
		<div class="grid">
			<TextField label="Zone" value={z.name} commit={(name) => setIn(open, 'zones', z.id, { name }, unit)} />
			<LengthField
				label="Stands out at most, {z.name}"
				value={z.most}
				commit={(most) => setIn(open, 'zones', z.id, { most }, unit)}
			/>
			<LengthField label="Left end of {z.name}" value={z.x} commit={(x) => setIn(open, 'zones', z.id, { x }, unit)} />
			<LengthField
				label="Width of {z.name}"
				value={z.width}
				commit={(width) => setIn(open, 'zones', z.id, { width }, unit)}
			/>
			<LengthField label="Lower edge of {z.name}" value={z.y} commit={(y) => setIn(open, 'zones', z.id, { y }, unit)} />
			<LengthField
				label="Height of {z.name}"
				value={z.height}
				commit={(height) => setIn(open, 'zones', z.id, { height }, unit)}
			/>
		</div>
		<Button
			size="xs"
			color="alternative"
			class="mb-2"
			onclick={() => open.do({ kind: 'remove', list: 'zones', id: z.id })}>Delete {z.name}</Button
		>
	{/each}
	<Button size="xs" color="alternative" onclick={add}>Add a zone</Button>
	{#if problem}<p class="error" role="alert">{problem}</p>{/if}
</Section>
