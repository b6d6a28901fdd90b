<script lang="ts">
	import type { Gap } from '$core/arrange/gaps';
	import type { Offer, Offers } from '$core/holders/offers';
	import type { Plan } from '$core/plan/types';
	import CompareWays from './CompareWays.svelte';
	import Later from '../panels/Later.svelte';
	import InGaps from './InGaps.svelte';
	import OfferCard from './OfferCard.svelte';

	/** What could carry a thing: ways made for it, patterns of the shop made again, and those that cannot with the reason. */
	interface Props {
		plan: Plan;
		found: Offers;
		patterns: Offers;
		take: (offer: Offer) => void;
		takePattern: (offer: Offer) => void;
		takeGap: (gap: Gap) => void;
	}
	let { plan, found, patterns, take, takePattern, takeGap }: Props = $props();

	/** More side by side than this nobody reads. */
	const MOST = 3;
	let compared = $state<string[]>([]);
	const all = $derived([...found.offers, ...patterns.offers]);
	const picked = $derived(all.filter((o) => compared.includes(o.kind)));
	const refusals = $derived([...found.refusals, ...patterns.refusals]);
	const toggle = (kind: string) => {
		compared = compared.includes(kind) ? compared.filter((k) => k !== kind) : [...compared, kind].slice(-MOST);
	};
</script>

{#snippet card(o: Offer, first: boolean, press: (offer: Offer) => void)}
	<OfferCard offer={o} {first} take={() => press(o)} />
	{#if all.length > 1}
		<label class="compare">
			<input type="checkbox" checked={compared.includes(o.kind)} onchange={() => toggle(o.kind)} />
			compare <span class="sr-only">{o.title}</span>
		</label>
	{/if}
{/snippet}

{#each found.offers as o, i (o.kind)}{@render card(o, i === 0, take)}{/each}
{#if found.offers[0]}
	<Later after={2}><InGaps {plan} offer={found.offers[0]} take={takeGap} /></Later>
{/if}
{#if patterns.offers.length > 0}
	<h4>From the shop’s patterns</h4>
	{#each patterns.offers as o (o.kind)}{@render card(o, false, takePattern)}{/each}
{/if}
{#if all.length === 0}<p class="error">Nothing here can carry it yet.</p>{/if}
{#if picked.length > 1}
	<h4>Side by side</h4>
	<CompareWays {plan} offers={picked} />
{:else if picked.length === 1}<p class="marks">Tick one more, or two, to compare.</p>{/if}
{#if refusals.length > 0}
	<details class="not">
		<summary>{refusals.length} others cannot: why</summary>
		<ul>
			{#each refusals as r (r.kind)}<li><b>{r.title}</b>: {r.why}</li>{/each}
		</ul>
	</details>
{/if}

<style>
	h4 {
		margin: 0.4rem 0 0.3rem;
		font-weight: 700;
		font-size: 0.85rem;
	}
	.compare {
		display: flex;
		justify-content: flex-end;
		align-items: center;
		gap: 0.35rem;
		margin: -0.25rem 0 0.4rem;
		font-size: 0.76rem;
	}
	.not {
		margin: 0.2rem 0 0.5rem;
		font-size: 0.76rem;
		color: var(--pencil);
	}
</style>
