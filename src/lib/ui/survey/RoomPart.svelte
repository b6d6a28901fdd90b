<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { Ceiling, Corner, FarSide, Front } from '$core/plan/types';
	import { CORNER_WORDS, FAR_SIDE_WORDS } from '$core/survey/facts';
	import { mostProjection } from '$core/survey/projection';
	import { FAR_WORDS } from '$core/survey/row-fit';
	import { formatLength } from '$core/units/format-length';
	import { sayPhrase } from '$core/units/phrase';
	import type { SpeciesId } from '$core/materials/woods';
	import { choicesOf } from '$core/words';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { setWall } from '$lib/state/survey-commit';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import NumberField from '../panels/NumberField.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import Section from '../panels/Section.svelte';
	import { SPECIES_CHOICES } from '../panels/species';
	import TextField from '../panels/TextField.svelte';
	import TickField from '../panels/TickField.svelte';
	import ZonesSection from './ZonesSection.svelte';

	/** What is before the wall, behind it, beside it and above it. */
	let { open }: { open: OpenPlan } = $props();

	const wall = $derived(open.plan.wall);
	const unit = $derived(preferences.unit);
	const say = (mm: number) => formatLength(mm, unit);
	const inch = $derived(unit === 'inch');
	const { front, far, ceiling, corners } = $derived(wall);
	const limit = $derived(front ? mostProjection({ front }, { left: 0, right: 1, low: 0, high: 1 }) : null);
	const setFront = (change: Partial<Front>) =>
		front ? setWall(open, { front: { ...front, ...change } }, ['front'], unit) : undefined;
	const setFar = (change: Partial<FarSide>) =>
		far ? setWall(open, { far: { ...far, ...change } }, ['far'], unit) : undefined;
	const setCeiling = (change: Partial<Ceiling>) =>
		ceiling ? setWall(open, { ceiling: { ...ceiling, ...change } }, ['ceiling'], unit) : undefined;
	const setCorner = (side: 'left' | 'right', change: Partial<Corner>) =>
		corners
			? setWall(open, { corners: { ...corners, [side]: { ...corners[side], ...change } } }, ['corners'], unit)
			: undefined;
	const FAR = choicesOf(FAR_SIDE_WORDS);
	const CORNERS = choicesOf(CORNER_WORDS);
	const CEILINGS: { value: Ceiling['kind']; name: string }[] = [
		{ value: 'joists', name: 'Joists' },
		{ value: 'trusses', name: 'Trusses' },
		{ value: 'slab', name: 'A slab' }
	];
	const ATTICS = [
		{ value: 'unknown', name: 'Nobody knows' },
		{ value: 'none', name: 'An attic without storage' },
		{ value: 'limited', name: 'An attic with limited storage' }
	] as const;
	const plain: Corner = { kind: 'wall', taken: 0, note: '' };
</script>

