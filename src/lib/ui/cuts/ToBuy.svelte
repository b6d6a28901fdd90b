<script lang="ts">
	import type { Bill, BillLine } from '$core/buying/bill';
	import { boxesOf } from '$core/buying/spares';
	import { sayMoney } from '$core/prices/money';
	import type { Buying } from '$core/prices/ware';
	import { capital } from '$core/words';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';
	import { amountWords, packsWords } from './words';

	interface Props {
		bill: Bill;
		buying: Buying;
		notes: ReadonlyMap<string, string>;
		/** There is enough of a line already. */
		onHave: (line: BillLine) => void;
	}
	/** Everything to buy, store by store, with what it costs. */
	let { bill, buying, notes, onHave }: Props = $props();

	const unit = $derived(preferences.unit);
	const money = (amount: number) => sayMoney(amount, buying.currency);
	const NO_STORE = 'No price known';
	const stores = $derived.by(() => {
		const by = new Map<string, BillLine[]>();
		for (const line of bill.lines) {
			const store = line.packs ? line.packs.store || 'Store not said' : NO_STORE;
			by.set(store, [...(by.get(store) ?? []), line]);
		}
		return [...by].sort((a, b) => Number(a[0] === NO_STORE) - Number(b[0] === NO_STORE));
	});
	const sum = (lines: readonly BillLine[]) => lines.reduce((all, l) => all + (l.packs?.money ?? 0), 0);
	function detail(line: BillLine): string {
		const over = line.count > line.need ? `${line.need} needed, the rest over` : '';
		const boxes = line.kind === 'screws' && !line.packs ? boxesOf(line.count) : null;
		const packs = line.packs ? packsWords(line.packs, line.kind, money) : '';
		const usual = boxes ? `usually ${boxes.boxes} ${boxes.boxes === 1 ? 'box' : 'boxes'} of ${boxes.of}` : '';
		return [packs, over, usual, notes.get(line.key) ?? ''].filter(Boolean).join('; ');
	}
</script>

{#each stores as [store, lines] (store)}
	{#if stores.length > 1 || store !== NO_STORE}
		<h4>
			{capital(store)}{#if store !== NO_STORE}<span>{money(sum(lines))}</span>{/if}
		</h4>
	{/if}
	<ul class="buy">
		{#each lines as line (line.key)}
			<li>
				<span><b>{amountWords(line)}</b> {sayPhrase(line.title, unit)}<small>{detail(line)}</small></span>
				<span class="money">
					{line.packs ? money(line.packs.money) : ''}
					{#if line.ware.sold !== 'wood'}
						<button
							type="button"
							class="link"
							aria-label="I have it: {sayPhrase(line.title, unit)}"
							onclick={() => onHave(line)}>I have it</button
						>
					{/if}
				</span>
			</li>
		{/each}
	</ul>
{/each}
{#if bill.total > 0}
	<p class="total">
		<span>Together{bill.missing.length > 0 ? `, without ${bill.missing.length} of no known price` : ''}</span>
		<b>{money(bill.total)}</b>
	</p>
{/if}

<style>
	h4,
	li,
	.total {
		display: flex;
		gap: 0.6rem;
		justify-content: space-between;
		font-variant-numeric: tabular-nums;
	}
	h4 {
		margin-top: 0.6rem;
		font-weight: 700;
	}
	li {
		padding: 0.3rem 0;
		border-bottom: 1px dotted var(--hair);
	}
	small {
		display: block;
		color: var(--pencil);
	}
	.money {
		white-space: nowrap;
		text-align: right;
	}
	.link {
		display: block;
		margin-left: auto;
		font-size: 0.85rem;
	}
	@media print {
		.link {
			display: none;
		}
	}
	.total {
		margin-top: 0.3rem;
		padding-top: 0.3rem;
		border-top: 1.5px solid var(--ink);
	}
</style>
