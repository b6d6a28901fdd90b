<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { CutPlan } from '$core/cutting/cut-plan';
	import { formatLength } from '$core/units/format-length';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import Section from '../panels/Section.svelte';

	/** Pieces that are put down as cut; one that went wrong is cut once more, from what is left. */
	let { open, cuts }: { open: OpenPlan; cuts: CutPlan } = $props();

	const say = (x: number) => formatLength(x, preferences.unit);
	const forget = (id: string) => {
		const cut = (open.plan.cutting.cut ?? []).filter((c) => c.id !== id);
		open.do({ kind: 'set-cutting', change: { cut } });
	};
</script>

{#if cuts.done.length + cuts.useless.length > 0}
	<Section title="Cut already">
		<ul>
			{#each cuts.done as piece (piece.id)}
				<li>
					<span>{piece.owner.name} {piece.name}, {say(piece.length)}</span>
					<Button size="xs" color="alternative" onclick={() => forget(piece.id)}>Cut wrong: once more</Button>
				</li>
			{/each}
			{#each cuts.useless as c (c.id)}
				<li>
					<span>{say(c.length)} x {say(c.width)}: was cut, and nothing takes it now</span>
					<Button size="xs" color="alternative" onclick={() => forget(c.id)}>Forget it</Button>
				</li>
			{/each}
		</ul>
	</Section>
{/if}

<style>
	li {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		justify-content: space-between;
		gap: 0.2rem 0.6rem;
		padding: 0.25rem 0;
		border-bottom: 1px dotted var(--hair);
	}
</style>
