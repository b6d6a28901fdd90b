<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { FIRST_CARRIER } from '$core/carriers/registry';
	import { missingFor } from '$core/carriers/load-of';
	import { hangThing, holderForThing, seatsOn, type Outcome } from '$lib/state/hang-thing';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';
	import type { Thing } from '$core/things/types';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import Section from '../panels/Section.svelte';

	/** Where a thing hangs, and a way to say which holder of the open wall carries it. */
	let { desk, things, open }: { desk: StockDesk; things: readonly Thing[]; open: OpenPlan | null } = $props();

	const one = $derived(things.length === 1 ? (things[0] as Thing) : null);
	const places = $derived(one ? desk.shop.places.filter((p) => p.thing === one.id) : []);
	const hanging = $derived(places.reduce((n, p) => n + p.count, 0));
	const holders = $derived(open?.plan.holders ?? []);
	const placedWords = (left: number) => {
		if (left < 0) return ': more seats than there are things';
		return left > 0 ? `; ${left} to place` : '';
	};
	let outcome = $state<Outcome>({});
	const missing = $derived(one ? missingFor(one) : []);
	const told = (made: Outcome) => {
		outcome = made;
		return made.problem;
	};
	const seats = $derived(seatsOn(holders));
	/** From every seat of a holder that carries it. */
	function takeOff(id: string): Outcome {
		const carriers = holders.find((h) => h.id === id)?.carriers ?? [];
		for (const c of carriers)
			for (const [group, load] of c.loads.entries()) {
				if (!open || load.thing !== one?.id) continue;
				const made = hangThing(open, desk.shop, { holder: id, carrier: c.id, group }, null, preferences.unit);
				if (made.problem) return made;
			}
		return {};
	}
	const nameOf = (wall: string, id: string) =>
		(wall === open?.id ? holders.find((h) => h.id === id)?.name : undefined) || 'a holder';
</script>

{#if one}
	<Section title="On the wall">
		{#if places.length === 0}
			<p class="marks">
				{one.state === 'on-wall' ? 'Hangs, as was said; on no wall planned here.' : 'Hangs on no holder yet.'}
			</p>
		{:else}
			<p class="marks">
				{hanging} hanging of {one.count}{placedWords(one.count - hanging)}.
			</p>
			<ul class="places">
				{#each places as p (p.wall + p.holder)}
					<li>
						<a class="link" href="/walls/{p.wall}/stock?thing={one.id}&holder={p.holder}"
							>{nameOf(p.wall, p.holder)}, {p.wallName}</a
						> <span>{p.count}</span>
						{#if p.wall === open?.id}<Button
								size="xs"
								color="alternative"
								onclick={() => open && told(takeOff(p.holder))}>Not this</Button
							>{/if}
					</li>
				{/each}
			</ul>
		{/if}
		{#if open && missing.length > 0}
			<p class="marks">Before it can hang: say its {missing.join(', ')}.</p>
		{:else if open}
			<Button size="xs" onclick={() => told(holderForThing(open, desk.shop, one, FIRST_CARRIER, preferences.unit))}
				>Make a rack of pegs for it</Button
			>
			{#if holders.length > 0}
				<ChoiceField
					label="Or hang it on this holder"
					value=""
					choices={[{ value: '', name: 'pick a holder' }, ...seats.map(({ value, name }) => ({ value, name }))]}
					commit={(where: string) => {
						const here = seats.find((s) => s.value === where)?.seats;
						return here && open ? told(hangThing(open, desk.shop, here, one, preferences.unit)) : undefined;
					}}
				/>
			{/if}
		{/if}
		{#if outcome.problem}<p class="error" role="alert">{outcome.problem}</p>{/if}
		{#if outcome.over}<p class="marks" role="status">
				{outcome.over} more than the holder has room for: they still have no place.
			</p>{/if}
	</Section>
{/if}

<style>
	.places li {
		display: flex;
		flex-wrap: wrap;
		gap: 0.6rem;
		align-items: center;
		justify-content: space-between;
		padding-block: 0.2rem;
		border-bottom: 1px solid var(--hair);
	}
</style>
