<script lang="ts">
	import type { Judged } from '$core/checks/check-plan';
	import type { AnyPlaced } from '$core/places/any-place';
	import type { LengthUnit } from '$core/units/parse-length';
	import type { Selection } from '$lib/state/open-plan.svelte';
	import { sayVerdict } from '../say';
	import Grip from './Grip.svelte';
	import HolderShape from './HolderShape.svelte';

	interface Props {
		placed: AnyPlaced;
		/** As it is, not as a drag would make it: nobody is read a hundred verdicts a second. */
		judged: Judged | undefined;
		selected: boolean;
		unit: LengthUnit;
		grab: (event: PointerEvent, thing: Selection) => void;
		keyed: (event: KeyboardEvent, thing: Selection) => void;
	}
	let { placed, judged, selected, unit, grab, keyed }: Props = $props();

	const label = $derived(`${placed.holder.name || 'Holder'}. ${sayVerdict(judged, unit)}`);
</script>

<Grip thing={{ kind: 'holder', id: placed.holder.id }} {label} pressed={selected} {grab} {keyed}
	><HolderShape {placed} {selected} /></Grip
>
