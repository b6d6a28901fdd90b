<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { Gap } from '$core/arrange/gaps';
	import type { Lone } from '$core/arrange/lone-places';
	import { firstOf, offersFor, rowFor, type Offer } from '$core/holders/offers';
	import { patternOffers } from '$core/patterns/pattern-offers';
	import { toHang } from '$core/shop/to-hang';
	import { placedCounts } from '$core/shop/places';
	import { gripOf } from '$core/things/grips/registry';
	import type { Thing } from '$core/things/types';
	import { toPlace, type ToPlace } from '$core/things/to-place';
	import { hangMade, holderForThing, placeAll, putInGap, putLone, widestOn, type Outcome } from '$lib/state/hang-thing';
	import { newId } from '$lib/state/new-id';
	import type { HolderDesk } from '$lib/state/holder-desk.svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import type { OpenShop } from '$lib/state/open-shop.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import InLone from './InLone.svelte';
	import Offered from './Offered.svelte';

	/** What of the stock-take hangs nowhere yet, and what could carry the one that is picked. */
	let { open, shop, desk }: { open: OpenPlan; shop: OpenShop; desk: HolderDesk } = $props();

	const unit = $derived(preferences.unit);
	const placed = $derived(placedCounts(shop.places));
	const groups = $derived(toPlace(toHang(shop.shop), placed));
	const total = $derived(groups.reduce((n, g) => n + g.things.length, 0));
	const asked = $derived(groups.flatMap((g) => g.things).find((t) => t.thing.id === desk.thing?.id) ?? null);
	const row = $derived(open.plan.rows[0]);
	const wanted = $derived(asked ? { thing: asked.thing, count: asked.left, widest: widestOn(open.plan), unit } : null);
	const found = $derived(wanted ? offersFor(wanted, shop.shop.tools, row, open.plan.cutting.kerf) : null);

	const fromPatterns = $derived(
		wanted
			? patternOffers(wanted, shop.shop.patterns, shop.shop.tools, rowFor(row, open.plan.cutting.kerf, unit))
			: { offers: [], refusals: [] }
	);

	const take = (kind: string) => taken((thing) => holderForThing(open, shop, thing, kind, unit));
	const takePattern = ({ made }: Offer) =>
		taken((thing) => hangMade(open, { holder: { ...made.holder, id: newId() }, over: made.over }, thing.name, unit));

	const takeLone = (lone: Lone) => taken(() => putLone(open, lone, unit));
	const takeGap = (gap: Gap) => taken(() => putInGap(open, gap, unit));

	function taken(make: (thing: Thing) => Outcome) {
		if (!asked) return;
		const { thing } = asked;
		const made = make(thing);
		if (made.problem) return void (desk.said = made.problem);
		const over = made.over ? ` ${made.over} of it found no place.` : '';
		desk.said = `${thing.name}: ${made.why ?? 'placed'}.${over}`;
		desk.thing = null;
		desk.view = 'bench';
	}

	/** Everything, not one group. */
	const ALL = Symbol('all of it');
	/** Which group is being placed, how far that is, and how many there are. */
	let placing = $state<{ group: string | typeof ALL; n: number; of: number } | null>(null);
	let stopped = false;

	/** Everything of a group, or of all, that something can carry: spare places first, then holders, alike together. */
	async function takeAll(group: { group: string | typeof ALL; things: ToPlace[] }) {
		const things = group.things.map((t) => t.thing);
		stopped = false;
		desk.said = '';
		const first = (thing: Thing, left: number) =>
			firstOf(
				offersFor(
					{ thing, count: left, widest: widestOn(open.plan), unit },
					shop.shop.tools,
					row,
					open.plan.cutting.kerf
				),
				thing
			);
		const made = await placeAll(open, shop, things, unit, first, (n) => {
			placing = { group: group.group, n, of: things.length };
			return !stopped;
		});
		placing = null;
		const not = made && made.not.length > 0 ? `; not: ${made.not.join(', ')}` : '';
		const spare = made && made.spare > 0 ? `, ${made.spare} of them onto spare places` : '';
		const inHolders =
			made && made.holders > 0 ? ` in ${made.holders} ${made.holders === 1 ? 'holder' : 'holders'}` : '';
		desk.said = made
			? `${made.done} of ${things.length} placed${inHolders}${spare}${not}.`
			: 'Stopped: nothing was placed.';
	}
