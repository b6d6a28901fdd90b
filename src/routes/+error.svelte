<script lang="ts">
	import { page } from '$app/state';
	import { Button } from 'flowbite-svelte';
</script>

<svelte:head><title>{page.status} · Kammer</title></svelte:head>

<main>
	<h1>{page.status === 404 ? 'Not here' : 'Not just now'}</h1>
	<p>{page.error?.message}</p>
	<div class="actions">
		<Button onclick={() => location.reload()}>Try again</Button>
		<Button color="alternative" href="/">All walls</Button>
	</div>
</main>

<style>
	main {
		max-width: 36rem;
		margin: 12vh auto;
		padding: 1rem;
	}
	h1 {
		font-size: 1.8rem;
		font-weight: 800;
	}
	.actions {
		display: flex;
		gap: 0.6rem;
		margin-top: 1rem;
	}
</style>
