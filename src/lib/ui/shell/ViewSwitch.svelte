<script lang="ts" generics="T extends string">
	/** Ways to show what is drawn, over its upper right corner; one of them is on. */
	interface Props {
		views: readonly (readonly [T, string])[];
		view: T;
		/** What is chosen between, for those who do not see it. */
		label: string;
	}
	let { views, view = $bindable(), label }: Props = $props();
</script>

<div class="switch no-print" role="group" aria-label={label}>
	{#each views as [one, word] (one)}
		<button type="button" aria-pressed={view === one} onclick={() => (view = one)}>{word}</button>
	{/each}
</div>

<style>
	.switch {
		position: absolute;
		z-index: 2;
		top: 10px;
		right: 12px;
		border: 1px solid var(--ink);
		background: var(--sheet);
	}
	button {
		padding: 0.25rem 0.7rem;
		font-size: 0.85rem;
	}
	button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--sheet);
	}
	@media (max-width: 700px) {
		button {
			padding: 0.2rem 0.35rem;
			font-size: 0.75rem;
		}
	}
</style>
