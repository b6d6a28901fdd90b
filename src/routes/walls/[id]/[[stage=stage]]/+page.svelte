<script lang="ts">
	import { page } from '$app/state';
	import { OpenPlan } from '$lib/state/open-plan.svelte';
	import { OpenShop } from '$lib/state/open-shop.svelte';
	import type { StageId } from '$lib/ui/shell/stages';
	import Workbench from '$lib/ui/shell/Workbench.svelte';

	let { data } = $props();

	const stage = $derived((page.params.stage ?? 'holders') as StageId);
	const open = $derived(new OpenPlan(data.stored, data.place, data.keep));
	const shop = $derived(data.shop && new OpenShop(data.shop.stored, data.shop.place, data.shop.keep));
	const find = $derived({ thing: page.url.searchParams.get('thing'), holder: page.url.searchParams.get('holder') });
</script>

<svelte:head><title>{open.plan.name} · Kammer</title></svelte:head>

{#key open}
	<Workbench {open} {shop} {stage} {find} />
{/key}
