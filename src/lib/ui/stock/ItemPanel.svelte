<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { boardFigures, boardName, settleLengths, worthKeeping, type Board } from '$core/lumber/board';
	import { supply, type Consumable } from '$core/consumables/consumable';
	import { eachOf, priceName, type Price } from '$core/prices/price';
	import { sayMoney } from '$core/prices/money';
	import { cellOf, withCell, type CellValue, type Column } from '$core/table/column';
	import { formatQuantity } from '$core/units/format-quantity';
	import { sayPhrase } from '$core/units/phrase';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import { preferences } from '$lib/state/preferences.svelte';
	import { TABLES, type StockDesk, type TableList } from '$lib/state/stock-desk.svelte';
	import BadPlaces from './BadPlaces.svelte';
	import ColumnField from './ColumnField.svelte';

	/** Boards, sheets, consumables or prices that are picked: one or several at once. */
	let { desk, items }: { desk: StockDesk; items: readonly (Board | Consumable | Price)[] } = $props();

	const unit = $derived(preferences.unit);
	const list = $derived(desk.list as Exclude<TableList, 'things'>);
	const one = $derived(items.length === 1 ? items[0] : null);
	const board = $derived(one && 'form' in one ? one : null);
	const consumable = $derived(one && 'low' in one ? one : null);
	const price = $derived(one && 'sold' in one ? one : null);
	const settings = $derived(desk.shop.shop.settings);
	const each = $derived(price && eachOf(price, settings.tax ?? 0));
	const WORDS = { boards: 'lines of boards', consumables: 'consumables', prices: 'prices' };
	const word = $derived(WORDS[list]);

	function set(c: Column, value: CellValue): string | undefined {
		const to = (i: Board | Consumable | Price) => {
			const next = withCell(i, c, value);
			return 'form' in next && (c.key === 'shortest' || c.key === 'longest') ? settleLengths(next, c.key) : next;
		};
		const [problem] = desk.shop.change(
			list,
			items.map((i) => i.id),
			to,
			`change ${c.label.toLowerCase()}${items.length > 1 ? ` of ${items.length}` : ''}`
		);
		return problem && sayProblem(problem, unit);
	}
	function duplicate() {
		const copies = items.map((i) => ({
			...i,
			id: newId(),
			...('low' in i ? { name: `${i.name.slice(0, 52)} (copy)` } : {})
		}));
		desk.shop.add(list, copies, 'duplicate');
		desk.pick(copies.map((c) => c.id));
	}
	function remove() {
		desk.shop.remove(
			list,
			items.map((i) => i.id),
			`delete ${items.length}`
		);
		desk.pick([]);
	}
	const kg = (value: number) => formatQuantity({ value, dim: 'mass' }, unit);
	const title = $derived(
		(board && boardName(board)) ?? (price && priceName(price)) ?? consumable?.name ?? `${items.length} ${word}`
	);
	const STANDS = { out: 'Out', low: 'Low', plenty: 'More than enough', enough: 'Enough' };
</script>

<h2>{title}</h2>
{#if board}
	{@const f = boardFigures(board)}
	<p class="figure sum"><span>weight</span><span>{sayPhrase(f.sum, unit)}</span><b>{kg(f.most)}</b></p>
	<p class="figure sum">
		<span>flat stack</span><span>{sayPhrase(f.stackSum, unit)}</span><b
			>{formatQuantity({ value: f.stack, dim: 'length' }, unit)}</b
		>
	</p>
	{#if board.shortest < board.longest}<p class="marks">
			Between {kg(f.least)}, were all as short as the shortest, and {kg(f.most)}. Loads are reckoned with the most.
		</p>{/if}
	{#if board.offcut}
		<p class="marks">
			{worthKeeping(board, desk.shop.shop.settings)
				? 'Worth keeping: stock to cut from first.'
				: 'Shorter or narrower than is kept here.'}
		</p>
	{/if}
	<p class="source">{f.source}</p>
{:else if consumable}
	{@const s = supply(consumable)}
	<p class="about">
		{STANDS[s.stands]}{s.buy ? `: buy ${s.buy}` : ''}.
	</p>
{:else if price}
	<p class="figure sum">
		<span>one, tax in it</span>
		<span>{price.price === null ? 'not asked yet' : ''}{price.price === 0 ? 'a price of 0 is none' : ''}</span>
		<b>{each === null ? '?' : sayMoney(each, settings.currency ?? '')}</b>
	</p>
{:else}
	<p class="about">What you change is changed in all of them, as one step.</p>
{/if}
<div class="grid">
	{#each TABLES[list].columns as c (c.key)}
		{#if items.length === 1 || c.key !== 'name'}<ColumnField
				column={c}
				values={items.map((i) => cellOf(i, c))}
				commit={(v) => set(c, v)}
			/>{/if}
	{/each}
</div>
{#if board}<BadPlaces {desk} {board} />{/if}
<div class="actions">
	<Button size="sm" color="alternative" onclick={duplicate}>Duplicate</Button>
	<Button size="sm" color="alternative" onclick={remove}>Delete{items.length > 1 ? ` ${items.length}` : ''}</Button>
	<Button size="sm" color="alternative" onclick={() => desk.pick([])}>Back</Button>
</div>

<style>
	.figure {
		display: grid;
		grid-template-columns: 5.5rem 1fr auto;
		gap: 0.6rem;
		padding: 0.25rem 0;
		border-bottom: 1px solid var(--hair);
	}
</style>
