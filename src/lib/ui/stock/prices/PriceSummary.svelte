<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { ok } from '$core/result';
	import { sayProblem } from '$lib/state/commit';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';
	import Field from '../../panels/Field.svelte';
	import NumberField from '../../panels/NumberField.svelte';
	import Section from '../../panels/Section.svelte';
	import PriceFeed from './PriceFeed.svelte';

	/** What the price list comes to, while nothing in it is picked. */
	let { desk }: { desk: StockDesk } = $props();

	const shop = $derived(desk.shop);
	const prices = $derived(shop.shop.prices);
	const open = $derived(prices.filter((p) => !p.price));
	const stores = $derived([...new Set(prices.map((p) => p.store).filter(Boolean))].sort());
	const oldest = $derived(
		prices
			.map((p) => p.date)
			.filter(Boolean)
			.sort()[0]
	);
	const set = (change: { currency?: string; tax?: number }) => {
		const { settings } = shop.shop;
		const [problem] = shop.do('change how prices are read', [
			{ list: 'settings', id: 'settings', before: settings, after: { ...settings, ...change } }
		]);
		return problem && sayProblem(problem, preferences.unit);
	};
</script>

<p class="about">
	{prices.length}
	{prices.length === 1 ? 'price' : 'prices'}{stores.length > 0 ? ` of ${stores.join(', ')}` : ''}{oldest
		? `; the oldest was asked on ${oldest}`
		: ''}. Cut and buy reckons with them: whichever is cheapest for what is needed, in whole packs.
</p>
{#if open.length > 0}
	<p class="about">Still to ask: <b>{open.length}</b>. A price of 0 counts as none.</p>
	<Button size="xs" color="alternative" onclick={() => desk.pick(open.map((p) => p.id))}>Show them in the table</Button>
{/if}
<div class="grid">
	<Field
		label="Money"
		hint="As it stands behind an amount"
		value={shop.shop.settings.currency ?? ''}
		read={(text) => ok(text.trim())}
		write={(v) => v}
		commit={(currency) => set({ currency })}
	/>
	<NumberField
		label="Tax"
		unit="%"
		hint="Put on prices without it"
		value={shop.shop.settings.tax ?? 0}
		commit={(tax) => set({ tax })}
	/>
</div>
{#if prices.length > 0}
	<Section title="Ask again"><PriceFeed {shop} /></Section>
{/if}
