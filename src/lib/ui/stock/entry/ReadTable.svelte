<script lang="ts">
	import { Button, Table, TableBody, TableBodyCell, TableBodyRow, TableHead, TableHeadCell } from 'flowbite-svelte';
	import { writeCell, writeLength } from '$core/table/write-cell';
	import { THING_COLUMNS } from '$core/things/columns';
	import { DIMS, type DimName } from '$core/things/grips/dims';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { ThingsEntry } from './things-entry.svelte';

	/** Typed lines as they were understood. Every figure can be mended; what is owned already can be added to. */
	let { entry }: { entry: ThingsEntry } = $props();

	const columnsOf = (keys: readonly string[]) => keys.flatMap((key) => THING_COLUMNS.filter((c) => c.key === key));
	const SHOWN = columnsOf(['name', 'count', 'group', 'width', 'height', 'depth', 'mass']);
	const GRIP = columnsOf(['grip']);
	const unit = $derived(preferences.unit);
	const kinds = $derived([...new Set(entry.reads.flatMap((r) => r.kind ?? []))].join(', ') || 'the kind');
</script>

<div class="read">
	<Table aria-label="As it was understood" class="small-table">
		<TableHead>
			{#each [...SHOWN, ...GRIP] as c (c.key)}<TableHeadCell scope="col">{c.label}</TableHeadCell>{/each}
		</TableHead>
		<TableBody>
			{#each entry.shown as r (r.key)}
				{@const found = entry.owned(r)}
				<TableBodyRow>
					{#each SHOWN as c (c.key)}
						{@const bad = entry.wrongIn(r, c)}
						<TableBodyCell class={r.thing.typical.includes(c.key) ? 'typical' : ''}>
							<input
								type="text"
								aria-label="{c.label} of {r.thing.name}"
								value={entry.said(r, c)}
								aria-invalid={bad ? 'true' : undefined}
								onchange={(e) => entry.correct(r, c, e.currentTarget.value)}
							/>
							{#if bad}<span class="wrong" role="alert">{bad}</span>{/if}
						</TableBodyCell>
					{/each}
					<TableBodyCell class="grip">
						{#each GRIP as c (c.key)}{writeCell(r.thing.grip, c, unit)}{/each}
						{#each Object.entries(r.thing.dims) as [name, value] (name)}
							<span class="dim" class:typical={r.thing.typical.includes(`dims.${name}`)}>
								{DIMS[name as DimName].label.toLowerCase()}
								{writeLength(value, unit)}
							</span>
						{/each}
					</TableBodyCell>
				</TableBodyRow>
				{#if r.faults.length > 0}
					<TableBodyRow
						><TableBodyCell colspan={8}><span class="wrong" role="alert">{r.faults.join('; ')}</span></TableBodyCell
						></TableBodyRow
					>
				{/if}
				{#if found}
					<TableBodyRow>
						<TableBodyCell colspan={8}>
							<span class="own">
								You own {found.count} of these.
								<Button size="xs" color="alternative" onclick={() => entry.addTo(r, found)}>
									Add {r.thing.count} to them
								</Button>
							</span>
						</TableBodyCell>
					</TableBodyRow>
				{/if}
			{/each}
		</TableBody>
	</Table>
	<p class="help">Slanted figures are typical for {kinds}, until somebody measures.</p>
</div>

<style>
	.read {
		max-height: 210px;
		margin-top: 0.4rem;
		overflow: auto;
	}
	.read :global(td) {
		padding: 0.1rem 0.15rem;
		vertical-align: top;
	}
	.read :global(td input) {
		width: 100%;
		min-width: 4.6rem;
		min-height: 32px !important;
		padding: 0 0.35rem;
		font-size: 0.88rem;
	}
	.read :global(td:first-child input) {
		min-width: 11rem;
	}
	.read :global(.typical),
	.read :global(.typical input) {
		font-style: italic;
		color: var(--pencil) !important;
	}
	.dim {
		margin-left: 0.5rem;
	}
	.read :global(.grip) {
		padding-top: 0.4rem;
		font-size: 0.85rem;
	}
	.own {
		font-weight: 600;
		color: var(--close);
	}
	.wrong {
		font-size: 0.85rem;
		font-weight: 600;
		color: var(--does-not-hold);
	}
	.help {
		font-size: 0.8rem;
		color: var(--pencil);
	}
</style>
