<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { CARRIERS } from '$core/carriers/registry';
	import { holderWeights } from '$core/places/in-place';
	import { describeHolder } from '$core/holders/describe';
	import { newCarrier } from '$core/holders/new-carrier';
	import { groundsFor } from '$core/holders/grounds';
	import { combine } from '$core/mechanics/statics/seat';
	import { onStuds, studsBehind } from '$core/places/fixed/new-mount';
	import { isBacked, isFixed } from '$core/plan/held';
	import { BACK } from '$core/plan/plan-fields';
	import type { Back, Carrier, Holder } from '$core/plan/types';
	import { formatLength } from '$core/units/format-length';
	import { formatQuantity } from '$core/units/format-quantity';
	import { sayPhrase } from '$core/units/phrase';
	import { GRAVITY } from '$core/units/quantity';
	import { fieldCommit } from '$lib/state/commit';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import FormFields from '../form/FormFields.svelte';
	import { sayVerdict } from '../say';
	import VerdictMark from '../VerdictMark.svelte';
	import CarrierSection from './CarrierSection.svelte';
	import ChoiceField from './ChoiceField.svelte';
	import Later from '../shell/Later.svelte';
	import AfterMoments from './Later.svelte';
	import MountFields from './MountFields.svelte';
	import ReshapeSection from './ReshapeSection.svelte';
	import Section from './Section.svelte';
	import TextField from './TextField.svelte';
	import Warnings from './Warnings.svelte';

	/** A holder: where it hangs, its back, and each carrier on it. */
	let { open, holder, duplicate }: { open: OpenPlan; holder: Holder; duplicate: () => void } = $props();

	const unit = $derived(preferences.unit);
	const say = (x: number) => formatLength(x, unit);
	const judged = $derived(open.checks.holders.get(holder.id));
	const placed = $derived(judged?.placed);
	const weights = $derived(placed && holderWeights(placed.built));
	const full = $derived(weights && combine([weights.self, ...weights.things]));
	const warnings = $derived(
		open.checks.warnings.filter((w) => w.subject.kind === 'holder' && w.subject.id === holder.id)
	);
	const kg = (newtons: number) => formatQuantity({ value: newtons / GRAVITY, dim: 'mass' }, unit);

	/** Width of a batten to start from. */
	const BATTEN = { mm: 70, inch: 63.5 } as const;

	const change = (c: Partial<Holder>) =>
		fieldCommit(open, { kind: 'change', list: 'holders', id: holder.id, change: c }, unit);
	const setCarrier = (id: string, c: Partial<Carrier>) =>
		change({ carriers: holder.carriers.map((o) => (o.id === id ? { ...o, ...c } : o)) });
	/** What stands on a carrier goes with it. */
	const without = (id: string) => holder.carriers.filter((c) => c.id !== id && !c.at.on.startsWith(`${id}:`));

	let problem = $state<string | undefined>();
	/** Uprights on the studs, the wall open between, two screws in each. */
	function battens() {
		if (!isFixed(holder)) return;
		const { mount, back } = holder;
		const at = studsBehind(open.plan.wall, mount, back);
		if (at.length === 0) return void (problem = 'No stud is behind it: move it over one first');
		const width = back.made.kind === 'battens' ? back.made.width : BATTEN[unit];
		const upright: Back = { ...back, made: { kind: 'battens', width, at } };
		problem = change({
			back: upright,
			mount: { ...mount, places: onStuds(open.plan.wall, mount, upright, mount.screws.size) }
		});
	}

	function add(kind: string) {
		if (kind === '' || !isBacked(holder)) return undefined;
		return change({ carriers: [...holder.carriers, newCarrier(holder, kind, unit)] });
	}
</script>

<h2>{holder.name || 'Holder'}</h2>
<p class="about">
	{sayPhrase(describeHolder(holder), unit)}{#if full}, {kg(full.weight)} loaded{/if}
</p>
<p class="verdict"><VerdictMark verdict={judged?.verdict ?? 'unloaded'} /> <span>{sayVerdict(judged, unit)}</span></p>
<Warnings {warnings} />
<Section title="Where" after={1}>
	<div class="grid">
		<TextField label="Name" value={holder.name} commit={(name) => change({ name })} />
	</div>
	{#if placed}
		<p class="marks">
			Foot {say(placed.foot)} up, top {say(placed.top)}; stands out {say(placed.built.projection)}.
			{#if full}Weighs {kg(weights ? weights.self.weight : 0)} itself; centre of all of it {say(full.standOff)} out from the
				wall.{/if}
		</p>
	{/if}
</Section>
{#each holder.carriers as carrier (carrier.id)}
	<Later>
		<CarrierSection
			{open}
			{holder}
			{carrier}
			{placed}
			grounds={isBacked(holder) ? groundsFor(holder, carrier) : []}
			set={(c) => setCarrier(carrier.id, c)}
			remove={() => void change({ carriers: without(carrier.id) })}
		/>
	</Later>
{/each}
<Later>
	{#if isBacked(holder)}
		<Section title="On this back" after={3}>
			<ChoiceField
				label="Put something else on it"
				value=""
				choices={[{ value: '', name: 'pick a carrier' }, ...CARRIERS.map((c) => ({ value: c.kind, name: c.title }))]}
				commit={add}
			/>
			{#if holder.carriers.length === 0}<p class="marks">
					A bare board: {CARRIERS.map((c) => c.title.toLowerCase()).join(', ')} can stand on it.
				</p>{/if}
		</Section>
		<Section title="Back" after={4}>
			<FormFields
				fields={BACK}
				values={{ ...holder.back }}
				commit={(back) => change({ back: back as unknown as Back })}
			/>
			{#if isFixed(holder)}
				<Button size="xs" color="alternative" onclick={battens}>Battens at the studs</Button>
				{#if problem}<p class="error" role="alert">{problem}</p>{/if}
			{/if}
		</Section>
		<Section title="More, fewer, mirrored, kept" after={4}>
			<ReshapeSection {open} {holder} />
		</Section>
	{/if}
	<Section title="How it is held" after={4}>
		<MountFields {open} {holder} {placed} set={(mount) => change({ mount })} {change} />
	</Section>
	<!-- Once all above it stands, so that nothing moves under a hand that presses. -->
	<AfterMoments after={5}>
		<div class="actions">
			<Button size="sm" color="alternative" onclick={() => (open.selection = null)}>All holders</Button>
			<Button size="sm" color="alternative" onclick={duplicate}>Duplicate</Button>
			<Button size="sm" color="alternative" onclick={() => open.remove('holders', holder.id)}>Delete holder</Button>
		</div>
	</AfterMoments>
</Later>
