<script lang="ts">
	import { Button } from 'flowbite-svelte';

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

<details>
	<summary>Trash: {trash.length === 1 ? '1 thing' : `${trash.length} things`}</summary>
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
</details>

<style>
	details {
		margin-top: 1.5rem;
	}
	summary {
		min-height: 34px;
		font-weight: 600;
		cursor: pointer;
	}
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
