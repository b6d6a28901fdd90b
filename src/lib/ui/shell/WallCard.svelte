<script lang="ts">
	import { Button, Tooltip } from 'flowbite-svelte';
	import { VERDICT_WORDS } from '$core/verdict/check';
	import type { Glance } from '$core/checks/glance';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';
	import VerdictMark from '../VerdictMark.svelte';

	/** A wall in elevation, as seen from the door, with its verdict and what is open. */
	let {
		id,
		name,
		changed,
		glance,
		remove
	}: { id: string; name: string; changed: string; glance: Glance | null; remove: () => void } = $props();

	let asking = $state(false);
	/** In the reader's own time. */
	const when = $derived(new Date(changed).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' }));
	const points = $derived(glance ? glance.outline.map((p) => `${p.x},${-p.y}`).join(' ') : '');
	const MOST = 3;
</script>

<article>
	<a href="/walls/{id}/holders">
		{#if glance}
			<svg
				viewBox="-40 {-glance.height - 40} {glance.width + 80} {glance.height + 80}"
				preserveAspectRatio="xMidYMax meet"
				aria-hidden="true"
			>
				<polygon {points} fill="var(--wall)" stroke="var(--ink)" />
				{#each glance.obstructions as o, i (i)}<rect
						x={o.x}
						y={-o.y - o.height}
						width={o.width}
						height={o.height}
						fill="var(--glass)"
						stroke="var(--pencil)"
					/>{/each}
				{#each glance.rows as r, i (i)}<rect
						x={r.x}
						y={-r.y - r.height}
						width={r.width}
						height={r.height}
						fill="var(--pine)"
						stroke="var(--pine-edge)"
					/>{/each}
				{#each glance.holders as h, i (i)}
					{#if h.hangs > 0}<path
							d="M{h.x + h.width * 0.2} {-h.y}V{-h.y + h.hangs}M{h.x + h.width * 0.5} {-h.y}V{-h.y + h.hangs}M{h.x +
								h.width * 0.8} {-h.y}V{-h.y + h.hangs}"
							stroke="var(--thing)"
							stroke-width="2.5"
						/>{/if}
					<rect
						x={h.x}
						y={-h.y - h.height}
						width={h.width}
						height={h.height}
						fill="var(--ply)"
						stroke="var(--{h.verdict})"
						class="face"
					/>
				{/each}
				<path d="M-40 0H{glance.width + 40}" stroke="var(--ink)" />
			</svg>
		{/if}
		<strong>{name}</strong>
		{#if glance}
			{#if glance.verdict}<span class="verdict"
					><VerdictMark verdict={glance.verdict} /> {VERDICT_WORDS[glance.verdict]}</span
				>{/if}
			{#if glance.open.length > 0}
				<ul>
					{#each glance.open.slice(0, MOST) as o, i (i)}<li>{sayPhrase(o, preferences.unit)}</li>{/each}
					{#if glance.open.length > MOST}<li>and {glance.open.length - MOST} more</li>{/if}
				</ul>
			{:else}<span>Nothing open.</span>{/if}
		{/if}
		<span class="when">changed {when}</span>
	</a>
	<p class="actions">
		{#if asking}
			<Button size="sm" color="red" onclick={remove}>Into the trash</Button>
			<Tooltip>It waits in the trash for 30 days</Tooltip>
			<Button size="sm" color="alternative" onclick={() => (asking = false)}>Keep</Button>
		{:else}
			<Button size="sm" color="alternative" aria-label="Delete {name}" onclick={() => (asking = true)}>Delete</Button>
		{/if}
	</p>
</article>

<style>
	article {
		display: flex;
		flex-direction: column;
		justify-content: space-between;
		min-width: 0;
		border: 1.5px solid var(--ink);
		background: var(--sheet);
	}
	a {
		display: grid;
		gap: 0.25rem;
		padding: 0.7rem 0.8rem 0.4rem;
	}
	svg {
		width: 100%;
		height: 150px;
	}
	svg * {
		vector-effect: non-scaling-stroke;
	}
	.face {
		stroke-width: 2.5;
	}
	strong {
		overflow-wrap: anywhere;
		font-size: 1.1rem;
	}
	.verdict {
		display: flex;
		gap: 0.5rem;
		align-items: center;
		font-weight: 600;
	}
	ul {
		padding-left: 1.1rem;
		list-style: '– ';
	}
	.when {
		font-size: 0.9rem;
		color: var(--pencil);
	}
	.actions {
		display: flex;
		gap: 0.5rem;
		padding: 0.3rem 0.8rem 0.7rem;
	}
</style>
