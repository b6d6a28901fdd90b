<script lang="ts">
	import type { LaidPiece } from '$core/cutting/cut-sheet';
	import { formatLength } from '$core/units/format-length';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';

	/** The pieces of one sheet by number, alike together: a press picks what they are for. */
	let { open, pieces, rounds }: { open: OpenPlan; pieces: readonly LaidPiece[]; rounds: boolean } = $props();

	const unit = $derived(preferences.unit);
	const say = (x: number) => formatLength(x, unit);
	const lines = $derived.by(() => {
		const found = new Map<string, { numbers: number[]; of: LaidPiece }>();
		for (const [i, of] of pieces.entries()) {
			const { piece } = of;
			const key = JSON.stringify([piece.owner.id, piece.name, of.length.toFixed(1), of.width.toFixed(1)]);
			const line = found.get(key);
			if (line) line.numbers.push(i + 1);
			else found.set(key, { numbers: [i + 1], of });
		}
		return [...found.values()];
	});
</script>

<ol class="pieces">
	{#each lines as { numbers, of } (numbers[0])}
		<li>
			<button
				type="button"
				class:picked={open.selection?.id === of.piece.owner.id}
				onclick={() => (open.selection = { kind: of.piece.owner.kind, id: of.piece.owner.id })}
				><b>{numbers.join(', ')}</b>
				{of.piece.owner.name}
				{of.piece.name}, {rounds ? say(of.length) : `${say(of.length)} x ${say(of.width)}`}</button
			>
		</li>
	{/each}
</ol>

<style>
	.pieces {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1.1rem;
		max-width: 1000px;
		font-size: 0.82rem;
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
</style>
