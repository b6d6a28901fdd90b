<script lang="ts">
	import { KG_PER_POUND } from '$core/units/quantity';
	import { parseMass } from '$core/units/parse-mass';
	import { preferences } from '$lib/state/preferences.svelte';
	import Field from './Field.svelte';

	interface Props {
		label: string;
		/** kg */
		value: number;
		commit: (kg: number) => string | undefined;
	}
	let { label, value, commit }: Props = $props();

	const tidy = (n: number) => String(Math.round(n * 100) / 100);
	const write = (kg: number) => (preferences.unit === 'inch' ? `${tidy(kg / KG_PER_POUND)} lb` : `${tidy(kg)} kg`);
</script>

<Field {label} {value} read={(text) => parseMass(text, preferences.unit)} {write} {commit} />
