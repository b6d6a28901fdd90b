<script lang="ts">
	import type { Carrier, Holder } from '$core/plan/types';
	import { toHang } from '$core/shop/to-hang';
	import { hangThing } from '$lib/state/hang-thing';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { shopHere } from '$lib/state/shop-context';
	import ChoiceField from './ChoiceField.svelte';

	/** Which thing of the stock-take hangs on a group of seats: its weight and measures come along. */
	let { open, holder, carrier, group }: { open: OpenPlan; holder: Holder; carrier: Carrier; group: number } = $props();

	const shop = shopHere();
	const things = $derived((shop ? toHang(shop.shop) : []).filter((t) => t.state !== 'not-to-keep'));
	const now = $derived(carrier.loads[group]?.thing ?? '');
	const choices = $derived([
		{ value: '', name: 'none of it' },
		...(now !== '' && !things.some((t) => t.id === now) ? [{ value: now, name: 'one that is there no more' }] : []),
		...[...things].sort((a, b) => a.name.localeCompare(b.name)).map((t) => ({ value: t.id, name: t.name }))
	]);

	let over = $state(0);
	function choose(id: string) {
		if (!shop) return undefined;
		const seats = { holder: holder.id, carrier: carrier.id, group };
		const made = hangThing(open, shop, seats, things.find((t) => t.id === id) ?? null, preferences.unit);
		over = made.over ?? 0;
		return made.problem;
	}
</script>

{#if things.length > 0}
	<ChoiceField label="From the stock-take" value={now} {choices} commit={choose} />
	{#if over > 0}<p class="marks" role="status">{over} more than there is room for here.</p>{/if}
{/if}
