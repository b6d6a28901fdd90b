<script lang="ts" generics="T extends { text: Phrase; effort: string; after: Pick<Step, 'verdict' | 'margin'> }">
	import { Button } from 'flowbite-svelte';
	import type { Step } from '$core/verdict/check';
	import { sayPhrase, type Phrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayMargin } from '../say';
	import VerdictMark from '../VerdictMark.svelte';

	/** Changes that would help, each done by one press, with the work it takes and the margin it brings. */
	let { remedies, take }: { remedies: readonly T[]; take: (remedy: T) => void } = $props();
</script>

<div class="remedies">
	{#each remedies as r (sayPhrase(r.text, 'mm'))}
		<Button color="alternative" class="justify-between" onclick={() => take(r)}>
			<span class="what">{sayPhrase(r.text, preferences.unit)}<small>{r.effort}</small></span>
			<span class="brings {r.after.verdict}"
				><VerdictMark verdict={r.after.verdict} size={30} /> {sayMargin(r.after)}</span
			>
		</Button>
	{/each}
</div>

<style>
	.remedies {
		display: grid;
		gap: 0.4rem;
	}
	.what {
		text-align: left;
	}
	small {
		display: block;
		font-weight: 400;
		color: var(--pencil);
	}
	.brings {
		display: inline-flex;
		gap: 0.4rem;
		align-items: center;
		font-weight: 700;
	}
</style>
