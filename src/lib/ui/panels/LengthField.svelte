<script lang="ts">
	import { formatLength } from '$core/units/format-length';
	import { parseLength } from '$core/units/parse-length';
	import { preferences } from '$lib/state/preferences.svelte';
	import Field from './Field.svelte';

	interface Props {
		label: string;
		/** mm */
		value: number;
		commit: (mm: number) => string | undefined;
		hint?: string;
		disabled?: boolean;
	}
	let { label, value, commit, hint, disabled }: Props = $props();

	const write = (mm: number) => formatLength(mm, preferences.unit, { tick: 32, decimals: Math.abs(mm - Math.round(mm)) < 0.05 ? 0 : 1 });
</script>

<Field {label} {value} {hint} {disabled} read={(text) => parseLength(text, preferences.unit)} {write} {commit} />
