<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { reachOf } from '$core/handling/reach';
	import type { Build, CladdingKind, Layer, Surface, WallShape } from '$core/plan/types';
	import { ok } from '$core/result';
	import { reshaped } from '$core/survey/outline';
	import { formatLength } from '$core/units/format-length';
	import { parseLength } from '$core/units/parse-length';
	import { fieldCommit } from '$lib/state/commit';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { setWall } from '$lib/state/survey-commit';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import Field from '../panels/Field.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import Section from '../panels/Section.svelte';
	import TextField from '../panels/TextField.svelte';
	import TickField from '../panels/TickField.svelte';
	import { readNumber } from '../panels/read-number';
	import { writeLength } from '../panels/write';
	import BuildFields from './BuildFields.svelte';
	import LedgesSection from './LedgesSection.svelte';

	/** What the wall is: its size and shape, what it is made of, what is on it. */
	let { open }: { open: OpenPlan } = $props();

	const plan = $derived(open.plan);
	const wall = $derived(plan.wall);
	const unit = $derived(preferences.unit);
	const say = (mm: number) => formatLength(mm, unit);
	const reach = $derived(plan.stature === undefined ? null : reachOf(plan.stature));
	const shape = $derived<WallShape>(wall.shape ?? { right: wall.height, peak: null, floorRise: 0 });
	const surface = $derived(wall.surface ?? 'wall');
	const SURFACES: { value: Surface; name: string }[] = [
		{ value: 'wall', name: 'Wall' },
		{ value: 'cart-side', name: 'Side of a cart' },
		{ value: 'bench-end', name: 'End of a bench' },
		{ value: 'cabinet', name: 'Cabinet' },
		{ value: 'door', name: 'Back of a door' }
	];
	const CLADDINGS: { value: CladdingKind; name: string }[] = [
		{ value: 'none', name: 'Bare' },
		{ value: 'drywall', name: 'Drywall' },
		{ value: 'panel', name: 'Panel or boards' }
	];
	const LAYERS: { value: Layer['kind'] | 'remove'; name: string }[] = [
		{ value: 'drywall', name: 'Drywall' },
		{ value: 'panel', name: 'Panel or boards' },
		{ value: 'remove', name: 'Take it off' }
	];

	const setShape = (change: Partial<WallShape>) => setWall(open, { shape: reshaped(wall, change) }, ['shape'], unit);
	function setHeight(height: number) {
		const level = wall.shape && wall.shape.right === wall.height;
		return setWall(
			open,
			{ height, ...(level && wall.shape ? { shape: { ...wall.shape, right: height } } : {}) },
			['height'],
			unit
		);
	}
	function setSurface(next: Surface) {
		const build: Build | undefined =
			next === 'wall'
				? wall.build
				: {
						kind: 'plank',
						thickness: 18,
						species: 'unknown',
						first: Math.min(100, wall.width / 4),
						pitch: Math.max(100, Math.min(300, wall.width / 2))
					};
		return setWall(
			open,
			{
				surface: next === 'wall' ? undefined : next,
				base: next === 'wall' ? undefined : (wall.base ?? 200),
				...(next !== 'wall' && !wall.build ? { build, cladding: { kind: 'none', thickness: 0 } } : {})
			},
			[],
			unit
		);
	}
	const setCladding = (change: Partial<typeof wall.cladding>) =>
		setWall(open, { cladding: { ...wall.cladding, ...change } }, ['cladding'], unit);
	const under = $derived(wall.cladding.under ?? []);
	function setLayer(i: number, kind: Layer['kind'] | 'remove', thickness: number) {
		const next =
			kind === 'remove' ? under.filter((_, k) => k !== i) : under.map((l, k) => (k === i ? { kind, thickness } : l));
		return setWall(
			open,
			{
				cladding: {
					kind: wall.cladding.kind,
					thickness: wall.cladding.thickness,
					...(next.length > 0 ? { under: next } : {})
				}
			},
			['cladding'],
			unit
		);
	}
</script>

