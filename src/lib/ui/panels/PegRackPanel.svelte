<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { families } from '$core/holders/registry';
	import { BEARING_WORDS } from '$core/loads/checks/seat-checks';
	import { combine } from '$core/loads/statics/seat';
	import { holderWeights } from '$core/loads/place';
	import type { Holder, PegRackParams } from '$core/plan/types';
	import { formatLength } from '$core/units/format-length';
	import { formatQuantity } from '$core/units/format-quantity';
	import { sayPhrase } from '$core/units/phrase';
	import { GRAVITY } from '$core/units/quantity';
	import { fieldCommit } from '$lib/state/commit';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayVerdict } from '../say';
	import VerdictMark from '../VerdictMark.svelte';
	import ChoiceField from './ChoiceField.svelte';
	import FaceSection from './FaceSection.svelte';
	import LengthField from './LengthField.svelte';
	import MassField from './MassField.svelte';
	import NumberField from './NumberField.svelte';
	import PegsSection from './PegsSection.svelte';
	import Section from './Section.svelte';
	import TextField from './TextField.svelte';
	import ThingChoice from './ThingChoice.svelte';
	import Warnings from './Warnings.svelte';

	let { open, holder, duplicate }: { open: OpenPlan; holder: Holder; duplicate: () => void } = $props();

	const unit = $derived(preferences.unit);
	const p = $derived(holder.params);
	const say = (x: number) => formatLength(x, unit);
	const judged = $derived(open.checks.holders.get(holder.id));
	const placed = $derived(judged?.placed);
	const weights = $derived(placed && holderWeights(placed.built, placed.profile.thickness));
	const full = $derived(weights && combine([weights.self, ...weights.things]));
	const warnings = $derived(
		open.checks.warnings.filter((w) => w.subject.kind === 'holder' && w.subject.id === holder.id)
	);
	const shown = $derived(placed?.holder ?? holder);

	const change = (c: Partial<Holder>) =>
		fieldCommit(open, { kind: 'change', list: 'holders', id: holder.id, change: c }, unit);
	const set = (c: Partial<PegRackParams>) => change({ params: { ...p, ...c } });
	const load = (c: Partial<PegRackParams['load']>) => set({ load: { ...p.load, ...c } });

	const remove = () => open.remove('holders', holder.id);
</script>

<h2>{holder.name || 'Peg rack'}</h2>
<p class="about">
	{sayPhrase(families[holder.family].describe(p), unit)}{#if full}, {formatQuantity(
			{ value: full.weight / GRAVITY, dim: 'mass' },
			unit
		)} loaded{/if}
</p>
<p class="verdict"><VerdictMark verdict={judged?.verdict ?? 'unloaded'} /> <span>{sayVerdict(judged, unit)}</span></p>
<Warnings {warnings} />
<Section title="Where" after={1}>
	<div class="grid">
		<TextField label="Name" value={holder.name} commit={(name) => change({ name })} />
		<ChoiceField
			label="Row"
			value={shown.mount.row}
			choices={[...open.plan.rows]
				.sort((a, b) => b.y - a.y)
				.map((r) => ({ value: r.id, name: `${r.name || 'Row'}, ${say(r.y)} up` }))}
			commit={(row: string) => change({ mount: { ...holder.mount, row } })}
		/>
		<LengthField label="Left end" value={shown.mount.x} commit={(x) => change({ mount: { ...holder.mount, x } })} />
	</div>
	{#if placed}
		<p class="marks">
			Foot {say(placed.foot)} up, top {say(placed.top)}; bears on {BEARING_WORDS[placed.bearing.kind]}; stands out {say(
				placed.built.projection
			)}.
			{#if full}Weighs {formatQuantity({ value: weights ? weights.self.weight / GRAVITY : 0, dim: 'mass' }, unit)} itself;
				centre of all of it {say(full.standOff)} out from the wall.{/if}
		</p>
	{/if}
</Section>
<Section title="What hangs" after={2}>
	<div class="grid">
		<ThingChoice {open} {holder} />
		<TextField label="Name of one" value={p.load.name} commit={(name) => load({ name })} />
		<MassField label="Weight of one" value={p.load.mass} commit={(mass) => load({ mass })} />
		<NumberField label="On each seat" value={p.load.perSeat} commit={(perSeat) => load({ perSeat })} />
		<LengthField
			label="Room one takes along the peg"
			value={p.load.thickness}
			commit={(thickness) => load({ thickness })}
		/>
		<LengthField label="Width of one" value={p.load.width} commit={(width) => load({ width })} />
		<LengthField label="How far it hangs down" value={p.load.height} commit={(height) => load({ height })} />
	</div>
</Section>
<PegsSection params={p} {placed} {set} />
<FaceSection params={p} {placed} {set} />
<div class="actions">
	<Button size="sm" color="alternative" onclick={() => (open.selection = null)}>All holders</Button>
	<Button size="sm" color="alternative" onclick={duplicate}>Duplicate</Button>
	<Button size="sm" color="alternative" onclick={remove}>Delete holder</Button>
</div>
