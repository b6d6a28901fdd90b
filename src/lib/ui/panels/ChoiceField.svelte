<script lang="ts" generics="T extends string | number">
	import { Helper, Label, Select } from 'flowbite-svelte';

	interface Props {
		label: string;
		value: T;
		choices: readonly { value: T; name: string }[];
		commit: (value: T) => string | undefined;
	}
	let { label, value, choices, commit }: Props = $props();

	const id = $props.id();
	let error = $state('');

	function chosen(event: Event) {
		const select = event.currentTarget as HTMLSelectElement;
		const next = choices[select.selectedIndex]?.value;
		if (next === undefined) return;
		error = commit(next) ?? '';
		if (error) select.selectedIndex = choices.findIndex((c) => c.value === value);
	}
</script>

<div class="field">
	<Label for={id} class="mb-0.5 text-[0.8rem] text-[var(--pencil)]">{label}</Label>
	<Select {id} size="sm" placeholder="" items={choices.map((c) => ({ value: c.value, name: c.name }))} {value} onchange={chosen} />
	{#if error}<Helper class="mt-0.5 text-[0.8rem] font-semibold !text-[var(--does-not-hold)]" role="alert">{error}</Helper>{/if}
</div>
