<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { isKnown, type SpeciesId } from '$core/materials/woods';
	import { reachOf } from '$core/handling/reach';
	import { nextStud } from '$core/survey/next-stud';
	import type { Obstruction, ObstructionKind } from '$core/plan/types';
	import { ok, type Problem } from '$core/result';
	import { formatLength } from '$core/units/format-length';
	import { parseLength } from '$core/units/parse-length';
	import { newId } from '$lib/state/new-id';
	import { fieldCommit, sayProblem } from '$lib/state/commit';
	import type { OpenPlan, Selection } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import ChoiceField from './ChoiceField.svelte';
	import Field from './Field.svelte';
	import LengthField from './LengthField.svelte';
	import Section from './Section.svelte';
	import StudLayoutForm from './StudLayoutForm.svelte';
	import { SPECIES_CHOICES } from './species';
	import TextField from './TextField.svelte';
	import TickField from './TickField.svelte';
	import { writeLength } from './write';

	let { open }: { open: OpenPlan } = $props();

	const plan = $derived(open.plan);
	const wall = $derived(plan.wall);
	const unit = $derived(preferences.unit);
	const reach = $derived(plan.stature === undefined ? null : reachOf(plan.stature));
	const say = (mm: number) => formatLength(mm, unit);
	let problem = $state('');
	const stud = $derived(open.selection?.kind === 'stud' ? wall.studs.find((s) => s.id === open.selection?.id) : undefined);
	const obstruction = $derived(open.selection?.kind === 'obstruction' ? wall.obstructions.find((o) => o.id === open.selection?.id) : undefined);
	const claddings = [
		{ value: 'none', name: 'Bare studs' },
		{ value: 'drywall', name: 'Drywall' },
		{ value: 'panel', name: 'Panel or boards' }
	] as const;
	const kinds: { value: ObstructionKind; name: string }[] = [
		{ value: 'window', name: 'Window' },
		{ value: 'door', name: 'Door' },
		{ value: 'outlet', name: 'Outlet' },
		{ value: 'switch', name: 'Switch' },
		{ value: 'service-panel', name: 'Service panel' },
		{ value: 'other', name: 'Other' }
	];

	function addStud() {
		const item = nextStud(wall, newId());
		added(open.do({ kind: 'add', list: 'studs', item }), { kind: 'stud', id: item.id });
	}

	/** Picks what was added, or says why it was not. */
	function added([wrong]: Problem[], thing: Selection) {
		problem = wrong ? sayProblem(wrong, unit) : '';
		if (!wrong) open.selection = thing;
	}

	function addObstruction(kind: ObstructionKind, width: number, height: number, y: number) {
		const item: Obstruction = {
			id: newId(), kind, name: kind.replace('-', ' '), width: Math.min(width, wall.width), height: Math.min(height, wall.height),
			x: Math.max(0, (wall.width - width) / 2), y: Math.max(0, Math.min(y, wall.height - height))
		};
		added(open.do({ kind: 'add', list: 'obstructions', item }), { kind: 'obstruction', id: item.id });
	}

	const setStud = (id: string, change: object) => fieldCommit(open, { kind: 'change', list: 'studs', id, change }, unit);
	const setObstruction = (id: string, change: object) => fieldCommit(open, { kind: 'change', list: 'obstructions', id, change }, unit);
	function remove(list: 'studs' | 'obstructions', id: string) {
		open.selection = null;
		open.do({ kind: 'remove', list, id });
	}
</script>

