<script lang="ts">
	import type { Warning } from '$core/verdict/check';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';

	let { warnings }: { warnings: readonly Warning[] } = $props();
</script>

{#if warnings.length > 0}
	<ul aria-label="Warnings">
		{#each warnings as w, i (i)}
			<li class={w.level}>
				<strong>{w.level === 'stop' ? 'Stop' : 'Mind'}</strong>
				{sayPhrase(w.message, preferences.unit)}
			</li>
		{/each}
	</ul>
{/if}

<style>
	ul {
		display: grid;
		gap: 0.35rem;
		margin-top: 0.6rem;
	}
	li {
		padding: 0.25rem 0.5rem;
		border-left: 4px solid var(--close);
		background: var(--paper);
	}
	li.stop {
		border-color: var(--does-not-hold);
	}
	li strong {
		color: var(--close);
	}
	li.stop strong {
		color: var(--does-not-hold);
	}
</style>
