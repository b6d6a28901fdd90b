<script lang="ts">
	import { untrack } from 'svelte';
	import type { CellValue, Column } from '$core/table/column';
	import { PLAIN_VIEW, prepareView, viewOf } from '$core/table/view';
	import { writeCell } from '$core/table/write-cell';
	import { preferences } from '$lib/state/preferences.svelte';
	import { LIST_WORDS, type StockDesk, type TableItem } from '$lib/state/stock-desk.svelte';
	import { whenIdle } from '$lib/state/when-idle';
	import CellEditor from './CellEditor.svelte';
	import { isNumber, layColumns, PICK_WIDTH } from './columns';
	import GripSketch from './GripSketch.svelte';
	import { TableCursor, type Sight } from './table-cursor.svelte';
	import TableHead from './TableHead.svelte';

	/** One list of the shop: thousands of lines, of which only those in sight are built. */
	let { desk }: { desk: StockDesk } = $props();

	const ROW = 34;
	/** Lines built beyond what is in sight, so that a turn of the wheel shows no gap. */
	const SPARE = 3;
	const id = $props.id();
	const lines = $derived(desk.lines);
	let across = $state(800);
	const laid = $derived(layColumns(desk.shown, across, preferences.unit));
	const columns = $derived(laid.map((l) => l.column));
	const template = $derived(`${PICK_WIDTH}px ${laid.map((l) => `${l.width}px`).join(' ')}`);
	const wide = $derived(laid.reduce((sum, l) => sum + l.width, PICK_WIDTH));

	let box: HTMLDivElement;
	let top = $state(0);
	let height = $state(400);
	const first = $derived(Math.max(0, Math.floor(top / ROW) - SPARE));
	/** What stands in each line in sight, worked out once for all that is drawn of it. */
	const inSight = $derived(
		lines
			.slice(first, first + Math.ceil(height / ROW) + 2 * SPARE)
			.map((line) => (line.kind === 'group' ? line : { ...line, cells: columns.map((c) => cellIn(line.item, c)) }))
	);
	const cellIn = (item: TableItem, c: Column) => ({
		c,
		text: cursor.said(item, c),
		typical: 'typical' in item && item.typical.includes(c.key)
	});

	const sight: Sight = {
		show(line) {
			const y = line * ROW;
			if (y < box.scrollTop) box.scrollTop = y;
			// The head stays over the first line in sight.
			else if (y + 2 * ROW > box.scrollTop + box.clientHeight) box.scrollTop = y + 2 * ROW - box.clientHeight;
		},
		page: () => Math.max(1, Math.floor(height / ROW) - 2),
		focus: () => box.focus()
	};
	const cursor = $derived(new TableCursor(desk, () => columns, sight));

	const headOf = (value: CellValue) => {
		const c = desk.all.find((x) => x.key === desk.view.group);
		return c && value !== null && value !== '' ? writeCell(value, c, preferences.unit) || 'no' : 'not said';
	};

	/** The first search and the first sort find their words and keys made: some of them in each idle moment. */
	$effect(() => {
		const { items, all } = desk;
		let from = 0;
		let stop: () => void;
		const some = () => {
			prepareView(items.slice(from, from + 250), all);
			from += 250;
			if (from < items.length) stop = whenIdle(some);
			// Once through what a press goes through, so that the browser has compiled it.
			else
				for (const key of ['mass', 'name'])
					viewOf(items.slice(0, 400), all, { ...PLAIN_VIEW, words: 'e', sort: [{ key, down: true }] });
		};
		stop = whenIdle(some);
		return () => stop();
	});

	$effect(() => {
		const [only] = desk.picked.size === 1 ? desk.picked : [];
		if (only !== undefined) untrack(() => cursor.follow(only));
	});
</script>

<div
	class="lines"
	role="grid"
	tabindex="0"
	aria-label="{LIST_WORDS[desk.list]}, {desk.shownItems.length} lines"
	aria-multiselectable="true"
	aria-rowcount={lines.length + 1}
	aria-colcount={columns.length + 1}
	aria-activedescendant={lines.length ? `${id}-${cursor.row}-${cursor.column}` : undefined}
	bind:this={box}
	bind:clientHeight={height}
	bind:clientWidth={across}
	onscroll={() => (top = box.scrollTop)}
	onkeydown={cursor.keyed}
