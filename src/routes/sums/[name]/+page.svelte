<script lang="ts">
	import { sumByName } from '$core/sums/registry';
	import type { Sum } from '$core/sums/sum';
	import SumPage from '$lib/ui/sums/SumPage.svelte';

	let { data } = $props();

	const sum = $derived(sumByName(data.name) as Sum);
</script>

<svelte:head><title>{sum.title} · Kammer</title></svelte:head>

{#key sum}<SumPage {sum} />{/key}
