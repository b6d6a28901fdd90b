<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { proofLoad } from '$core/verdict/proof-load';
	import { formatQuantity } from '$core/units/format-quantity';
	import { KG_PER_POUND } from '$core/units/quantity';
	import { preferences } from '$lib/state/preferences.svelte';
	import MassField from './MassField.svelte';
	import Section from './Section.svelte';

	/** A planned test of one holder or rack: how much, in what steps, what to watch. `what` says which, on paper. */
	let {
		working,
		foot,
		what = '',
		watch = []
	}: { working: number; foot: number; what?: string; watch?: readonly string[] } = $props();

	const unit = $derived(preferences.unit);
	const kg = (value: number) => formatQuantity({ value, dim: 'mass' }, unit);
	let shown = $state(false);
	let bag = $state<number | null>(null);
	const each = $derived(bag ?? (unit === 'inch' ? 10 * KG_PER_POUND : 5));
	const plan = $derived(working > 0 ? proofLoad(working, { foot, bag: each }) : null);
</script>

{#if plan}
	<Section title="Proof load" after={4}>
		{#if !shown}
			<Button size="sm" color="alternative" onclick={() => (shown = true)}>Plan a proof load</Button>
		{:else}
			<p class="marks">
				<b>{kg(plan.target)}</b>: {kg(plan.working)} × {plan.factor}, because it hangs {plan.overhead
					? 'over heads'
					: 'lower than heads'}. Spread it as the things will hang.
			</p>
			<div class="grid">
				<MassField
					label="One bag weighs"
					value={each}
					commit={(m) => (m >= 0.1 ? ((bag = m), undefined) : 'A bag must weigh something')}
				/>
			</div>
			<ol>
				{#each plan.steps as s, i (i)}
					<li>
						<span class="box" aria-hidden="true"></span>{s.bags}
						{s.bags === 1 ? 'bag' : 'bags'}, {kg(s.total)}{i === 0
							? ': the working load. Look it over before you go on'
							: ''}{i === plan.steps.length - 1 ? `: leave it ${plan.minutes} minutes` : ''}
					</li>
				{/each}
			</ol>
			<p class="marks">After every bag, look at {[...watch, ...plan.watch].join('; ')}</p>
			<p class="marks">
				<b>Nobody beneath or before it, eyes protected; load and unload from the side.</b> Stop at any crack, slip or noise.
				Write down date, load and what moved. It finds gross errors; it may lower what you trust it with, never raise it.
			</p>
			{#if what}<p class="marks">{what}</p>{/if}
			<Button size="sm" color="alternative" class="no-print" onclick={() => print()}>Print</Button>
		{/if}
	</Section>
{/if}

<style>
	ol {
		margin-block: 0.5rem;
	}
	li {
		display: flex;
		gap: 0.5rem;
		align-items: baseline;
		padding: 0.2rem 0;
		border-bottom: 1px dotted var(--hair);
	}
	.box {
		flex: none;
		width: 0.9rem;
		height: 0.9rem;
		border: 1.5px solid var(--ink);
		border-radius: 2px;
		align-self: center;
	}
</style>
