<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { gapsFor, type Gap } from '$core/arrange/gaps';
	import type { Offer } from '$core/holders/offers';
	import type { Plan } from '$core/plan/types';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayVerdict } from '../say';
	import VerdictMark from '../VerdictMark.svelte';

	/** Where a thing could stand in what a holder that hangs already leaves free. */
	let { plan, offer, take }: { plan: Plan; offer: Offer; take: (gap: Gap) => void } = $props();

	const unit = $derived(preferences.unit);
	const gaps = $derived(gapsFor(plan, offer.made, offer.built));
</script>

{#if gaps.length > 0}
	<h4>In what is free already</h4>
	<ul>
		{#each gaps as g (g.holder)}
			<li>
				<VerdictMark verdict={g.judged.verdict} /> <b>{g.name || 'Holder'}</b>: {offer.title.toLowerCase()}
				{sayPhrase(g.where, unit)}. With it: {sayVerdict(g.judged, unit)}.
				<Button size="xs" color="alternative" onclick={() => take(g)}
					>Put it there <span class="sr-only">on {g.name || 'this holder'}</span></Button
				>
			</li>
		{/each}
	</ul>
{/if}

<style>
	h4 {
		margin: 0.4rem 0 0.3rem;
		font-weight: 700;
		font-size: 0.85rem;
	}
	li {
		margin-bottom: 0.4rem;
		font-size: 0.76rem;
		line-height: 1.3;
	}
</style>
