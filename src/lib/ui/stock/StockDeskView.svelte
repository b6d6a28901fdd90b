<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { THING_COLUMNS } from '$core/things/columns';
	import type { CellValue } from '$core/table/column';
	import { LIST_WORDS, TABLES, type DeskTab, type StockDesk, type TableList } from '$lib/state/stock-desk.svelte';
	import EntryLine from './entry/EntryLine.svelte';
	import FilesPanel from './files/FilesPanel.svelte';
	import PrintList from './PrintList.svelte';
	import StockTable from './table/StockTable.svelte';
	import ToolsOwned from './ToolsOwned.svelte';

	/** The desk of the stock-take: its lists, how each is shown, and the line that new things are typed into. */
	let {
		desk,
		wallShown = null,
		showWall
	}: { desk: StockDesk; wallShown?: boolean | null; showWall?: (on: boolean) => void } = $props();

	const id = $props.id();
	const TABS: { id: DeskTab; title: string }[] = [
		...(Object.keys(LIST_WORDS) as TableList[]).map((id) => ({ id, title: LIST_WORDS[id] })),
		{ id: 'tools', title: 'Tools owned' },
		{ id: 'files', title: 'Files' }
	];
	const count = (tab: DeskTab) => (tab === 'files' ? '' : String(desk.shop.shop[tab].length));
	const NOTHING: Record<TableList, string> = {
		things:
			'Nothing yet. Type the first line above, such as "6 bar clamps 600 mm", start from a typical kind, or bring in a file.',
		boards: 'No boards or sheets yet.',
		consumables: 'Nothing that is used up yet.'
	};
	let choosing = $state(false);
	/** What is shown of the things: a filter by a word. */
	const SHOWS: { value: string; name: string; only: Record<string, CellValue> }[] = [
		{ value: 'all', name: 'all', only: {} },
		{ value: 'missing', name: 'something missing', only: { measured: 'missing' } },
		{ value: 'typical', name: 'typical only', only: { measured: 'typical' } },
		...['to-place', 'on-wall', 'not-to-keep'].map((state) => ({
			value: state,
			name: { 'to-place': 'to place', 'on-wall': 'on the wall', 'not-to-keep': 'not to keep' }[state] as string,
			only: { state }
		}))
	];
	const shows = $derived(
		SHOWS.find((s) => Object.entries(s.only).some(([k, v]) => desk.view.only[k] === v))?.value ?? 'all'
	);
	const groups = $derived(
		[...new Set((desk.items as readonly { group?: string }[]).map((i) => i.group ?? ''))].filter(Boolean).sort()
	);
	const title = (key: string) =>
		(desk.all.find((c) => c.key === key) ?? THING_COLUMNS.find((c) => c.key === key))?.label.toLowerCase();
	function filter(key: 'shows' | 'group', value: string) {
		const { group } = desk.view.only;
		const only =
			key === 'shows'
				? { ...(SHOWS.find((s) => s.value === value)?.only ?? {}), ...(group === undefined ? {} : { group }) }
				: { ...(SHOWS.find((s) => s.value === shows)?.only ?? {}), ...(value === '' ? {} : { group: value }) };
		desk.look({ only });
	}
	const filtered = $derived(desk.view.words !== '' || Object.keys(desk.view.only).length > 0);
</script>

