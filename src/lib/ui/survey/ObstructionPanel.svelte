<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { How, Obstruction, ObstructionKind } from '$core/plan/types';
	import { cordReaches } from '$core/survey/cord-reach';
	import { nameOf, OBSTRUCTION_WORDS } from '$core/survey/names';
	import { planView } from '$core/survey/plan-view';
	import { HOW_WORDS } from '$core/survey/record';
	import { isElectric } from '$core/survey/safe-zones';
	import { outOf } from '$core/survey/swept';
	import { ok } from '$core/result';
	import { capital, choicesOf } from '$core/words';
	import { parseLength } from '$core/units/parse-length';
	import { formatLength } from '$core/units/format-length';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { measuring } from '$lib/state/measuring.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { setIn } from '$lib/state/survey-commit';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import Field from '../panels/Field.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import Section from '../panels/Section.svelte';
	import TextField from '../panels/TextField.svelte';
	import TickField from '../panels/TickField.svelte';
	import { writeLength } from '../panels/write';
	import Diagram from '../sums/Diagram.svelte';
	import { THING_HOWS } from './how';
	import MotionFields from './MotionFields.svelte';

	/** One thing in the way: its place, how far it stands out, how it moves, and the room that takes, seen from above. */
	let { open, obstruction: o }: { open: OpenPlan; obstruction: Obstruction } = $props();

	const unit = $derived(preferences.unit);
	const say = (mm: number) => formatLength(mm, unit);
	const set = (change: Partial<Obstruction>) => setIn(open, 'obstructions', o.id, change, unit);
	/** A figure that is typed or read off was measured. */
	const measured = (change: Partial<Obstruction>) => set({ ...change, how: measuring.how });
	const kinds = choicesOf(OBSTRUCTION_WORDS);
	const electric = $derived(isElectric(o));
	const reached = $derived(
		open.plan.holders.filter((h) => {
			const p = open.standing.get(h.id);
			return p !== undefined && cordReaches(o, p);
		})
	);
	const optional = (text: string) => (text.trim() === '' ? ok(null) : parseLength(text, unit));
</script>

<h2>{nameOf(o)}</h2>
<p class="about">{o.hidden ? 'In the wall. ' : ''}{capital(HOW_WORDS[o.how ?? 'tape'])}.</p>
<div class="grid">
	<TextField label="Name" value={o.name} commit={(name) => set({ name })} />
	<ChoiceField label="Kind" value={o.kind} choices={kinds} commit={(kind: ObstructionKind) => set({ kind })} />
	<LengthField label="Left edge" value={o.x} commit={(x) => measured({ x })} />
	<LengthField label="Lower edge, above the floor" value={o.y} commit={(y) => measured({ y })} />
	<LengthField label="Width" value={o.width} commit={(width) => measured({ width })} />
	<LengthField label="Height" value={o.height} commit={(height) => measured({ height })} />
	<ChoiceField label="Found by" value={o.how ?? 'tape'} choices={THING_HOWS} commit={(how: How) => set({ how })} />
	{#if !o.hidden}
		<LengthField
			label="Stands out from the wall"
			value={outOf(o)}
			commit={(out) => measured({ out })}
			hint={o.out === undefined ? 'Usual for its kind: measure it' : undefined}
		/>
		<LengthField
			label="Room between it and the wall"
			value={o.near ?? 0}
			commit={(near) => measured({ near: near === 0 ? undefined : near, out: o.out ?? outOf(o) })}
		/>
	{/if}
</div>
<TickField
	label="In the wall, behind its cladding"
	checked={o.hidden ?? false}
	commit={(on) => set({ hidden: on ? true : undefined })}
/>
{#if o.kind === 'outlet'}
	<Field
		label="Cord that may be plugged in"
		value={o.cord ?? null}
		hint="Its length; empty: not said"
		read={optional}
		write={(v) => (v === null ? '' : writeLength(v, unit))}
		commit={(cord) => set({ cord: cord ?? undefined })}
	/>
	{#if o.cord !== undefined}<p class="marks">
			Within {say(o.cord)}, as the crow flies: {reached.map((h) => h.name).join(', ') || 'no holder yet'}.
		</p>{/if}
{/if}
{#if electric}
	<TickField
		label="Its cables were traced with the power off, and run elsewhere"
		checked={o.traced ?? false}
		commit={(on) => set({ traced: on ? true : undefined })}
	/>
	<p class="caution">
		Cables run up and down from here, and sometimes sideways. Until they are traced no screw goes in above or below it.{o.kind ===
		'service-panel'
			? ' Before a panel 30 in (762 mm) or its width, 36 in (914 mm) out and 6 1/2 ft (1981 mm) high stay clear and hold no storage. Local rules govern.'
			: ''}
	</p>
{/if}
{#if !o.hidden}
	<Section title="How it moves"><MotionFields motion={o.motion ?? null} commit={(motion) => set({ motion })} /></Section
	>
	<Section title="Seen from above" after={1}>
		<Diagram drawing={planView(o, open.plan.wall)} />
		<p class="marks">Dashed: the room it sweeps or needs. Rows and holders that it would hit are told to stop.</p>
	</Section>
{/if}
<div class="actions">
	<Button size="sm" color="alternative" onclick={() => (open.selection = null)}>Back to the survey</Button>
	<Button size="sm" color="alternative" onclick={() => open.remove('obstructions', o.id)}>Delete</Button>
</div>