</script>

{#snippet placer(group: { group: string | typeof ALL; things: ToPlace[] }, what: string)}
	{#if placing?.group === group.group}
		<button type="button" class="link" onclick={() => (stopped = true)}
			>{Math.min(placing.n + 1, placing.of)} of {placing.of}: stop</button
		>
	{:else}
		<button
			type="button"
			class="link"
			disabled={placing !== null}
			title="Place {what}"
			onclick={() => void takeAll(group)}>place all</button
		>
	{/if}
{/snippet}

<section class="nowhere no-print" aria-label="Hangs nowhere yet">
	<h2>
		Hangs nowhere yet
		{#if groups.length > 1}
			{@render placer({ group: ALL, things: groups.flatMap((g) => g.things) }, 'everything')}
		{/if}
	</h2>
	{#if desk.said}<p class="said" role="status">{desk.said}</p>{/if}
	{#if total === 0}
		<p class="marks">
			{toHang(shop.shop).length === 0
				? 'Nothing in the stock-take yet: put in what has to hang, and what can carry it is offered here.'
				: 'Everything to place hangs.'}
		</p>
	{/if}
	{#each groups as g (g.group)}
		<h3>
			{g.group || 'No group'}
			{@render placer(g, g.group || 'these')}
		</h3>
		<ul>
			{#each g.things as t (t.thing.id)}
				<li>
					<button
						type="button"
						class="thing"
						aria-pressed={desk.thing?.id === t.thing.id}
						onclick={() => (desk.thing = desk.thing?.id === t.thing.id ? null : t.thing)}
					>
						<span>{t.thing.name}<small>{t.thing.grip ? gripOf(t.thing.grip).short : 'grip not said'}</small></span>
						<b class="sum">{t.left}</b>
					</button>
					{#if found && asked?.thing.id === t.thing.id}
						<div class="offers">
							<h4>What shall carry {t.left === 1 ? 'it' : 'these'}?</h4>
							{#if open.plan.rows.length === 0}<p class="marks">
									There is no row yet: it is screwed straight to the wall.
								</p>{/if}
							<Offered
								plan={open.plan}
								{found}
								patterns={fromPatterns}
								take={(o) => take(o.kind)}
								{takePattern}
								{takeGap}
							/>
							{#if wanted}<InLone plan={open.plan} asked={wanted} take={takeLone} />{/if}
							<Button size="xs" color="alternative" onclick={() => (desk.thing = null)}>Not now</Button>
						</div>
					{/if}
				</li>
			{/each}
		</ul>
	{/each}
</section>

<style>
	.nowhere {
		height: 100%;
		padding: 0.7rem 0.7rem 1rem;
		overflow-y: auto;
		background: var(--sheet);
	}
	h2 {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
		font-weight: 700;
	}
	h3 {
		display: flex;
		justify-content: space-between;
		margin-top: 0.7rem;
		padding-bottom: 0.1rem;
		border-bottom: 1.5px solid var(--ink);
		font-weight: 700;
		font-size: 0.85rem;
	}
	h2 .link,
	h3 .link {
		font-size: 0.82rem;
		white-space: nowrap;
	}
	h4 {
		margin: 0.4rem 0 0.3rem;
		font-weight: 700;
		font-size: 0.85rem;
	}
	.thing {
		display: flex;
		justify-content: space-between;
		align-items: baseline;
		width: 100%;
		padding: 0.3rem 0.25rem;
		border-bottom: 1px solid var(--hair);
		text-align: left;
		font-size: 0.9rem;
	}
	.thing[aria-pressed='true'] {
		background: var(--paper);
		box-shadow: inset 3px 0 0 var(--chalk);
	}
	.thing small {
		display: block;
		font-size: 0.74rem;
		color: var(--pencil);
	}
	.offers {
		padding: 0 0 0.5rem 0.2rem;
	}
	.said {
		margin: 0.3rem 0;
		font-size: 0.82rem;
	}
</style>
