<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { SpeciesId } from '$core/materials/woods';
	import { newBlocking } from '$core/survey/new-blocking';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayProblem } from '$lib/state/commit';
	import { setIn } from '$lib/state/survey-commit';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import Section from '../panels/Section.svelte';
	import { SPECIES_CHOICES } from '../panels/species';

	/** Timber put in between studs, as a remedy: a row across it is screwed to it. */
	let { open }: { open: OpenPlan } = $props();

	const wall = $derived(open.plan.wall);
	const unit = $derived(preferences.unit);
	const blocking = $derived(wall.blocking ?? []);
	let problem = $state('');

	function add() {
		const [wrong] = open.do({ kind: 'add', list: 'blocking', item: newBlocking(open.plan, newId()) });
		problem = wrong ? sayProblem(wrong, unit) : '';
	}
</script>

<Section title="Blocking put in">
	{#each blocking as b, i (b.id)}
		<div class="grid">
			<LengthField label="Block {i + 1}, left" value={b.x} commit={(x) => setIn(open, 'blocking', b.id, { x }, unit)} />
			<LengthField label="Block {i + 1}, width" value={b.width} commit={(width) => setIn(open, 'blocking', b.id, { width }, unit)} />
			<LengthField label="Block {i + 1}, lower edge" value={b.y} commit={(y) => setIn(open, 'blocking', b.id, { y }, unit)} />
			<LengthField label="Block {i + 1}, height" value={b.height} commit={(height) => setIn(open, 'blocking', b.id, { height }, unit)} />
			<LengthField label="Block {i + 1}, depth" value={b.depth} commit={(depth) => setIn(open, 'blocking', b.id, { depth }, unit)} />
			<ChoiceField label="Block {i + 1}, wood" value={b.species} choices={SPECIES_CHOICES} commit={(species: SpeciesId) => setIn(open, 'blocking', b.id, { species }, unit)} />
		</div>
		<Button size="xs" color="alternative" class="mb-2" onclick={() => open.do({ kind: 'remove', list: 'blocking', id: b.id })}>Delete block {i + 1}</Button>
	{/each}
	<p class="marks">Screwed to the studs on either side, through an opened wall or from behind{wall.far?.access ? ', which can be got at' : ''}. A row across it takes one line of screws in its middle.</p>
	<Button size="xs" color="alternative" onclick={add}>Add blocking</Button>
	{#if problem}<p class="error" role="alert">{problem}</p>{/if}
</Section>
