<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { carrierKind } from '$core/kinds/registry';
	import { watchOf } from '$core/kinds/watch';
	import { checkPlan } from '$core/checks/check-plan';
	import { describeHolder } from '$core/holders/describe';
	import { makeable, partLines, screwsOf, smallParts } from '$core/holders/made-of';
	import { proofLoad } from '$core/verdict/proof-load';
	import { massOf } from '$core/checks/capacity';
	import { hangs, isFixed } from '$core/plan/held';
	import type { Plan } from '$core/plan/types';
	import type { Tool } from '$core/tools/tool';
	import { formatLength } from '$core/units/format-length';
	import { formatQuantity } from '$core/units/format-quantity';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayMarks, sayVerdict } from '../say';
	import PlainPage from '../shell/PlainPage.svelte';
	import ViewBox from './ViewBox.svelte';

	/** Everything about one holder that is taken to the workshop: views, parts, marks from one end, what to mind. */
	let {
		plan,
		wall,
		holder: id,
		tools
	}: { plan: Plan; wall: string; holder: string; tools: readonly Tool[] } = $props();

	const unit = $derived(preferences.unit);
	const say = (mm: number) => formatLength(mm, unit);
	const kg = (value: number) => formatQuantity({ value, dim: 'mass' }, unit);
	const checks = $derived(checkPlan(plan));
	const holder = $derived(plan.holders.find((h) => h.id === id));
	const judged = $derived(checks.holders.get(id));
	const placed = $derived(judged?.placed);
	const warnings = $derived(checks.warnings.filter((w) => w.subject.kind === 'holder' && w.subject.id === id));
	const cannot = $derived(placed ? makeable(placed.built, tools).filter((j) => j.answer.can === 'no') : []);
	const working = $derived(holder ? massOf(holder) : 0);
	const proof = $derived(working > 0 && placed ? proofLoad(working, { foot: placed.foot, bag: 5 }) : null);
	/** Marks of one carrier, each place once, from the left end of the back. */
	const marksOf = (carrier: string) =>
		[...new Set(placed?.built.seats.filter((s) => s.carrier === carrier).map((s) => s.at[0]) ?? [])].sort(
			(a, b) => a - b
		);
	const watch = $derived(holder ? watchOf(holder) : []);
</script>

<svelte:head><title>{holder?.name || 'Holder'} · Kammer</title></svelte:head>

<PlainPage title={holder?.name || 'Holder'} about={plan.name}>
	{#snippet tools()}
		<Button size="sm" color="alternative" class="no-print" onclick={() => print()}>Print</Button>
		<a class="link no-print" href="/walls/{wall}/holders">Back to the wall</a>
	{/snippet}
	{#if holder && placed}
		{@const built = placed.built}
		<p>
			{sayPhrase(describeHolder(holder), unit)}; {sayVerdict(judged, unit)}. Weighs {kg(built.self.mass)} itself, {kg(
				working
			)} hang on it.
		</p>
		<div class="views">
			<ViewBox {built} view="front" w={500} h={330} label="From the front" />
			<ViewBox {built} view="side" w={210} h={330} label="From the left end" />
			<ViewBox {built} view="above" w={500} h={180} label="From above, the wall on top" />
		</div>
		<h2>Cut</h2>
		<ul>
			{#each partLines(built) as l, i (i)}<li>{sayPhrase(l, unit)}</li>{/each}
			{#each screwsOf(holder, built) as s (s.size + s.length)}<li>
					{s.count} screws {s.size} × {say(s.length)}
				</li>{/each}
			{#each smallParts(built.parts) as s, i (i)}<li>{s.count} {sayPhrase(s.what, unit)}</li>{/each}
		</ul>
		<h2>Mark, from the left end of the back</h2>
		<ul>
			{#each holder.carriers as c (c.id)}
				<li>
					{carrierKind(c.kind).title}, {say(c.at.y)} up: <span class="sum">{sayMarks(marksOf(c.id), unit)}</span>
				</li>
			{/each}
			{#if isFixed(holder)}
				<li>
					Screws into the wall, from the left and up: <span class="sum"
						>{holder.mount.places.map((p) => `${say(p.x)}, ${say(p.y)}`).join('; ')}</span
					>
				</li>
			{:else if hangs(holder)}
				<li>
					Hook screws: <span class="sum"
						>{sayMarks(
							built.hookScrews.map((s) => s.x),
							unit
						)}</span
					>
				</li>
			{/if}
		</ul>
		<h2>Mind</h2>
		<ul>
			{#each warnings as w, i (i)}<li>{sayPhrase(w.message, unit)}</li>{/each}
			{#each cannot as j, i (i)}<li>Not with the tools owned: {j.part}, {sayPhrase(j.answer.why, unit)}</li>{/each}
			{#if !hangs(holder)}
				<li>Look for cables and pipes before you drill into the wall, power off. Local codes have the last word.</li>
			{:else}
				<li>Ripping a narrow 45° strip: guard on, push stick, never a short piece on the saw. Eyes, ears, dust.</li>
			{/if}
			<li>Boring and slots: a waste board behind every exit; clamp the piece, hands behind the cutter.</li>
			{#if proof}<li>
					Before it is trusted: load it to {kg(proof.target)}, the {kg(proof.working)} it carries first, then a bag at a time,
					ten minutes, nobody beneath. Watch {watch.join('; ')}.
				</li>{/if}
		</ul>
	{/if}
</PlainPage>

<style>
	.views {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem 1rem;
		margin: 1rem 0;
		overflow-x: auto;
	}
	h2 {
		margin-top: 1rem;
		font-weight: 700;
	}
	ul {
		padding-left: 1.1rem;
		list-style: disc;
	}
	@media print {
		.views {
			break-inside: avoid;
		}
	}
</style>
