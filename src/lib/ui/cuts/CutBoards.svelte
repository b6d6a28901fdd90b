<script lang="ts">
	import { boughtLength } from '$core/cutting/bought-length';
	import { stock } from '$core/materials/stocks';
	import { formatLength } from '$core/units/format-length';
	import { sayPhrase } from '$core/units/phrase';
	import { boardWord } from './words';
	import type { CutJob } from '$lib/state/cut-job.svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import BoardDiagram from './BoardDiagram.svelte';
	import SheetDiagram from './SheetDiagram.svelte';

	/** Every bought board with its cuts drawn on it, under the wall. */
	let { open, job }: { open: OpenPlan; job: CutJob } = $props();

	const unit = $derived(preferences.unit);
</script>

<section class="boards" aria-label="Boards and their cuts">
	{#each job.plan?.sheets ?? [] as s (s.stock)}
		<div class="group">
			<h2>{s.title}: {s.sheets.length} {s.sheets.length === 1 ? 'sheet' : 'sheets'}, ripped along the grain first</h2>
			{#each s.sheets as strips, i (i)}
				<SheetDiagram
					number={i + 1}
					width={stock(s.stock).width}
					length={boughtLength(open.plan.cutting, s.stock)}
					kerf={job.plan?.kerf ?? 0}
					{strips}
				/>
			{/each}
		</div>
	{/each}
	{#each job.plan?.groups ?? [] as group (group.key)}
		<div class="group">
			<h2>
				{sayPhrase(group.title, unit)}: {group.boards.length}
				{boardWord(group)}, {formatLength(group.boardLength, unit)} long
			</h2>
			<p class="proof">{sayPhrase(group.proof, unit)}.</p>
			{#if group.unfit.length > 0}
				<p class="long" role="alert">
					{group.tooWide ? 'Wider' : 'Longer'} than a board: {group.unfit
						.map((p) => `${p.owner.name} ${p.name}, ${formatLength(p.length, unit)}`)
						.join('; ')}.
					{group.tooWide
						? 'Make it narrower, or of another stock.'
						: 'Give the row a joint on a stud, or buy longer boards.'}
				</p>
			{/if}
			{#each group.boards as board, i (i)}<BoardDiagram {open} {group} {board} number={i + 1} />{/each}
		</div>
	{:else}
		<p class="none">{job.progress ? 'Working out the boards' : 'Nothing to cut yet: lay out a row.'}</p>
	{/each}
</section>

<style>
	.boards {
		padding: 0.75rem 1rem 2rem;
	}
	.group {
		margin-bottom: 1rem;
		break-inside: avoid;
	}
	h2 {
		font-weight: 700;
	}
	.proof {
		margin-bottom: 0.3rem;
		font-size: 0.85rem;
		color: var(--pencil);
	}
	.long {
		margin-bottom: 0.4rem;
		font-weight: 600;
		color: var(--does-not-hold);
	}
	.none {
		color: var(--pencil);
	}
</style>
