<script lang="ts">
	import { parseLength } from '$core/units/parse-length';
	import { preferences } from '$lib/state/preferences.svelte';
	import Field from './Field.svelte';
	import { writeLength } from './write';

	interface Props {
		label: string;
		/** mm */
		value: number;
		commit: (mm: number) => string | undefined;
		hint?: string;
		disabled?: boolean;
		/** A reading may go into it. */
		aims?: boolean;
	}
	let { label, value, commit, hint, disabled, aims = true }: Props = $props();
</script>

<Field
	dim={aims ? 'length' : undefined}
	{label}
	{value}
	{hint}
	{disabled}
	read={(text) => parseLength(text, preferences.unit)}
	write={(mm) => writeLength(mm, preferences.unit)}
	{commit}
/>
