<script lang="ts">
	import type { Thing } from '$core/things/types';
	import type { Board } from '$core/lumber/board';
	import type { Consumable } from '$core/consumables/consumable';
	import type { Price } from '$core/prices/price';
	import type { Label } from '$exchange/labels/label';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';
	import ItemPanel from './ItemPanel.svelte';
	import LabelsSection from './LabelsSection.svelte';
	import MeasureSection from '../measure/MeasureSection.svelte';
	import StockSummary from './StockSummary.svelte';
	import ThingPanel from './ThingPanel.svelte';
	import ToolsReach from './ToolsReach.svelte';

	/** The slip of the stock-take: what is picked, or what all of it comes to. */
	let { desk, open = null }: { desk: StockDesk; open?: OpenPlan | null } = $props();

	const picked = $derived(desk.pickedItems);
	const things = $derived(desk.list === 'things' ? (picked as Thing[]) : []);
	const thingLabel = (t: Thing): Label => ({
		title: t.name,
		note: [t.count > 1 ? String(t.count) : '', t.group, t.where].filter(Boolean).join(', '),
		path: `/t/${t.id}`
	});
	const labels = $derived([
		...things.map(thingLabel),
		...(things.length === 0 && open
			? open.plan.holders.map((h): Label => ({
					title: h.name || 'Holder',
					note: open.plan.name.slice(0, 200),
					path: `/walls/${open.id}/holders?holder=${h.id}`
				}))
			: [])
	]);
</script>

{#if desk.tab === 'tools'}
	<ToolsReach {desk} />
	<MeasureSection usual={{ mass: null, length: null }} />
{:else if desk.tab === 'files' || picked.length === 0}
	<StockSummary {desk} />
	{#if desk.list === 'things' && open && open.plan.holders.length > 0}<LabelsSection {labels} />{/if}
{:else if desk.list === 'things'}
	<!-- Afresh for each pick: what was typed wrongly for one thing, or is being weighed for it, is not another's. -->
	{#key desk.picked}
		<ThingPanel {desk} {things} {open} />
		<MeasureSection usual={{ mass: things[0]?.mass ?? null, length: things[0]?.height ?? null }} />
	{/key}
	<LabelsSection {labels} />
{:else}
	{#key desk.picked}
		<ItemPanel {desk} items={picked as (Board | Consumable | Price)[]} />
		<MeasureSection usual={{ mass: null, length: null }} />
	{/key}
{/if}
