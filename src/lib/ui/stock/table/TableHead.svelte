<script lang="ts">
	import type { Column } from '$core/table/column';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';
	import { isNumber, type Laid } from './columns';

	/** Heads of the columns: press one to sort by it. */
	interface Props {
		desk: StockDesk;
		columns: readonly Laid[];
		template: string;
		width: number;
	}
	let { desk, columns, template, width }: Props = $props();

	const ARROW = { none: '', ascending: ' ▴', descending: ' ▾' };
	const wayOf = (c: Column): keyof typeof ARROW => {
		const sort = desk.view.sort.find((s) => s.key === c.key);
		if (!sort) return 'none';
		return sort.down ? 'descending' : 'ascending';
	};
</script>

<div class="head" role="row" aria-rowindex={1} style:grid-template-columns={template} style:width="{width}px">
	<span role="columnheader">
		<input
			type="checkbox"
			aria-label="Pick all shown"
			tabindex="-1"
			checked={desk.picked.size > 0 && desk.picked.size >= desk.shownItems.length}
			indeterminate={desk.picked.size > 0 && desk.picked.size < desk.shownItems.length}
			onchange={(e) => desk.pick(e.currentTarget.checked ? desk.shownItems.map((i) => i.id) : [])}
		/>
	</span>
	{#each columns as { column: c } (c.key)}
		{@const way = wayOf(c)}
		<span role="columnheader" class:right={isNumber(c)} aria-sort={way}>
			<button
				type="button"
				tabindex="-1"
				title="{c.label}{c.hint ? `: ${c.hint}` : ''}. Press to sort, with Shift to sort by this as well"
				onclick={(e) => desk.sortBy(c.key, e.shiftKey)}>{c.label}{ARROW[way]}</button
			>
		</span>
	{/each}
</div>

<style>
	.head {
		position: sticky;
		top: 0;
		z-index: 2;
		display: grid;
		height: 34px;
		border-bottom: 2px solid var(--ink);
		background: var(--paper);
	}
	button {
		width: 100%;
		height: 32px;
		overflow: hidden;
		text-align: left;
		text-overflow: ellipsis;
		white-space: nowrap;
		font-weight: 700;
		font-size: 0.86rem;
	}
	.right button {
		text-align: right;
	}
	[role='columnheader'] {
		padding: 0 0.45rem;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	[role='columnheader']:first-child {
		padding-top: 0.45rem;
	}
</style>
