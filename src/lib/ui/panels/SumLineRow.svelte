<script lang="ts">
	import type { SumLine } from '$core/verdict/check';
	import { formatQuantity } from '$core/units/format-quantity';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';

	/** One line of a worked sum; the last is ruled off. */
	let { line, last }: { line: SumLine; last: boolean } = $props();
</script>

<div class="line" class:last>
	<dt>{line.label}</dt>
	<dd class:words={!/[×√{]/.test(line.sum.text)}>
		{sayPhrase(line.sum, preferences.unit)}{#if line.source}<small>{line.source}</small>{/if}
	</dd>
	<dd class="result">{formatQuantity(line.result, preferences.unit)}</dd>
</div>

<style>
	.line {
		display: grid;
		grid-template-columns: 6.2rem 1fr auto;
		gap: 0 0.6rem;
		padding: 0.2rem 0;
		border-bottom: 1px dotted var(--hair);
	}
	.last {
		border-top: 1px solid var(--ink);
		border-bottom: 1px solid var(--ink);
		font-weight: 700;
	}
	dt {
		font-family: var(--font-sans);
		color: var(--pencil);
	}
	dd {
		overflow-wrap: anywhere;
	}
	.words {
		font-family: var(--font-sans);
		color: var(--pencil);
	}
	small {
		display: block;
		font-family: var(--font-sans);
		font-weight: 400;
		color: var(--pencil);
	}
	.result {
		text-align: right;
		white-space: nowrap;
		font-weight: 600;
	}
</style>
