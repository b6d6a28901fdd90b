<script lang="ts">
	import { Button, Select } from 'flowbite-svelte';
	import { newPrice, SOLD, type Sold } from '$core/prices/price';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';
	import { today } from '$lib/state/today';

	/** A price is added by what it is of; the rest is said in its slip. */
	let { desk }: { desk: StockDesk } = $props();

	let sold = $state<Sold>('sheet');
	let error = $state('');

	function add() {
		const item = { ...newPrice(newId(), sold), date: today() };
		const [problem] = desk.shop.add('prices', [item], 'add a price');
		error = problem ? sayProblem(problem, preferences.unit) : '';
		if (!problem) desk.pick([item.id]);
	}
</script>

<div class="line">
	<Select size="sm" class="w-auto" aria-label="Price of" placeholder="" items={[...SOLD]} bind:value={sold} />
	<Button size="sm" onclick={add}>Add a price</Button>
</div>
{#if error}<p class="error" role="alert">{error}</p>{/if}

<style>
	.line {
		display: flex;
		flex-wrap: wrap;
		gap: 0.4rem;
		align-items: center;
	}
</style>
