<script lang="ts">
	import { Button, Modal } from 'flowbite-svelte';
	import type { OpenShop } from '$lib/state/open-shop.svelte';

	/** Says what was changed here and elsewhere at once: both versions are in the list. */
	let { shop }: { shop: OpenShop } = $props();
</script>

{#if shop.twice.length > 0}
	<Modal open title="Changed here and elsewhere" dismissable={false} outsideclose={false} size="sm">
		<p>
			Both versions are in the list, so that nothing is lost. Yours kept its name; the other stands beside it as "(other
			version)".
		</p>
		<ul class="mt-3">
			{#each shop.twice as name, i (i)}<li><b>{name}</b></li>{/each}
		</ul>
		<div class="mt-4"><Button onclick={() => (shop.twice = [])}>Seen</Button></div>
	</Modal>
{/if}