<section class="desk" aria-label="Desk">
	<div class="tabs no-print">
		<div role="tablist" aria-label="Stock-take">
			{#each TABS as t (t.id)}<button
					type="button"
					role="tab"
					aria-selected={desk.tab === t.id}
					onclick={() => desk.open(t.id)}>{t.title} <small>{count(t.id)}</small></button
				>{/each}
		</div>
		{#if showWall && wallShown !== null}<button type="button" class="fold" onclick={() => showWall(!wallShown)}
				>{wallShown ? 'Hide the wall' : 'Show the wall'}</button
			>{/if}
	</div>
	{#if desk.tab === 'tools'}<ToolsOwned {desk} />
	{:else if desk.tab === 'files'}<FilesPanel {desk} />
	{:else}
		<EntryLine {desk} />
		<div class="bar no-print">
			<input
				type="search"
				placeholder="Find"
				aria-label="Find in the list"
				value={desk.view.words}
				oninput={(e) => desk.look({ words: e.currentTarget.value })}
			/>
			{#if desk.list === 'things'}
				<select aria-label="Shown" value={shows} onchange={(e) => filter('shows', e.currentTarget.value)}
					>{#each SHOWS as s (s.value)}<option value={s.value}>{s.name}</option>{/each}</select
				>
			{/if}
			{#if groups.length > 0}
				<select
					aria-label="Of group"
					value={(desk.view.only.group as string | undefined) ?? ''}
					onchange={(e) => filter('group', e.currentTarget.value)}
					><option value="">any group</option>{#each groups as g (g)}<option value={g}>{g}</option>{/each}</select
				>
			{/if}
			<select
				aria-label="Grouped by"
				value={desk.view.group ?? ''}
				onchange={(e) => desk.look({ group: e.currentTarget.value || null })}
				><option value="">not grouped</option>{#each TABLES[desk.list].groups as g (g)}<option value={g}
						>by {title(g)}</option
					>{/each}</select
			>
			<Button
				size="sm"
				color="alternative"
				aria-expanded={choosing}
				aria-controls="{id}-columns"
				onclick={() => (choosing = !choosing)}>Columns</Button
			>
			<span class="count" role="status"
				>{desk.shownItems.length}
				{desk.shownItems.length === 1 ? 'line' : 'lines'}{filtered ? ` of ${desk.items.length}` : ''}{desk.picked.size >
				0
					? `, ${desk.picked.size} picked`
					: ''}</span
			>
		</div>
		{#if choosing}
			<fieldset class="columns no-print" id="{id}-columns">
				<legend class="sr-only">Columns shown</legend>
				{#each desk.all as c (c.key)}<label
						><input
							type="checkbox"
							checked={desk.shown.includes(c)}
							disabled={desk.shown.length === 1 && desk.shown.includes(c)}
							onchange={(e) => desk.showColumn(c.key, e.currentTarget.checked)}
						/>
						{c.label}</label
					>{/each}
			</fieldset>
		{/if}
		<div class="table">
			{#if desk.items.length === 0}
				<p class="empty">{NOTHING[desk.list]}</p>
			{:else if desk.shownItems.length === 0}
				<p class="empty">
					Nothing is like that. <Button size="xs" color="alternative" onclick={() => desk.look({ words: '', only: {} })}
						>Show all</Button
					>
				</p>
			{:else}
				{#key desk.list}<StockTable {desk} />{/key}
			{/if}
		</div>
	{/if}
	<PrintList {desk} />
</section>

<style>
	.desk {
		display: flex;
		flex-direction: column;
		height: 100%;
		min-height: 0;
	}
	.tabs {
		display: flex;
		flex: none;
		overflow-x: auto;
		border-bottom: 1.5px solid var(--ink);
	}
	.tabs > div {
		display: flex;
	}
	.tabs button {
		flex: none;
		min-height: 38px;
		padding: 0 0.8rem;
		border-right: 1px solid var(--hair);
		font-weight: 600;
	}
	.tabs button[aria-selected='true'] {
		background: var(--sheet);
		box-shadow: inset 0 -4px 0 var(--chalk);
	}
	.tabs small {
		color: var(--pencil);
	}
	.tabs .fold {
		margin-left: auto;
		font-weight: 400;
		border: 0;
	}
	.bar {
		display: flex;
		flex: none;
		flex-wrap: wrap;
		gap: 0.4rem;
		align-items: center;
		padding: 0.35rem 0.8rem;
		background: var(--paper);
	}
	.bar input {
		width: 9rem;
		padding: 0 0.6rem;
	}
	.bar select {
		width: auto;
		max-width: 11rem;
		padding-block: 0;
	}
	.count {
		margin-left: auto;
		color: var(--pencil);
	}
	.columns {
		display: flex;
		flex-wrap: wrap;
		gap: 0.2rem 0.9rem;
		max-height: 130px;
		padding: 0.3rem 0.8rem;
		overflow-y: auto;
		background: var(--paper);
	}
	.columns label {
		min-height: 28px;
	}
	.table {
		position: relative;
		flex: 1;
		min-height: 0;
		border-top: 1px solid var(--hair);
	}
	.empty {
		padding: 1rem;
		color: var(--pencil);
	}
	@media (max-width: 900px) {
		.desk {
			height: auto;
		}
		.table {
			flex: none;
			height: 62dvh;
		}
	}
</style>
