<script lang="ts">
	import { Button, TabItem, Tabs } from 'flowbite-svelte';
	import { LIST_WORDS, type DeskTab, type StockDesk, type TableList } from '$lib/state/stock-desk.svelte';
	import EntryLine from './entry/EntryLine.svelte';
	import { ThingsEntry } from './entry/things-entry.svelte';
	import FilesPanel from './files/FilesPanel.svelte';
	import ListTools from './ListTools.svelte';
	import PrintList from './PrintList.svelte';
	import StockTable from './table/StockTable.svelte';
	import ToolsOwned from './ToolsOwned.svelte';

	/** The desk of the stock-take: its lists, how each is shown, and the line that new things are typed into. */
	let {
		desk,
		wallShown = null,
		showWall
	}: { desk: StockDesk; wallShown?: boolean | null; showWall?: (on: boolean) => void } = $props();

	const LISTS = Object.keys(LIST_WORDS) as TableList[];
	const NOTHING: Record<TableList, string> = {
		things:
			'Nothing yet. Type the first line above, such as "6 bar clamps 600 mm", start from a typical kind, or bring in a file.',
		boards: 'No boards or sheets yet.',
		consumables: 'Nothing that is used up yet.',
		prices: 'No prices yet. Cut and buy asks for those it needs, or bring in a file.'
	};
	/** What was typed for one list stays while another is shown. */
	const things = $derived(new ThingsEntry(desk));
	let consumable = $state('');
	const open = (tab: string | undefined) => {
		if (tab !== undefined && tab !== desk.tab) desk.open(tab as DeskTab);
	};
</script>

{#snippet head(title: string, count?: number)}{title} <small>{count ?? ''}</small>{/snippet}
{#snippet list()}
	<EntryLine {desk} {things} bind:consumable />
	<ListTools {desk} />
	<div class="table">
		{#if desk.items.length === 0}
			<p class="empty">{NOTHING[desk.list]}</p>
		{:else if desk.shownItems.length === 0}
			<p class="empty">
				Nothing is like that.
				<Button size="xs" color="alternative" onclick={() => desk.look({ words: '', only: {} })}>Show all</Button>
			</p>
		{:else}
			{#key desk.list}<StockTable {desk} />{/key}
		{/if}
	</div>
{/snippet}

<section class="desk" aria-label="Desk">
	{#if showWall && wallShown !== null}
		<button type="button" class="fold no-print" onclick={() => showWall(!wallShown)}>
			{wallShown ? 'Hide the wall' : 'Show the wall'}
		</button>
	{/if}
	<Tabs
		aria-label="Stock-take"
		class="desk-tabs no-print"
		divider={false}
		classes={{ content: 'desk-panel', active: 'on' }}
		bind:selected={() => desk.tab, open}
	>
		{#each LISTS as tab (tab)}
			<TabItem key={tab}>
				{#snippet titleSlot()}{@render head(LIST_WORDS[tab], desk.shop.shop[tab].length)}{/snippet}
				{@render list()}
			</TabItem>
		{/each}
		<TabItem key="tools">
			{#snippet titleSlot()}{@render head('Tools owned', desk.shop.shop.tools.length)}{/snippet}
			<ToolsOwned {desk} />
		</TabItem>
		<TabItem key="files">
			{#snippet titleSlot()}{@render head('Files')}{/snippet}
			<FilesPanel {desk} />
		</TabItem>
	</Tabs>
	<PrintList {desk} />
</section>

<style>
	.desk {
		position: relative;
		display: flex;
		flex-direction: column;
		height: 100%;
		min-height: 0;
	}
	.desk :global(.desk-tabs) {
		flex: none;
		gap: 0;
		overflow-x: auto;
		border-bottom: 1.5px solid var(--ink);
	}
	.desk :global(.desk-tabs button) {
		min-height: 38px;
		padding: 0 0.8rem;
		border-right: 1px solid var(--hair);
		border-radius: 0;
		color: var(--ink);
		font-weight: 600;
		font-size: 0.93rem;
		white-space: nowrap;
	}
	.desk :global(.desk-tabs button.on) {
		background: var(--sheet);
		box-shadow: inset 0 -4px 0 var(--chalk);
	}
	.desk :global(.desk-tabs small) {
		color: var(--pencil);
	}
	.desk :global(.desk-panel) {
		display: flex;
		flex: 1;
		flex-direction: column;
		min-height: 0;
		margin: 0;
		padding: 0;
		border-radius: 0;
		background: transparent;
	}
	.fold {
		position: absolute;
		top: 0;
		right: 0.6rem;
		z-index: 1;
		min-height: 38px;
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
		.fold {
			position: static;
			align-self: end;
		}
	}
</style>
