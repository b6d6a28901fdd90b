<script lang="ts">
	import { onMount } from 'svelte';
	import { Button } from 'flowbite-svelte';
	import { changesBetween } from '$core/shop/changes';
	import { bringIn, duplicatesOf, joinShops, type TableListName, type TableRow } from '$core/shop/duplicates';
	import { readShopText } from '$core/shop/read';
	import type { Shop } from '$core/shop/types';
	import type { Problem } from '$core/result';
	import { tableCsv } from '$exchange/table-csv/write';
	import { sayProblem } from '$lib/state/commit';

	import { preferences } from '$lib/state/preferences.svelte';
	import { fileName, saveFile } from '$lib/state/save-file';
	import { LIST_WORDS, TABLES, type StockDesk } from '$lib/state/stock-desk.svelte';
	import { TableJob } from '$lib/state/table-job.svelte';
	import { choicesOf } from '$core/words';
	import DeskPage from '../DeskPage.svelte';
	import ImportPreview from './ImportPreview.svelte';

	/** Files in and out: tables as CSV, all of it as JSON, and a list on paper. */
	let { desk }: { desk: StockDesk } = $props();

	const LISTS = choicesOf(LIST_WORDS);
	const job = new TableJob();
	onMount(() => () => job.close());
	const unit = $derived(preferences.unit);
	let list = $state<TableListName>('things');
	let merge = $state(false);
	let withBad = $state(false);
	let done = $state('');
	let problems = $state.raw<readonly Problem[]>([]);
	let csv: HTMLInputElement;
	let json: HTMLInputElement;
	let incoming = $state.raw<{ name: string; shop: Shop } | null>(null);
	const existing = $derived(desk.shop.shop[list] as readonly TableRow[]);
	const taken = $derived(job.read ? job.read.items.filter((i) => withBad || !job.read?.spoiled.includes(i.id)) : []);
	const doubles = $derived(duplicatesOf(existing, taken).length);
	const title = $derived(LISTS.find((l) => l.value === list)?.name.toLowerCase());

	function openCsv(event: Event) {
		const file = (event.currentTarget as HTMLInputElement).files?.[0];
		csv.value = '';
		done = '';
		problems = [];
		incoming = null;
		if (file) void job.open(file, list, unit);
	}
	function accept() {
		const changes = bringIn(list, existing, taken, merge);
		const wrong = desk.shop.do(`bring in ${taken.length} ${title}`, changes);
		problems = wrong;
		if (wrong.length > 0) return;
		done = `${taken.length} ${taken.length === 1 ? 'line' : 'lines'} of ${job.file} taken${merge && doubles ? `, ${doubles} added to lines that were there` : ''}. Undo takes them back.`;
		job.close();
	}
	async function openJson(event: Event) {
		const file = (event.currentTarget as HTMLInputElement).files?.[0];
		json.value = '';
		done = '';
		job.close();
		if (!file) return;
		const read = readShopText(await file.text());
		problems = read.ok ? [] : read.error;
		incoming = read.ok ? { name: file.name, shop: read.value } : null;
	}
	function takeJson(how: 'instead' | 'besides') {
		if (!incoming) return;
		const now = desk.shop.shop;
		const next = how === 'instead' ? incoming.shop : joinShops(now, incoming.shop);
		problems = desk.shop.do(how === 'instead' ? 'put a file in place' : 'bring in a file', changesBetween(now, next));
		if (problems.length > 0) return;
		done = `${incoming.name} taken. Undo takes it back.`;
		incoming = null;
	}
	const saveCsv = () =>
		saveFile(
			fileName(`${desk.shop.shop.settings.name} ${title}`, 'csv'),
			'text/csv',
			`\ufeff${tableCsv(list, existing, unit)}`
		);
	const saveJson = () =>
		saveFile(
			fileName(`${desk.shop.shop.settings.name} stock-take`, 'json'),
			'application/json',
			JSON.stringify(desk.shop.shop, null, '\t')
		);
</script>

