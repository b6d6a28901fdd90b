<script lang="ts">
	import { Checkbox } from 'flowbite-svelte';

	let { label, checked, commit }: { label: string; checked: boolean; commit: (on: boolean) => string | undefined } = $props();
</script>

<Checkbox class="min-h-8 !text-[var(--ink)]" {checked} onchange={(e: Event) => void commit((e.currentTarget as HTMLInputElement).checked)}>{label}</Checkbox>
