<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { lonePlaces, type Lone } from '$core/arrange/lone-places';
	import { describeHolder } from '$core/holders/describe';
	import type { Plan } from '$core/plan/types';
	import type { Wanted } from '$core/carriers/carrier';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayVerdict } from '../say';
	import VerdictMark from '../VerdictMark.svelte';

	/** Where a thing could hang without a back. */
	let { plan, asked, take }: { plan: Plan; asked: Wanted; take: (lone: Lone) => void } = $props();

	const unit = $derived(preferences.unit);
	const found = $derived(lonePlaces(plan, asked));
</script>

{#if found.length > 0}
	<h4>Without a back</h4>
	<ul>
		{#each found as l (l.kind)}
			<li>
				<VerdictMark verdict={l.judged.verdict} /> <b>{l.title}</b>: {sayPhrase(describeHolder(l.rack), unit)}. {sayVerdict(
					l.judged,
					unit
				)}.
				<Button size="xs" color="alternative" onclick={() => take(l)}
					>Put it there <span class="sr-only">by {l.title.toLowerCase()}</span></Button
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
