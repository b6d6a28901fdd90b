<script lang="ts">
	import { page } from '$app/state';
	import { OpenShop } from '$lib/state/open-shop.svelte';
	import StockPage from '$lib/ui/stock/StockPage.svelte';

	let { data } = $props();

	const shop = $derived(new OpenShop(data.shop.stored, data.shop.place, data.shop.keep));
</script>

<svelte:head><title>{shop.shop.settings.name}, stock-take · Kammer</title></svelte:head>

{#key shop}
	<StockPage {shop} thing={page.url.searchParams.get('thing')} />
{/key}
