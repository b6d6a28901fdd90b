<script lang="ts">
	import { LIFTED_FROM, LOAD_FROM, seatHandling } from '$core/handling/seat-handling';
	import { REACH_WORDS } from '$core/handling/reach';
	import { standingAt } from '$core/handling/standing';
	import type { Wall } from '$core/plan/types';
	import type { AnyPlaced } from '$core/places/any-place';
	import { formatLength } from '$core/units/format-length';
	import { formatQuantity } from '$core/units/format-quantity';
	import { preferences } from '$lib/state/preferences.svelte';
	import Section from './Section.svelte';

	/** What it takes to hang the heaviest thing there and to take it down. */
	let { placed, wall, stature }: { placed: AnyPlaced; wall: Wall; stature: number | undefined } = $props();

	const unit = $derived(preferences.unit);
	const standing = $derived(standingAt(wall, placed, placed.foot + placed.built.seatHeight));
	const h = $derived(seatHandling(placed, stature, standing));
	const say = (mm: number) => formatLength(mm, unit);
	const kg = (value: number) => formatQuantity({ value, dim: 'mass' }, unit);
</script>

{#if h}
	<Section title="Hanging it up" after={3}>
		<p class="marks">
			{#if h.limit > 0}
				<b>Lifting index {h.index.toFixed(2)}</b>: {kg(h.mass)} over the {kg(h.limit)} that NIOSH's equation recommends at
				{say(h.height)} up, hands {say(h.out)} out{standing.keptOff > 0
					? `, over the ${say(standing.keptOff)} of what stands before the wall`
					: ''}, lifted from {say(LIFTED_FROM)}.
			{:else}
				<b>Beyond NIOSH's equation</b>: hands {say(h.height)} up, {say(h.out)} out. It gives no limit there{h.mass <
				LOAD_FROM
					? '; for a light tool in one hand it is not meant'
					: ''}.
			{/if}
			{#if h.index > 1 && h.mass >= LOAD_FROM}{h.oneAt === null
					? 'Over 1: get help.'
					: `Over 1; it would be 1 at ${say(h.oneAt)}.`}{/if}
		</p>
		<p class="marks">
			{h.band ? `Reach: ${REACH_WORDS[h.band]}.` : 'Say how tall you are under Wall, and reach is worked out.'}
		</p>
	</Section>
{/if}
