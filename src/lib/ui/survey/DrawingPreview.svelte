<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { SpeciesId } from '$core/materials/woods';
	import { OBSTRUCTION_WORDS } from '$core/survey/names';
	import { choicesOf } from '$core/words';
	import { formatLength } from '$core/units/format-length';
	import { partsOf, surveyFromParts, type DrawnPart, type Meaning } from '$exchange/drawing-in/parts';
	import type { Drawn } from '$exchange/drawing-in/shape';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import ChoiceField from '../panels/ChoiceField.svelte';

	/** A drawing from outside, to be set right before it is taken. */
	let { open, name, drawn, close }: { open: OpenPlan; name: string; drawn: Drawn; close: (words: string) => void } =
		$props();

	/** Beyond these a list is not read; what is smaller keeps its guess. */
	const MOST = 60;
	const unit = $derived(preferences.unit);
	const say = (mm: number) => formatLength(mm, unit);
	// svelte-ignore state_referenced_locally
	let scale = $state(drawn.unit ?? 1);
	let set = $state.raw<ReadonlyMap<number, Meaning>>(new Map());
	let problem = $state('');
	const read = $derived(partsOf(drawn, scale));
	const parts = $derived<DrawnPart[]>(read.ok ? read.value.map((p, i) => ({ ...p, what: set.get(i) ?? p.what })) : []);
	const listed = $derived(
		parts
			.map((p, i) => ({ p, i }))
			.filter(({ p }) => p.what !== 'nothing' || p.closed)
			.sort((a, b) => b.p.box.width * b.p.box.height - a.p.box.width * a.p.box.height)
			.slice(0, MOST)
	);
	const box = $derived({
		width: parts.reduce((m, p) => Math.max(m, p.box.x + p.box.width), 1),
		height: parts.reduce((m, p) => Math.max(m, p.box.y + p.box.height), 1),
		left: parts.reduce((m, p) => Math.min(m, p.box.x), 0),
		low: parts.reduce((m, p) => Math.min(m, p.box.y), 0)
	});
	const skipped = $derived(
		Object.entries(drawn.skipped)
			.map(([what, n]) => `${n} ${what}`)
			.join(', ')
	);
	const CLASS: Partial<Record<Meaning, string>> = { wall: 'wall', stud: 'stud', nothing: 'none' };
	const UNITS = [
		{ value: 1, name: 'Millimetres' },
		{ value: 10, name: 'Centimetres' },
		{ value: 1000, name: 'Metres' },
		{ value: 25.4, name: 'Inches' },
		{ value: 304.8, name: 'Feet' }
	] as const;
	const units = $derived(
		UNITS.some((u) => u.value === scale)
			? UNITS
			: [...UNITS, { value: scale, name: `${scale.toFixed(4)} mm, as the file says` }]
	);
	const meanings: { value: Meaning; name: string }[] = [
		{ value: 'wall', name: 'The wall' },
		{ value: 'stud', name: 'Stud' },
		...choicesOf(OBSTRUCTION_WORDS),
		{ value: 'nothing', name: 'Leave it out' }
	];

	function mean(i: number, what: Meaning) {
		// There is one wall.
		const next = new Map(
			what === 'wall'
				? [...parts.entries()].flatMap(([k, p]) =>
						p.what === 'wall'
							? [[k, 'nothing'] as const]
							: [...(set.has(k) ? [[k, set.get(k) as Meaning] as const] : [])]
					)
				: set
		);
		next.set(i, what);
		set = next;
		return undefined;
	}
	function take() {
		const like = open.plan.wall.studs[0];
		const made = surveyFromParts(
			open.plan.wall,
			parts,
			{ depth: like?.depth ?? 89, species: like?.species ?? ('unknown' as SpeciesId) },
			newId
		);
		if (!made.ok) return void (problem = made.error);
		const [wrong] = open.do({ kind: 'set-survey', wall: made.value });
		if (wrong) problem = `It does not fit: ${wrong.path} ${sayProblem(wrong, unit)}`;
		else
			close(
				`${name}: a wall of ${say(made.value.width)}, ${made.value.studs.length} studs, ${made.value.obstructions.length} in the way. Undo takes it back.`
			);
	}
</script>

<p class="marks"><b>{name}</b>: {drawn.shapes.length} shapes{skipped ? `; left out: ${skipped}` : ''}.</p>
<ChoiceField label="A unit of the drawing is" value={scale} choices={units} commit={(v: number) => void (scale = v)} />
{#if read.ok}
	<svg
		viewBox="{box.left - 20} {-box.height - 20} {box.width - box.left + 40} {box.height - box.low + 40}"
		role="img"
		aria-label="Preview of {name}"
	>
		{#each parts as p, i (i)}<path
				class={CLASS[p.what] ?? 'thing'}
				d="M{p.points.map((q) => `${q.x} ${-q.y}`).join('L')}{p.closed ? 'z' : ''}"
			/>{/each}
	</svg>
	<ul class="parts">
		{#each listed as { p, i } (i)}
			<li>
				<ChoiceField
					label="{p.name || 'shape'}, {say(p.box.width)} x {say(p.box.height)} at {say(p.box.x)}, {say(p.box.y)} up"
					value={p.what}
					choices={meanings}
					commit={(what: Meaning) => mean(i, what)}
				/>
			</li>
		{/each}
	</ul>
	{#if parts.length > listed.length}<p class="marks">
			{parts.length - listed.length} smaller or open shapes keep their guess.
		</p>{/if}
{:else}<p class="error" role="alert">{read.error}.</p>{/if}
{#if problem}<p class="error" role="alert">{problem}</p>{/if}
<div class="actions">
	<Button size="sm" disabled={!read.ok} onclick={take}>Take it as the survey</Button>
	<Button size="sm" color="alternative" onclick={() => close('')}>Leave it</Button>
</div>

<style>
	svg {
		width: 100%;
		max-height: 220px;
		margin-block: 0.6rem;
		background: var(--wall);
		border: 1px solid var(--hair);
	}
	path {
		fill: none;
		stroke-width: 1.4;
		vector-effect: non-scaling-stroke;
	}
	.wall {
		stroke: var(--ink);
	}
	.stud {
		stroke: var(--pine-edge);
		fill: var(--stud);
	}
	.thing {
		stroke: var(--chalk);
		fill: var(--glass);
	}
	.none {
		stroke: var(--hair);
	}
	.parts {
		display: grid;
		gap: 0.3rem;
		max-height: 320px;
		overflow-y: auto;
	}
</style>
