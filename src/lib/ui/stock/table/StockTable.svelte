<script lang="ts">
	import { tick, untrack } from 'svelte';
	import { isOptional, withCell, type Column } from '$core/table/column';
	import { bareUnits, readCell } from '$core/table/read-cell';
	import { PLAIN_VIEW, prepareView, viewOf } from '$core/table/view';
	import { writeCell } from '$core/table/write-cell';
	import { whenIdle } from '$lib/state/when-idle';
	import { sayProblem } from '$lib/state/commit';
	import { preferences } from '$lib/state/preferences.svelte';
	import GripSketch from './GripSketch.svelte';
	import { LIST_WORDS, TABLES, type StockDesk, type TableItem } from '$lib/state/stock-desk.svelte';

	/** One list of the shop: thousands of lines, of which only those in sight are built. */
	let { desk }: { desk: StockDesk } = $props();

	const ROW = 34;
	/** Lines built beyond what is in sight, so that a turn of the wheel shows no gap. */
	const SPARE = 3;
	const id = $props.id();
	const unit = $derived(preferences.unit);
	const lines = $derived(desk.lines);
	/** Where few columns have room, what is counted and weighed comes right after the name. */
	const NARROW = 520;
	const FIRST = ['name', 'count', 'mass'];
	let across = $state(800);
	const narrow = $derived(across < NARROW);
	const columns = $derived(
		narrow
			? [
					...FIRST.flatMap((key) => desk.shown.filter((c) => c.key === key)),
					...desk.shown.filter((c) => !FIRST.includes(c.key))
				]
			: desk.shown
	);
	const WIDTH: Record<Column['kind'], number> = {
		text: 132,
		length: 92,
		mass: 88,
		whole: 64,
		number: 82,
		choice: 112,
		flag: 110
	};
	const OWN_WIDTH = $derived<Record<string, number>>({ name: narrow ? 150 : 184, notes: 240, grip: 138 });
	const widthOf = (c: Column) => OWN_WIDTH[c.key] ?? WIDTH[c.kind] + (unit === 'inch' && c.kind === 'length' ? 16 : 0);
	const template = $derived(`38px ${columns.map((c) => `${widthOf(c)}px`).join(' ')}`);
	const wide = $derived(38 + columns.reduce((sum, c) => sum + widthOf(c), 0));

	let box: HTMLDivElement;
	let top = $state(0);
	let height = $state(400);
	const first = $derived(Math.max(0, Math.floor(top / ROW) - SPARE));
	/** What stands in each line in sight, worked out once for all that is drawn of it. */
	const inSight = $derived(
		lines
			.slice(first, first + Math.ceil(height / ROW) + 2 * SPARE)
			.map((line) =>
				line.kind === 'group'
					? line
					: { ...line, cells: columns.map((c) => ({ c, text: said(line.item, c), typical: isTypical(line.item, c) })) }
			)
	);

	/** The cell the keyboard is on: a line, and a column. */
	let at = $state({ row: 0, column: 0 });
	let anchor = 0;
	const row = $derived(Math.min(at.row, Math.max(0, lines.length - 1)));
	const column = $derived(Math.min(at.column, columns.length - 1));
	let editing = $state.raw<{ id: string; key: string; text: string } | null>(null);
	let wrong = $state('');
	let input = $state<HTMLInputElement>();

	const kept = $derived(new Set(TABLES[desk.list].columns.map((c) => c.key)));
	const said = (item: TableItem, c: Column) => writeCell(desk.valueOf(item, c), c, unit);
	const isTypical = (item: TableItem, c: Column) => 'typical' in item && item.typical.includes(c.key);
	const isNumber = (c: Column) => c.kind === 'length' || c.kind === 'mass' || c.kind === 'whole' || c.kind === 'number';
	const ARROW = { none: '', ascending: ' ▴', descending: ' ▾' };
	const wayOf = (c: Column): keyof typeof ARROW => {
		const sort = desk.view.sort.find((s) => s.key === c.key);
		if (!sort) return 'none';
		return sort.down ? 'descending' : 'ascending';
	};
	const headOf = (value: unknown) => {
		const c = desk.all.find((x) => x.key === desk.view.group);
		return c && value !== null && value !== '' ? writeCell(value as never, c, unit) || 'no' : 'not said';
	};

	function show(line: number) {
		const y = line * ROW;
		if (y < box.scrollTop) box.scrollTop = y;
		// The head stays over the first line in sight.
		else if (y + 2 * ROW > box.scrollTop + box.clientHeight) box.scrollTop = y + 2 * ROW - box.clientHeight;
	}

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

	/** Brings what was picked elsewhere into sight. */
	$effect(() => {
		const [only] = desk.picked.size === 1 ? desk.picked : [];
		if (only === undefined) return;
		untrack(() => {
			const line = lines.findIndex((l) => l.kind === 'item' && l.item.id === only);
			if (line >= 0 && line !== row) {
				at = { row: line, column };
				show(line);
			}
		});
	});

	function go(to: number, extend: boolean) {
		const next = Math.min(lines.length - 1, Math.max(0, to));
		if (!extend) anchor = next;
		at = { row: next, column };
		pickRange(extend ? anchor : next, next);
		show(next);
	}
	function pickRange(a: number, b: number) {
		desk.pick(lines.slice(Math.min(a, b), Math.max(a, b) + 1).flatMap((l) => (l.kind === 'item' ? [l.item.id] : [])));
	}
	function toggle(item: TableItem) {
		const next = new Set(desk.picked);
		if (!next.delete(item.id)) next.add(item.id);
		desk.pick(next);
	}

	function pressed(event: MouseEvent, line: number, item: TableItem, c: number) {
		at = { row: line, column: c };
		if (event.shiftKey) pickRange(anchor, line);
		else {
			anchor = line;
			if (event.ctrlKey || event.metaKey) toggle(item);
			else desk.pick([item.id]);
		}
		box.focus();
	}

	async function edit(item: TableItem, c: Column, text?: string) {
		if (!kept.has(c.key)) return;
		if (c.kind === 'flag') {
			commit(item, c, desk.valueOf(item, c) ? 'no' : 'yes');
			return;
		}
		editing = { id: item.id, key: c.key, text: text ?? said(item, c) };
		wrong = '';
		await tick();
		input?.focus();
		if (text === undefined) input?.select();
	}
	function commit(item: TableItem, c: Column, text: string): boolean {
		const got = readCell(text, c, bareUnits(unit), unit);
		if (!got.ok) {
			wrong = got.error;
			return false;
		}
		const [problem] = desk.shop.change(
			desk.list,
			[item.id],
			(i) =>
				withCell('typical' in i ? { ...i, typical: i.typical.filter((k) => k !== c.key) } : i, c, got.value) as never,
			`change ${c.label.toLowerCase()}`
		);
		wrong = problem ? sayProblem(problem, unit) : '';
		return !problem;
	}
	function endEdit(take: boolean, step?: { rows: number; columns: number }) {
		if (!editing) return;
		const item = desk.items.find((i) => i.id === editing?.id);
		const c = columns.find((x) => x.key === editing?.key);
		if (take && item && c && editing.text !== said(item, c) && !commit(item, c, editing.text)) return;
		editing = null;
		wrong = '';
		if (step) {
			at = {
				row: Math.min(lines.length - 1, row + step.rows),
				column: Math.min(columns.length - 1, Math.max(0, column + step.columns))
			};
			const line = lines[at.row];
			if (line?.kind === 'item') desk.pick([line.item.id]);
			show(at.row);
			box.focus();
		}
	}
	function editKey(event: KeyboardEvent) {
		event.stopPropagation();
		if (event.key === 'Enter') endEdit(true, { rows: 1, columns: 0 });
		else if (event.key === 'Tab') {
			event.preventDefault();
			endEdit(true, { rows: 0, columns: event.shiftKey ? -1 : 1 });
		} else if (event.key === 'Escape') endEdit(false, { rows: 0, columns: 0 });
	}

	function keyed(event: KeyboardEvent) {
		const line = lines[row];
		const page = Math.max(1, Math.floor(height / ROW) - 2);
		const rows: Record<string, number> = { ArrowDown: 1, ArrowUp: -1, PageDown: page, PageUp: -page };
		const step = rows[event.key];
		const command = event.ctrlKey || event.metaKey;
		if (step !== undefined) go(row + step, event.shiftKey);
		else if (event.key === 'Home' || event.key === 'End') {
			if (command) go(event.key === 'Home' ? 0 : lines.length - 1, event.shiftKey);
			else at = { row, column: event.key === 'Home' ? 0 : columns.length - 1 };
		} else if (event.key === 'ArrowLeft' || event.key === 'ArrowRight')
			at = { row, column: Math.min(columns.length - 1, Math.max(0, column + (event.key === 'ArrowLeft' ? -1 : 1))) };
		else if (command && event.key.toLowerCase() === 'a') desk.pick(desk.shownItems.map((i) => i.id));
		else if (event.key === ' ' && line?.kind === 'item') toggle(line.item);
		else if (event.key === 'Delete' && desk.picked.size > 0) {
			desk.shop.remove(desk.list, desk.picked, desk.picked.size === 1 ? 'delete' : `delete ${desk.picked.size}`);
			desk.pick([]);
		} else if (line?.kind === 'item' && !command && !event.altKey && (event.key === 'Enter' || event.key === 'F2'))
			void edit(line.item, columns[column] as Column);
		else if (line?.kind === 'item' && !command && !event.altKey && event.key.length === 1)
			void edit(line.item, columns[column] as Column, event.key);
		else return;
		event.preventDefault();
	}
