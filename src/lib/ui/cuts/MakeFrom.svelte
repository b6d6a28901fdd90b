<script lang="ts">
	import { Select } from 'flowbite-svelte';
	import { sortCut } from '$core/cutting/already-cut';
	import { makeFrom } from '$core/cutting/make-from';
	import { collectPieces } from '$core/cutting/pieces';
	import { boardName, type Board } from '$core/lumber/board';
	import { formatLength } from '$core/units/format-length';
	import type { CutTicks } from '$lib/state/cut-ticks.svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { shopHere } from '$lib/state/shop-context';
	import SheetFigure from './SheetFigure.svelte';

	/** The other way round: what one board or offcut of the shop gives of what is still to cut. */
	let { open, ticks, onDown }: { open: OpenPlan; ticks: CutTicks; onDown: (words: string) => void } = $props();

	const shop = shopHere();
	const unit = $derived(preferences.unit);
	const say = (x: number) => formatLength(x, unit);
	let picked = $state('');
	const lines = $derived((shop?.shop.boards ?? []).filter((b) => b.count > 0));
	const nameOf = (b: Board) =>
		`${boardName(b)}, ${say(b.thickness)} x ${say(b.width)} x ${say(b.shortest)}${b.where ? `, ${b.where}` : ''}`;
	const items = $derived([
		{ value: '', name: 'Pick a board or offcut of yours' },
		...lines.map((b) => ({ value: b.id, name: nameOf(b) }))
	]);
	const line = $derived(lines.find((b) => b.id === picked));
	const todo = $derived(line ? sortCut(collectPieces(open.plan), open.plan.cutting.cut).todo : []);
	const made = $derived(line ? makeFrom(line, todo, open.plan.cutting) : null);
	const finished = $derived(made?.finished.map((o) => o.name).join(', ') ?? '');
</script>

{#if lines.length > 0}
	<section aria-label="What can I make from this piece?">
		<h2>What can I make from this piece?</h2>
		<label>
			<span class="sr-only">Board or offcut</span>
			<Select {items} bind:value={picked} placeholder="" size="sm" />
		</label>
		{#if line && made}
			{@const [sheet] = made.group.sheets}
			<p>
				{sheet?.pieces.length}
				{sheet?.pieces.length === 1 ? 'piece' : 'pieces'} of this wall{finished
					? `; nothing of this wood is left to cut then for: ${finished}`
					: ''}. Cleats come in twos, ripped from one blank.
			</p>
			{#if sheet}<SheetFigure {open} group={made.group} {sheet} number={1} {ticks} {onDown} />{/if}
		{:else if line}
			<p>Nothing that is still to cut: another wood or thickness, or every piece is larger.</p>
		{/if}
	</section>
{/if}

<style>
	section {
		margin-bottom: 1.4rem;
	}
	h2 {
		font-weight: 700;
	}
	label {
		display: block;
		max-width: 34rem;
		margin: 0.3rem 0;
	}
	p {
		font-size: 0.9rem;
	}
</style>
