<script lang="ts">
	import type { CellValue, Column } from '$core/table/column';
	import { bareUnits, readCell } from '$core/table/read-cell';
	import { writeCell } from '$core/table/write-cell';
	import { preferences } from '$lib/state/preferences.svelte';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import Field from '../panels/Field.svelte';
	import TickField from '../panels/TickField.svelte';

	interface Props {
		column: Column;
		/** Of each item that is picked. */
		values: readonly CellValue[];
		commit: (value: CellValue) => string | undefined;
		/** Not measured: what is usual for such a thing. */
		typical?: boolean;
		/** Offered while typing. */
		choices?: readonly string[];
	}
	let { column, values, commit, typical = false, choices }: Props = $props();

	const unit = $derived(preferences.unit);
	const various = $derived(values.some((v) => v !== values[0]));
	const value = $derived(various ? null : (values[0] ?? null));
	const NONE = '';
	const ask = $derived([
		...(various ? [{ value: '*', name: 'various' }] : []),
		...(column.kind === 'choice' && (column.missing || value === null) ? [{ value: NONE, name: 'not said' }] : []),
		...(column.kind === 'choice' ? column.choices.map((c) => ({ value: c.value, name: c.name })) : [])
	]);
	const usual = $derived(typical ? 'Typical, not measured' : column.hint);
	const hint = $derived(various ? 'Various: what you type is set for all' : usual);
</script>

{#if column.kind === 'flag'}
	<TickField label={various ? `${column.label} (various)` : column.label} checked={value === true} {commit} />
{:else if column.kind === 'choice'}
	<ChoiceField
		label={column.label}
		value={various ? '*' : ((value as string | null) ?? NONE)}
		choices={ask}
		commit={(v: string) => (v === '*' ? undefined : commit(v === NONE ? null : v))}
	/>
{:else}
	<Field
		label={column.label}
		{value}
		{hint}
		{choices}
		placeholder={various ? 'various' : ''}
		dim={column.kind === 'length' || column.kind === 'mass' ? column.kind : undefined}
		read={(text) => readCell(text, column, bareUnits(unit), unit)}
		write={(v) => writeCell(v, column, unit)}
		{commit}
	/>
{/if}
