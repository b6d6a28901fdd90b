<script lang="ts">
	import type { Motion } from '$core/plan/types';
	import { NEW_MOTIONS } from '$core/survey/new-obstruction';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import NumberField from '../panels/NumberField.svelte';

	/** How a thing moves, as fields. */
	let { motion: m, commit }: { motion: Motion | null; commit: (motion: Motion | null) => string | undefined } =
		$props();

	type Kind = Motion['kind'] | 'still';
	const KINDS: { value: Kind; name: string }[] = [
		{ value: 'still', name: 'It stays as it is' },
		{ value: 'swing', name: 'Swings on hinges' },
		{ value: 'overhead', name: 'Goes up and back on rails' },
		{ value: 'car-doors', name: 'Car doors open' },
		{ value: 'clear-above', name: 'Kept clear above it' }
	];
	const degrees = (angle: number) => (angle >= 0 && angle <= 180 ? undefined : 'Must be between 0 and 180°');
</script>

<ChoiceField
	label="Motion"
	value={m?.kind ?? 'still'}
	choices={KINDS}
	commit={(kind: Kind) => commit(kind === 'still' ? null : NEW_MOTIONS[kind])}
/>
<div class="grid mt-2">
	{#if m?.kind === 'swing'}
		<ChoiceField
			label="Hinges"
			value={m.hinge}
			choices={[
				{ value: 'left', name: 'Left' },
				{ value: 'right', name: 'Right' },
				{ value: 'both', name: 'Both: two leaves' }
			] as const}
			commit={(hinge) => commit({ ...m, hinge })}
		/>
		<ChoiceField
			label="It swings"
			value={m.into}
			choices={[
				{ value: 'room', name: 'Into this room' },
				{ value: 'away', name: 'Out of it' }
			] as const}
			commit={(into) => commit({ ...m, into })}
		/>
		<NumberField
			label="Opens by"
			unit="°"
			value={m.angle}
			commit={(angle) => degrees(angle) ?? commit({ ...m, angle })}
		/>
	{:else if m?.kind === 'overhead'}
		<LengthField label="Rails above its head" value={m.rise} commit={(rise) => commit({ ...m, rise })} />
		<LengthField
			label="Travels into the room"
			value={m.travel}
			commit={(travel) => commit({ ...m, travel })}
			hint="Its height and a little more"
		/>
	{:else if m?.kind === 'car-doors'}
		<ChoiceField
			label="Its nose is"
			value={m.nose}
			choices={[
				{ value: 'left', name: 'To the left' },
				{ value: 'right', name: 'To the right' }
			] as const}
			commit={(nose) => commit({ ...m, nose })}
		/>
		<ChoiceField
			label="Doors on this side"
			value={m.doors}
			choices={[
				{ value: 1, name: 'One' },
				{ value: 2, name: 'Two' }
			] as const}
			commit={(doors) => commit({ ...m, doors })}
		/>
		<LengthField label="Nose to the front hinge" value={m.hinge} commit={(hinge) => commit({ ...m, hinge })} />
		<LengthField label="Length of a door" value={m.leaf} commit={(leaf) => commit({ ...m, leaf })} />
		<NumberField
			label="They open by"
			unit="°"
			value={m.angle}
			commit={(angle) => (angle < 10 || angle > 90 ? 'Must be between 10 and 90°' : commit({ ...m, angle }))}
		/>
	{:else if m?.kind === 'clear-above'}
		<LengthField label="Kept clear above it" value={m.height} commit={(height) => commit({ ...m, height })} />
	{/if}
</div>
