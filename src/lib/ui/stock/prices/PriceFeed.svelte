<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { sayMoney } from '$core/prices/money';
	import { priceName, type Price } from '$core/prices/price';
	import { asAnswered, movedMuch, risenBy, takeAnswers, type Asked } from '$core/prices/take-quotes';
	import { writeLength } from '$core/table/write-cell';
	import { askStores } from '$lib/state/ask-stores';
	import { sayProblem } from '$lib/state/commit';
	import type { OpenShop } from '$lib/state/open-shop.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { today } from '$lib/state/today';
	import { inOne } from '../../cuts/words';

	/** Asks the simulated stores for every price, shows what has moved, and takes it at a press. */
	let { shop }: { shop: OpenShop } = $props();

	let answers = $state.raw<readonly Asked[] | null>(null);
	let asking = $state(false);
	let said = $state('');
	const unit = $derived(preferences.unit);
	const currency = $derived(shop.shop.settings.currency ?? '');
	const moved = $derived((answers ?? []).filter((a) => a.now !== null && a.now !== a.price.price));
	const gaps = $derived((answers ?? []).filter((a) => a.now === null));
	const same = $derived((answers?.length ?? 0) - moved.length - gaps.length);

	const size = ({ thickness, width, length, pack, sold }: Price) =>
		[
			[thickness, width, length].flatMap((l) => (l === null ? [] : [writeLength(l, unit)])).join(' x '),
			pack === 1 ? '' : inOne({ pack, sold })
		]
			.filter(Boolean)
			.join(', ');
	function percent(asked: Asked): string {
		const by = risenBy(asked);
		return by === null ? 'new' : `${by > 0 ? '+' : ''}${(100 * by).toFixed(1)} %`;
	}

	async function ask() {
		asking = true;
		said = '';
		const got = await askStores(shop.shop.prices);
		asking = false;
		if (got.ok) answers = asAnswered(shop.shop.prices, got.value);
		else said = got.error;
	}
	function take() {
		const after = new Map(takeAnswers(answers ?? [], today()).map((p) => [p.id, p]));
		const ids = shop.shop.prices.map((p) => p.id).filter((id) => after.has(id));
		const answered = (p: Price): Price => {
			const { price, date } = after.get(p.id) as Price;
			return { ...p, price, date };
		};
		const [problem] = shop.change('prices', ids, answered, `take ${ids.length} prices`);
		said = problem ? sayProblem(problem, unit) : `${ids.length} prices are of today. Undo takes them back.`;
		if (!problem) answers = null;
	}
</script>

<Button size="xs" onclick={ask} disabled={asking}>{asking ? 'Asking' : 'Ask the stores'}</Button>
<p class="marks">The stores are simulated: nothing leaves this machine, and the prices are invented.</p>
{#if answers}
	{#if moved.length > 0}
		<table aria-label="Prices that have moved">
			<thead
				><tr><th scope="col">What</th><th scope="col">Was</th><th scope="col">Now</th><th scope="col">Moved</th></tr
				></thead
			>
			<tbody>
				{#each moved as a (a.price.id)}
					<tr class:much={movedMuch(a)}>
						<th scope="row">{priceName(a.price)} <small>{size(a.price)}</small></th>
						<td>{a.price.price ? sayMoney(a.price.price, currency) : 'not known'}</td>
						<td>{sayMoney(a.now as number, currency)}</td>
						<td>{percent(a)}{movedMuch(a) ? ': look twice' : ''}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
	<p class="about">{moved.length} moved, {same} as they were.</p>
	{#if gaps.length > 0}
		<p class="about">
			No answer for {gaps.length}: {gaps.map((a) => `${priceName(a.price)} ${size(a.price)}`).join('; ')}. What is known
			of them stands, with its day.
		</p>
	{/if}
	<div class="actions">
		<Button size="xs" disabled={gaps.length === answers.length} onclick={take}
			>Take {answers.length - gaps.length}</Button
		>
		<Button size="xs" color="alternative" onclick={() => (answers = null)}>Take nothing</Button>
	</div>
{/if}
{#if said}<p role="status">{said}</p>{/if}

<style>
	table {
		width: 100%;
		font-size: 0.8rem;
	}
	th,
	td {
		padding: 0.15rem 0.3rem 0.15rem 0;
		text-align: left;
		border-bottom: 1px dotted var(--hair);
		font-variant-numeric: tabular-nums;
	}
	small {
		display: block;
		color: var(--pencil);
		font-weight: 400;
	}
	.much td {
		font-weight: 700;
	}
	.actions {
		display: flex;
		gap: 0.5rem;
	}
</style>
