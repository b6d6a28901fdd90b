<script lang="ts">
	import type { SpeciesId } from '$core/materials/woods';
	import type { Build } from '$core/plan/types';
	import { ok } from '$core/result';
	import { parseMass } from '$core/units/parse-mass';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { setWall } from '$lib/state/survey-commit';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import Field from '../panels/Field.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import { SPECIES_CHOICES } from '../panels/species';
	import { writeMass } from '../panels/write';

	/** Framed, boards, or masonry: what a screw goes into. */
	let { open }: { open: OpenPlan } = $props();

	const wall = $derived(open.plan.wall);
	const unit = $derived(preferences.unit);
	const build = $derived<Build>(wall.build ?? { kind: 'framed' });
	const inch = $derived(unit === 'inch');
	const KINDS = [
		{ value: 'framed', name: 'Studs' },
		{ value: 'plank', name: 'Boards or a solid panel' },
		{ value: 'masonry', name: 'Masonry, with plugs' }
	] as const;
	const MATERIALS = [
		{ value: 'brick', name: 'Solid brick' },
		{ value: 'block', name: 'Block' },
		{ value: 'concrete', name: 'Concrete' }
	] as const;
	const set = (next: Build) => setWall(open, { build: next.kind === 'framed' ? undefined : next }, ['build'], unit);

	function start(kind: Build['kind']) {
		const grid = {
			first: Math.round(Math.min(150, wall.width / 4)),
			pitch: Math.max(100, Math.round(Math.min(inch ? 406.4 : 400, wall.width / 2)))
		};
		if (kind === 'plank') return set({ kind, thickness: inch ? 25.4 : 22, species: 'unknown', ...grid });
		if (kind === 'masonry')
			return set({
				kind,
				material: 'brick',
				thickness: inch ? 101.6 : 102,
				plug: { diameter: 8, length: 50, load: null },
				...grid
			});
		return set({ kind });
	}
</script>

<div class="grid">
	<ChoiceField label="Build" value={build.kind} choices={KINDS} commit={start} />
	{#if build.kind !== 'framed'}
		{#if build.kind === 'plank'}
			<ChoiceField
				label="Its wood"
				value={build.species}
				choices={SPECIES_CHOICES}
				commit={(species: SpeciesId) => set({ ...build, species })}
			/>
		{:else}
			<ChoiceField
				label="Of"
				value={build.material}
				choices={MATERIALS}
				commit={(material) => set({ ...build, material })}
			/>
		{/if}
		<LengthField label="Thickness" value={build.thickness} commit={(thickness) => set({ ...build, thickness })} />
		<LengthField label="First screws, from the left" value={build.first} commit={(first) => set({ ...build, first })} />
		<LengthField label="Then every" value={build.pitch} commit={(pitch) => set({ ...build, pitch })} />
	{/if}
	{#if build.kind === 'masonry'}
		<LengthField
			label="Hole for the plug"
			value={build.plug.diameter}
			commit={(diameter) => set({ ...build, plug: { ...build.plug, diameter } })}
		/>
		<LengthField
			label="Length of the plug"
			value={build.plug.length}
			commit={(length) => set({ ...build, plug: { ...build.plug, length } })}
		/>
		<Field
			label="Its maker's load, each"
			value={build.plug.load}
			hint="For this wall, on the packet. Empty: not known"
			dim="mass"
			read={(t) => (t.trim() === '' ? ok(null) : parseMass(t, unit))}
			write={(v) => (v === null ? '' : writeMass(v, unit))}
			commit={(load) => set({ ...build, plug: { ...build.plug, load } })}
		/>
	{/if}
</div>
{#if build.kind === 'plank'}<p class="marks">
		A screw holds in the boards' thickness alone. Where studs stand behind them, survey those instead.
	</p>{/if}
{#if build.kind === 'masonry'}
	<p class="caution">
		There is no general value for a plug: its maker, the wall and the hole decide. Not into mortar joints, not near an
		edge. Old bricks and hollow blocks hold less; where it matters, ask somebody who may judge it.
	</p>
{/if}
