<script lang="ts">
	import { boughtLength } from '$core/cutting/bought-length';
	import type { CutGroup } from '$core/cutting/cut-group';
	import { isBar } from '$core/cutting/groups';
	import type { Offer } from '$core/cutting/offers';
	import { Button, Progressbar } from 'flowbite-svelte';
	import { billOf, partKey } from '$core/buying/bill';
	import type { CutPlan } from '$core/cutting/cut-plan';
	import { smallPartsWanted } from '$core/cutting/screws';
	import type { Ware } from '$core/prices/ware';
	import { shopLater } from '$lib/state/shop-context';
	import { stock } from '$core/materials/stocks';
	import type { Cutting } from '$core/plan/types';
	import { formatLength } from '$core/units/format-length';
	import { sayPhrase } from '$core/units/phrase';
	import { fieldCommit } from '$lib/state/commit';
	import type { CutJob } from '$lib/state/cut-job.svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import Section from '../panels/Section.svelte';
	import AimSection from './AimSection.svelte';
	import AskPrices from './AskPrices.svelte';
	import CostsSection from './CostsSection.svelte';
	import CutFiles from './CutFiles.svelte';
	import CutAlready from './CutAlready.svelte';
	import ToBuy from './ToBuy.svelte';
	import { amountWords, boardWord, takenOf } from './words';

	let { open, job }: { open: OpenPlan; job: CutJob } = $props();
	const findShop = shopLater();
	const NOTHING_CUT: CutPlan = { kerf: 0, groups: [], done: [], useless: [] };

	const unit = $derived(preferences.unit);
	const cuts = $derived(job.plan);
	const unsettled = $derived(
		open.tally['does-not-hold'] + open.tally['cannot-be-judged'] + open.tally['cannot-be-built']
	);
	const stops = $derived(open.stops.length);
	const shop = $derived(findShop());
	const bill = $derived(billOf(open.plan, cuts ?? NOTHING_CUT, job.buying));
	const stores = $derived([...new Set((shop?.shop.prices ?? []).map((p) => p.store))].filter(Boolean).sort());
	/** What to mind about a line: how few it is known to be, and what a maker says. */
	const notes = $derived.by(() => {
		const said = new Map<string, string>();
		for (const group of cuts?.groups ?? [])
			for (const l of bill.lines)
				if (l.key.startsWith(`wood ${group.key} `)) said.set(l.key, sayPhrase(group.proof, unit));
		for (const s of smallPartsWanted(open.plan)) said.set(partKey(s), sayPhrase(s.note, unit));
		said.set('plugs', 'of the maker whose load is entered');
		return said;
	});
	function sayWare(ware: Ware): string {
		return ware.sold === 'wood'
			? `${stock(ware.stock).title}, ${formatLength(ware.width, unit)} x ${formatLength(ware.length, unit)}`
			: ware.sold;
	}
	const stocks = $derived([...new Set(cuts?.groups.flatMap((g) => g.lengthsOf) ?? [])]);
	const taken = $derived((cuts?.groups ?? []).flatMap((group) => takenOf(group).map((t) => ({ group, ...t }))));
	const owned = $derived(taken.filter((t) => t.offer.owned));
	const sizeOf = (group: CutGroup, { length, width }: Offer) =>
		isBar(group)
			? `${formatLength(length, unit)} long`
			: `${formatLength(width, unit)} x ${formatLength(length, unit)}`;
	const lengthOf = (id: Cutting['lengths'][number]['stock']) => boughtLength(open.plan.cutting, id);
	const title = (id: Cutting['lengths'][number]['stock']) => (id === 'dowel' ? 'Dowels' : stock(id).title);

	const have = $derived(open.plan.cutting.have ?? []);
	const setHave = (to: string[]) => open.do({ kind: 'set-cutting', change: { have: to } });
	const trim = $derived(open.plan.cutting.trim ?? { ends: 0, edges: 0 });
	const setTrim = (to: NonNullable<Cutting['trim']>) =>
		fieldCommit(open, { kind: 'set-cutting', change: { trim: to } }, unit);

	function setLength(id: Cutting['lengths'][number]['stock'], length: number) {
		const lengths = [...open.plan.cutting.lengths.filter((l) => l.stock !== id), { stock: id, length }];
		return fieldCommit(open, { kind: 'set-cutting', change: { lengths } }, unit);
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
		<p>Looking for the best cuts: {job.progress.done} of {job.progress.of} kinds</p>
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
	{#if owned.length + bill.have.length > 0}
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
				{#each bill.have as line (line.key)}
					<li>
						<b>{amountWords(line)}</b>
						{sayPhrase(line.title, unit)}
						<small>
							yours, costs nothing
							<button
								type="button"
								class="link"
								aria-label="Buy it after all: {sayPhrase(line.title, unit)}"
								onclick={() => setHave(have.filter((k) => k !== line.key))}>Buy it after all</button
							>
						</small>
					</li>
				{/each}
			</ul>
		</Section>
	{/if}
	<AimSection {open} {stores} />
	<Section title="To buy">
		{#if bill.lines.length === 0}<p class="about">Nothing: all of it is there.</p>{/if}
		<ToBuy {bill} buying={job.buying} {notes} onHave={(line) => setHave([...have, line.key])} />
		{#if shop}<AskPrices {shop} {bill} buying={job.buying} />{/if}
		{#if bill.unpriced.length > 0}
			<p class="marks">Not compared, having no price: {bill.unpriced.map(sayWare).join('; ')}.</p>
		{/if}
	</Section>
{/if}
{#if cuts && bill.total > 0}<CostsSection plan={open.plan} {cuts} {bill} currency={job.buying.currency} />{/if}
{#if cuts && cuts.groups.length > 0}
	<CutFiles
		{open}
		{cuts}
		{bill}
		currency={job.buying.currency}
		tools={shop?.shop.tools ?? []}
		working={job.progress !== null}
	/>
{/if}
{#if cuts}<CutAlready {open} {cuts} />{/if}
<Section title="Saw and boards">
	<div class="grid">
		<LengthField
			label="Kerf of the saw"
			value={open.plan.cutting.kerf}
			commit={(kerf) => fieldCommit(open, { kind: 'set-cutting', change: { kerf } }, unit)}
		/>
		<LengthField label="Trimmed off each end" value={trim.ends} commit={(ends) => setTrim({ ...trim, ends })} />
		<LengthField label="Off each edge of a sheet" value={trim.edges} commit={(edges) => setTrim({ ...trim, edges })} />
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
