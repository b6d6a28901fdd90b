<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { blockFixing } from '$core/arrange/joints';
	import { SCREWS, type ScrewSize } from '$core/materials/screws';
	import type { SpeciesId } from '$core/materials/woods';
	import type { Blocking, BlockFixing } from '$core/plan/types';
	import { newBlocking } from '$core/survey/new-blocking';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayProblem } from '$lib/state/commit';
	import { setIn } from '$lib/state/survey-commit';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import NumberField from '../panels/NumberField.svelte';
	import Section from '../panels/Section.svelte';
	import { SPECIES_CHOICES } from '../panels/species';

	/** Timber put in between studs, as a remedy: a row across it is screwed to it. */
	let { open }: { open: OpenPlan } = $props();

	const wall = $derived(open.plan.wall);
	const unit = $derived(preferences.unit);
	const blocking = $derived(wall.blocking ?? []);
	let problem = $state('');

	/** Its screws, beginning with what its thickness asks for. */
	const setFixing = (b: Blocking, change: Partial<BlockFixing>) =>
		setIn(open, 'blocking', b.id, { fixing: { ...(b.fixing ?? blockFixing(Math.min(b.width, 45))), ...change } }, unit);

	function add() {
		const [wrong] = open.do({ kind: 'add', list: 'blocking', item: newBlocking(open.plan, newId()) });
		problem = wrong ? sayProblem(wrong, unit) : '';
	}
</script>

<Section title="Blocking put in">
	{#each blocking as b, i (b.id)}
		<div class="grid">
			<LengthField label="Block {i + 1}, left" value={b.x} commit={(x) => setIn(open, 'blocking', b.id, { x }, unit)} />
			<LengthField
				label="Block {i + 1}, width"
				value={b.width}
				commit={(width) => setIn(open, 'blocking', b.id, { width }, unit)}
			/>
			<LengthField
				label="Block {i + 1}, lower edge"
				value={b.y}
				commit={(y) => setIn(open, 'blocking', b.id, { y }, unit)}
			/>
			<LengthField
				label="Block {i + 1}, height"
				value={b.height}
				commit={(height) => setIn(open, 'blocking', b.id, { height }, unit)}
			/>
			<LengthField
				label="Block {i + 1}, depth"
				value={b.depth}
				commit={(depth) => setIn(open, 'blocking', b.id, { depth }, unit)}
			/>
			<ChoiceField
				label="Block {i + 1}, wood"
				value={b.species}
				choices={SPECIES_CHOICES}
				commit={(species: SpeciesId) => setIn(open, 'blocking', b.id, { species }, unit)}
			/>
		</div>
		{@const fixing = b.fixing}
		{#if fixing}
			<div class="grid">
				<ChoiceField
					label="Block {i + 1}, its screws"
					value={fixing.size}
					choices={SCREWS.map((s) => ({ value: s.size, name: s.size }))}
					commit={(size: ScrewSize) => setFixing(b, { size })}
				/>
				<LengthField
					label="Block {i + 1}, their length"
					value={fixing.length}
					commit={(length) => setFixing(b, { length })}
				/>
				<NumberField
					label="Block {i + 1}, at each stud"
					value={fixing.count}
					commit={(count) => setFixing(b, { count })}
				/>
			</div>
		{:else}
			<p class="marks">
				How is block {i + 1} fixed to its studs? Until somebody says, what hangs on it cannot be judged.
			</p>
			<Button size="xs" color="alternative" class="mb-2" onclick={() => setFixing(b, {})}>Say its screws</Button>
		{/if}
		<Button
			size="xs"
			color="alternative"
			class="mb-2"
			onclick={() => open.do({ kind: 'remove', list: 'blocking', id: b.id })}>Delete block {i + 1}</Button
		>
	{/each}
	<p class="marks">
		Screwed to the studs on either side, through an opened wall or from behind{wall.far?.access
			? ', which can be got at'
			: ''}. A row across it takes one line of screws in its middle.
	</p>
	<Button size="xs" color="alternative" onclick={add}>Add blocking</Button>
	{#if problem}<p class="error" role="alert">{problem}</p>{/if}
</Section>
