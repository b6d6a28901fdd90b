<script lang="ts">
	import { writeCell } from '$core/table/write-cell';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';

	/** The list as it is shown, for paper only: built when somebody prints, since it holds every line. */
	let { desk }: { desk: StockDesk } = $props();

	const unit = $derived(preferences.unit);
	let printing = $state(false);
	const group = $derived(desk.all.find((c) => c.key === desk.view.group));
</script>

<svelte:window onbeforeprint={() => (printing = true)} onafterprint={() => (printing = false)} />

{#if printing}
	<div class="paper">
		<h1>{desk.shop.shop.settings.name}: {desk.list === 'boards' ? 'lumber and sheets' : desk.list}</h1>
		<table>
			<thead
				><tr
					><th></th>{#each desk.shown as c (c.key)}<th scope="col">{c.label}</th>{/each}</tr
				></thead
			>
			<tbody>
				{#each desk.lines as line, i (i)}
					{#if line.kind === 'group'}<tr
							><th colspan={desk.shown.length + 1} scope="rowgroup"
								>{group ? writeCell(line.value, group, unit) || 'not said' : ''} ({line.count})</th
							></tr
						>
					{:else}<tr
							><td class="box">☐</td>{#each desk.shown as c (c.key)}<td
									>{'typical' in line.item && line.item.typical.includes(c.key) ? '~ ' : ''}{writeCell(
										desk.valueOf(line.item, c),
										c,
										unit
									)}</td
								>{/each}</tr
						>{/if}
				{/each}
			</tbody>
		</table>
		<p>~ typical for its kind, not measured</p>
	</div>
{/if}

<style>
	.paper {
		display: none;
	}
	@media print {
		.paper {
			display: block;
			font-size: 9pt;
		}
		h1 {
			font-size: 14pt;
			font-weight: 800;
		}
		table {
			width: 100%;
			border-collapse: collapse;
		}
		th {
			text-align: left;
		}
		td,
		th {
			padding: 1mm 2mm 1mm 0;
			border-bottom: 0.2mm solid #999;
		}
		tr {
			break-inside: avoid;
		}
	}
</style>
