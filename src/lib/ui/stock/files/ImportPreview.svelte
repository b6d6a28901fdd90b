<script lang="ts">
	import {
		Checkbox,
		Select,
		Table,
		TableBody,
		TableBodyCell,
		TableBodyRow,
		TableHead,
		TableHeadCell
	} from 'flowbite-svelte';
	import type { TableRow } from '$core/shop/duplicates';
	import { cellOf, type Column } from '$core/table/column';
	import { writeCell } from '$core/table/write-cell';
	import type { Match } from '$exchange/table-csv/match';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { TableJob } from '$lib/state/table-job.svelte';

	/** How a file was understood: its columns, the first lines, and every cell that makes no sense. */
	let { job, columns }: { job: TableJob; columns: readonly Column[] } = $props();

	const SHOWN = 8;
	const MOST_BAD = 60;
	const unit = $derived(preferences.unit);
	const read = $derived(job.read!);
	const DELIMITERS: Record<string, string> = { ',': 'comma', ';': 'semicolon', '\t': 'tab', '|': 'bar' };
	const matched = $derived(read.matches.filter((m) => m.key !== null));
	const byKey = (key: string | null) => columns.find((c) => c.key === key);
	const UNITS = {
		length: [
			{ value: 'mm', name: 'mm' },
			{ value: 'cm', name: 'cm' },
			{ value: 'm', name: 'm' },
			{ value: 'inch', name: 'in' },
			{ value: 'ft', name: 'ft' }
		],
		mass: ['kg', 'g', 'lb', 'oz'].map((value) => ({ value, name: value }))
	};
	const ours = $derived([
		{ value: '', name: 'left out' },
		...columns.map((c) => ({ value: c.key, name: c.label })),
		{ value: 'typical', name: 'Typical' }
	]);

	function written(item: TableRow, column: Column | undefined) {
		if (column) return writeCell(cellOf(item, column), column, unit);
		return 'typical' in item ? item.typical.length || '' : '';
	}

	function set(i: number, change: Partial<Match>) {
		// Each of our columns is taken once: whoever had it before lets go.
		const others = read.matches.map((m) => (change.key && m.key === change.key ? { ...m, key: null } : m));
		const next = others.map((m, k) => (k === i ? { ...m, ...change } : m));
		job.rematch(unit, next, read.headed);
	}
</script>

<p role="status">
	<b>{job.file}</b>: {read.rows} lines, {job.encoding}, {DELIMITERS[read.delimiter] ?? 'other'} between cells.
	{read.items.length} can be taken{read.spoiled.length
		? `, ${read.spoiled.length} of them with a bad cell`
		: ''}{read.without ? `; ${read.without} cannot` : ''}.
	{#if job.remembered}Matched as you set it for such a file before.{/if}
</p>
<Checkbox class="my-2" checked={read.headed} onchange={(e) => job.setHeaded(unit, e.currentTarget.checked)}>
	The first line holds headings
</Checkbox>
<Table class="small-table">
	<caption>Columns of the file</caption>
	<TableBody>
		{#each read.matches as m, i (i)}
			{@const kind = byKey(m.key)?.kind}
			{@const name = m.header || `Column ${i + 1}`}
			<TableBodyRow>
				<th scope="row">{name}</th>
				<TableBodyCell>
					<Select
						size="sm"
						aria-label="{name} is"
						placeholder=""
						items={ours}
						value={m.key ?? ''}
						onchange={(e) => set(i, { key: e.currentTarget.value || null })}
					/>
				</TableBodyCell>
				<TableBodyCell>
					{#if kind === 'length' || kind === 'mass'}
						<Select
							size="sm"
							aria-label="Unit of {m.header}"
							placeholder=""
							items={UNITS[kind]}
							value={m.bare[kind]}
							onchange={(e) => set(i, { bare: { ...m.bare, [kind]: e.currentTarget.value } })}
						/>
					{/if}
				</TableBodyCell>
			</TableBodyRow>
		{/each}
	</TableBody>
</Table>
{#if read.bad.length > 0}
	<p class="error" role="alert">{read.badCount} {read.badCount === 1 ? 'cell makes' : 'cells make'} no sense:</p>
	<ul class="bad">
		{#each read.bad.slice(0, MOST_BAD) as b, i (i)}<li>
				line {b.row}, {b.header}{b.value ? ` "${b.value}"` : ''}: {b.why}
			</li>{/each}
		{#if read.badCount > MOST_BAD}<li>and {read.badCount - MOST_BAD} more</li>{/if}
	</ul>
{/if}
{#if read.items.length > 0}
	<div class="first">
		<Table class="small-table">
			<caption>The first lines, as they would be taken</caption>
			<TableHead>
				{#each matched as m (m.key)}<TableHeadCell scope="col">{byKey(m.key)?.label ?? 'Typical'}</TableHeadCell>{/each}
			</TableHead>
			<TableBody>
				{#each read.items.slice(0, SHOWN) as item (item.id)}
					<TableBodyRow>
						{#each matched as m (m.key)}<TableBodyCell>{written(item, byKey(m.key))}</TableBodyCell>{/each}
					</TableBodyRow>
				{/each}
			</TableBody>
		</Table>
	</div>
{/if}

<style>
	caption {
		padding-block: 0.3rem;
		text-align: left;
		font-weight: 600;
		color: var(--pencil);
	}
	th {
		padding-right: 0.8rem;
		overflow-wrap: anywhere;
	}
	.bad {
		max-height: 150px;
		overflow-y: auto;
		font-size: 0.9rem;
	}
	.first {
		overflow-x: auto;
	}
</style>
