<script lang="ts">
	import type { CutBoard, CutGroup } from '$core/cutting/cut-plan';
	import { formatLength } from '$core/units/format-length';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';

	/**
	 * One bought board as it lies on the bench: its grain, a pencil line square across at every cut with the order it is
	 * made in, and what is written on each piece. What is left is wood too, with its length.
	 */
	let { open, group, board, number }: { open: OpenPlan; group: CutGroup; board: CutBoard; number: number } = $props();

	const unit = $derived(preferences.unit);
	const say = (x: number) => formatLength(x, unit);
	const share = (x: number) => `${(100 * x) / group.boardLength}%`;
	const wood = $derived(group.kind === 'board' ? 'var(--ply)' : 'var(--pine)');
	const ripped = $derived(board.lanes.length > 1);
	/** A rip goes first; then the halves are cut to length from the left, one after the other. */
	const order = (lane: number, cut: number) =>
		(ripped ? 1 : 0) + board.lanes.slice(0, lane).reduce((n, l) => n + l.cuts.length, 0) + cut + 1;
	/** Grain wanders a little, and differently in every board. */
	const GRAIN = [4, 9, 15, 20, 26];
	const wander = (y: number, i: number) => {
		const a = ((number * 7 + i * 5) % 9) / 3 - 1.3;
		return `M0 ${y}C25 ${y + a} 40 ${y - a} 62 ${y + a * 0.6}S88 ${y - a * 0.5} 100 ${y}`;
	};
</script>

<div class="board">
	<span class="number">{number}</span>
	<div class="lanes" style:background={wood}>
		{#each board.lanes as lane, l (l)}
			<ol class="lane" aria-label="Board {number}{ripped ? `, half ${'AB'.charAt(l)}` : ''}">
				<svg class="grain" viewBox="0 0 100 30" preserveAspectRatio="none" aria-hidden="true"
					><path d={GRAIN.map(wander).join('')} /></svg
				>
				{#each lane.cuts as cut, c (cut.piece.id)}
					<li
						style:left={share(cut.from)}
						style:width={share(cut.to - cut.from)}
						class:picked={open.selection?.id === cut.piece.owner.id}
					>
						<button
							type="button"
							title="{cut.piece.owner.name}, {cut.piece.name}: {say(cut.piece.length)}; cut {order(l, c)}"
							onclick={() => (open.selection = { kind: cut.piece.owner.kind, id: cut.piece.owner.id })}
						>
							<b>{say(cut.piece.length)}</b> <span>{cut.piece.owner.name} {cut.piece.name}</span>
						</button>
						<i class="tick" aria-hidden="true">{order(l, c)}</i>
					</li>
				{/each}
				{#if lane.offcut > 1}
					<li class="offcut" style:left={share(group.boardLength - lane.offcut)} style:width={share(lane.offcut)}>
						{#if lane.offcut > 0.06 * group.boardLength}<span>{say(lane.offcut)} left</span>{/if}
					</li>
				{/if}
			</ol>
		{/each}
		{#if ripped}<i class="rip" title="Cut 1: the rip" aria-hidden="true">1</i>{/if}
	</div>
</div>

<style>
	.board {
		display: grid;
		grid-template-columns: 1.6rem 1fr;
		align-items: center;
		margin-bottom: 10px;
	}
	/* On a phone a board is looked along, not squeezed. */
	@media screen and (max-width: 900px) {
		.board {
			overflow-x: auto;
			overflow-y: hidden;
			padding-bottom: 8px;
		}
		.lanes {
			min-width: 44rem;
		}
	}
	.number {
		font-weight: 700;
		color: var(--pencil);
	}
	.lanes {
		position: relative;
		border: 1.2px solid var(--pine-edge);
	}
	.lane {
		position: relative;
		height: 34px;
	}
	.grain {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
		pointer-events: none;
	}
	.grain path {
		fill: none;
		stroke: var(--pine-edge);
		stroke-width: 1;
		opacity: 0.28;
		vector-effect: non-scaling-stroke;
	}
	/* The rip: a pencil line along the middle. */
	.lane + .lane {
		border-top: 1.6px solid var(--cut-line);
	}
	.rip {
		position: absolute;
		top: 50%;
		left: -9px;
	}
	/* A cut: a pencil line square across, with its number in the order of work. */
	.lane li {
		position: absolute;
		top: 0;
		bottom: 0;
		border-right: 1.6px solid var(--cut-line);
	}
	.tick,
	.rip {
		display: grid;
		place-items: center;
		width: 17px;
		height: 17px;
		border: 1.2px solid var(--cut-line);
		border-radius: 50%;
		background: var(--sheet);
		font-size: 0.68rem;
		font-style: normal;
		font-weight: 700;
		color: var(--ink);
		transform: translateY(-50%);
	}
	.tick {
		position: absolute;
		top: 100%;
		right: -9px;
		z-index: 1;
		transform: translateY(-11px);
	}
	.lane li.picked {
		box-shadow: inset 0 0 0 3px var(--chalk);
	}
	.lane button {
		position: relative;
		width: 100%;
		height: 100%;
		padding: 0 12px 0 7px;
		overflow: hidden;
		text-align: left;
		text-overflow: ellipsis;
		white-space: nowrap;
		font-size: 0.82rem;
		color: #1f2b2a;
	}
	:global(.dark) .lane button,
	:global(.dark) .lane .offcut {
		color: #fff;
	}
	.lane .offcut {
		border: 0;
		padding: 8px 12px;
		overflow: hidden;
		font-family: var(--font-mono);
		font-size: 0.75rem;
		color: var(--cut-line);
		white-space: nowrap;
	}
</style>
