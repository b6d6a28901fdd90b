<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { isKnown, type SpeciesId } from '$core/materials/woods';
	import { nextStud } from '$core/survey/next-stud';
	import { EDGE } from '$core/survey/safe-zones';
	import { isProved } from '$core/survey/record';
	import { formatLength } from '$core/units/format-length';
	import { fieldCommit, sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { SurveyDesk } from '$lib/state/survey-desk.svelte';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import Section from '../panels/Section.svelte';
	import { SPECIES_CHOICES } from '../panels/species';
	import StudLayoutForm from '../panels/StudLayoutForm.svelte';
	import TickField from '../panels/TickField.svelte';
	import BlockingSection from './BlockingSection.svelte';
	import ScanSection from './ScanSection.svelte';

	/** Finding studs: at a pitch, by marks, or with the scanner. */
	let { open, desk }: { open: OpenPlan; desk: SurveyDesk } = $props();

	const wall = $derived(open.plan.wall);
	const unit = $derived(preferences.unit);
	const say = (mm: number) => formatLength(mm, unit);
	const unknown = $derived(wall.studs.filter((s) => !isKnown(s.species)).length);
	let problem = $state('');

	function addStud(more: object = {}) {
		const item = { ...nextStud(wall, newId()), ...more };
		const [wrong] = open.do({ kind: 'add', list: 'studs', item });
		problem = wrong ? sayProblem(wrong, unit) : '';
		if (!wrong) open.selection = { kind: 'stud', id: item.id };
	}
</script>

<h2>Studs</h2>
{#if wall.build && wall.build.kind !== 'framed'}<p class="about">
		This wall takes screws anywhere: see Build. Studs surveyed here are kept and not used.
	</p>{/if}
{#if unknown > 0}
	<p class="marks">The species of {unknown} studs is not known: what they hold cannot be judged.</p>
	<div class="grid">
		<ChoiceField
			label="They are"
			value={'unknown' as SpeciesId}
			choices={SPECIES_CHOICES}
			commit={(v: SpeciesId) => fieldCommit(open, { kind: 'set-species', species: v }, unit)}
		/>
	</div>
{/if}
{#if wall.studs.length === 0}<p class="empty">
		No studs yet. Screws count only in studs: sweep the wall with the scanner, or lay them out at a pitch and move those
		that stand elsewhere.
	</p>{/if}
{#if wall.studs.length > 0}
	<ol class="list">
		{#each [...wall.studs].sort((a, b) => a.x - b.x) as s (s.id)}
			<li>
				<button
					type="button"
					title={isProved(s) ? 'proved' : 'not proved'}
					onclick={() => (open.selection = { kind: 'stud', id: s.id })}
					>{isProved(s) ? '' : '? '}{say(s.x)}{s.plies === 2 ? ', two' : ''}</button
				>
			</li>
		{/each}
	</ol>
{/if}
<TickField label="Show where a screw may go" checked={desk.safe} commit={(on) => void (desk.safe = on)} />
{#if desk.safe}<p class="marks">
		Green: in solid framing, away from its edges by {say(EDGE)} and by what its place is uncertain, and out of every stretch
		where cables may run.
	</p>{/if}
<Section title="Stud scanner (simulated)"><ScanSection {open} {desk} /></Section>
<Section title="At a pitch"><StudLayoutForm {open} /></Section>
<div class="actions">
	<Button size="sm" color="alternative" onclick={() => addStud()}>Add a stud</Button>
	<Button size="sm" color="alternative" onclick={() => addStud({ added: true })}>Put in a stud as a remedy</Button>
</div>
{#if problem}<p class="error" role="alert">{problem}</p>{/if}
<BlockingSection {open} />
<p class="caution">
	Never drill blind: cables run up and down from outlets and switches. Power off, and trace them first. Old paint may
	hold lead and old boards asbestos: have them tested before you drill, and wear a mask. A ladder stands on firm floor,
	and somebody holds it.
</p>
