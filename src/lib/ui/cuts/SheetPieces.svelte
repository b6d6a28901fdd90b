<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { CutGroup } from '$core/cutting/cut-group';
	import type { CutSheet, LaidPiece } from '$core/cutting/cut-sheet';
	import { isBar } from '$core/cutting/groups';
	import { formatLength } from '$core/units/format-length';
	import { sayProblem } from '$lib/state/commit';
	import type { CutTicks } from '$lib/state/cut-ticks.svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { putDownCut } from '$lib/state/put-down-cut';
	import { keptWords } from './words';
	import { shopHere } from '$lib/state/shop-context';

	/**
	 * The pieces of one sheet by number, alike together: a press picks what they are for. Ticked off as they are sawn, and
	 * put down as cut when the sheet is left: they are cut no more then, and what is left goes into the stock-take.
	 */
	interface Props {
		open: OpenPlan;
		group: CutGroup;
		sheet: CutSheet;
		ticks: CutTicks;
		/** Told what became of it. */
		onDown: (words: string) => void;
	}
	let { open, group, sheet, ticks, onDown }: Props = $props();

	const shop = shopHere();
	const unit = $derived(preferences.unit);
	const say = (x: number) => formatLength(x, unit);
	const bar = $derived(isBar(group));
	const ids = $derived(sheet.pieces.map((p) => p.piece.id));
	const ticked = $derived(ids.filter((id) => ticks.has(id)));
	let problem = $state('');
	const lines = $derived.by(() => {
		const found = new Map<string, { numbers: { n: number; id: string }[]; of: LaidPiece }>();
		for (const [i, of] of sheet.pieces.entries()) {
			const { piece } = of;
			const key = JSON.stringify([piece.owner.id, piece.name, of.length.toFixed(1), of.width.toFixed(1)]);
			const line = found.get(key) ?? { numbers: [], of };
			line.numbers.push({ n: i + 1, id: piece.id });
			found.set(key, line);
		}
		return [...found.values()];
	});

	function putDown() {
		const down = ticked;
		const { problems, kept } = putDownCut(open, shop, { group, sheet, ids: down });
		const [first] = problems;
		problem = first ? sayProblem(first, unit) : '';
		if (first) return;
		ticks.set(down, false);
		const rest = shop ? keptWords(kept) : 'The stock-take is out of reach: what is left is not in it.';
		onDown(`${down.length} ${down.length === 1 ? 'piece is' : 'pieces are'} cut. ${rest}`);
	}
</script>

<ol class="pieces">
	{#each lines as { numbers, of } (numbers[0]?.id)}
		<li>
			{#each numbers as { n, id } (id)}
				<label
					><input
						type="checkbox"
						checked={ticks.has(id)}
						aria-label="{n} is cut"
						onchange={(e) => ticks.set([id], e.currentTarget.checked)}
					/><b>{n}</b></label
				>
			{/each}
			<button
				type="button"
				class:picked={open.selection?.id === of.piece.owner.id}
				class:cut={numbers.every(({ id }) => ticks.has(id))}
				onclick={() => (open.selection = { kind: of.piece.owner.kind, id: of.piece.owner.id })}
				>{of.piece.owner.name}
				{of.piece.name}, {bar ? say(of.length) : `${say(of.length)} x ${say(of.width)}`}</button
			>
		</li>
	{/each}
</ol>
<div class="saw no-print">
	<Button size="xs" color="alternative" onclick={() => ticks.set(ids, ticked.length < ids.length)}
		>{ticked.length < ids.length ? 'Tick all' : 'Tick none'}</Button
	>
	{#if ticked.length > 0}
		<Button size="xs" onclick={putDown}>{ticked.length} of {ids.length} cut: put down, keep what is left</Button>
	{/if}
	{#if problem}<span class="error" role="alert">{problem}</span>{/if}
</div>

<style>
	.pieces {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1.1rem;
		max-width: 1000px;
		font-size: 0.82rem;
	}
	li {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 0.4rem;
	}
	label {
		display: inline-flex;
		align-items: center;
		gap: 0.2rem;
	}
	input {
		width: 0.95rem;
		height: 0.95rem;
	}
	button {
		padding: 0.1rem 0;
		text-align: left;
	}
	button:hover {
		text-decoration: underline;
	}
	button.picked {
		color: var(--chalk);
	}
	button.cut {
		text-decoration: line-through;
		color: var(--pencil);
	}
	.saw {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		margin-top: 0.3rem;
	}
</style>
