<script lang="ts">
	import { ok } from '$core/result';
	import Field from './Field.svelte';

	let { label, value, commit }: { label: string; value: string; commit: (text: string) => string | undefined } =
		$props();
</script>

<Field {label} {value} read={(text) => ok(text.trim())} write={(v) => v} {commit} />
