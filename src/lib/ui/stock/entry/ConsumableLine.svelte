<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { newConsumable, readConsumable, type Consumable } from '$core/consumables/consumable';
	import type { Problem } from '$core/result';
	import { ownedLike } from '$core/things/alike';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';
	import TypedLine from './TypedLine.svelte';

	/** Something that is used up, by typing: how many, of what. */
	let { desk, text = $bindable() }: { desk: StockDesk; text: string } = $props();

	let error = $state('');
	let line: TypedLine;
	const read = $derived(readConsumable(text));
	const owned = $derived(ownedLike(desk.shop.shop.consumables, read.name));

	function clear() {
		text = '';
		error = '';
	}
	function done(problems: readonly Problem[], id: string) {
		error = problems[0] ? sayProblem(problems[0], preferences.unit) : '';
		if (problems.length > 0) return;
		clear();
		desk.pick([id]);
		line.focus();
	}
	function takeAnew() {
		if (read.name === '') return;
		const item = { ...newConsumable(newId(), read.name), count: read.count };
		done(desk.shop.add('consumables', [item], `add ${item.name}`), item.id);
	}
	function addTo(found: Consumable) {
		const more = (c: Consumable) => ({ ...c, count: c.count + read.count });
		done(desk.shop.change('consumables', [found.id], more, `add to ${found.name}`), found.id);
	}
</script>

<TypedLine
	bind:this={line}
	bind:text
	label="Add one that is used up"
	placeholder="Such as: 3 rolls of tape"
	help="Enter takes"
	{error}
	take={() => (owned ? undefined : takeAnew())}
	{clear}
>
	{#if !owned}<Button size="sm" disabled={read.name === ''} onclick={takeAnew}>Take</Button>{/if}
</TypedLine>
{#if owned}
	<p class="own" role="status">
		You own {owned.count} of these ({owned.name}).
		<Button size="xs" onclick={() => owned && addTo(owned)}>Add {read.count} to them</Button>
		<Button size="xs" color="alternative" onclick={takeAnew}>Another line all the same</Button>
	</p>
{/if}

<style>
	.own {
		font-weight: 600;
		color: var(--close);
	}
</style>
