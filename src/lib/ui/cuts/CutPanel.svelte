<script lang="ts">
	import { boughtLength } from '$core/cutting/bought-length';
	import type { CutGroup } from '$core/cutting/cut-group';
	import type { Offer } from '$core/cutting/offers';
	import { Button, Progressbar } from 'flowbite-svelte';
	import { cutListCsv } from '$exchange/cut-list-csv';
	import { plugsWanted, screwsWanted, smallPartsWanted } from '$core/cutting/screws';
	import { stock } from '$core/materials/stocks';
	import type { Cutting } from '$core/plan/types';
	import { formatLength } from '$core/units/format-length';
	import { sayPhrase } from '$core/units/phrase';
	import { fieldCommit } from '$lib/state/commit';
	import type { CutJob } from '$lib/state/cut-job.svelte';
	import { fileName, saveFile } from '$lib/state/save-file';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import Section from '../panels/Section.svelte';
	import CutAlready from './CutAlready.svelte';
	import { boardWord, takenOf } from './words';

	let { open, job }: { open: OpenPlan; job: CutJob } = $props();

	const unit = $derived(preferences.unit);
	const cuts = $derived(job.plan);
	const unsettled = $derived(
		open.tally['does-not-hold'] + open.tally['cannot-be-judged'] + open.tally['cannot-be-built']
	);
	const stops = $derived(open.stops.length);
	const screws = $derived(screwsWanted(open.plan));
	const small = $derived(smallPartsWanted(open.plan));
	const plugs = $derived(plugsWanted(open.plan));
	const wood = $derived(open.plan.wall.build?.kind === 'plank' ? 'boards' : 'studs');
	const into = $derived(plugs ? 'plugs' : wood);
	const stocks = $derived([...new Set(cuts?.groups.flatMap((g) => g.lengthsOf) ?? [])]);
	const taken = $derived((cuts?.groups ?? []).flatMap((group) => takenOf(group).map((t) => ({ group, ...t }))));
	const owned = $derived(taken.filter((t) => t.offer.owned));
	const bought = $derived(taken.filter((t) => !t.offer.owned));
	const titleOf = (group: CutGroup, offer: Offer) =>
		group.kind === 'dowel' ? sayPhrase(group.title, unit) : offer.title;
	const sizeOf = ({ kind }: CutGroup, { length, width }: Offer) =>
		kind === 'rod' || kind === 'dowel'
			? `${formatLength(length, unit)} long`
			: `${formatLength(width, unit)} x ${formatLength(length, unit)}`;
	const lengthOf = (id: Cutting['lengths'][number]['stock']) => boughtLength(open.plan.cutting, id);
	const title = (id: Cutting['lengths'][number]['stock']) => (id === 'dowel' ? 'Dowels' : stock(id).title);

	function setLength(id: Cutting['lengths'][number]['stock'], length: number) {
		const lengths = [...open.plan.cutting.lengths.filter((l) => l.stock !== id), { stock: id, length }];
		return fieldCommit(open, { kind: 'set-cutting', change: { lengths } }, unit);
	}

	function csv() {
		if (cuts) saveFile(fileName(`${open.plan.name} cut list`, 'csv'), 'text/csv', cutListCsv(open.plan, cuts, unit));
	}
</script>

