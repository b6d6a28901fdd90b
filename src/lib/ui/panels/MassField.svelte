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
	}
	let { label, value, commit }: Props = $props();
</script>

<Field {label} {value} read={(text) => parseMass(text, preferences.unit)} write={(kg) => writeMass(kg, preferences.unit)} {commit} />
