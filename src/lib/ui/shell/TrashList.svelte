<script lang="ts">
	import { Accordion, AccordionItem, Button } from 'flowbite-svelte';

	interface Trashed {
		kind: 'wall' | 'shop';
		id: string;
		name: string;
		walls: number;
		deletedAt: string;
		goneAt: string;
	}
	/** What was deleted and can be brought back, folded away until it is asked for. */
	let { trash, restore }: { trash: Trashed[]; restore: (kind: Trashed['kind'], id: string) => void } = $props();

	const day = (at: string) => new Date(at).toLocaleDateString([], { dateStyle: 'medium' });
	const what = (t: Trashed) => {
		if (t.kind === 'wall') return 'wall';
		const walls = t.walls === 1 ? ' and 1 wall' : ` and ${t.walls} walls`;
		return `workshop with its stock-take${t.walls === 0 ? '' : walls}`;
	};
</script>

<Accordion flush class="fold">
	<AccordionItem transitionType="none">
		{#snippet header()}Trash: {trash.length === 1 ? '1 thing' : `${trash.length} things`}{/snippet}
		<ul>
			{#each trash as t (t.kind + t.id)}
				<li>
					<strong>{t.name}</strong>
					<span>{what(t)}, deleted {day(t.deletedAt)}, gone for good on {day(t.goneAt)}</span>
					<Button size="sm" color="alternative" aria-label="Bring back {t.name}" onclick={() => restore(t.kind, t.id)}
						>Bring back</Button
					>
				</li>
			{/each}
		</ul>
	</AccordionItem>
</Accordion>

<style>
	li {
		display: flex;
		flex-wrap: wrap;
		gap: 0.3rem 1rem;
		align-items: center;
		padding: 0.4rem 0;
		border-bottom: 1px solid var(--hair);
	}
	strong {
		min-width: 0;
		overflow-wrap: anywhere;
	}
	span {
		flex: 1;
		min-width: 14rem;
		color: var(--pencil);
	}
</style>
