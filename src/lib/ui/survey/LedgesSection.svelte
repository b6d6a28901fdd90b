<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { tallest } from '$core/survey/outline';
	import { packingFor } from '$core/survey/packing';
	import { formatLength } from '$core/units/format-length';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { setIn } from '$lib/state/survey-commit';
	import LengthField from '../panels/LengthField.svelte';
	import Section from '../panels/Section.svelte';
	import TextField from '../panels/TextField.svelte';

	/** A top plate, a base, a beam, a pier that stands proud. */
	let { open }: { open: OpenPlan } = $props();

	const wall = $derived(open.plan.wall);
	const unit = $derived(preferences.unit);
	const ledges = $derived(wall.ledges ?? []);
	const whole = $derived(packingFor(wall, { left: 0, right: wall.width, low: 0, high: tallest(wall) }));
	const add = () =>
		open.do({
			kind: 'add',
			list: 'ledges',
			item: {
				id: newId(),
				name: 'top plate',
				y: Math.max(0, wall.height - 90),
				height: Math.min(90, wall.height),
				out: 38
			}
		});
</script>

<Section title="Standing proud of it">
	{#each ledges as l (l.id)}
		<div class="grid">
			<TextField label="Ledge" value={l.name} commit={(name) => setIn(open, 'ledges', l.id, { name }, unit)} />
			<LengthField label="Stands proud by" value={l.out} commit={(out) => setIn(open, 'ledges', l.id, { out }, unit)} />
			<LengthField
				label="Left end of {l.name || 'it'}"
				value={l.x ?? 0}
				commit={(x) => setIn(open, 'ledges', l.id, { x, width: Math.min(l.width ?? wall.width, wall.width - x) }, unit)}
			/>
			<LengthField
				label="Length of {l.name || 'it'}"
				value={l.width ?? wall.width}
				commit={(width) => setIn(open, 'ledges', l.id, { x: l.x ?? 0, width }, unit)}
			/>
			<LengthField
				label="Lower edge of {l.name || 'it'}"
				value={l.y}
				commit={(y) => setIn(open, 'ledges', l.id, { y }, unit)}
			/>
			<LengthField
				label="Height of {l.name || 'it'}"
				value={l.height}
				commit={(height) => setIn(open, 'ledges', l.id, { height }, unit)}
			/>
		</div>
		<Button
			size="xs"
			color="alternative"
			class="mb-2"
			onclick={() => open.do({ kind: 'remove', list: 'ledges', id: l.id })}>Delete {l.name || 'ledge'}</Button
		>
	{/each}
	{#if whole}<p class="marks">
			An upright from floor to top that crosses {whole.ledge.name || 'the ledge'} needs {formatLength(
				whole.thickness,
				unit
			)} of packing behind it wherever else it is fixed.
		</p>{/if}
	<Button size="xs" color="alternative" onclick={add}>Add a ledge, a plate, a base or a pier</Button>
</Section>
