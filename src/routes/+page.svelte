<script lang="ts">
	import { goto, invalidateAll } from '$app/navigation';
	import { Button } from 'flowbite-svelte';
	import { emptyWall } from '$core/plan/empty-wall';
	import { MOST_BYTES } from '$core/form/outside';
	import type { Problem } from '$core/result';
	import { createPlan, deletePlan } from '$lib/state/api';
	import { preferences } from '$lib/state/preferences.svelte';
	import { bringBack, createShop, deleteShop } from '$lib/state/shops-api';
	import PlainPage from '$lib/ui/shell/PlainPage.svelte';
	import Preferences from '$lib/ui/shell/Preferences.svelte';
	import TrashList from '$lib/ui/shell/TrashList.svelte';
	import WallCard from '$lib/ui/shell/WallCard.svelte';

	let { data } = $props();

	let problems = $state<Problem[]>([]);
	let message = $state('');
	let asking = $state<string | null>(null);
	let naming = $state(false);
	let newName = $state('');
	let into = $state('');
	let input: HTMLInputElement;

	function refuse(text: string, list: Problem[] = []) {
		message = text;
		problems = list;
	}

	async function make(plan: unknown, shop: string) {
		const made = await createPlan(plan, shop);
		if (made.kind === 'made')
			return goto(`/walls/${made.id}/${(plan as { rows: unknown[] }).rows.length ? 'holders' : 'wall'}`);
		if (made.kind === 'unreachable')
			refuse('The server or its database cannot be reached. Nothing is lost: try again in a moment.');
		else refuse(made.message, made.problems);
	}

	async function importFile(event: Event) {
		const file = (event.currentTarget as HTMLInputElement).files?.[0];
		input.value = '';
		if (!file) return;
		if (file.size > MOST_BYTES)
			return refuse(`${file.name} is larger than ${MOST_BYTES / 1024 / 1024} MB: no plan is.`);
		// What reads a plan knows every field there is: it comes when a file does.
		const { readPlanText } = await import('$core/plan/read');
		const read = readPlanText(await file.text());
		if (!read.ok) return refuse(`${file.name} was not taken.`, read.error);
		refuse('');
		await make(read.value, into || (data.shops[0]?.id ?? ''));
	}

	async function removeWall(id: string) {
		if (await deletePlan(id)) await invalidateAll();
		else refuse('The wall could not be deleted just now.');
	}

	async function removeShop(id: string) {
		asking = null;
		if (await deleteShop(id)) await invalidateAll();
		else refuse('The workshop could not be deleted just now.');
	}

	async function restore(kind: 'wall' | 'shop', id: string) {
		if (await bringBack(kind, id)) await invalidateAll();
		else refuse('It could not be brought back just now.');
	}

	async function addShop() {
		const name = newName.trim();
		if (name === '') return refuse('Give the workshop a name.');
		if (!(await createShop(name))) return refuse('The workshop could not be made just now.');
		refuse('');
		naming = false;
		newName = '';
		await invalidateAll();
	}
</script>

<svelte:head><title>Kammer</title></svelte:head>

<PlainPage title="Walls" about="Plan a storage wall that holds." wide>
	{#snippet tools()}<Button size="sm" color="alternative" href="/sums">Quick sums</Button><Preferences />{/snippet}
	{#if message || problems.length}
		<div role="alert">
			<p class="error">{message}</p>
			<ul class="problems">
				{#each problems as p, i (i)}<li>
						{#if p.path}<code>{p.path}</code>{/if}
						{p.message}
					</li>{/each}
			</ul>
		</div>
	{/if}
	{#if data.down}
		<p class="error" role="alert">
			The database cannot be reached. Walls open on this device are kept; the list is back when the database is. <Button
				size="xs"
				color="alternative"
				onclick={() => invalidateAll()}>Try again</Button
			>
		</p>
	{/if}
	<input
		bind:this={input}
		type="file"
		accept="application/json,.json"
		class="sr-only"
		aria-label="Plan file"
		tabindex="-1"
		onchange={importFile}
	/>
	{#each data.shops as shop (shop.id)}
		{@const walls = data.walls.filter((w) => w.shop === shop.id)}
		<section aria-label={shop.name}>
			<header>
				<h2>{shop.name}</h2>
				{#if shop.example}<p>
						An example to look at: an invented builder of small boats. Its walls and its stock-take can be removed in
						one go.
					</p>{/if}
			</header>
			<div class="actions">
				<Button size="sm" onclick={() => make(emptyWall(`Wall ${walls.length + 1}`, preferences.unit), shop.id)}
					>Start a wall</Button
				>
				<Button size="sm" color="alternative" href="/shop/{shop.id}"
					>Take stock{shop.things > 0 ? `: ${shop.things} kinds of thing` : ''}</Button
				>
				<Button
					size="sm"
					color="alternative"
					onclick={() => {
						into = shop.id;
						input.click();
					}}>Import a plan</Button
				>
				{#if asking === shop.id}
					<Button size="sm" color="red" onclick={() => removeShop(shop.id)}
						>Delete it with {walls.length === 1 ? 'its wall' : `its ${walls.length} walls`} and stock-take</Button
					>
					<Button size="sm" color="alternative" onclick={() => (asking = null)}>Keep</Button>
				{:else if shop.example || data.shops.length > 1}
					<Button size="sm" color="alternative" onclick={() => (asking = shop.id)}
						>{shop.example ? 'Remove the example' : 'Delete this workshop'}</Button
					>
				{/if}
			</div>
			{#if walls.length === 0}<p class="empty">No walls yet. Start one, or import a plan.</p>{/if}
			<div class="walls">
				{#each walls as wall (wall.id)}<WallCard
						id={wall.id}
						name={wall.name}
						changed={wall.updatedAt}
						glance={wall.glance}
						remove={() => removeWall(wall.id)}
					/>{/each}
			</div>
		</section>
	{/each}
	{#if data.trash.length > 0}<TrashList trash={data.trash} {restore} />{/if}
	{#if !data.down}
		<div class="actions">
			{#if naming}
				<label for="shop-name">Its name</label>
				<input
					id="shop-name"
					class="name"
					type="text"
					maxlength="120"
					bind:value={newName}
					onkeydown={(e) => e.key === 'Enter' && addShop()}
				/>
				<Button size="sm" onclick={addShop}>Make it</Button>
				<Button size="sm" color="alternative" onclick={() => (naming = false)}>Leave it</Button>
			{:else}
				<Button size="sm" color="alternative" onclick={() => (naming = true)}>Another workshop</Button>
			{/if}
		</div>
	{/if}
</PlainPage>

<style>
	section {
		margin-bottom: 1.6rem;
		border-top: 2px solid var(--ink);
	}
	section header {
		padding-top: 0.5rem;
	}
	h2 {
		font-size: 1.2rem;
		font-weight: 700;
	}
	.walls {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(19rem, 100%), 1fr));
		gap: 0.9rem;
	}
	.empty,
	header p {
		color: var(--pencil);
	}
	.actions {
		display: flex;
		flex-wrap: wrap;
		gap: 0.6rem;
		align-items: center;
		margin-block: 0.7rem;
	}
	.name {
		padding: 0.35rem 0.6rem;
		border: 1px solid var(--pencil);
		border-radius: 2px;
		background: var(--sheet);
	}
	.problems {
		margin-top: 0.3rem;
	}
	code {
		font-family: var(--font-mono);
	}
</style>
