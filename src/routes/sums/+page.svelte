<script lang="ts">
	import { SUMS } from '$core/sums/registry';
	import Preferences from '$lib/ui/shell/Preferences.svelte';
	import PlainPage from '$lib/ui/shell/PlainPage.svelte';
</script>

<svelte:head><title>Quick sums · Kammer</title></svelte:head>

<PlainPage title="Quick sums" about="One question at a time, without a plan.">
	{#snippet tools()}<Preferences />{/snippet}
	<ul>
		{#each SUMS as s (s.name)}<li>
				<a href="/sums/{s.name}"><strong>{s.title}</strong><span>{s.question}</span></a>
			</li>{/each}
	</ul>
	<p class="for-programs">
		The same over <code>POST /api/sums/&#123;name&#125;</code>; <a href="/api/sums">/api/sums</a> lists every field.
	</p>
</PlainPage>

<style>
	ul {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(100%, 19rem), 1fr));
		gap: 0 1.6rem;
		border-top: 1.5px solid var(--ink);
	}
	li a {
		display: block;
		padding: 0.7rem 0.2rem;
		border-bottom: 1px solid var(--hair);
	}
	strong {
		display: block;
		font-size: 1.1rem;
	}
	span,
	.for-programs {
		color: var(--pencil);
	}
	.for-programs {
		margin-top: 1rem;
		font-size: 0.9rem;
	}
	.for-programs a {
		color: var(--chalk);
		text-decoration: underline;
	}
	code {
		font-family: var(--font-mono);
	}
</style>
