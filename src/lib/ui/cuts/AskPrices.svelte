<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { Bill, BillLine } from '$core/buying/bill';
	import { lineToAsk } from '$core/buying/ask';
	import type { ShopStep } from '$core/shop/history';
	import { capital } from '$core/words';
	import { eachOf, type Price } from '$core/prices/price';
	import type { Buying } from '$core/prices/ware';
	import { fail, ok } from '$core/result';
	import { sayPhrase } from '$core/units/phrase';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import type { OpenShop } from '$lib/state/open-shop.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { today } from '$lib/state/today';
	import Field from '../panels/Field.svelte';
	import { readNumber } from '../panels/read-number';
	import { packWord } from './words';

	/** Prices that are missing, each asked for where it is needed. What is typed goes into the price list. */
	let { shop, bill, buying }: { shop: OpenShop; bill: Bill; buying: Buying } = $props();

	const unit = $derived(preferences.unit);
	const asked = $derived(bill.missing.map((need) => ({ need, ...lineToAsk(need, buying, 'new') })));

	/** What was said last, as long as nothing else has become of the stock-take: undo on a wall is the wall's. */
	let step = $state.raw<ShopStep | null>(null);
	let said = $state('');
	const last = $derived(step !== null && shop.history.past.at(-1) === step);

	function read(text: string) {
		const got = readNumber(text, buying.currency);
		if (!got.ok) return got;
		return got.value > 0 ? ok<number | null>(got.value) : fail('A price is more than nothing');
	}
	function commit(need: BillLine, price: number | null): string | undefined {
		const { line, there } = lineToAsk(need, buying, newId());
		const known: Price = { ...line, price, date: today() };
		if (eachOf(known, buying.tax) === null)
			return 'Its size in the price list is missing, so nobody can say what one costs';
		const problems = there
			? shop.change('prices', [line.id], (p) => ({ ...p, price, date: known.date }), 'say a price')
			: shop.add('prices', [known], 'say a price');
		const [problem] = problems;
		if (problem) return sayProblem(problem, unit);
		said = `${capital(sayPhrase(need.title, unit))}: its price is in the list now.`;
		step = shop.history.past.at(-1) ?? null;
		return undefined;
	}
</script>

{#if asked.length > 0}
	<p class="about">
		Not known: what these cost. The total is without them. What you type goes into the price list, tax in it.
	</p>
	<div class="grid">
		{#each asked as { need, line } (need.key)}
			<Field
				label={sayPhrase(need.title, unit)}
				hint="Price {packWord(line)}"
				value={null as number | null}
				{read}
				write={() => ''}
				commit={(price) => commit(need, price)}
			/>
		{/each}
	</div>
{/if}
{#if last}
	<p role="status">
		{said}
		<Button size="xs" color="alternative" onclick={() => shop.undo()}>Take it back</Button>
	</p>
{/if}
