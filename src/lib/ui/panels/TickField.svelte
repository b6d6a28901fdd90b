<script lang="ts">
	import { Checkbox } from 'flowbite-svelte';

	let { label, checked, commit }: { label: string; checked: boolean; commit: (on: boolean) => string | undefined } =
		$props();
</script>

<div class="flex min-h-9 items-center">
	<Checkbox {checked} onchange={(e: Event) => void commit((e.currentTarget as HTMLInputElement).checked)}
		><span class="text-[var(--ink)]">{label}</span></Checkbox
	>
</div>
