<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { compareStuff, type Stuff } from '$core/arrange/compare-stuff';
	import type { Plan, Rack } from '$core/plan/types';
	import { formatQuantity } from '$core/units/format-quantity';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayMargin, sayVerdict } from '../say';
	import VerdictMark from '../VerdictMark.svelte';

	/** A rack of every other stuff that it can be made of, side by side, as they are worked out. */
	interface Props {
		plan: Plan;
		rack: Rack;
		change: (to: Pick<Rack, 'mount' | 'carriers'>) => string | undefined;
	}
	let { plan, rack, change }: Props = $props();

	const unit = $derived(preferences.unit);
	const kg = (value: number) => formatQuantity({ value, dim: 'mass' }, unit);
	let found = $state.raw<Stuff[]>([]);
	let of = $state.raw<Rack | null>(null);
	let working = $state(false);
	let problem = $state('');
	/** What was compared is no more what there is. */
	const stale = $derived(of !== null && of !== rack);

	async function compare() {
		const about = (of = rack);
		found = [];
		working = true;
		for (const one of compareStuff(plan, about)) {
			if (of !== about) return;
			found = [...found, one];
			await new Promise((resolve) => setTimeout(resolve));
		}
		working = false;
	}
	function stop() {
		of = null;
		working = false;
	}
	function take(s: Stuff) {
		problem = change({ mount: rack.mount, carriers: s.carriers }) ?? '';
	}
</script>

<Button size="xs" color="alternative" onclick={working ? stop : compare}
	>{working ? 'Stop' : 'Compare what it may be made of'}</Button
>
{#if found.length > 0}
	<table aria-label="What it may be made of, side by side">
		<thead>
			<tr>
				<th scope="col">Made of</th>
				<th scope="col">Lengths</th>
				<th scope="col">Rack weighs</th>
				<th scope="col">Margin</th>
				<th scope="col"><span class="sr-only">Take it</span></th>
			</tr>
		</thead>
		<tbody>
			{#each found as s (s.title)}
				<tr class:now={s.now} title={sayVerdict(s.judged, unit)}>
					<th scope="row">{s.title}{s.now && !stale ? ', now' : ''}</th>
					<td>{s.lengths ?? 'too short'}</td>
					<td>{kg(s.weighs)}</td>
					<td
						>{#if s.judged}<VerdictMark verdict={s.judged.verdict} />{/if}
						{s.judged?.stop ? 'stop' : sayMargin(s.judged?.check ?? undefined)}</td
					>
					<td
						><Button size="xs" color="alternative" aria-label="Take {s.title}" onclick={() => take(s)}>Take</Button></td
					>
				</tr>
			{/each}
		</tbody>
	</table>
	<p>{stale ? 'The rack has changed since: compare again. ' : ''}Money follows once prices are there.</p>
	{#if problem}<p class="error" role="alert">{problem}</p>{/if}
{/if}

<style>
	table {
		width: 100%;
		margin-top: 0.4rem;
		font-size: 0.78rem;
		border-collapse: collapse;
	}
	th,
	td {
		padding: 0.15rem 0.3rem 0.15rem 0;
		text-align: left;
		border-bottom: 1px dotted var(--hair);
		font-variant-numeric: tabular-nums;
	}
	th[scope='row'] {
		font-weight: 400;
	}
	.now th {
		font-weight: 700;
	}
	p {
		font-size: 0.74rem;
	}
</style>
