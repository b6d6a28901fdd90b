<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { buyingOf } from '$core/buying/buying-of';
	import { RODS } from '$core/materials/rods';
	import { cheapest } from '$core/prices/packs';
	import { shopLater } from '$lib/state/shop-context';
	import { compareStuff, type Stuff } from '$core/arrange/compare-stuff';
	import type { Plan, Rack } from '$core/plan/types';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayMargin, sayVerdict } from '../say';
	import VerdictMark from '../VerdictMark.svelte';
	import { readNumber } from './read-number';

	/** A rack of every other stuff that it can be made of, side by side, as they are worked out. */
	interface Props {
		plan: Plan;
		rack: Rack;
		change: (to: Pick<Rack, 'mount' | 'carriers'>) => string | undefined;
	}
	let { plan, rack, change }: Props = $props();

	const unit = $derived(preferences.unit);
	let found = $state.raw<Stuff[]>([]);
	let of = $state.raw<Rack | null>(null);
	let working = $state(false);
	let problem = $state('');
	/** What one length costs, as it is typed, by what it is. */
	let prices = $state<Record<string, string>>({});
	const findShop = shopLater();
	/** What the price list says one length costs; empty where it says nothing. */
	function known(title: string): string {
		const shop = findShop()?.shop;
		const of = RODS.find((r) => r.title === title);
		if (!shop || !of) return '';
		const got = cheapest({ sold: 'rod', rod: of.id }, 1, buyingOf(shop, plan.cutting));
		return got ? got.each.toFixed(2) : '';
	}
	/** Of all lengths; what is wrong where that is no price, nothing where none is typed. */
	function costs({ title, lengths }: Stuff): string {
		const typed = (prices[title] ?? known(title)).trim();
		if (typed === '' || lengths === null) return '';
		const price = readNumber(typed);
		if (!price.ok || price.value < 0) return 'no price';
		return (price.value * lengths).toFixed(2);
	}
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
				<th scope="col">Price of one</th>
				<th scope="col">Costs</th>
				<th scope="col">Margin</th>
				<th scope="col"><span class="sr-only">Take it</span></th>
			</tr>
		</thead>
		<tbody>
			{#each found as s (s.title)}
				<tr class:now={s.now} title={sayVerdict(s.judged, unit)}>
					<th scope="row">{s.title}{s.now && !stale ? ', now' : ''}</th>
					<td>{s.lengths ?? 'too short'}</td>
					<td
						><input
							inputmode="decimal"
							aria-label="Price of one length of {s.title}"
							bind:value={() => prices[s.title] ?? known(s.title), (typed) => (prices[s.title] = typed)}
						/></td
					>
					<td class:wrong={costs(s) === 'no price'}>{costs(s)}</td>
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
	<p>
		{stale ? 'The rack has changed since: compare again. ' : ''}A price typed here is for comparing only; the price list
		is with the stock-take.
	</p>
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
	input {
		width: 3.6rem;
		padding: 0.1rem 0.3rem;
		border: 1px solid var(--ink);
		background: var(--sheet);
		font: inherit;
	}
	.wrong {
		color: var(--does-not-hold);
	}
	.now th {
		font-weight: 700;
	}
	p {
		font-size: 0.74rem;
	}
</style>
