<script lang="ts">
	import { topAt } from '$core/survey/outline';
	import type { ProvedPiece } from '$core/survey/scan/retrain';
	import type { Wall } from '$core/plan/types';
	import { formatLength } from '$core/units/format-length';
	import { formatQuantity } from '$core/units/format-quantity';
	import { preferences } from '$lib/state/preferences.svelte';

	/** What sweeps found in the wall, each to be taken or left, and to be proved by a pilot hole. */
	interface Props {
		wall: Wall;
		pieces: readonly ProvedPiece[];
		taken: readonly ProvedPiece[];
		flip: (piece: ProvedPiece) => void;
		drill: (x: number, y: number) => void;
	}
	let { wall, pieces, taken, flip, drill }: Props = $props();

	const unit = $derived(preferences.unit);
	const say = (mm: number) => formatLength(mm, unit);
	const fineLength = (mm: number) => formatQuantity({ value: mm, dim: 'fine-length' }, unit);
	/** Where a piece is drilled: at its middle, at the lowest height it was seen. */
	const target = (p: ProvedPiece) => ({ x: p.marks[0]?.x ?? p.x, y: p.marks[0]?.y ?? 1200 });
	const words = (p: ProvedPiece) => {
		if (p.kind === 'pipe') return 'pipe';
		return p.plies === 2 ? 'doubled stud' : 'stud';
	};
	const PROOF = { none: '', wood: ' · pilot hole: wood', nothing: ' · pilot hole: nothing there' };
</script>

<ul class="found" aria-label="Found in the wall">
	{#each pieces as p (`${p.kind} ${p.marks[0]?.x}`)}
		<li class:out={!taken.includes(p)}>
			<label
				><input type="checkbox" checked={taken.includes(p)} disabled={p.proof === 'nothing'} onchange={() => flip(p)} />
				<span
					><b>{say(p.x)}</b>
					{words(p)}, {say(p.width)} wide{Math.abs(p.lean) >= 1
						? `, leans ${say((Math.abs(p.lean) * topAt(wall, p.x)) / 1000)} to the ${p.lean > 0 ? 'right' : 'left'} over its height`
						: ''}<br />
					<small
						>edges {say(p.x - p.width / 2)} and {say(p.x + p.width / 2)}{p.only
							? `; only its ${p.only} edge was seen`
							: ''} · sure by {Math.round(p.confidence * 100)} %,
						<span class="whole">± {fineLength(p.error)}</span>{PROOF[p.proof]}</small
					></span
				></label
			>
			{#if p.kind === 'stud'}<button
					type="button"
					class="drill"
					aria-label="Drill a pilot hole at {say(target(p).x)}"
					onclick={() => drill(target(p).x, target(p).y)}>Drill</button
				>{/if}
		</li>
	{/each}
</ul>

<style>
	.whole {
		white-space: nowrap;
	}
	.found {
		margin-block: 0.4rem;
	}
	.found li {
		display: flex;
		gap: 0.5rem;
		align-items: start;
		justify-content: space-between;
		padding-block: 0.35rem;
		border-bottom: 1px solid var(--hair);
	}
	.found li.out b {
		text-decoration: line-through;
	}
	.found label {
		display: flex;
		gap: 0.5rem;
		align-items: start;
	}
	.found input {
		margin-top: 0.2rem;
	}
	/* Plain: a list of them comes at once. */
	.drill {
		min-height: 34px;
		padding: 0 0.6rem;
		border: 1px solid var(--hair);
		border-radius: 2px;
		font-weight: 600;
	}
	.found small {
		color: var(--pencil);
	}
</style>