</script>

<div
	class="lines"
	role="grid"
	tabindex="0"
	aria-label="{LIST_WORDS[desk.list]}, {desk.shownItems.length} lines"
	aria-multiselectable="true"
	aria-rowcount={lines.length + 1}
	aria-colcount={columns.length + 1}
	aria-activedescendant={lines.length ? `${id}-${row}-${column}` : undefined}
	bind:this={box}
	bind:clientHeight={height}
	bind:clientWidth={across}
	onscroll={() => (top = box.scrollTop)}
	onkeydown={keyed}
>
	<div class="head" role="row" aria-rowindex={1} style:grid-template-columns={template} style:width="{wide}px">
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
		{#each columns as c (c.key)}
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
							onchange={() => toggle(item)}
						/></span
					>
					{#each line.cells as { c, text, typical }, k (c.key)}
						{#if editing?.id === item.id && editing.key === c.key}
							<span role="gridcell" class="editing" id="{id}-{n}-{k}">
								<input
									bind:this={input}
									type="text"
									aria-label={c.label}
									value={editing.text}
									aria-invalid={wrong ? 'true' : undefined}
									list={c.kind === 'choice' ? `${id}-choices` : undefined}
									oninput={(e) => (editing = { id: item.id, key: c.key, text: e.currentTarget.value })}
									onkeydown={editKey}
									onblur={() => endEdit(true)}
								/>
								{#if c.kind === 'choice'}<datalist id="{id}-choices"
										>{#each c.choices as x (x.value)}<option value={x.name}></option>{/each}{#if isOptional(c)}<option
												value="-"
											></option>{/if}</datalist
									>{/if}
								{#if wrong}<span class="wrong" role="alert">{wrong}</span>{/if}
							</span>
						{:else}
							<!-- svelte-ignore a11y_click_events_have_key_events -->
							<span
								role="gridcell"
								tabindex="-1"
								id="{id}-{n}-{k}"
								class:at={n === row && k === column}
								class:number={isNumber(c)}
								class:typical
								title={typical ? 'Typical, not measured' : undefined}
								onclick={(e) => pressed(e, n, item, k)}
								ondblclick={() => edit(item, c)}
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
	.head {
		position: sticky;
		top: 0;
		z-index: 2;
		display: grid;
		height: 34px;
		border-bottom: 2px solid var(--ink);
		background: var(--paper);
	}
	.head button {
		width: 100%;
		height: 32px;
		overflow: hidden;
		text-align: left;
		text-overflow: ellipsis;
		white-space: nowrap;
		font-weight: 700;
		font-size: 0.86rem;
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
	[role='gridcell'],
	[role='columnheader'] {
		padding: 0.35rem 0.45rem;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	[role='columnheader'] {
		padding-block: 0;
	}
	.right button {
		text-align: right;
	}
	.head [role='columnheader']:first-child {
		padding-top: 0.45rem;
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
	.editing input {
		width: 100%;
		height: 33px;
		min-height: 33px !important;
		padding: 0 0.4rem;
	}
	.wrong {
		position: absolute;
		top: 34px;
		left: 0;
		z-index: 4;
		max-width: 320px;
		padding: 0.3rem 0.5rem;
		border: 1.5px solid var(--does-not-hold);
		background: var(--sheet);
		white-space: normal;
		font-weight: 600;
		font-size: 0.85rem;
		color: var(--does-not-hold);
	}
	@media print {
		.lines {
			display: none;
		}
	}
</style>
