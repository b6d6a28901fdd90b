<script lang="ts">
	import type { Snippet } from 'svelte';
	import { STANDING_NOTE } from '$core/verdict/standing-note';

	/** A page that is a list: its name, tools, and the standing note at its foot. */
	let {
		title,
		about,
		tools,
		children,
		wide = false
	}: { title: string; about: string; tools: Snippet; children: Snippet; wide?: boolean } = $props();
</script>

<header>
	<a class="home" href="/">Kammer</a>
	<p>{about}</p>
	<div class="tools">{@render tools()}</div>
</header>
<main class:wide>
	<h1>{title}</h1>
	{@render children()}
</main>
<footer>{STANDING_NOTE}</footer>

<style>
	header {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.4rem 1rem;
		padding: 0.5rem 1rem;
		border-bottom: 2px solid var(--ink);
	}
	.home {
		font-size: 1.25rem;
		font-weight: 800;
	}
	.tools {
		display: flex;
		gap: 0.4rem;
		margin-left: auto;
	}
	@media (max-width: 900px) {
		header {
			flex-wrap: nowrap;
			padding-inline: 0.6rem;
		}
		header p {
			display: none;
		}
		.tools {
			gap: 0.25rem;
		}
		.tools :global(:is(a, button)) {
			padding-inline: 0.6rem;
			white-space: nowrap;
		}
	}
	main.wide {
		max-width: 76rem !important;
	}
	main {
		max-width: 52rem;
		margin: 0 auto;
		padding: 1.5rem 1rem;
	}
	h1 {
		margin-bottom: 0.6rem;
		font-size: 1.5rem;
		font-weight: 800;
	}
	footer {
		max-width: 52rem;
		margin: 0 auto;
		padding: 1rem;
		font-size: 0.9rem;
		color: var(--pencil);
	}
</style>
