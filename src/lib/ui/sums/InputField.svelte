<script lang="ts">
	import { ok } from '$core/result';
	import type { InputSpec, InputValue } from '$core/sums/inputs';
	import { parseLength } from '$core/units/parse-length';
	import { parseLengths } from '$core/units/parse-lengths';
	import { parseMass } from '$core/units/parse-mass';
	import { preferences } from '$lib/state/preferences.svelte';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import Field from '../panels/Field.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import MassField from '../panels/MassField.svelte';
	import NumberField from '../panels/NumberField.svelte';
	import TickField from '../panels/TickField.svelte';
	import { writeLength, writeMass } from '../panels/write';

	/** One input of a sum, by its kind. */
	interface Props {
		field: InputSpec;
		value: InputValue;
		commit: (value: InputValue) => string | undefined;
		/** What another field makes wrong about this one. */
		wrong: string | undefined;
	}
	let { field, value, commit, wrong }: Props = $props();

	const unit = $derived(preferences.unit);
	const mass = $derived(field.kind === 'mass');
	const parse = $derived(mass ? parseMass : parseLength);
	const write = $derived(mass ? writeMass : writeLength);
</script>

<div class="input" class:wrong>
	{#if field.kind === 'choice'}
		<ChoiceField label={field.label} value={value as string} choices={field.choices} {commit} />
	{:else if field.kind === 'flag'}
		<TickField label={field.label} checked={value as boolean} {commit} />
	{:else if field.missing}
		<Field
			label={field.label}
			value={value as number | null}
			hint={field.hint}
			{commit}
			read={(t) => (t.trim() === '' ? ok(null) : parse(t, unit))}
			write={(v) => (v === null ? '' : write(v, unit))}
		/>
	{:else if field.kind === 'length'}
		<LengthField label={field.label} value={value as number} hint={field.hint} {commit} />
	{:else if field.kind === 'mass'}
		<MassField label={field.label} value={value as number} {commit} />
	{:else if field.kind === 'lengths'}
		<Field
			label={field.label}
			value={value as number[]}
			hint={field.hint ?? 'With commas between'}
			read={(t) => parseLengths(t, unit)}
			write={(all) => all.map((x) => writeLength(x, unit)).join(', ')}
			{commit}
		/>
	{:else}
		<NumberField
			label={field.label}
			value={value as number}
			unit={field.kind === 'angle' ? '°' : ''}
			hint={field.hint}
			{commit}
		/>
	{/if}
	{#if wrong}<p class="error" role="alert">{wrong}</p>{/if}
</div>

<style>
	.input {
		align-self: start;
	}
	.error {
		margin: 2px 0 0;
		font-size: 0.8rem;
	}
</style>
