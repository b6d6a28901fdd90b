<script lang="ts">
	import Field from './Field.svelte';
	import { readNumber } from './read-number';

	interface Props {
		label: string;
		value: number;
		unit?: string;
		commit: (value: number) => string | undefined;
		hint?: string;
	}
	let { label, value, unit = '', commit, hint }: Props = $props();
</script>

<Field
	{label}
	{value}
	{hint}
	read={(text) => readNumber(text, unit)}
	write={(v) => (unit ? `${v} ${unit}` : String(v))}
	{commit}
/>
