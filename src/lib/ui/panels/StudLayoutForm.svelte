<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { SpeciesId } from '$core/materials/woods';
	import { sayProblem } from '$lib/state/commit';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import ChoiceField from './ChoiceField.svelte';
	import LengthField from './LengthField.svelte';
	import { SPECIES_CHOICES } from './species';

	let { open }: { open: OpenPlan } = $props();

	const inch = preferences.unit === 'inch';
	let asking = $state(false);
	let problem = $state('');
	let layout = $state({
		first: inch ? 203.2 : 200,
		pitch: inch ? 406.4 : 400,
		width: inch ? 38.1 : 45,
		depth: inch ? 88.9 : 95,
		species: 'unknown' as SpeciesId
	});
	const set = (change: Partial<typeof layout>, ok: boolean, message: string) => {
		if (!ok) return message;
		Object.assign(layout, change);
		return undefined;
	};

	function lay() {
		const [wrong] = open.do({ kind: 'lay-studs', layout: { ...layout } });
		problem = wrong ? sayProblem(wrong, preferences.unit) : '';
		if (!wrong) asking = false;
	}
</script>

{#if !asking && open.plan.wall.studs.length > 0}
	<Button size="sm" color="alternative" class="mb-2" onclick={() => (asking = true)}>Lay out afresh at a pitch</Button>
{:else}
	<div class="grid">
		<LengthField
			label="First centre"
			value={layout.first}
			commit={(first) => set({ first }, first >= 0 && first <= open.plan.wall.width, 'Must be on the wall')}
		/>
		<LengthField
			label="Pitch, centre to centre"
			value={layout.pitch}
			commit={(pitch) =>
				set({ pitch }, pitch >= 100 && pitch <= 3000, 'Must be between 100 mm (4") and 3000 mm (118")')}
		/>
		<LengthField
			label="Stud width"
			value={layout.width}
			commit={(width) => set({ width }, width >= 19 && width <= 200, 'Must be between 19 mm (3/4") and 200 mm (8")')}
		/>
		<LengthField
			label="Stud depth"
			value={layout.depth}
			commit={(depth) => set({ depth }, depth >= 19 && depth <= 400, 'Must be between 19 mm (3/4") and 400 mm (16")')}
		/>
		<ChoiceField
			label="Species"
			value={layout.species}
			choices={SPECIES_CHOICES}
			commit={(v: SpeciesId) => set({ species: v }, true, '')}
		/>
	</div>
	{#if layout.species === 'unknown'}<p class="marks">
			While the species is not known, nothing on these studs can be judged. "Softest, G 0.36" counts them as the weakest
			there is.
		</p>{/if}
	<div class="actions">
		<Button size="sm" onclick={lay}>Lay out studs</Button>
		{#if asking}<Button size="sm" color="alternative" onclick={() => (asking = false)}>Keep as they are</Button>{/if}
	</div>
	{#if problem}<p class="error" role="alert">{problem}</p>{/if}
{/if}
