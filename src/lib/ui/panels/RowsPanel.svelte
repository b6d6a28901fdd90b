<script lang="ts">
	import { boughtLength } from '$core/cutting/bought-length';
	import { Button } from 'flowbite-svelte';
	import { nextRowHeight, rowEnds } from '$core/arrange/first-place';
	import { blockCommands, jointsFor } from '$core/arrange/joints';
	import { MM_PER_INCH } from '$core/units/quantity';
	import type { Verdict } from '$core/verdict/check';
	import type { Command } from '$core/plan/commands';
	import type { Row } from '$core/plan/types';
	import { formatLength, roundToTape } from '$core/units/format-length';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import VerdictMark from '../VerdictMark.svelte';
	import { sayVerdict } from '../say';
	import RowPanel from './RowPanel.svelte';

	let { open }: { open: OpenPlan } = $props();

	const plan = $derived(open.plan);
	const unit = $derived(preferences.unit);
	const row = $derived(open.selection?.kind === 'row' ? plan.rows.find((r) => r.id === open.selection?.id) : undefined);
	let problem = $state('');

	/** What a new row is not to be like. */
	const BAD = new Set<Verdict>(['does-not-hold', 'cannot-be-judged', 'cannot-be-built']);

	/** A new row is like the last one that holds, or ply with a screw at every stud. */
	function newRow(): { row: Row; commands: Command[] } {
		const like = plan.rows.filter((r) => !BAD.has(open.checks.rows.get(r.id)?.verdict ?? 'unloaded')).at(-1);
		const inch = unit === 'inch';
		const y = roundToTape(nextRowHeight(plan), unit);
		const ends = rowEnds(plan, y, 80);
		const left = roundToTape(ends.left, unit);
		const right = Math.min(plan.wall.width, roundToTape(ends.right, unit));
		const id = like?.stock ?? (inch ? 'ply-3/4' : 'ply-18');
		const board = boughtLength(plan.cutting, id);
		const cleat = {
			y,
			left,
			right,
			stock: id,
			bevel: like?.bevel ?? 45,
			blank: like?.blank ?? (inch ? 5 * MM_PER_INCH : 130)
		} as const;
		const joints = jointsFor(plan, cleat, board);
		const screws = like?.screws ?? { size: '#10', length: inch ? 3 * MM_PER_INCH : 80, perStud: 1 };
		const row: Row = { id: newId(), name: `Row ${plan.rows.length + 1}`, ...cleat, screws, joints: joints.joints };
		return { row, commands: [...blockCommands(plan, joints, newId), { kind: 'add', list: 'rows', item: row }] };
	}

	function add() {
		const { row: item, commands } = newRow();
		const [wrong] = open.do({ kind: 'together', label: 'add row', commands });
		problem = wrong ? sayProblem(wrong, unit) : '';
		if (!wrong) open.selection = { kind: 'row', id: item.id };
	}
</script>

{#if row}
	<RowPanel {open} {row} />
{:else}
	<h2>Rows</h2>
	{#if plan.rows.length === 0}
		<p class="empty">
			No rows yet.
			{#if plan.wall.studs.length === 0}Survey the studs first: a row is screwed at every stud it crosses.{:else}A row
				is a cleat along the wall; holders hang on it and move freely.{/if}
		</p>
	{/if}
	<ul class="cards">
		{#each [...plan.rows].sort((a, b) => b.y - a.y) as r (r.id)}
			{@const judged = open.checks.rows.get(r.id)}
			<li>
				<button type="button" onclick={() => (open.selection = { kind: 'row', id: r.id })}>
					<VerdictMark verdict={judged?.verdict ?? 'unloaded'} />
					<span
						><strong>{r.name || 'Row'}</strong>, {formatLength(r.y, unit)} up<br /><small
							>{sayVerdict(judged, unit)}</small
						></span
					>
				</button>
			</li>
		{/each}
	</ul>
	<Button onclick={add}>Add a row</Button>
	{#if problem}<p class="error" role="alert">{problem}</p>{/if}
{/if}
