<script lang="ts">
	import type { AnyPlaced } from '$core/places/any-place';
	import { makeable, partLines, screwsOf, smallParts } from '$core/holders/made-of';
	import { formatLength } from '$core/units/format-length';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';
	import { shopHere } from '$lib/state/shop-context';
	import ViewBox from './ViewBox.svelte';

	/** The same holder from its left end and from above, and what it is made of. */
	let { placed, wall }: { placed: AnyPlaced; wall: string } = $props();

	const shop = shopHere();
	const unit = $derived(preferences.unit);
	const built = $derived(placed.built);
	const small = $derived(smallParts(built.parts).map((s) => `${s.count} ${sayPhrase(s.what, unit)}`));
	const tools = $derived(shop?.shop.tools ?? []);
	const judged = $derived(makeable(built, tools));
	const cannot = $derived(judged.filter((j) => j.answer.can !== 'yes'));
	const say = (mm: number) => formatLength(mm, unit);
	let wide = $state(600);
	const SIDE = { w: 180, h: 190 };
	const topWide = $derived(Math.max(200, wide - SIDE.w - 60));
</script>

<section class="views" aria-label="The holder from its other sides" bind:clientWidth={wide}>
	<div>
		<h3>From the side</h3>
		<ViewBox {built} view="side" {...SIDE} label="The holder from its left end" />
	</div>
	<div>
		<h3>From above</h3>
		<ViewBox {built} view="above" w={topWide} h={124} label="The holder from above, the wall on top" hidden={false} />
		<h3>Made of</h3>
		<p class="made">
			<a class="link" href="/walls/{wall}/holder/{placed.holder.id}">Sheet to print</a>
		</p>
		<p class="made">
			{partLines(built)
				.map((l) => sayPhrase(l, unit))
				.join('; ')}.
		</p>
		<p class="made">
			{[
				...screwsOf(placed.holder, built).map(
					(s, i) => `${i === 0 ? 'Screws: ' : ''}${s.count} of ${s.size} × ${say(s.length)}`
				),
				...small
			].join(', ')}.
		</p>
		{#if tools.length === 0}
			<p class="made">Tick off your tools in the stock-take, and what they can make stands here.</p>
		{:else if cannot.length === 0}
			<p class="made can">Can be made with the tools owned.</p>
		{:else}
			{#each cannot.slice(0, 3) as j, i (i)}
				<p class="made cannot">
					{j.answer.can === 'no' ? 'Cannot' : 'Not known'}: {j.part}, {j.operation.kind}: {sayPhrase(
						j.answer.why,
						unit
					)}
				</p>
			{/each}
		{/if}
	</div>
</section>

<style>
	.views {
		display: grid;
		grid-template-columns: 190px minmax(0, 1fr);
		gap: 0 1rem;
		padding: 0.5rem 0.9rem;
	}
	h3 {
		font-weight: 700;
		font-size: 0.9rem;
	}
	.made {
		margin: 0.15rem 0 0;
		font-size: 0.82rem;
	}
	.can {
		color: var(--holds);
	}
	.cannot {
		color: var(--close);
	}
	@media (max-width: 700px) {
		.views {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
