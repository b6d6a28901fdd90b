<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { ListField } from '$core/form/field';
	import { startOf } from '$core/form/start-of';
	import { preferences } from '$lib/state/preferences.svelte';
	import FormField from './FormField.svelte';

	/** A list of fields alike, each with its number; one more begins as the last one is. */
	interface Props {
		field: ListField;
		value: readonly unknown[];
		commit: (value: unknown) => string | undefined;
	}
	let { field, value, commit }: Props = $props();

	const one = $derived(field.of.label.toLowerCase());
	const changed = (i: number, to: unknown) => commit(value.map((v, k) => (k === i ? to : v)));
	const without = (i: number) => void commit(value.filter((_, k) => k !== i));
	const added = () =>
		void commit([...value, structuredClone($state.snapshot(value.at(-1))) ?? startOf(field.of, preferences.unit)]);
</script>

<p class="legend">{field.label}</p>
<ol>
	{#each value as item, i (i)}
		<li>
			<FormField
				field={{ ...field.of, label: `${field.of.label} ${i + 1}` }}
				value={item}
				commit={(to) => changed(i, to)}
			/>
			{#if value.length > field.least}
				<button type="button" class="link" onclick={() => without(i)}>take {one} {i + 1} out</button>
			{/if}
		</li>
	{/each}
</ol>
{#if value.length < field.most}
	<Button size="xs" color="alternative" onclick={added}>Add a {one}</Button>
{/if}

<style>
	ol {
		margin: 0 0 0.5rem;
		padding: 0;
		list-style: none;
	}
	li {
		margin-bottom: 0.5rem;
		padding-left: 0.6rem;
		border-left: 2px solid var(--hair);
	}
	.legend {
		margin: 0.4rem 0 0.2rem;
		font-weight: 600;
	}
</style>
