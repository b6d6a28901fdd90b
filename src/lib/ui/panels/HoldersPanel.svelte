<script lang="ts">
	import { cutText } from '$core/form/whole-text';
	import { Button } from 'flowbite-svelte';
	import { bestPlace } from '$core/arrange/best-place';
	import { firstFixed } from '$core/arrange/first-fixed';
	import { firstRack, newRack } from '$core/arrange/first-rack';
	import { RACKS } from '$core/racks/registry';
	import ChoiceField from './ChoiceField.svelte';
	import { freePlace } from '$core/arrange/first-place';
	import { FIRST_CARRIER } from '$core/carriers/registry';
	import { carrierKind } from '$core/kinds/registry';
	import { describeHolder } from '$core/holders/describe';
	import { emptyHolder } from '$core/holders/empty-holder';
	import { newCarrier } from '$core/holders/new-carrier';
	import { movedMount } from '$core/mounts/registry';
	import { hangs, isRack } from '$core/plan/held';
	import type { Backed, Holder } from '$core/plan/types';
	import { sayPhrase } from '$core/units/phrase';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { shopLater } from '$lib/state/shop-context';
	import { sayVerdict } from '../say';
	import VerdictMark from '../VerdictMark.svelte';
	import HolderPanel from './HolderPanel.svelte';
	import PatternsSection from './PatternsSection.svelte';
	import Section from './Section.svelte';

	let { open }: { open: OpenPlan } = $props();

	const shop = shopLater();

	const plan = $derived(open.plan);
	const unit = $derived(preferences.unit);
	const holder = $derived(
		open.selection?.kind === 'holder' ? plan.holders.find((h) => h.id === open.selection?.id) : undefined
	);
	let problem = $state('');
	/** A full wall has hundreds; the strip under the wall lists the worst. */
	let most = $state(40);

	const withPegs = <H extends Backed>(h: H): H => ({ ...h, carriers: [newCarrier(h, FIRST_CARRIER, unit)] });

	const named = (like?: Holder) => (like ? cutText(`${like.name} copy`, 60) : `Peg rack ${plan.holders.length + 1}`);

	function put(item: Holder) {
		const [wrong] = open.do({ kind: 'add', list: 'holders', item });
		problem = wrong ? sayProblem(wrong, unit) : '';
		if (!wrong) open.selection = { kind: 'holder', id: item.id };
	}

	/** A new rack goes where it is in nothing's way and near a stud. */
	function hang() {
		const room = Math.max(0, ...plan.rows.map((r) => r.right - r.left));
		const start = emptyHolder(newId(), named(), unit);
		const item = bestPlace(
			plan,
			withPegs({ ...start, back: { ...start.back, width: Math.min(start.back.width, room) } })
		);
		if (item) put(item);
		else problem = 'No row has room for it: lay out another, or make one longer.';
	}

	/** Or screwed to the wall, over the first studs. */
	function screw() {
		const start = emptyHolder(newId(), named(), unit);
		put(withPegs(firstFixed(plan, start, unit)));
	}

	/** A copy goes beside its like. */
	function duplicate(like: Holder) {
		// The proof loads that its like was given are none of its own.
		const { tests: _, ...copy } = structuredClone($state.snapshot(like)) as Holder;
		const item = { ...copy, id: newId(), name: named(like) };
		if (isRack(item)) put(firstRack(plan, item) ?? item);
		else if (hangs(item)) {
			const row = plan.rows.find((r) => r.id === item.mount.row);
			put(row ? { ...item, mount: { ...item.mount, x: freePlace(plan, row, item.back.width) } } : item);
		} else put({ ...item, mount: movedMount(item.mount, (item.back?.width ?? 60) + 40, 0) });
	}

	/** What needs no back, where it is in nothing's way. */
	function stand(kind: string) {
		if (kind === '') return undefined;
		const rack = firstRack(plan, newRack(kind, newId(), carrierKind(kind).title, unit));
		if (rack) put(rack);
		return rack ? undefined : 'There is no place for it: no stud, no row, nothing with an upper side';
	}
</script>

{#if holder}
	<HolderPanel {open} {holder} duplicate={() => duplicate(holder)} />
{:else}
	<h2>Holders</h2>
	{#if plan.holders.length === 0}
		<p class="empty">
			{#if plan.rows.length === 0}No rows yet to hang a holder on: lay one out first, or screw a board straight to the
				wall.{:else}No holders yet. A peg rack is a board with dowels, hung on a row.{/if}
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
	<div class="actions">
		<Button onclick={hang} disabled={plan.rows.length === 0}>Hang a peg rack</Button>
		<Button color="alternative" onclick={screw}>Screw one to the wall</Button>
	</div>
	<ChoiceField
		label="Or without a back"
		value=""
		choices={[{ value: '', name: 'pick what holds it' }, ...RACKS.map((r) => ({ value: r.kind, name: r.title }))]}
		commit={stand}
	/>
	{#if problem}<p class="error" role="alert">{problem}</p>{/if}
	{@const stock = shop()}
	{#if stock}
		<Section title="Patterns" after={2}><PatternsSection {open} shop={stock} /></Section>
	{/if}
{/if}