<h2>Room about the wall</h2>
<Section title="In front">
	{#if front}
		<div class="grid">
			<LengthField
				label="Clear depth before the wall"
				value={front.depth}
				commit={(depth) => setFront({ depth })}
				hint="To what stands opposite"
			/>
			<LengthField label="Walkway to keep" value={front.walkway} commit={(walkway) => setFront({ walkway })} />
			<LengthField
				label="Head height"
				value={front.headHeight}
				commit={(headHeight) => setFront({ headHeight })}
				hint="Above it things may hang over the walkway"
			/>
		</div>
		{#if limit}<p class="marks">Below head height things may stand out: {sayPhrase(limit.why, unit)}.</p>{/if}
		<Button
			size="xs"
			color="alternative"
			onclick={() => setWall(open, { front: undefined, how: { ...wall.how, front: undefined } }, [], unit)}
			>No walkway here</Button
		>
	{:else}
		<p class="empty">How far out may things stand? Say how much room there is and what must stay free to walk.</p>
		<Button
			size="sm"
			color="alternative"
			onclick={() =>
				setWall(
					open,
					{ front: { depth: inch ? 1524 : 1500, walkway: inch ? 914.4 : 900, headHeight: inch ? 2032 : 2000 } },
					['front'],
					unit
				)}>There is a walkway</Button
		>
	{/if}
	<p class="marks">Benches and machines that one reaches over are entered under In the way.</p>
</Section>
<ZonesSection {open} />
<Section title="Far side">
	{#if far}
		<div class="grid">
			<ChoiceField
				label="Behind it is"
				value={far.kind}
				choices={FAR}
				commit={(kind: FarSide['kind']) => setFar({ kind })}
			/>
			<TextField label="What is there" value={far.note} commit={(note) => setFar({ note })} />
		</div>
		<TickField
			label="Somebody can get at it, to fix from behind"
			checked={far.access}
			commit={(access) => setFar({ access })}
		/>
		<p class="marks">
			A screw that is too long comes out into {FAR_WORDS[far.kind]}{far.note ? `: ${far.note}` : ''}. {far.access
				? 'From there blocking can be put in, and heavy things bolted through with large washers.'
				: 'Nothing can be fixed from behind.'}
		</p>
	{:else}
		<p class="empty">A long screw may come through. What is behind?</p>
		<Button
			size="sm"
			color="alternative"
			onclick={() => setWall(open, { far: { kind: 'room', access: false, note: '' } }, ['far'], unit)}
			>Say what is behind</Button
		>
	{/if}
</Section>
<Section title="Corners">
	{#if corners}
		{#each ['left', 'right'] as const as side (side)}
			<div class="grid">
				<ChoiceField
					label="At the {side} end"
					value={corners[side].kind}
					choices={CORNERS}
					commit={(kind: Corner['kind']) => setCorner(side, { kind })}
				/>
				<TextField
					label="What is there, {side}"
					value={corners[side].note}
					commit={(note) => setCorner(side, { note })}
				/>
				<LengthField
					label="Takes of this wall, {side}"
					value={corners[side].taken}
					commit={(taken) => (taken > wall.width ? 'Must be on the wall' : setCorner(side, { taken }))}
					hint="What stands on the neighbour"
				/>
			</div>
		{/each}
	{:else}
		<Button
			size="sm"
			color="alternative"
			onclick={() => setWall(open, { corners: { left: plain, right: plain } }, ['corners'], unit)}
			>Say what is at the ends</Button
		>
	{/if}
</Section>
<Section title="Ceiling">
	{#if ceiling}
		<div class="grid">
			<ChoiceField
				label="It is of"
				value={ceiling.kind}
				choices={CEILINGS}
				commit={(kind: Ceiling['kind']) => setCeiling({ kind })}
			/>
			<LengthField
				label="Lower edge, above the floor"
				value={ceiling.height}
				commit={(height) => setCeiling({ height })}
			/>
			{#if ceiling.kind !== 'slab'}
				<ChoiceField
					label="They run"
					value={ceiling.direction}
					choices={[
						{ value: 'across', name: 'Away from this wall' },
						{ value: 'along', name: 'Along this wall' }
					] as const}
					commit={(direction) => setCeiling({ direction })}
				/>
				<LengthField
					label={ceiling.direction === 'across' ? 'First, from the left end' : 'First, out from the wall'}
					value={ceiling.first}
					commit={(first) => setCeiling({ first })}
				/>
				<LengthField label="Pitch of the ceiling" value={ceiling.pitch} commit={(pitch) => setCeiling({ pitch })} />
				<LengthField label="Their width" value={ceiling.width} commit={(width) => setCeiling({ width })} />
				<LengthField label="Their height" value={ceiling.depth} commit={(depth) => setCeiling({ depth })} />
				<ChoiceField
					label="Their wood"
					value={ceiling.species}
					choices={SPECIES_CHOICES}
					commit={(species: SpeciesId) => setCeiling({ species })}
				/>
				<LengthField
					label="They span"
					value={ceiling.span ?? 0}
					hint="Between what they lie on; 0 while nobody has measured it"
					commit={(span) => setCeiling({ span: span || undefined })}
				/>
				<ChoiceField
					label="Made for"
					value={ceiling.attic ?? 'unknown'}
					choices={ATTICS}
					commit={(attic: (typeof ATTICS)[number]['value']) =>
						setCeiling({ attic: attic === 'unknown' ? undefined : attic })}
				/>
				<NumberField
					label="Of that, free: 0 to 1"
					value={ceiling.free ?? 0.5}
					commit={(free) => setCeiling({ free })}
				/>
			{/if}
		</div>
		{#if ceiling.kind === 'trusses'}<p class="caution">
				Nothing is hung from trusses without their maker's or an engineer's word: a truss is sized for the roof alone.
			</p>{/if}
		<Button
			size="xs"
			color="alternative"
			onclick={() => setWall(open, { ceiling: undefined, how: { ...wall.how, ceiling: undefined } }, [], unit)}
			>Forget the ceiling</Button
		>
	{:else}
		<Button
			size="sm"
			color="alternative"
			onclick={() =>
				setWall(
					open,
					{
						ceiling: {
							kind: 'joists',
							direction: 'across',
							first: inch ? 203.2 : 200,
							pitch: inch ? 406.4 : 400,
							width: inch ? 38.1 : 45,
							depth: inch ? 184.15 : 195,
							height: Math.min(wall.height, 6000),
							species: 'unknown'
						}
					},
					['ceiling'],
					unit
				)}>Survey the ceiling</Button
		>
		<p class="marks">
			A ladder stands on firm floor, and somebody holds it. Decks and long racks hang from it. {say(wall.height)} is taken
			for its height to begin with.
		</p>
	{/if}
</Section>
