<script lang="ts">
	import { goto, invalidateAll } from '$app/navigation';
	import { Button } from 'flowbite-svelte';
	import { emptyWall } from '$core/demo/slipway';
	import { MOST_BYTES, readPlanText } from '$core/plan/read';
	import type { Problem } from '$core/result';
	import { createPlan, deletePlan } from '$lib/state/api';
	import PlainPage from '$lib/ui/shell/PlainPage.svelte';
	import Preferences from '$lib/ui/shell/Preferences.svelte';

	let { data } = $props();

	let problems = $state<Problem[]>([]);
	let message = $state('');
	let asking = $state<string | null>(null);
	let input: HTMLInputElement;

	function refuse(text: string, list: Problem[] = []) {
		message = text;
		problems = list;
	}

	async function make(plan: unknown) {
		const made = await createPlan(plan);
		if (made.kind === 'made') return goto(`/walls/${made.id}/${(plan as { rows: unknown[] }).rows.length ? 'holders' : 'wall'}`);
		if (made.kind === 'unreachable') refuse('The server or its database cannot be reached. Nothing is lost: try again in a moment.');
		else refuse(made.message, made.problems);
	}

	async function importFile(event: Event) {
		const file = (event.currentTarget as HTMLInputElement).files?.[0];
		input.value = '';
		if (!file) return;
		if (file.size > MOST_BYTES) return refuse(`${file.name} is larger than ${MOST_BYTES / 1024 / 1024} MB: no plan is.`);
		const read = readPlanText(await file.text());
		if (!read.ok) return refuse(`${file.name} was not taken.`, read.error);
		refuse('');
		await make(read.value);
	}

	async function remove(id: string) {
		asking = null;
		if (await deletePlan(id)) await invalidateAll();
		else refuse('The wall could not be deleted just now.');
	}

	const when = (iso: string) => iso.slice(0, 16).replace('T', ' ');
</script>

<svelte:head><title>Kammer</title></svelte:head>

<PlainPage title="Walls" about="Plan a storage wall that holds.">
	{#snippet tools()}<Button size="sm" color="alternative" href="/sums">Quick sums</Button><Preferences />{/snippet}
	<div class="actions">
		<Button onclick={() => make(emptyWall(`Wall ${data.walls.length + 1}`))}>Start a wall</Button>
		<Button color="alternative" href="/shop/{data.shop}">Take stock</Button>
		<Button color="alternative" onclick={() => input.click()}>Import a plan</Button>
		<input bind:this={input} type="file" accept="application/json,.json" class="sr-only" aria-label="Plan file" tabindex="-1" onchange={importFile} />
	</div>
	{#if message || problems.length}
		<div role="alert">
			<p class="error">{message}</p>
			<ul class="problems">
				{#each problems as p, i (i)}<li>{#if p.path}<code>{p.path}</code>{/if} {p.message}</li>{/each}
			</ul>
		</div>
	{/if}
	{#if data.down}
		<p class="error" role="alert">The database cannot be reached. Walls open on this device are kept; the list is back when the database is. <Button size="xs" color="alternative" onclick={() => invalidateAll()}>Try again</Button></p>
	{:else if data.walls.length === 0}
		<p class="empty">No walls yet. Start one, or import a plan.</p>
	{/if}
	<ul class="walls">
		{#each data.walls as wall (wall.id)}
			<li>
				<a href="/walls/{wall.id}/holders">
					<strong>{wall.name}</strong>
					<span>{wall.rows} {wall.rows === 1 ? 'row' : 'rows'}, {wall.holders} {wall.holders === 1 ? 'holder' : 'holders'}, changed {when(wall.updatedAt)} UTC</span>
				</a>
				{#if asking === wall.id}
					<Button size="sm" color="red" onclick={() => remove(wall.id)}>Delete for good</Button>
					<Button size="sm" color="alternative" onclick={() => (asking = null)}>Keep</Button>
				{:else}
					<Button size="sm" color="alternative" aria-label="Delete {wall.name}" onclick={() => (asking = wall.id)}>Delete</Button>
				{/if}
			</li>
		{/each}
	</ul>
</PlainPage>

<style>
	ul.walls {
		margin-block: 0.8rem 1.2rem;
		border-top: 1.5px solid var(--ink);
	}
	ul.walls li {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		align-items: center;
		border-bottom: 1px solid var(--hair);
	}
	ul.walls a {
		flex: 1 1 12rem;
		min-width: 0;
		padding: 0.6rem 0.2rem;
	}
	ul.walls strong {
		display: block;
		overflow-wrap: anywhere;
		font-size: 1.1rem;
	}
	ul.walls span,
	.empty {
		color: var(--pencil);
	}
	.actions {
		display: flex;
		flex-wrap: wrap;
		gap: 0.6rem;
		margin-block: 0.7rem;
	}
	.problems {
		margin-top: 0.3rem;
	}
	code {
		font-family: var(--font-mono);
	}
</style>
