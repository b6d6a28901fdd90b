<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { lastTest } from '$core/checks/tested';
	import { isDay } from '$core/form/day';
	import type { Holder, ProofTest } from '$core/plan/types';
	import { fail, ok } from '$core/result';
	import { formatQuantity } from '$core/units/format-quantity';
	import { fieldCommit } from '$lib/state/commit';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { today } from '$lib/state/today';
	import ChoiceField from './ChoiceField.svelte';
	import Field from './Field.svelte';
	import MassField from './MassField.svelte';
	import Section from './Section.svelte';
	import TextField from './TextField.svelte';

	/** Proof loads of a holder as they went, and one more. `target` is what the plan of one asks for. */
	let { open, holder, target }: { open: OpenPlan; holder: Holder; target: number } = $props();

	const unit = $derived(preferences.unit);
	const kg = (value: number) => formatQuantity({ value, dim: 'mass' }, unit);
	const tests = $derived(holder.tests ?? []);
	const last = $derived(lastTest(holder));

	const ENDS = [
		{ value: 'held' as const, name: 'It held' },
		{ value: 'gave' as const, name: 'Something gave' }
	];
	const readDay = (text: string) => {
		const day = text.trim();
		return day !== '' && isDay(day) ? ok(day) : fail('A day as year-month-day: 2026-11-27');
	};

	let day = $state(today());
	let load = $state<number | null>(null);
	let end = $state<'held' | 'gave'>('held');
	let note = $state('');
	let problem = $state('');

	const set = (to: ProofTest[]) =>
		(problem =
			fieldCommit(
				open,
				{ kind: 'change', list: 'holders', id: holder.id, change: { tests: to.length > 0 ? to : undefined } },
				unit
			) ?? '');

	function write() {
		const one = { day, load: load ?? target, held: end === 'held', ...(note ? { note } : {}) };
		if (set([...$state.snapshot(tests), one]) === '') note = '';
	}
</script>

<Section title="Proof loads written down" after={4}>
	{#if tests.length === 0}<p class="about">None yet. After the test write down what was on it, and what moved.</p>{/if}
	<ul>
		{#each tests as t, i (i)}
			<li>
				<span>
					{t.day}: {kg(t.load)}, {t.held ? 'held' : 'something gave'}{t === last ? ', counts' : ''}.
					{#if t.note}<small>{t.note}</small>{/if}
				</span>
				<Button
					size="xs"
					color="alternative"
					aria-label="Delete {t.day}"
					onclick={() => set(tests.filter((o) => o !== t))}>Delete</Button
				>
			</li>
		{/each}
	</ul>
	<div class="grid">
		<Field label="Day" value={day} read={readDay} write={(d) => d} commit={(d) => ((day = d), undefined)} />
		<MassField
			label="On it"
			value={load ?? target}
			commit={(m) => (m >= 0.1 ? ((load = m), undefined) : 'A test needs a weight')}
		/>
		<ChoiceField
			label="How it ended"
			value={end}
			choices={ENDS}
			commit={(e: 'held' | 'gave') => ((end = e), undefined)}
		/>
		<TextField label="What moved" value={note} commit={(t) => ((note = t.slice(0, 300)), undefined)} />
	</div>
	<Button size="sm" color="alternative" onclick={write}>Write it down</Button>
	{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
	<p class="marks">The last one counts: it may lower what the sums allow, never raise it.</p>
</Section>

<style>
	li {
		display: flex;
		gap: 0.5rem;
		align-items: center;
		justify-content: space-between;
		padding: 0.2rem 0;
		border-bottom: 1px dotted var(--hair);
	}
	small {
		display: block;
		color: var(--soft);
	}
</style>
