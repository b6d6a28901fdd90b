<script lang="ts">
	import { USUAL_AIM, type Aim } from '$core/cutting/aim';
	import { CUTTING } from '$core/plan/plan-fields';
	import type { Cutting } from '$core/plan/types';
	import { fieldCommit } from '$lib/state/commit';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import NumberField from '../panels/NumberField.svelte';
	import Section from '../panels/Section.svelte';
	import TickField from '../panels/TickField.svelte';

	/** What is to be least, where it is bought, and whether it is finished. */
	let { open, stores }: { open: OpenPlan; stores: readonly string[] } = $props();

	const cutting = $derived(open.plan.cutting);
	const set = (change: Partial<Cutting>) =>
		fieldCommit(open, { kind: 'set-cutting', change: change as Cutting }, preferences.unit);
	const STORES = $derived([
		{ value: '', name: 'wherever it costs least' },
		...[...new Set([...stores, cutting.store ?? ''])].filter(Boolean).map((value) => ({ value, name: value }))
	]);
	/** Two coats of an oil: common practice. */
	const FINISH = { coats: 2, spread: 12 };
</script>

<Section title="How it is cut and bought">
	<ChoiceField
		label="What counts"
		value={cutting.aim ?? USUAL_AIM}
		choices={CUTTING.aim.choices}
		commit={(aim: Aim) => set({ aim })}
	/>
	<ChoiceField
		label="Sheets are cut"
		value={cutting.stages ?? 'any'}
		choices={CUTTING.stages.choices}
		commit={(stages: NonNullable<Cutting['stages']>) => set({ stages })}
	/>
	{#if stores.length > 0}
		<ChoiceField
			label="Bought at"
			value={cutting.store ?? ''}
			choices={STORES}
			commit={(store: string) => set({ store })}
		/>
	{/if}
	<NumberField
		label="Boards over, of each kind"
		hint="Not every board is straight: one or two are usual"
		value={cutting.over ?? 0}
		commit={(over) => set({ over })}
	/>
	<TickField
		label="Parts get a finish"
		checked={cutting.finish !== undefined}
		commit={(on) => set({ finish: on ? FINISH : undefined })}
	/>
	{#if cutting.finish}
		{@const finish = cutting.finish}
		<div class="grid">
			<NumberField label="Coats" value={finish.coats} commit={(coats) => set({ finish: { ...finish, coats } })} />
			<NumberField
				label="A litre goes"
				unit="m²"
				hint="Read it on the tin"
				value={finish.spread}
				commit={(spread) => set({ finish: { ...finish, spread } })}
			/>
		</div>
	{/if}
</Section>
