<script lang="ts">
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
			['mm', 'mm'],
			['cm', 'cm'],
			['m', 'm'],
			['inch', 'in'],
			['ft', 'ft']
		],
		mass: [
			['kg', 'kg'],
			['g', 'g'],
			['lb', 'lb'],
			['oz', 'oz']
		]
	} as const;

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
<label class="headed"
	><input type="checkbox" checked={read.headed} onchange={(e) => job.setHeaded(unit, e.currentTarget.checked)} /> The first
	line holds headings</label
>
<table class="match">
	<caption>Columns of the file</caption>
	<tbody>
		{#each read.matches as m, i (i)}
			{@const c = byKey(m.key)}
			<tr>
				<th scope="row">{m.header || `Column ${i + 1}`}</th>
				<td>
					<select
						aria-label="{m.header || `Column ${i + 1}`} is"
						value={m.key ?? ''}
						onchange={(e) => set(i, { key: e.currentTarget.value || null })}
					>
						<option value="">left out</option>
						{#each columns as x (x.key)}<option value={x.key}>{x.label}</option>{/each}
						<option value="typical">Typical</option>
					</select>
				</td>
				<td>
					{#if c?.kind === 'length'}<select
							aria-label="Unit of {m.header}"
							value={m.bare.length}
							onchange={(e) =>
								set(i, { bare: { ...m.bare, length: e.currentTarget.value as Match['bare']['length'] } })}
							>{#each UNITS.length as [v, n] (v)}<option value={v}>{n}</option>{/each}</select
						>
					{:else if c?.kind === 'mass'}<select
							aria-label="Unit of {m.header}"
							value={m.bare.mass}
							onchange={(e) => set(i, { bare: { ...m.bare, mass: e.currentTarget.value as Match['bare']['mass'] } })}
							>{#each UNITS.mass as [v, n] (v)}<option value={v}>{n}</option>{/each}</select
						>{/if}
				</td>
			</tr>
		{/each}
	</tbody>
</table>
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
		<table>
			<caption>The first lines, as they would be taken</caption>
			<thead
				><tr
					>{#each matched as m (m.key)}<th scope="col">{byKey(m.key)?.label ?? 'Typical'}</th>{/each}</tr
				></thead
			>
			<tbody>
				{#each read.items.slice(0, SHOWN) as item (item.id)}
					<tr
						>{#each matched as m (m.key)}<td>{written(item, byKey(m.key))}</td>{/each}</tr
					>
				{/each}
			</tbody>
		</table>
	</div>
{/if}

<style>
	.headed {
		display: block;
		margin-block: 0.4rem;
	}
	caption {
		padding-block: 0.3rem;
		text-align: left;
		font-weight: 600;
		color: var(--pencil);
	}
	th {
		padding-right: 0.8rem;
		text-align: left;
		overflow-wrap: anywhere;
	}
	.match select {
		min-height: 34px;
		padding-block: 0;
	}
	.bad {
		max-height: 150px;
		overflow-y: auto;
		font-size: 0.9rem;
	}
	.first {
		overflow-x: auto;
	}
	.first td,
	.first th {
		padding: 0.15rem 0.7rem 0.15rem 0;
		white-space: nowrap;
		border-bottom: 1px solid var(--hair);
	}
</style>
