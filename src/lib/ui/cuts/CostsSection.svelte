<script lang="ts">
	import type { Bill } from '$core/buying/bill';
	import { sharesOf } from '$core/buying/shares';
	import type { CutPlan } from '$core/cutting/cut-plan';
	import type { Plan } from '$core/plan/types';
	import { sayMoney } from '$core/prices/money';
	import Section from '../panels/Section.svelte';

	/** What every row and holder costs, and each thing that hangs on it. */
	let { plan, cuts, bill, currency }: { plan: Plan; cuts: CutPlan; bill: Bill; currency: string } = $props();

	const shares = $derived(sharesOf(plan, cuts, bill));
	const finished = $derived(plan.cutting.finish !== undefined);
	const owners = $derived(
		shares.owners
			.filter((o) => o.money + o.finish > 0 || o.missing || o.own)
			.sort((a, b) => b.money + b.finish - (a.money + a.finish))
	);
	const money = (amount: number) => sayMoney(amount, currency);
	/** Where a price is missing it is more than what is known; and where nothing is known, nobody can say. */
	function atLeast(amount: number, missing: boolean): string {
		if (!missing) return money(amount);
		return amount > 0 ? `over ${money(amount)}` : '?';
	}
	const lacking = $derived(bill.missing.length > 0);
	/** The bill without the tins of finish. */
	const bare = $derived(bill.lines.reduce((sum, l) => sum + (l.kind === 'finish' ? 0 : (l.packs?.money ?? 0)), 0));
	const finish = $derived(owners.reduce((sum, o) => sum + o.finish, 0));
</script>

<Section title="What it costs">
	<table aria-label="What every row and holder costs">
		<thead>
			<tr>
				<th scope="col">For</th>
				<th scope="col">Costs</th>
				{#if finished}<th scope="col">With finish</th>{/if}
				<th scope="col">A thing held</th>
			</tr>
		</thead>
		<tbody>
			{#each owners as o (o.owner.id)}
				<tr>
					<th scope="row"
						>{o.owner.name}<small
							>{[
								o.missing ? 'a price is missing' : '',
								o.own ? 'of the shop’s own wood in part, which costs nothing' : ''
							]
								.filter(Boolean)
								.join('; ')}</small
						></th
					>
					<td>{atLeast(o.money, o.missing)}</td>
					{#if finished}<td>{atLeast(o.money + o.finish, o.missing)}</td>{/if}
					<td>{o.things > 0 ? atLeast((o.money + o.finish) / o.things, o.missing) : ''}</td>
				</tr>
			{/each}
			{#if shares.over > 0.005}
				<tr
					><th scope="row">Over, and left in packs</th><td>{money(shares.over)}</td><td></td>{#if finished}<td
						></td>{/if}</tr
				>
			{/if}
		</tbody>
		<tfoot>
			<tr>
				<th scope="row">The wall</th>
				<td>{atLeast(bare, lacking)}</td>
				{#if finished}<td>{atLeast(bill.total, lacking)}</td>{/if}
				<td></td>
			</tr>
		</tfoot>
	</table>
	<p class="marks">
		Wood by the area that is cut from it, waste and all; screws, glue and finish by what is used.{finished
			? ` The finish itself: ${money(finish)}.`
			: ''}
	</p>
</Section>

<style>
	table {
		width: 100%;
		font-size: 0.85rem;
		font-variant-numeric: tabular-nums;
	}
	th,
	td {
		padding: 0.2rem 0.3rem 0.2rem 0;
		border-bottom: 1px dotted var(--hair);
		text-align: left;
		font-weight: 400;
	}
	td {
		text-align: right;
		white-space: nowrap;
	}
	thead th {
		color: var(--pencil);
	}
	thead th:not(:first-child) {
		text-align: right;
	}
	tfoot th,
	tfoot td {
		border-top: 1.5px solid var(--ink);
		font-weight: 700;
	}
	small {
		display: block;
		color: var(--pencil);
	}
</style>