<h2>Cut and buy</h2>
{#if unsettled > 0 || stops > 0}
	<p class="unsettled" role="note">
		<b>Before you cut:</b>
		{[
			unsettled > 0
				? `${unsettled} ${unsettled === 1 ? 'holder does' : 'holders do'} not hold or cannot be judged`
				: '',
			stops > 0 ? `${stops} ${stops === 1 ? 'fault' : 'faults'} to mend` : ''
		]
			.filter(Boolean)
			.join(', ')}.
		<a href="/walls/{open.id}/holds">See what would mend it</a>
	</p>
{/if}
{#if job.progress}
	<div class="working" role="status">
		<p>Looking for the fewest boards: {job.progress.done} of {job.progress.of} kinds</p>
		<Progressbar progress={Math.round((100 * job.progress.done) / Math.max(1, job.progress.of))} size="h-2" />
		<Button size="xs" color="alternative" disabled={!job.found} onclick={() => job.stop()}
			>Stop, keep the best so far</Button
		>
	</div>
{:else if job.stopped}
	<p class="about">
		Stopped. This is the best found; it may not be the fewest. <Button
			size="xs"
			color="alternative"
			onclick={() => job.goOn()}>Go on</Button
		>
	</p>
{/if}
{#if job.failure}<p class="error" role="alert">The cut plan could not be worked out: {job.failure}</p>{/if}
{#if cuts && cuts.groups.length > 0}
	{#if owned.length > 0}
		<Section title="There already">
			<ul class="buy">
				{#each owned as { group, offer, count } (offer.owned?.id)}
					<li>
						<b>{count}</b> of {offer.count}
						{offer.owned?.offcut ? 'offcuts' : boardWord(group.kind, offer.count)}: {offer.title}, {sizeOf(
							group,
							offer
						)}
						<small>{offer.owned?.where ? `${offer.owned.where}; ` : ''}cut first, costs nothing</small>
					</li>
				{/each}
			</ul>
		</Section>
	{/if}
	<Section title="To buy">
		<ul class="buy">
			{#each bought as { group, offer, count } (`${group.key} ${offer.title} ${offer.length}`)}
				<li>
					<b>{count}</b>
					{boardWord(group.kind, count)}: {titleOf(group, offer)}, {sizeOf(group, offer)}
					<small>{sayPhrase(group.proof, unit)}</small>
				</li>
			{/each}
			{#each screws as s (`${s.size} ${s.length}`)}
				<li>
					<b>{s.rows + s.hooks}</b> wood screws, {s.size} x {formatLength(s.length, unit, { tick: 32 })}
					<small
						>{[s.rows ? `${s.rows} for rows into ${into}` : '', s.hooks ? `${s.hooks} for holders` : '']
							.filter(Boolean)
							.join(', ')}; buy some over</small
					>
				</li>
			{/each}
			{#each small as s, i (i)}
				<li><b>{s.count}</b> {sayPhrase(s.what, unit)} <small>{sayPhrase(s.note, unit)}</small></li>
			{/each}
			{#if plugs}<li>
					<b>{plugs.count}</b> plugs for a hole of {formatLength(plugs.plug.diameter, unit)}, {formatLength(
						plugs.plug.length,
						unit
					)} long <small>of the maker whose load is entered; buy some over</small>
				</li>{/if}
		</ul>
	</Section>
	<div class="actions no-print">
		<Button size="sm" onclick={csv} disabled={job.progress !== null}>Save cut list as CSV</Button>
		<Button size="sm" color="alternative" onclick={() => window.print()}>Print</Button>
	</div>
{/if}
{#if cuts}<CutAlready {open} {cuts} />{/if}
<Section title="Saw and boards">
	<div class="grid">
		<LengthField
			label="Kerf of the saw"
			value={open.plan.cutting.kerf}
			commit={(kerf) => fieldCommit(open, { kind: 'set-cutting', change: { kerf } }, unit)}
		/>
		{#each stocks as id (id)}
			<LengthField label="{title(id)}, bought length" value={lengthOf(id)} commit={(length) => setLength(id, length)} />
		{/each}
	</div>
	<p class="caution">
		Rip cleats before you cut them to length: never a short piece on the saw. Guard, push stick, eyes, ears, dust.
	</p>
</Section>

<style>
	.working {
		display: grid;
		gap: 0.4rem;
		justify-items: start;
	}
	.unsettled {
		margin-top: 0.5rem;
		padding: 0.35rem 0.6rem;
		border-left: 4px solid var(--does-not-hold);
		background: var(--paper);
	}
	.unsettled a {
		text-decoration: underline;
	}
	.buy li {
		padding: 0.3rem 0;
		border-bottom: 1px dotted var(--hair);
	}
	.buy small {
		display: block;
		color: var(--pencil);
	}
</style>
