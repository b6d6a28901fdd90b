<script lang="ts" generics="T extends Step">
	import type { Step } from '$core/verdict/check';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayMargin, sayWhy } from '../say';
	import VerdictMark from '../VerdictMark.svelte';

	/** Steps with their verdict and margin, each to be picked and read. */
	interface Props {
		steps: readonly T[];
		read: Step | undefined;
		pick: (step: T) => void;
		/** Said before a grab, where it stands among other steps. */
		grab?: string;
		/** Whose step it is, where several are listed together. */
		of?: (step: T) => string;
	}
	let { steps, read, pick, grab = '', of }: Props = $props();
</script>

<ul>
	{#each steps as s, i (i)}
		<li>
			<button type="button" aria-current={s === read} onclick={() => pick(s)}>
				<VerdictMark verdict={s.verdict} size={30} /><span
					>{#if of?.(s)}<b class="of">{`${of(s)}: `}</b>{/if}{s.basis === 'grab' ? grab : ''}{sayWhy(
						s,
						preferences.unit
					)}</span
				><b>{sayMargin(s)}</b>
			</button>
		</li>
	{/each}
</ul>

<style>
	button {
		display: grid;
		grid-template-columns: auto 1fr auto;
		gap: 0.5rem;
		align-items: center;
		width: 100%;
		min-height: 36px;
		padding: 0.15rem 0.25rem;
		text-align: left;
		border-bottom: 1px dotted var(--hair);
	}
	.of {
		font-weight: 600;
	}
	button[aria-current='true'] {
		background: var(--paper);
	}
</style>
