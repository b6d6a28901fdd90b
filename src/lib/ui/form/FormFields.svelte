<script lang="ts">
	import type { Fields } from '$core/form/field';
	import FormField from './FormField.svelte';

	/** A form of fields of the kit: what belongs together, in the order it was declared. */
	interface Props {
		fields: Fields;
		values: Record<string, unknown>;
		/** Takes all the values, one of them new. */
		commit: (values: Record<string, unknown>) => string | undefined;
		/** What one field makes wrong about another, by its name. */
		wrong?: Readonly<Record<string, string | undefined>>;
	}
	let { fields, values, commit, wrong = {} }: Props = $props();

	const asked = $derived(Object.entries(fields).filter(([, f]) => f.when?.(values) ?? true));
</script>

<div class="grid">
	{#each asked as [name, field] (name)}
		<FormField
			{field}
			value={values[name]}
			wrong={wrong[name]}
			commit={(value) => commit({ ...values, [name]: value })}
		/>
	{/each}
</div>
