<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { Found, Keep, Retention } from '$core/carriers/carrier';
	import { carrierKind } from '$core/kinds/registry';
	import { roomIn } from '$core/kinds/room';
	import type { AnyPlaced } from '$core/places/any-place';
	import { stillFits } from '$core/holders/still-fits';
	import { capital } from '$core/words';
	import { toHang } from '$core/shop/to-hang';
	import { hangThing } from '$lib/state/hang-thing';
	import { shopHere } from '$lib/state/shop-context';
	import { startsOf } from '$core/form/start-of';
	import { ON_BACK, ON_WALL } from '$core/plan/carrier-problems';
	import { LOAD } from '$core/plan/plan-fields';
	import type { Carrier, Holder, Load } from '$core/plan/types';
	import { sayPhrase } from '$core/units/phrase';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import FormFields from '../form/FormFields.svelte';
	import { sayMarks } from '../say';
	import ChoiceField from './ChoiceField.svelte';
	import LengthField from './LengthField.svelte';
	import Section from './Section.svelte';
	import ThingChoice from './ThingChoice.svelte';

	/** One carrier of a holder: what it carries, what it is, what keeps things on it. */
	interface Props {
		open: OpenPlan;
		holder: Holder;
		carrier: Carrier;
		/** Where it hangs; undefined while its row is gone. */
		placed: AnyPlaced | undefined;
		/** Faces that it may stand on. */
		grounds: readonly { value: string; name: string }[];
		set: (change: Partial<Carrier>) => string | undefined;
		remove: () => void;
	}
	let { open, holder, carrier, placed, grounds, set, remove }: Props = $props();

	const unit = $derived(preferences.unit);
	const kind = $derived(carrierKind(carrier.kind));
	const groups = $derived(kind.groups(carrier.params));
	const room = $derived(roomIn(carrier));
	const built = $derived(placed?.built.carriers.find((c) => c.id === carrier.id));
	const seats = $derived(placed?.built.seats.filter((s) => s.carrier === carrier.id) ?? []);
	const wrong = $derived(wrongOf(built?.warnings ?? []));

	function wrongOf(found: readonly Found[]) {
		const stops = found.filter((w) => w.level === 'stop' && w.field !== undefined);
		return Object.fromEntries(stops.map((w) => [w.field as string, sayPhrase(w.message, unit)]));
	}

	/** What a group carries before anybody said. */
	const nothing = (): Load => startsOf(LOAD, unit) as Load;
	function load(group: number, change: Partial<Load>) {
		const loads = groups.map((_, g) => carrier.loads[g] ?? { ...nothing(), count: 0 });
		loads[group] = { ...(carrier.loads[group] ?? nothing()), ...change };
		return set({ loads });
	}

	const shop = shopHere();
	/** Takes the figures that the stock-take has now. */
	function takeAnew(group: number) {
		const thing = (shop ? toHang(shop.shop) : []).find((t) => t.id === carrier.loads[group]?.thing);
		if (shop && thing) hangThing(open, shop, { holder: holder.id, carrier: carrier.id, group }, thing, unit);
	}

	const WAYS: [keyof Retention, string][] = [
		['forward', 'Forward'],
		['sideways', 'Sideways'],
		['up', 'Up'],
		['back', 'Back']
	];
	const sayKeep = (k: Keep) => ('by' in k ? `kept by ${k.by}` : k.open);
	const fields = $derived(
		Object.fromEntries(Object.entries(LOAD).filter(([name]) => name !== 'thing' && name !== 'name'))
	);
</script>

{#each groups as group, g (group)}
	{@const now = carrier.loads[g]}
	<Section title="{kind.title}: what is {group}" after={2}>
		<div class="grid">
			<ThingChoice {open} {holder} {carrier} group={g} />
		</div>
		<FormFields
			fields={{ name: LOAD.name, ...fields }}
			values={{ ...(now ?? { ...nothing(), count: 0 }) }}
			commit={(values) => load(g, values as Partial<Load>)}
		/>
		<p class="marks">
			{now?.count ?? 0} of {room[g] ?? 0} places taken{(now?.count ?? 0) > (room[g] ?? 0)
				? ': the rest has no seat'
				: ''}.
		</p>
		{#if shop}
			{@const misfits = stillFits(carrier, g, toHang(shop.shop))}
			{#each misfits as m, i (i)}<p class="misfit">{capital(sayPhrase(m, unit))}.</p>{/each}
			{#if misfits.length > 0 && toHang(shop.shop).some((t) => t.id === now?.thing)}
				<Button size="xs" color="alternative" onclick={() => takeAnew(g)}>Count it as it is now</Button>
			{/if}
		{/if}
		{#if built?.retention[g]}
			{@const keeps = built.retention[g]}
			<ul class="keeps">
				{#each WAYS as [way, word] (way)}
					<li class:open={'open' in keeps[way]}><b>{word}</b>: {sayKeep(keeps[way])}</li>
				{/each}
			</ul>
		{/if}
	</Section>
{/each}
<Section title={kind.title} after={3}>
	{#if carrier.at.on !== ON_WALL}
		<div class="grid">
			{#if grounds.length > 1}
				<ChoiceField
					label="Stands on"
					value={carrier.at.on}
					choices={grounds}
					commit={(on: string) => set({ at: { ...carrier.at, on } })}
				/>
			{/if}
			<LengthField label="From the left" value={carrier.at.x} commit={(x) => set({ at: { ...carrier.at, x } })} />
			<LengthField
				label={carrier.at.on === ON_BACK ? 'Above the foot' : 'Up its face'}
				value={carrier.at.y}
				commit={(y) => set({ at: { ...carrier.at, y } })}
			/>
		</div>
	{/if}
	<FormFields
		fields={kind.fields}
		values={carrier.params}
		{wrong}
		commit={(params) => set({ params: params as Carrier['params'] })}
	/>
	{#each kind.sums?.(carrier.params) ?? [] as sum (sum.text)}<p class="marks sum">{sayPhrase(sum, unit)}</p>{/each}
	{#if seats.length > 0}
		<p class="marks">
			Marks from the left end: <span class="sum">{sayMarks([...new Set(seats.map((s) => s.at[0]))], unit)}</span>
		</p>
	{/if}
	{#if carrier.at.on !== ON_WALL}<Button size="xs" color="alternative" onclick={remove}
			>Take off the {kind.title.toLowerCase()}</Button
		>{/if}
</Section>

<style>
	.keeps {
		margin-top: 0.4rem;
		font-size: 0.85rem;
	}
	.open,
	.misfit {
		color: var(--close);
	}
</style>
