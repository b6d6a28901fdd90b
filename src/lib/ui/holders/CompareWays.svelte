<script lang="ts">
	import { aboutMoney } from '$core/buying/about';
	import { buyingOf } from '$core/buying/buying-of';
	import { compareWays } from '$core/arrange/compare-ways';
	import type { Offer } from '$core/holders/offers';
	import { sayMoney } from '$core/prices/money';
	import { NO_PRICES } from '$core/prices/ware';
	import { shopLater } from '$lib/state/shop-context';
	import type { Plan } from '$core/plan/types';
	import { formatLength } from '$core/units/format-length';
	import { formatQuantity } from '$core/units/format-quantity';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayMargin, sayVerdict } from '../say';
	import VerdictMark from '../VerdictMark.svelte';

	/** Two or three ways to hold the same things, by what people compare; each judged where it would hang. */
	let { plan, offers }: { plan: Plan; offers: readonly Offer[] } = $props();

	const unit = $derived(preferences.unit);
	const ways = $derived(compareWays(plan, offers, unit));
	const findShop = shopLater();
	const shop = $derived(findShop()?.shop);
	const buying = $derived(shop ? buyingOf(shop, plan.cutting) : NO_PRICES);
	const priced = $derived(buying.prices.length > 0);
	/** About what a way costs; more than that where something in it has no price. */
	function moneyOf(kind: string): string {
		const of = offers.find((o) => o.kind === kind);
		if (!of) return '';
		const { money, missing } = aboutMoney(of.made.holder, of.built, buying);
		return `${missing > 0 ? 'over ' : ''}${sayMoney(money, buying.currency)}`;
	}
	const kg = (value: number) => formatQuantity({ value, dim: 'mass' }, unit);
	/** Fewest, lightest, quickest: what is least of all is told apart. */
	const least = (of: (w: (typeof ways)[number]) => number) => Math.min(...ways.map(of));
</script>

<table aria-label="Ways side by side">
	<thead>
		<tr>
			<th scope="col">Wide</th>
			<th scope="col">Out</th>
			<th scope="col">Wood</th>
			<th scope="col">Hours</th>
			{#if priced}<th scope="col">About</th>{/if}
			<th scope="col">Margin</th>
		</tr>
	</thead>
	<tbody>
		{#each ways as w (w.kind)}
			<tr class="name"
				><th scope="row" colspan={priced ? 6 : 5}
					>{w.title}{w.over > 0 ? `: ${w.over} over` : ''}
					{#if w.judged}<VerdictMark verdict={w.judged.verdict} />{/if}</th
				></tr
			>
			<tr>
				<td class:least={w.width === least((o) => o.width)}>{formatLength(w.width, unit)}</td>
				<td class:least={w.out === least((o) => o.out)}>{formatLength(w.out, unit)}</td>
				<td class:least={w.wood === least((o) => o.wood)}>{kg(w.wood)}</td>
				<td class:least={w.minutes === least((o) => o.minutes)}>{(w.minutes / 60).toFixed(1)} h</td>
				{#if priced}<td>{moneyOf(w.kind)}</td>{/if}
				<td>{w.judged?.stop ? 'stop' : sayMargin(w.judged?.check ?? undefined)}</td>
			</tr>
			<tr class="why"
				><td colspan={priced ? 6 : 5}
					>{w.judged ? sayVerdict(w.judged, unit) : `Nowhere: ${w.nowhere}`}. {sayPhrase(w.hours, unit)}</td
				></tr
			>
		{/each}
	</tbody>
</table>
<p>
	Hours are our own judgement, drying not counted.
	{priced
		? 'Money is for wood by its size without waste, screws and small parts; “over” where some have no price.'
		: 'What they cost is told once the stock-take has prices.'}
</p>

<style>
	p {
		margin-bottom: 0.4rem;
		font-size: 0.74rem;
		color: var(--pencil);
	}
	table {
		width: 100%;
		margin: 0.3rem 0;
		font-size: 0.74rem;
	}
	th,
	td {
		padding: 0.1rem 0.15rem;
		text-align: left;
		font-variant-numeric: tabular-nums;
	}
	thead th {
		border-bottom: 1px solid var(--ink);
		color: var(--pencil);
		font-weight: 400;
	}
	.name th {
		padding-top: 0.35rem;
		font-weight: 700;
	}
	.least {
		font-weight: 700;
	}
	.why td {
		padding-bottom: 0.3rem;
		border-bottom: 1px solid var(--hair);
		color: var(--pencil);
	}
</style>