<DeskPage>
	<section aria-label="Tables">
		<h2>Tables (CSV)</h2>
		<div class="row">
			<div role="group" aria-label="List">
				{#each LISTS as l (l.value)}<button
						type="button"
						class="tab"
						aria-pressed={list === l.value}
						onclick={() => {
							list = l.value;
							job.close();
							done = '';
						}}>{l.name}</button
					>{/each}
			</div>
			<Button size="sm" onclick={() => csv.click()}>Bring in a file</Button>
			<Button size="sm" color="alternative" disabled={existing.length === 0} onclick={saveCsv}
				>Save {title} as CSV</Button
			>
			<input
				bind:this={csv}
				type="file"
				accept=".csv,.tsv,.txt,text/csv,text/plain"
				class="sr-only"
				aria-label="Table file"
				tabindex="-1"
				onchange={openCsv}
			/>
		</div>
		<p class="marks">
			Any delimiter and encoding, with units in the headings or in the cells. Nothing is taken until you say so.
		</p>
		{#if job.failure}<p class="error" role="alert">{job.failure}</p>{/if}
		{#if job.progress}
			<p role="status">
				Reading {job.file}: {job.progress.done} of {job.progress.of} lines
				<progress value={job.progress.done} max={job.progress.of}></progress>
				<Button size="xs" color="alternative" onclick={() => job.close()}>Stop</Button>
			</p>
		{/if}
		{#if job.read}
			<ImportPreview {job} columns={TABLES[list].columns} />
			<div class="accept">
				{#if job.read.spoiled.length > 0}<label
						><input type="checkbox" bind:checked={withBad} /> Take lines with a bad cell too, leaving that cell empty ({job
							.read.spoiled.length})</label
					>{/if}
				{#if doubles > 0}<label
						><input type="checkbox" bind:checked={merge} /> Merge duplicates: {doubles}
						{doubles === 1 ? 'line is' : 'lines are'} here already or twice in the file; {list === 'prices'
							? 'the price of the file holds'
							: 'add to the count'}</label
					>{/if}
				<Button disabled={taken.length === 0} onclick={accept}
					>Take {taken.length} {taken.length === 1 ? 'line' : 'lines'}</Button
				>
				<Button color="alternative" onclick={() => job.close()}>Take nothing</Button>
			</div>
		{/if}
	</section>
	<section aria-label="All of it">
		<h2>The whole stock-take (JSON)</h2>
		<div class="row">
			<Button size="sm" onclick={() => json.click()}>Bring in a stock-take</Button>
			<Button size="sm" color="alternative" onclick={saveJson}>Save as JSON</Button>
			<input
				bind:this={json}
				type="file"
				accept="application/json,.json"
				class="sr-only"
				aria-label="Stock-take file"
				tabindex="-1"
				onchange={openJson}
			/>
		</div>
		{#if incoming}
			<p>
				{incoming.name}: {incoming.shop.settings.name}, {incoming.shop.things.length} things, {incoming.shop.boards
					.length} lines of boards, {incoming.shop.consumables.length} consumables, {incoming.shop.tools.length} tools, {incoming
					.shop.prices.length} prices.
			</p>
			<div class="accept">
				<Button onclick={() => takeJson('besides')}>Add to what is here</Button>
				<Button color="alternative" onclick={() => takeJson('instead')}>Put in place of what is here</Button>
				<Button color="alternative" onclick={() => (incoming = null)}>Take nothing</Button>
			</div>
		{/if}
	</section>
	<section aria-label="On paper">
		<h2>On paper</h2>
		<div class="row"><Button size="sm" color="alternative" onclick={() => window.print()}>Print the list</Button></div>
		<p class="marks">
			The list that was shown last, as it is sorted, filtered and grouped, with a box to tick on each line.
		</p>
	</section>
	{#if problems.length > 0}<div role="alert">
			<p class="error">Nothing was taken.</p>
			<ul>
				{#each problems.slice(0, 12) as p, i (i)}<li><code>{p.path}</code> {sayProblem(p, unit)}</li>{/each}
			</ul>
		</div>{/if}
	{#if done}<p class="done" role="status">{done}</p>{/if}
</DeskPage>

<style>
	.row,
	.accept {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		align-items: center;
		margin-block: 0.5rem;
	}
	.accept label {
		flex: 1 0 100%;
	}
	.tab {
		min-height: 36px;
		padding: 0 0.6rem;
		border: 1px solid var(--hair);
	}
	.tab[aria-pressed='true'] {
		background: var(--ink);
		color: var(--paper);
	}
	.done {
		font-weight: 600;
		color: var(--holds);
	}
	code {
		font-family: var(--font-mono);
	}
</style>
