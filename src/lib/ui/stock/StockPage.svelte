<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import { loadPlaces } from '$lib/state/shop-api';
	import type { OpenShop } from '$lib/state/open-shop.svelte';
	import { StockDesk } from '$lib/state/stock-desk.svelte';
	import { askBeforeLeaving } from '../shell/ask-before-leaving';
	import TitleBar from '../shell/TitleBar.svelte';
	import { isTyping, undoKeys } from '../shell/undo-keys';
	import StockDeskView from './StockDeskView.svelte';
	import StockSlip from './StockSlip.svelte';
	import TwiceNote from './TwiceNote.svelte';

	/** The stock-take by itself, before there is a wall. */
	let { shop, thing }: { shop: OpenShop; thing: string | null } = $props();

	const desk = untrack(() => new StockDesk(shop));

	function keyed(event: KeyboardEvent) {
		undoKeys(event, shop);
		if (event.key === 'Escape' && !isTyping(event)) desk.pick([]);
	}

	askBeforeLeaving(
		untrack(() => `/shop/${shop.id}`),
		() => shop.keeper.unkept
	);
	onMount(() => {
		void loadPlaces(shop.id).then((places) => (shop.places = places));
		if (thing) desk.pick([thing]);
		const leave = () => shop.keeper.leave();
		window.addEventListener('pagehide', leave);
		return () => {
			window.removeEventListener('pagehide', leave);
			leave();
		};
	});
</script>

<svelte:window onkeydown={keyed} />

<div class="bench">
	<div class="top"><TitleBar name="{shop.shop.settings.name}, stock-take" work={shop} /></div>
	<main class="strip"><StockDeskView {desk} /></main>
	<aside class="slip" aria-label="Worked sum"><StockSlip {desk} /></aside>
</div>
<TwiceNote {shop} />

<style>
	.bench {
		display: grid;
		grid-template: auto minmax(0, 1fr) / minmax(0, 1fr) 372px;
		grid-template-areas: 'top top' 'strip slip';
		height: 100dvh;
	}
	.top {
		grid-area: top;
	}
	.strip {
		grid-area: strip;
		min-height: 0;
		contain: layout paint style;
	}
	@media (max-width: 900px) {
		.bench {
			grid-template: auto auto auto / minmax(0, 1fr);
			grid-template-areas: 'top' 'strip' 'slip';
			height: auto;
		}
	}
	@media print {
		.bench {
			display: block;
			height: auto;
		}
		.strip {
			contain: none;
		}
		.slip {
			display: none;
		}
	}
</style>
