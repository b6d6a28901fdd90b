<script lang="ts">
	import { fail, ok } from '$core/result';
	import Field from './Field.svelte';

	interface Props {
		label: string;
		value: number;
		unit?: string;
		commit: (value: number) => string | undefined;
		hint?: string;
	}
	let { label, value, unit = '', commit, hint }: Props = $props();

	function read(text: string) {
		const bare = text.trim().replace(unit, '').replace(',', '.').trim();
		const number = bare === '' ? Number.NaN : Number(bare);
		return Number.isFinite(number) ? ok(number) : fail(`Not a number: "${text.trim()}"`);
	}
</script>

<Field {label} {value} {hint} {read} write={(v) => (unit ? `${v} ${unit}` : String(v))} {commit} />
