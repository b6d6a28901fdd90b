<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { newBoard, type BoardForm } from '$core/lumber/board';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';
	import ConsumableLine from './ConsumableLine.svelte';
	import PriceLine from './PriceLine.svelte';
	import type { ThingsEntry } from './things-entry.svelte';
	import ThingsLine from './ThingsLine.svelte';

	/** How new lines come into the shown list. */
	interface Props {
		desk: StockDesk;
		things: ThingsEntry;
		/** What was typed of something that is used up. */
		consumable: string;
	}
	let { desk, things, consumable = $bindable() }: Props = $props();

	let error = $state('');

	/** Its figures are still to be said: so it is picked. */
	function addBoard(form: BoardForm) {
		const item = newBoard(newId(), form, preferences.unit === 'inch');
		const [problem] = desk.shop.add('boards', [item], `add ${form}`);
		error = problem ? sayProblem(problem, preferences.unit) : '';
		if (!problem) desk.pick([item.id]);
	}
</script>

<div class="entry no-print">
	{#if desk.list === 'things'}
		<ThingsLine entry={things} />
	{:else if desk.list === 'consumables'}
		<ConsumableLine {desk} bind:text={consumable} />
	{:else if desk.list === 'prices'}
		<PriceLine {desk} />
	{:else}
		<Button size="sm" onclick={() => addBoard('board')}>Add boards</Button>
		<Button size="sm" onclick={() => addBoard('sheet')}>Add sheets</Button>
		{#if error}<p class="error" role="alert">{error}</p>{/if}
	{/if}
</div>

<style>
	.entry {
		padding: 0.5rem 0.8rem;
		border-bottom: 1px solid var(--hair);
		background: var(--paper);
	}
</style>