<h2>{surface === 'wall' ? 'The wall' : SURFACES.find((s) => s.value === surface)?.name}</h2>
<TextField label="Name" value={plan.name} commit={(name) => fieldCommit(open, { kind: 'rename', name }, unit)} />
<div class="grid mt-2">
	<ChoiceField label="What it is" value={surface} choices={SURFACES} commit={setSurface} />
	{#if surface !== 'wall'}<LengthField
			label="Its lower edge, above the floor"
			value={wall.base ?? 0}
			commit={(base) => setWall(open, { base }, [], unit)}
		/>{/if}
	<LengthField label="Width" value={wall.width} commit={(width) => setWall(open, { width }, ['width'], unit)} />
	<LengthField label={wall.shape ? 'Height, left end' : 'Height'} value={wall.height} commit={setHeight} />
	<LengthField label="Height, right end" value={shape.right} commit={(right) => setShape({ right })} />
	<LengthField
		label="Floor at the right end"
		value={shape.floorRise}
		commit={(floorRise) => setShape({ floorRise })}
		hint="Over that at the left; a minus falls"
	/>
</div>
{#if shape.peak}
	<div class="grid">
		<LengthField
			label="Top of the gable"
			value={shape.peak.height}
			commit={(height) => setShape({ peak: { x: shape.peak?.x ?? wall.width / 2, height } })}
		/>
		<LengthField
			label="It stands at"
			value={shape.peak.x}
			commit={(x) => setShape({ peak: { x, height: shape.peak?.height ?? wall.height } })}
		/>
	</div>
	<Button size="xs" color="alternative" onclick={() => setShape({ peak: null })}>No gable</Button>
{:else}
	<Button
		size="xs"
		color="alternative"
		onclick={() =>
			setShape({ peak: { x: Math.round(wall.width / 2), height: Math.max(wall.height, shape.right) + 600 } })}
		>It has a gable</Button
	>
{/if}
<Section title="What it is made of"><BuildFields {open} /></Section>
<Section title="Cladding, from the room inwards">
	<div class="grid">
		<ChoiceField
			label="Cladding"
			value={wall.cladding.kind}
			choices={CLADDINGS}
			commit={(kind) => setCladding({ kind, thickness: kind === 'none' ? 0 : wall.cladding.thickness || 12.5 })}
		/>
		{#if wall.cladding.kind !== 'none'}<LengthField
				label="Cladding thickness"
				value={wall.cladding.thickness}
				commit={(thickness) => setCladding({ thickness })}
			/>{/if}
		{#each under as layer, i (i)}
			<ChoiceField
				label="Layer {i + 2}"
				value={layer.kind}
				choices={LAYERS}
				commit={(kind) => setLayer(i, kind, layer.thickness)}
			/>
			<LengthField
				label="Thickness of layer {i + 2}"
				value={layer.thickness}
				commit={(thickness) => setLayer(i, layer.kind, thickness)}
			/>
		{/each}
	</div>
	{#if under.length > 0}<p class="marks">
			A screw crosses {[
				...(wall.cladding.kind === 'none' ? [] : [wall.cladding.thickness]),
				...under.map((l) => l.thickness)
			]
				.map(say)
				.join(' + ')} = {say(
				(wall.cladding.kind === 'none' ? 0 : wall.cladding.thickness) + under.reduce((sum, l) => sum + l.thickness, 0)
			)} before the stud.
		</p>{/if}
	{#if under.length < 5}<Button
			size="xs"
			color="alternative"
			onclick={() => setCladding({ under: [...under, { kind: 'panel', thickness: 12 }] })}
			>Add an older layer under it</Button
		>{/if}
	<TickField
		label="Wet in use: outdoors, over 19 % moisture"
		checked={wall.wet ?? false}
		commit={(wet) => setWall(open, { wet }, [], unit)}
	/>
	<Field
		label="Earthquake country: S_DS, in g"
		value={wall.quake ?? null}
		hint="Short-period design acceleration, from the local code's map; empty where none is asked for"
		read={(t) => (t.trim() === '' ? ok(null) : readNumber(t, 'g'))}
		write={(v) => (v === null ? '' : `${v} g`)}
		commit={(v) => setWall(open, { quake: v ?? undefined }, [], unit)}
	/>
</Section>
<LedgesSection {open} />
<Section title="Who reaches">
	<Field
		label="Your height"
		value={plan.stature ?? null}
		hint="For what is in reach; leave it empty if you like"
		read={(t) => (t.trim() === '' ? ok(null) : parseLength(t, unit))}
		write={(v) => (v === null ? '' : writeLength(v, unit))}
		commit={(v) => fieldCommit(open, { kind: 'set-stature', stature: v ?? undefined }, unit)}
	/>
	{#if reach}
		<p class="marks">
			Prime from wrist to eye, {say(reach.wrist)} to {say(reach.eye)}; flat-footed up to {say(reach.top)}. Above that it
			takes a step.
		</p>
	{/if}
</Section>
