<script lang="ts" generics="T extends string | number">
	import { Select } from 'flowbite-svelte';
	import { tick } from 'svelte';

	interface Props {
		label: string;
		value: T;
		choices: readonly { value: T; name: string }[];
		commit: (value: T) => string | undefined;
	}
	let { label, value, choices, commit }: Props = $props();

	const id = $props.id();
	let error = $state('');

	async function chosen(event: Event) {
		const select = event.currentTarget as HTMLSelectElement;
		const next = choices[select.selectedIndex]?.value;
		if (next === undefined) return;
		error = commit(next) ?? '';
		// A refused choice, and one that only does something, leave the field as it was.
		await tick();
		select.selectedIndex = choices.findIndex((c) => c.value === value);
	}
</script>

<div class="field">
	<label for={id}>{label}</label>
	<Select
		{id}
		size="sm"
		placeholder=""
		items={choices.map((c) => ({ value: c.value, name: c.name }))}
		{value}
		onchange={chosen}
	/>
	{#if error}<p class="help wrong" role="alert">{error}</p>{/if}
</div>
