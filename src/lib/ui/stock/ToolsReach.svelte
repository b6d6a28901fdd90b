<script lang="ts">
	import { canMake, reachOfTools, type Operation } from '$core/tools/can';
	import { formatQuantity } from '$core/units/format-quantity';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import NumberField from '../panels/NumberField.svelte';
	import Section from '../panels/Section.svelte';

	/** What the tools reach, and one question: can this be made with them? */
	let { desk }: { desk: StockDesk } = $props();

	const unit = $derived(preferences.unit);
	const tools = $derived(desk.shop.shop.tools);
	const reach = $derived(reachOfTools(tools));
	const said = (value: number) => formatQuantity({ value, dim: 'length' }, unit);
	let kind = $state<Operation['kind']>('hole');
	let o = $state({ diameter: 25, depth: 60, tilt: 0, width: 140, thickness: 18, length: 2400 });
	const operation = $derived.by((): Operation => {
		switch (kind) {
			case 'hole':
				return { kind, diameter: o.diameter, depth: o.depth, tilt: o.tilt };
			case 'rip':
				return { kind, width: o.width, thickness: o.thickness, length: o.length, tilt: o.tilt };
			case 'slot':
				return { kind, depth: o.depth };
			case 'glue-up':
				return { kind, width: o.width };
		}
	});
	const answer = $derived(canMake(operation, tools));
	const WORD = { yes: 'It can be made', no: 'It cannot be made', unknown: 'Not known' };
	const set = (change: Partial<typeof o>, right: boolean) => {
		if (!right) return 'Must be more than nothing';
		Object.assign(o, change);
		return undefined;
	};
</script>

<h2>Tools owned</h2>
<p class="about">{tools.length} {tools.length === 1 ? 'tool' : 'tools'}. Their limits decide what can be made here.</p>
{#if reach.length > 0}
	<Section title="They reach">
		{#each reach as r (r.label)}<p class="figure">
				<span>{r.label}</span><b class="sum">{said(r.value)}</b><small class="sum"
					>{r.sum ? sayPhrase(r.sum, unit) : r.from}</small
				>
			</p>{/each}
	</Section>
{/if}
<Section title="Can it be made?">
	<div class="grid">
		<ChoiceField
			label="Work"
			value={kind}
			choices={[
				{ value: 'hole', name: 'a hole' },
				{ value: 'rip', name: 'a rip' },
				{ value: 'slot', name: 'a slot' },
				{ value: 'glue-up', name: 'a glue-up' }
			] as const}
			commit={(k) => void (kind = k)}
		/>
		{#if kind === 'hole'}
			<LengthField label="Diameter" value={o.diameter} commit={(diameter) => set({ diameter }, diameter > 0)} />
			<LengthField label="Depth" value={o.depth} commit={(depth) => set({ depth }, depth > 0)} />
		{:else if kind === 'slot'}<LengthField
				label="Depth"
				value={o.depth}
				commit={(depth) => set({ depth }, depth > 0)}
			/>
		{:else}<LengthField label="Width" value={o.width} commit={(width) => set({ width }, width > 0)} />{/if}
		{#if kind === 'rip'}
			<LengthField label="Thickness" value={o.thickness} commit={(thickness) => set({ thickness }, thickness > 0)} />
			<LengthField label="Length" value={o.length} commit={(length) => set({ length }, length > 0)} />
		{/if}
		{#if kind === 'hole' || kind === 'rip'}<NumberField
				label="Tilt"
				unit="°"
				value={o.tilt}
				commit={(tilt) => (tilt >= 0 && tilt < 90 ? void (o.tilt = tilt) : 'Must be between 0° and 90°')}
			/>{/if}
	</div>
	<p class="answer {answer.can}" role="status"><b>{WORD[answer.can]}:</b> {sayPhrase(answer.why, unit)}</p>
	<p class="caution">
		Guard on, push stick, never a short piece on the saw; a waste board behind every exit. Eyes, ears, dust.
	</p>
</Section>

<style>
	.figure {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0 0.7rem;
		padding: 0.25rem 0;
		border-bottom: 1px solid var(--hair);
	}
	small {
		grid-column: 1 / -1;
		color: var(--pencil);
	}
	.answer.yes b {
		color: var(--holds);
	}
	.answer.no b {
		color: var(--does-not-hold);
	}
</style>
