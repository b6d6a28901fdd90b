<script lang="ts">
	import type { Field as FormFieldSpec, Fields } from '$core/form/field';
	import { startOf, startsOf } from '$core/form/start-of';
	import { ok } from '$core/result';
	import { parseLength } from '$core/units/parse-length';
	import { parseLengths } from '$core/units/parse-lengths';
	import { parseMass } from '$core/units/parse-mass';
	import { ownBoards } from '$lib/state/own-boards';
	import { preferences } from '$lib/state/preferences.svelte';
	import { shopLater } from '$lib/state/shop-context';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import Field from '../panels/Field.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import MassField from '../panels/MassField.svelte';
	import NumberField from '../panels/NumberField.svelte';
	import TextField from '../panels/TextField.svelte';
	import TickField from '../panels/TickField.svelte';
	import { writeLength, writeMass } from '../panels/write';
	import { capital } from '$core/words';
	import FormFields from './FormFields.svelte';
	import FormList from './FormList.svelte';

	/** One field of the kit, whatever its kind: a part of every form. */
	interface Props {
		field: FormFieldSpec;
		value: unknown;
		/** Takes the field's new value; gives back what is wrong with it, in words. */
		commit: (value: unknown) => string | undefined;
		/** What another field makes wrong about this one. */
		wrong?: string | undefined;
	}
	let { field, value, commit, wrong }: Props = $props();

	const unit = $derived(preferences.unit);
	const mass = $derived(field.kind === 'mass');
	const parse = $derived(mass ? parseMass : parseLength);
	const write = $derived(mass ? writeMass : writeLength);
	type Values = Record<string, unknown>;
	const shop = shopLater();
	/** With the shop's own boards where it takes them, and the one that is chosen, wherever that is from. */
	const choices = $derived.by(() => {
		if (field.kind !== 'choice') return [];
		const { also } = field;
		const usual = field.choices;
		if (!also) return usual;
		const own = ownBoards(shop()?.shop.boards ?? []);
		const all = [...usual, ...own];
		return typeof value === 'string' && !all.some((c) => c.value === value)
			? [...all, { value, name: also.name(value) }]
			: all;
	});

	/** Another shape starts as it starts, with what both ask for taken along. */
	function reshaped(kind: string, shape: Fields): Values {
		const same = Object.fromEntries(Object.entries(value as Values).filter(([name]) => name in shape));
		return { ...startsOf(shape, unit), ...same, kind };
	}
</script>

<div class="input" class:wrong class:wide={['group', 'variants', 'list'].includes(field.kind)}>
	{#if field.kind === 'choice'}
		<ChoiceField label={field.label} value={value as string | number} {choices} {commit} />
	{:else if field.kind === 'flag'}
		<TickField label={field.label} checked={value === true} {commit} />
	{:else if field.kind === 'group'}
		{#if field.missing}
			<TickField
				label={field.label}
				checked={Boolean(value)}
				commit={(on) => commit(on ? startOf({ ...field, missing: undefined } as never, unit) : null)}
			/>
		{:else}<p class="legend">{field.label}</p>{/if}
		{#if value}<FormFields fields={field.fields} values={value as Values} {commit} />{/if}
	{:else if field.kind === 'variants'}
		{@const shapes = field.shapes}
		{@const kind = (value as Values).kind as string}
		<ChoiceField
			label={field.label}
			value={kind}
			choices={Object.keys(shapes).map((k) => ({ value: k, name: capital(k.replaceAll('-', ' ')) }))}
			commit={(k: string) => commit(reshaped(k, shapes[k] ?? {}))}
		/>
		<FormFields fields={shapes[kind] ?? {}} values={value as Values} {commit} />
	{:else if field.kind === 'text' || field.kind === 'id'}
		<TextField label={field.label} value={value as string} {commit} />
	{:else if field.kind === 'lengths'}
		<Field
			label={field.label}
			value={value as number[]}
			hint={field.hint ?? 'With commas between; or even, as 300 to 900 in 4'}
			read={(t) => parseLengths(t, unit)}
			write={(all) => all.map((x) => writeLength(x, unit)).join(', ')}
			{commit}
		/>
	{:else if field.kind === 'list'}
		<FormList {field} value={value as unknown[]} {commit} />
	{:else if field.missing && (field.kind === 'length' || field.kind === 'mass')}
		<Field
			label={field.label}
			value={(value ?? null) as number | null}
			hint={field.hint}
			dim={field.kind}
			{commit}
			read={(t) => (t.trim() === '' ? ok(null) : parse(t, unit))}
			write={(v) => (v === null ? '' : write(v, unit))}
		/>
	{:else if field.kind === 'length'}
		<LengthField label={field.label} value={value as number} hint={field.hint} {commit} />
	{:else if field.kind === 'mass'}
		<MassField label={field.label} value={value as number} {commit} />
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
	.wide {
		grid-column: 1 / -1;
	}
	.wide > :global(.grid) {
		margin-top: 0.5rem;
	}
	.legend {
		margin: 0.4rem 0 0.2rem;
		font-weight: 600;
	}
	.error {
		margin: 2px 0 0;
		font-size: 0.8rem;
	}
</style>
