<script lang="ts">
	import { tick, untrack } from 'svelte';
	import { page } from '$app/state';
	import { pieceInLink } from '$lib/state/piece-link';
	import type { Plan } from '$core/plan/types';
	import { formatLength } from '$core/units/format-length';
	import { sayPhrase } from '$core/units/phrase';
	import { boardWord, settingsWords } from './words';
	import type { CutJob } from '$lib/state/cut-job.svelte';
	import { CutTicks } from '$lib/state/cut-ticks.svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import MakeFrom from './MakeFrom.svelte';
	import { shopLater } from '$lib/state/shop-context';
	import WorkOrder from './WorkOrder.svelte';
	import ViewSwitch from '../shell/ViewSwitch.svelte';
	import SheetFigure from './SheetFigure.svelte';

	/** Every sheet, board and rod with its cuts drawn on it, under the wall. */
	let { open, job }: { open: OpenPlan; job: CutJob } = $props();

	const unit = $derived(preferences.unit);
	const empty = $derived.by(() => {
		if (job.progress) return 'Working out the boards';
		return job.plan && job.plan.done.length > 0 ? 'Everything is cut.' : 'Nothing to cut yet: lay out a row.';
	});
	const ticks = new CutTicks(untrack(() => open.id));
	const findShop = shopLater();
	const VIEWS = [
		['boards', 'Boards'],
		['work', 'Order of work']
	] as const;
	let view = $state<(typeof VIEWS)[number][0]>('boards');
	let said = $state('');
	/** The piece that a label's code asks for: its owner is picked, and it is brought into sight, once. */
	const asked = $derived(page.url.searchParams.get('piece'));
	let shown = '';
	$effect(() => {
		if (!asked || asked === shown) return;
		const laid = job.plan?.groups.flatMap((g) => g.sheets.flatMap((s) => s.pieces)) ?? [];
		const found = laid.find((l) => pieceInLink(l.piece.id) === asked)?.piece;
		if (!found) return;
		shown = asked;
		const { kind, id } = found.owner;
		untrack(() => (open.selection = { kind, id }));
		void tick().then(() =>
			document.querySelector(`[data-piece="${CSS.escape(found.id)}"]`)?.scrollIntoView({ block: 'center' })
		);
	});
	/** What was said is so until the plan is changed again, or the change undone. */
	let saidOf = $state.raw<Plan | null>(null);
	const onDown = (words: string) => {
		said = words;
		saidOf = open.plan;
	};
</script>

<section class="boards" aria-label="Boards and their cuts">
	{#if said && saidOf === open.plan}<p class="said" role="status">{said}</p>{/if}
	<ViewSwitch label="Shown" views={VIEWS} bind:view />
	{#if view === 'work'}
		{#if job.plan}<WorkOrder plan={open.plan} cuts={job.plan} tools={findShop()?.shop.tools ?? []} />{/if}
	{:else}
		{#each job.plan?.groups ?? [] as group (group.key)}
			<div class="group">
				<h2>{sayPhrase(group.title, unit)}: {group.sheets.length} {boardWord(group.kind, group.sheets.length)}</h2>
				<p class="proof">
					{sayPhrase(group.proof, unit)}.
					{#if job.plan && group.sheets.length > 0}The saw is set {settingsWords(group, job.plan.kerf)}.{/if}
				</p>
				{#if group.unfit.length > 0}
					<div class="long" role="alert">
						Not cut:
						<ul>
							{#each group.unfit as { piece, why } (piece.id)}
								<li>
									{piece.owner.name}
									{piece.name}, {formatLength(piece.length, unit)}: {sayPhrase(why, unit)}
								</li>
							{/each}
						</ul>
						Give a row a joint on a stud, make the part smaller or of another stock, or say a longer bought length.
					</div>
				{/if}
				{#each group.sheets as sheet, i (i)}<SheetFigure
						{open}
						{group}
						{sheet}
						number={i + 1}
						{ticks}
						{onDown}
					/>{/each}
			</div>
		{:else}
			<p class="none">{empty}</p>
		{/each}
		{#if job.plan && job.plan.groups.length > 0}<MakeFrom {open} {ticks} {onDown} />{/if}
	{/if}
</section>

<style>
	.boards {
		position: relative;
		padding: 0.75rem 1rem 2rem;
	}
	.group {
		margin-bottom: 1.4rem;
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
	.long ul {
		padding-left: 1.2rem;
		list-style: disc;
	}
	.said {
		margin-bottom: 0.6rem;
		font-weight: 600;
	}
	.none {
		color: var(--pencil);
	}
</style>