{#if stud}
	<h2>Stud at {say(stud.x)}</h2>
	<div class="grid">
		<LengthField label="Centre, from the left end" value={stud.x} commit={(x) => setStud(stud.id, { x })} hint="A finder may show an edge: cross-check with a pilot hole" />
		<LengthField label="Width" value={stud.width} commit={(width) => setStud(stud.id, { width })} />
		<LengthField label="Depth" value={stud.depth} commit={(depth) => setStud(stud.id, { depth })} />
		<ChoiceField label="Species" value={stud.species} choices={SPECIES_CHOICES} commit={(v: SpeciesId) => setStud(stud.id, { species: v })} />
	</div>
	<div class="actions">
		<Button size="sm" color="alternative" onclick={() => (open.selection = null)}>Back to the wall</Button>
		<Button size="sm" color="alternative" onclick={() => remove('studs', stud.id)}>Delete stud</Button>
	</div>
{:else if obstruction}
	<h2>{obstruction.name || obstruction.kind}</h2>
	<div class="grid">
		<TextField label="Name" value={obstruction.name} commit={(name) => setObstruction(obstruction.id, { name })} />
		<ChoiceField label="Kind" value={obstruction.kind} choices={kinds} commit={(kind: ObstructionKind) => setObstruction(obstruction.id, { kind })} />
		<LengthField label="Left edge" value={obstruction.x} commit={(x) => setObstruction(obstruction.id, { x })} />
		<LengthField label="Lower edge, above the floor" value={obstruction.y} commit={(y) => setObstruction(obstruction.id, { y })} />
		<LengthField label="Width" value={obstruction.width} commit={(width) => setObstruction(obstruction.id, { width })} />
		<LengthField label="Height" value={obstruction.height} commit={(height) => setObstruction(obstruction.id, { height })} />
	</div>
	<div class="actions">
		<Button size="sm" color="alternative" onclick={() => (open.selection = null)}>Back to the wall</Button>
		<Button size="sm" color="alternative" onclick={() => remove('obstructions', obstruction.id)}>Delete</Button>
	</div>
{:else}
	<h2>The wall</h2>
	<TextField label="Name" value={plan.name} commit={(name) => fieldCommit(open, { kind: 'rename', name }, unit)} />
	<div class="grid mt-2">
		<LengthField label="Width" value={wall.width} commit={(width) => fieldCommit(open, { kind: 'set-wall', width }, unit)} />
		<LengthField label="Height" value={wall.height} commit={(height) => fieldCommit(open, { kind: 'set-wall', height }, unit)} />
		<ChoiceField
			label="Cladding" value={wall.cladding.kind} choices={claddings}
			commit={(kind) => fieldCommit(open, { kind: 'set-wall', cladding: { kind, thickness: kind === 'none' ? 0 : wall.cladding.thickness || 12.5 } }, unit)}
		/>
		{#if wall.cladding.kind !== 'none'}
			<LengthField label="Cladding thickness" value={wall.cladding.thickness} commit={(thickness) => fieldCommit(open, { kind: 'set-wall', cladding: { ...wall.cladding, thickness } }, unit)} />
		{/if}
	</div>
	<TickField label="Wet in use: outdoors, over 19 % moisture" checked={wall.wet ?? false} commit={(wet) => fieldCommit(open, { kind: 'set-wall', wet }, unit)} />
	<Section title="Who reaches">
		<Field
			label="Your height" value={plan.stature ?? null} hint="For what is in reach; leave it empty if you like" read={(t) => (t.trim() === '' ? ok(null) : parseLength(t, unit))}
			write={(v) => (v === null ? '' : writeLength(v, unit))} commit={(v) => fieldCommit(open, { kind: 'set-stature', stature: v ?? undefined }, unit)}
		/>
		{#if reach}
			<p class="marks">Prime from wrist to eye, {say(reach.wrist)} to {say(reach.eye)}; flat-footed up to {say(reach.top)}. Above that it takes a step.</p>
		{/if}
	</Section>
	<Section title="Studs">
		{#if wall.studs.some((s) => !isKnown(s.species))}
			<p class="marks">The species of {wall.studs.filter((s) => !isKnown(s.species)).length} studs is not known: what they hold cannot be judged.</p>
			<div class="grid"><ChoiceField label="They are" value={'unknown' as SpeciesId} choices={SPECIES_CHOICES} commit={(v: SpeciesId) => fieldCommit(open, { kind: 'set-species', species: v }, unit)} /></div>
		{/if}
		{#if wall.studs.length === 0}<p class="empty">No studs yet. Screws count only in studs: lay them out at a pitch, then move those that stand elsewhere.</p>{/if}
		<StudLayoutForm {open} />
		{#if wall.studs.length > 0}
			<ol class="list">
				{#each [...wall.studs].sort((a, b) => a.x - b.x) as s (s.id)}
					<li><button type="button" onclick={() => (open.selection = { kind: 'stud', id: s.id })}>{say(s.x)}</button></li>
				{/each}
			</ol>
		{/if}
		<Button size="sm" color="alternative" onclick={addStud}>Add a stud</Button>
	</Section>
	<Section title="In the way">
		{#if wall.obstructions.length > 0}
			<ul class="list">
				{#each wall.obstructions as o (o.id)}
					<li><button type="button" onclick={() => (open.selection = { kind: 'obstruction', id: o.id })}>{o.name || o.kind}</button></li>
				{/each}
			</ul>
		{/if}
		<div class="actions">
			<Button size="sm" color="alternative" onclick={() => addObstruction('window', 900, 800, 1200)}>Add a window</Button>
			<Button size="sm" color="alternative" onclick={() => addObstruction('outlet', 90, 120, 1000)}>Add an outlet</Button>
			<Button size="sm" color="alternative" onclick={() => addObstruction('door', 800, 2000, 0)}>Add a door</Button>
			<Button size="sm" color="alternative" onclick={() => addObstruction('service-panel', 400, 600, 1200)}>Add a service panel</Button>
		</div>
		{#if problem}<p class="error" role="alert">{problem}</p>{/if}
		{#if wall.obstructions.some((o) => o.kind === 'service-panel')}
			<p class="caution">Before a service panel 30 in (762 mm) or its width, 36 in (914 mm) out and 6 1/2 ft (1981 mm) high stay clear and hold no storage. Local rules govern.</p>
		{/if}
		<p class="caution">Never drill blind: cables run up and down from outlets and switches. Power off, and trace them first.</p>
	</Section>
{/if}
