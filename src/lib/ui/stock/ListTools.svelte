<script lang="ts">
	import { Button, Checkbox, Dropdown, Search, Select } from 'flowbite-svelte';
	import type { CellValue } from '$core/table/column';
	import { THING_COLUMNS } from '$core/things/columns';
	import { TABLES, type StockDesk } from '$lib/state/stock-desk.svelte';

	/** What is shown of a list: words to find, filters, groups, columns. */
	let { desk }: { desk: StockDesk } = $props();

	/** What is shown of the things: a filter by a word. */
	const SHOWS: readonly { value: string; name: string; only: Record<string, CellValue> }[] = [
		{ value: 'all', name: 'all', only: {} },
		{ value: 'missing', name: 'something missing', only: { measured: 'missing' } },
		{ value: 'typical', name: 'typical only', only: { measured: 'typical' } },
		{ value: 'to-place', name: 'to place', only: { state: 'to-place' } },
		{ value: 'on-wall', name: 'on the wall', only: { state: 'on-wall' } },
		{ value: 'not-to-keep', name: 'not to keep', only: { state: 'not-to-keep' } }
	];
	const only = $derived(desk.view.only);
	const shows = $derived(
		SHOWS.find((s) => Object.entries(s.only).some(([key, value]) => only[key] === value))?.value ?? 'all'
	);
	const group = $derived(typeof only.group === 'string' ? only.group : '');
	const groups = $derived([...new Set(desk.items.map((i) => ('group' in i ? i.group : '')))].filter(Boolean).sort());
	const asChoices = (names: readonly string[]) => names.map((value) => ({ value, name: value }));
	const title = (key: string) =>
		(desk.all.find((c) => c.key === key) ?? THING_COLUMNS.find((c) => c.key === key))?.label.toLowerCase() ?? key;
	const grouped = $derived([
		{ value: '', name: 'not grouped' },
		...TABLES[desk.list].groups.map((key) => ({ value: key, name: `by ${title(key)}` }))
	]);
	const filtered = $derived(desk.view.words !== '' || Object.keys(only).length > 0);
	const count = $derived(`${desk.shownItems.length} ${desk.shownItems.length === 1 ? 'line' : 'lines'}`);

	let choosing = $state(false);

	function filter(by: { shows: string; group: string }) {
		const shown = SHOWS.find((s) => s.value === by.shows)?.only ?? {};
		desk.look({ only: { ...shown, ...(by.group === '' ? {} : { group: by.group }) } });
	}
</script>

<div class="bar no-print">
	<Search
		size="sm"
		class="w-auto"
		placeholder="Find"
		aria-label="Find in the list"
		required={false}
		bind:value={() => desk.view.words, (words) => desk.look({ words: words ?? '' })}
	/>
	{#if desk.list === 'things'}
		<Select
			size="sm"
			class="w-auto"
			aria-label="Shown"
			placeholder=""
			items={[...SHOWS]}
			value={shows}
			onchange={(e) => filter({ shows: e.currentTarget.value, group })}
		/>
	{/if}
	{#if groups.length > 0}
		<Select
			size="sm"
			class="w-auto"
			aria-label="Of group"
			placeholder=""
			items={[{ value: '', name: 'any group' }, ...asChoices(groups)]}
			value={group}
			onchange={(e) => filter({ shows, group: e.currentTarget.value })}
		/>
	{/if}
	<Select
		size="sm"
		class="w-auto"
		aria-label="Grouped by"
		placeholder=""
		items={grouped}
		value={desk.view.group ?? ''}
		onchange={(e) => desk.look({ group: e.currentTarget.value || null })}
	/>
	<Button size="sm" color="alternative" aria-haspopup="true" aria-expanded={choosing}>Columns</Button>
	<Dropdown
		simple
		role="dialog"
		aria-label="Columns"
		placement="bottom-start"
		class="columns-shown"
		bind:isOpen={choosing}
	>
		<fieldset>
			<legend class="sr-only">Columns shown</legend>
			{#each desk.all as c (c.key)}
				<Checkbox
					checked={desk.shown.includes(c)}
					disabled={desk.shown.length === 1 && desk.shown.includes(c)}
					onchange={(e) => desk.showColumn(c.key, e.currentTarget.checked)}>{c.label}</Checkbox
				>
			{/each}
		</fieldset>
	</Dropdown>
	<span class="count" role="status">
		{count}{filtered ? ` of ${desk.items.length}` : ''}{desk.picked.size > 0 ? `, ${desk.picked.size} picked` : ''}
	</span>
</div>

<style>
	.bar {
		display: flex;
		flex: none;
		flex-wrap: wrap;
		gap: 0.4rem;
		align-items: center;
		padding: 0.35rem 0.8rem;
		background: var(--paper);
	}
	.bar :global(input[type='search']) {
		width: 10rem;
	}
	.bar :global(select) {
		width: auto;
		max-width: 11rem;
		padding-block: 0;
	}
	.count {
		margin-left: auto;
		color: var(--pencil);
	}
	fieldset {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
		gap: 0.3rem 0.9rem;
		width: min(40rem, 88vw);
		max-height: 40dvh;
		padding: 0.6rem 0.8rem;
		overflow-y: auto;
	}
	:global(.columns-shown) {
		border: 2px solid var(--ink);
		border-radius: 0 !important;
		background: var(--sheet) !important;
	}
</style>