>
	<TableHead {desk} columns={laid} {template} width={wide} />
	<div class="space" role="presentation" style:height="{lines.length * ROW}px" style:width="{wide}px">
		{#each inSight as line, i (i)}
			{@const n = first + i}
			{#if line.kind === 'group'}
				<div class="group" role="row" aria-rowindex={n + 2} style:transform="translateY({n * ROW}px)">
					<span role="gridcell" aria-colspan={columns.length + 1} id="{id}-{n}-0"
						>{headOf(line.value)} <small>{line.count}</small></span
					>
				</div>
			{:else}
				{@const item = line.item}
				{@const on = desk.picked.has(item.id)}
				<div
					class="row"
					class:on
					role="row"
					aria-rowindex={n + 2}
					aria-selected={on}
					style:grid-template-columns={template}
					style:transform="translateY({n * ROW}px)"
				>
					<span role="gridcell"
						><input
							type="checkbox"
							tabindex="-1"
							aria-label="Pick {item.name || 'this line'}"
							checked={on}
							onchange={() => cursor.toggle(item)}
						/></span
					>
					{#each line.cells as { c, text, typical }, k (c.key)}
						{#if cursor.editing?.id === item.id && cursor.editing.key === c.key}
							<span role="gridcell" class="editing" id="{id}-{n}-{k}">
								<CellEditor {cursor} column={c} editing={cursor.editing} />
							</span>
						{:else}
							<!-- svelte-ignore a11y_click_events_have_key_events -->
							<span
								role="gridcell"
								tabindex="-1"
								id="{id}-{n}-{k}"
								class:at={n === cursor.row && k === cursor.column}
								class:number={isNumber(c)}
								class:typical
								title={typical ? 'Typical, not measured' : undefined}
								onclick={(e) => cursor.pressed(e, n, item, k)}
								ondblclick={() => cursor.edit(item, c)}
								>{#if c.key === 'grip' && 'grip' in item && item.grip}<span class="grip"
										><GripSketch grip={item.grip} dims={item.dims} />{text}</span
									>{:else}{typical ? '~ ' : ''}{text}{/if}</span
							>
						{/if}
					{/each}
				</div>
			{/if}
		{/each}
	</div>
</div>

<style>
	.grip {
		display: inline-flex;
		gap: 0.4rem;
		align-items: center;
		vertical-align: middle;
	}
	.lines {
		position: absolute;
		inset: 0;
		overflow: auto;
		contain: strict;
		background: var(--sheet);
	}
	.space {
		position: relative;
	}
	.row,
	.group {
		position: absolute;
		top: 0;
		left: 0;
		width: 100%;
		height: 34px;
		border-bottom: 1px solid var(--hair);
	}
	.row {
		display: grid;
		/* A line that is written anew lays out itself alone. */
		contain: layout style;
	}
	.group span {
		position: sticky;
		left: 0;
		display: inline-block;
		padding: 0.35rem 0.6rem;
		font-weight: 700;
	}
	.group {
		background: var(--paper);
	}
	.group small {
		color: var(--pencil);
	}
	[role='gridcell'] {
		padding: 0.35rem 0.45rem;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.number {
		padding-inline: 0.25rem !important;
		text-align: right;
		font-family: var(--font-mono);
		font-size: 0.88rem;
	}
	.typical {
		color: var(--pencil);
		font-style: italic;
	}
	.row.on {
		background: color-mix(in srgb, var(--chalk) 16%, var(--sheet));
	}
	.row.on .typical {
		color: var(--ink);
	}
	.lines:focus-visible .at {
		outline: 2px solid var(--chalk);
		outline-offset: -2px;
	}
	.editing {
		position: relative;
		padding: 0 !important;
		overflow: visible !important;
		z-index: 3;
	}
	@media print {
		.lines {
			display: none;
		}
	}
</style>
