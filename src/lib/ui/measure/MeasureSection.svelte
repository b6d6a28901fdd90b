<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import { Button } from 'flowbite-svelte';
	import { formatQuantity } from '$core/units/format-quantity';
	import { capital } from '$core/words';
	import { METERS, type Manner, type Meter } from '$devices/meters';
	import { DeviceLink, type LinkState } from '$lib/state/device-link.svelte';
	import { measuring } from '$lib/state/measuring.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import MassField from '../panels/MassField.svelte';
	import Section from '../panels/Section.svelte';

	/** Simulated instruments: a reading that has come to rest goes into the field that had the focus. */
	let { usual, meters = METERS }: { usual: { mass: number | null; length: number | null }; meters?: readonly Meter[] } =
		$props();

	const unit = $derived(preferences.unit);
	const links = untrack(() => meters.map((m) => new DeviceLink(m)));
	/** What is on the hook, and how far it is: the stand-in measures what somebody says is there. */
	let truth = $state<Record<string, number | null>>({});
	let manner = $state<Manner>('quiet');
	const target = $derived(measuring.target);
	/** Until somebody says, it is a little off what the field says, as real things are. */
	const there = (l: DeviceLink) =>
		truth[l.meter.name] ??
		(l.meter.dim === 'mass'
			? (usual.mass ?? 1.35) * 1.07
			: ((target?.dim === 'length' && target.value) || usual.length || 500) * 1.03);
	const said = (l: DeviceLink) =>
		l.value === null ? '' : formatQuantity({ value: l.value, dim: l.meter.dim === 'mass' ? 'mass' : 'length' }, unit);
	const fine = (l: DeviceLink) => {
		if (l.value === null) return '–';
		return l.meter.dim === 'mass' && unit === 'mm' ? `${l.value.toFixed(2)} kg` : said(l);
	};
	const WORDS: Record<LinkState, string> = {
		off: '',
		connecting: 'connecting …',
		settling: 'settling …',
		steady: 'steady',
		unsteady: 'unsteady',
		'out-of-range': 'out of range',
		lost: 'no connection'
	};

	const set = (l: DeviceLink) => (v: number) => {
		truth = { ...truth, [l.meter.name]: v };
		return undefined;
	};
	onMount(() => () => links.forEach((l) => l.stop()));
</script>

<Section title={links.length > 1 ? 'Measure (simulated instruments)' : 'Measure (simulated instrument)'} after={2}>
	<p class="marks">
		No real instrument is connected: {links.length > 1 ? 'these stand' : 'this stands'} in for one. {target
			? `A reading goes into: ${target.label}.`
			: `Put the focus into a field for ${links.some((l) => l.meter.dim === 'mass') ? 'a weight or a length' : 'a length'} first.`}
	</p>
	<div class="meters">
		{#each links as l (l.meter.name)}
			<div class="meter">
				<b>{l.meter.title}</b>
				<output class="shows {l.state}" aria-live="polite"
					><span class="sum">{fine(l)}</span> <small>{WORDS[l.state]}</small></output
				>
				{#if l.went}<p class="went" role="status">{said(l)} went into {l.went}</p>{/if}
				{#if l.words}<p
						class="words"
						class:hint={l.state === 'steady'}
						role={l.state === 'steady' ? 'status' : 'alert'}
					>
						{capital(l.words)}
					</p>{/if}
				<div class="row">
					{#if ['connecting', 'settling'].includes(l.state)}<Button
							size="xs"
							color="alternative"
							onclick={() => l.stop()}>Stop</Button
						>
					{:else}<Button size="xs" onclick={() => l.measure(there(l), manner)}
							>{l.meter.dim === 'mass' ? 'Weigh' : 'Measure'}</Button
						>{/if}
				</div>
				{#if l.meter.dim === 'mass'}<MassField label="On the hook" aims={false} value={there(l)} commit={set(l)} />
				{:else}<LengthField label="To what it points at" aims={false} value={there(l)} commit={set(l)} />{/if}
			</div>
		{/each}
	</div>
	<ChoiceField
		label="It is held"
		value={manner}
		choices={[
			{ value: 'quiet', name: 'quietly' },
			{ value: 'restless', name: 'by a restless hand' },
			{ value: 'breaks-off', name: 'at the end of a bad line' }
		] as const}
		commit={(m: Manner) => void (manner = m)}
	/>
</Section>

<style>
	.meters {
		margin-top: 0.5rem;
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(9rem, 1fr));
		gap: 0.7rem;
		margin-bottom: 0.5rem;
	}
	.meter {
		padding: 0.5rem;
		border: 1.5px dashed var(--pencil);
		border-radius: 2px;
	}
	.shows {
		display: flex;
		gap: 0.5rem;
		justify-content: space-between;
		align-items: baseline;
		margin-block: 0.3rem;
		padding: 0.15rem 0.4rem;
		background: var(--paper);
		font-size: 1.15rem;
	}
	.shows.steady small {
		font-weight: 700;
		color: var(--holds);
	}
	.shows.unsteady small,
	.shows.lost small,
	.shows.out-of-range small {
		font-weight: 700;
		color: var(--does-not-hold);
	}
	small {
		font-size: 0.8rem;
	}
	.went {
		font-weight: 600;
		color: var(--holds);
	}
	.words {
		font-size: 0.85rem;
		font-weight: 600;
		color: var(--does-not-hold);
	}
	.words.hint {
		font-weight: 400;
		color: var(--pencil);
	}
	.row {
		margin-block: 0.3rem;
	}
</style>
