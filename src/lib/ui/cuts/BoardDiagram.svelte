<script lang="ts">
	import type { CutBoard, CutGroup } from '$core/cutting/cut-plan';
	import { formatLength } from '$core/units/format-length';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';

	/** One bought board, to scale along its length: pieces, kerfs between them, what is left. */
	let { open, group, board, number }: { open: OpenPlan; group: CutGroup; board: CutBoard; number: number } = $props();

	const unit = $derived(preferences.unit);
	const say = (x: number) => formatLength(x, unit);
	const share = (x: number) => `${(100 * x) / group.boardLength}%`;
	const wood = $derived(group.kind === 'board' ? 'var(--ply)' : 'var(--pine)');
</script>

<div class="board">
	<span class="number">{number}</span>
	<div class="lanes">
		{#each board.lanes as lane, l (l)}
			<ol class="lane" aria-label="Board {number}{board.lanes.length > 1 ? (l === 0 ? ', half A' : ', half B') : ''}">
				{#each lane.cuts as cut (cut.piece.id)}
					<li style:left={share(cut.from)} style:width={share(cut.to - cut.from)} style:background={wood} class:picked={open.selection?.id === cut.piece.owner.id}>
						<button type="button" title="{cut.piece.owner.name}, {cut.piece.name}: {say(cut.piece.length)}" onclick={() => (open.selection = { kind: cut.piece.owner.kind, id: cut.piece.owner.id })}>
							<b>{say(cut.piece.length)}</b> <span>{cut.piece.owner.name} {cut.piece.name}</span>
						</button>
					</li>
				{/each}
				{#if lane.offcut > 1}
					<li class="offcut" style:left={share(group.boardLength - lane.offcut)} style:width={share(lane.offcut)}>{#if lane.offcut > 0.08 * group.boardLength}<span>{say(lane.offcut)} left</span>{/if}</li>
				{/if}
			</ol>
		{/each}
	</div>
</div>

<style>
	.board {
		display: grid;
		grid-template-columns: 1.6rem 1fr;
		align-items: center;
		margin-bottom: 6px;
	}
	.number {
		font-weight: 700;
		color: var(--pencil);
	}
	.lanes {
		border: 1.2px solid var(--pine-edge);
	}
	.lane {
		position: relative;
		height: 30px;
	}
	.lane + .lane {
		border-top: 1.2px dashed var(--pine-edge);
	}
	.lane li {
		position: absolute;
		top: 0;
		bottom: 0;
		overflow: hidden;
		border-right: 2px solid var(--ink);
	}
	.lane li.picked {
		box-shadow: inset 0 0 0 3px var(--chalk);
	}
	.lane button {
		width: 100%;
		height: 100%;
		padding: 0 5px;
		overflow: hidden;
		text-align: left;
		text-overflow: ellipsis;
		white-space: nowrap;
		font-size: 0.8rem;
		color: #1f2b2a;
	}
	:global(.dark) .lane button {
		color: #fff;
	}
	.lane .offcut {
		border: 0;
		background: repeating-linear-gradient(-45deg, transparent 0 6px, var(--hair) 6px 7px);
		font-size: 0.75rem;
		color: var(--pencil);
		padding: 6px 5px;
		white-space: nowrap;
	}
</style>
