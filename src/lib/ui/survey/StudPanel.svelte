<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { SpeciesId } from '$core/materials/woods';
	import type { How, Stud } from '$core/plan/types';
	import { HOW_WORDS, howFound, isProved } from '$core/survey/record';
	import { topAt } from '$core/survey/outline';
	import { studFromMarks, type MarkOf } from '$core/survey/stud-from-marks';
	import { studAt } from '$core/survey/supports';
	import { formatLength } from '$core/units/format-length';
	import { formatQuantity } from '$core/units/format-quantity';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { measuring } from '$lib/state/measuring.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { setIn } from '$lib/state/survey-commit';
	import type { SurveyDesk } from '$lib/state/survey-desk.svelte';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import Section from '../panels/Section.svelte';
	import { SPECIES_CHOICES } from '../panels/species';
	import TickField from '../panels/TickField.svelte';
	import { STUD_HOWS } from './how';

	/** One stud: where it stands, how it was found, and how to be sure of it. */
	let { open, stud, desk }: { open: OpenPlan; stud: Stud; desk: SurveyDesk } = $props();

	const unit = $derived(preferences.unit);
	const say = (mm: number) => formatLength(mm, unit);
	const wall = $derived(open.plan.wall);
	const top = $derived(topAt(wall, stud.x));
	const set = (change: Partial<Stud>) => setIn(open, 'studs', stud.id, change, unit);
	/** A place that is typed or read off was measured; what a scan said of it is gone. */
	const measured = (change: Partial<Stud>) => set({ ...change, found: { how: measuring.how } });
	let of = $state<MarkOf>('centre');
	// The marks begin where the stud stands now; the panel is made afresh for each stud.
	// svelte-ignore state_referenced_locally
	let marks = $state([
		{ x: studAt(stud, 500), y: 500 },
		{ x: studAt(stud, 2000), y: 2000 }
	]);
	const MARKS = [
		{ value: 'centre', name: 'its centre' },
		{ value: 'left', name: 'its left edge' },
		{ value: 'right', name: 'its right edge' }
	] as const;

	function byMarks(how: 'tape' | 'screw-line') {
		const [a, b] = marks as [(typeof marks)[number], (typeof marks)[number]];
		const line = studFromMarks([a, b], of, stud.width);
		return set({
			x: Math.round(line.x * 10) / 10,
			lean: Math.abs(line.lean) < 0.05 ? undefined : Math.round(line.lean * 10) / 10,
			found: { how, marks: $state.snapshot(marks) }
		});
	}
	let problem = $state('');
	const mark = (i: number, change: { x?: number; y?: number }) => {
		const next = { ...(marks[i] as (typeof marks)[number]), ...change };
		if (next.x < 0 || next.x > wall.width) return 'Must be on the wall';
		if (next.y < 0 || next.y > topAt(wall, next.x)) return 'Must be on the wall';
		marks[i] = next;
		return undefined;
	};
</script>

<h2>Stud at {say(stud.x)}</h2>
<p class="about">
	{isProved(stud) ? 'Proved' : 'Not proved yet'}: {HOW_WORDS[howFound(stud)]}{stud.found?.confidence === undefined
		? ''
		: `, sure by ${Math.round(stud.found.confidence * 100)} %`}{stud.found?.error === undefined
		? ''
		: `, its centre to ${formatQuantity({ value: stud.found.error, dim: 'fine-length' }, unit)}`}.
	{#if !isProved(stud)}A pilot hole proves it.{/if}
</p>
<div class="grid">
	<LengthField
		label={stud.lean ? 'Centre at the floor' : 'Centre, from the left end'}
		value={stud.x}
		commit={(x) => measured({ x })}
		hint="A finder may show an edge: cross-check with a pilot hole"
	/>
	<LengthField label="Width" value={stud.width} commit={(width) => set({ width })} />
	<LengthField label="Depth" value={stud.depth} commit={(depth) => set({ depth })} />
	<ChoiceField
		label="Found by"
		value={howFound(stud)}
		choices={STUD_HOWS}
		commit={(how: How) => set({ found: { ...stud.found, how } })}
	/>
	<ChoiceField
		label="Species"
		value={stud.species}
		choices={SPECIES_CHOICES}
		commit={(v: SpeciesId) => set({ species: v })}
	/>
	<LengthField
		label="Out of plumb over its height"
		value={((stud.lean ?? 0) * top) / 1000}
		commit={(over) => measured({ lean: over === 0 ? undefined : (over / top) * 1000 })}
		hint="To the right; a minus to the left"
	/>
</div>
<TickField
	label="Two side by side: screws go into the left one"
	checked={stud.plies === 2}
	commit={(on) => set({ plies: on ? 2 : undefined })}
/>
<TickField
	label="Put in for these rows, not found"
	checked={stud.added ?? false}
	commit={(on) => set({ added: on ? true : undefined })}
/>
<p class="marks">
	Edges at {say(stud.x - stud.width / 2)} and {say(stud.x + stud.width / 2)}{stud.lean
		? `; its centre at the top: ${say(stud.x)} ${stud.lean > 0 ? '+' : '-'} ${say((Math.abs(stud.lean) * top) / 1000)} = ${say(studAt(stud, top))}`
		: ''}.
</p>
<Section title="By two marks">
	<div class="grid">
		{#each marks as m, i (i)}
			<LengthField
				label="{i === 0 ? 'Lower' : 'Upper'} mark, from the left"
				value={m.x}
				commit={(x) => mark(i, { x })}
			/>
			<LengthField
				label="{i === 0 ? 'Lower' : 'Upper'} mark, above the floor"
				value={m.y}
				commit={(y) => mark(i, { y })}
			/>
		{/each}
		<ChoiceField label="They mark" value={of} choices={MARKS} commit={(v: MarkOf) => void (of = v)} />
	</div>
	<div class="actions">
		<Button size="sm" onclick={() => (problem = byMarks('tape') ?? '')}>Stand it on these marks</Button>
		<Button size="sm" color="alternative" onclick={() => (problem = byMarks('screw-line') ?? '')}
			>They are a line of screws</Button
		>
	</div>
	{#if problem}<p class="error" role="alert">{problem}</p>{/if}
</Section>
<div class="actions">
	<Button
		size="sm"
		color="alternative"
		onclick={() => {
			open.selection = null;
			desk.part = 'studs';
		}}>All studs</Button
	>
	<Button size="sm" color="alternative" onclick={() => open.remove('studs', stud.id)}>Delete stud</Button>
</div>
