<script lang="ts">
	import { cutText } from '$core/form/whole-text';
	import { Button } from 'flowbite-svelte';
	import { bestPlace } from '$core/arrange/best-place';
	import { freePlace } from '$core/arrange/first-place';
	import { FIRST_CARRIER } from '$core/carriers/registry';
	import { describeHolder } from '$core/holders/describe';
	import { emptyHolder } from '$core/holders/empty-holder';
	import { newCarrier } from '$core/holders/new-carrier';
	import type { Holder } from '$core/plan/types';
	import { sayPhrase } from '$core/units/phrase';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayVerdict } from '../say';
	import VerdictMark from '../VerdictMark.svelte';
	import HolderPanel from './HolderPanel.svelte';

	let { open }: { open: OpenPlan } = $props();

	const plan = $derived(open.plan);
	const unit = $derived(preferences.unit);
	const holder = $derived(
		open.selection?.kind === 'holder' ? plan.holders.find((h) => h.id === open.selection?.id) : undefined
	);
	let problem = $state('');
	/** A full wall has hundreds; the strip under the wall lists the worst. */
	let most = $state(40);

	const withPegs = (h: Holder): Holder => ({ ...h, carriers: [newCarrier(h, FIRST_CARRIER, unit)] });

	/** A copy goes beside its like; a new rack where it is in nothing's way and near a stud. */
	function add(like?: Holder) {
		const row = like && plan.rows.find((r) => r.id === like.mount.row);
		const room = Math.max(0, ...plan.rows.map((r) => r.right - r.left));
		const start = like ? structuredClone($state.snapshot(like)) : withPegs(emptyHolder('', '', unit));
		const width = Math.min(start.back.width, row ? row.right - row.left : room);
		const name = like ? cutText(`${like.name} copy`, 60) : `Peg rack ${plan.holders.length + 1}`;
		const free: Holder = {
			...start,
			id: newId(),
			name,
			back: { ...start.back, width },
			mount: { kind: 'row', row: row?.id ?? '', x: row ? freePlace(plan, row, width) : 0 }
		};
		const item = row ? free : bestPlace(plan, free);
		if (!item) {
			problem = 'No row has room for it: lay out another, or make one longer.';
			return;
		}
		const [wrong] = open.do({ kind: 'add', list: 'holders', item });
		problem = wrong ? sayProblem(wrong, unit) : '';
		if (!wrong) open.selection = { kind: 'holder', id: item.id };
	}
</script>

{#if holder}
	<HolderPanel {open} {holder} duplicate={() => add(holder)} />
{:else}
	<h2>Holders</h2>
	{#if plan.holders.length === 0}
		<p class="empty">
			{#if plan.rows.length === 0}No rows yet, so nothing to hang a holder on. Lay out a row first.{:else}No holders
				yet. A peg rack is a board with dowels, hung on a row.{/if}
		</p>
	{/if}
	<ul class="cards">
		{#each plan.holders.slice(0, most) as h (h.id)}
			{@const judged = open.checks.holders.get(h.id)}
			<li>
				<button type="button" onclick={() => (open.selection = { kind: 'holder', id: h.id })}>
					<VerdictMark verdict={judged?.verdict ?? 'unloaded'} />
					<span
						><strong>{h.name || 'Holder'}</strong>, {sayPhrase(describeHolder(h), unit)}<br /><small
							>{sayVerdict(judged, unit)}</small
						></span
					>
				</button>
			</li>
		{/each}
	</ul>
	{#if plan.holders.length > most}
		<Button size="sm" color="alternative" class="mb-3" onclick={() => (most = Infinity)}
			>Show all {plan.holders.length}</Button
		>
	{/if}
	<Button onclick={() => add()} disabled={plan.rows.length === 0}>Hang a peg rack</Button>
	{#if problem}<p class="error" role="alert">{problem}</p>{/if}
{/if}
