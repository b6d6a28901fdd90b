<script lang="ts">
	import { parseMass } from '$core/units/parse-mass';
	import { preferences } from '$lib/state/preferences.svelte';
	import Field from './Field.svelte';
	import { writeMass } from './write';

	interface Props {
		label: string;
		/** kg */
		value: number;
		commit: (kg: number) => string | undefined;
		/** A reading may go into it. */
		aims?: boolean;
	}
	let { label, value, commit, aims = true }: Props = $props();
</script>

<Field
	dim={aims ? 'mass' : undefined}
	{label}
	{value}
	read={(text) => parseMass(text, preferences.unit)}
	write={(kg) => writeMass(kg, preferences.unit)}
	{commit}
/>
