<script lang="ts">
	import { onMount } from 'svelte';
	import type { GroupTally } from '$core/shop/tally';
	import { formatQuantity } from '$core/units/format-quantity';
	import { KG_PER_POUND } from '$core/units/quantity';
	import { preferences } from '$lib/state/preferences.svelte';
	import { whenIdle } from '$lib/state/when-idle';
	import type { GroupChart } from '../charts/group-chart';

	/** Weight and count by group, and how much of each hangs. */
	let { groups, pick }: { groups: readonly GroupTally[]; pick: (group: string) => void } = $props();

	const MOST = 12;
	let by = $state<'weight' | 'count'>('weight');
	const unit = $derived(preferences.unit);
	const shown = $derived((by === 'weight' ? groups : [...groups].sort((a, b) => b.count - a.count)).slice(0, MOST));
	const kg = (value: number) => formatQuantity({ value, dim: 'mass' }, unit);
	const words = (g: GroupTally) => {
		const unweighed = g.unweighed ? ` and ${g.unweighed} not weighed` : '';
		const all = `${g.group || 'no group'}: ${g.count} things, ${kg(g.mass)}${unweighed}`;
		return `${all}; hanging ${g.placedCount}, ${kg(g.placedMass)}`;
	};

	let box: HTMLDivElement;
	let chart = $state.raw<GroupChart | null>(null);
	onMount(() => {
		let gone = false;
		void import('../charts/group-chart').then(({ groupChart }) => {
			if (!gone) chart = groupChart(box, (i) => pick(shown[i]?.group ?? ''));
		});
		return () => {
			gone = true;
			chart?.dispose();
		};
	});
	$effect(() => {
		const drawn = chart;
		const scale = unit === 'inch' ? KG_PER_POUND : 1;
		const bars = shown.map((g) => ({
			name: g.group || 'no group',
			whole: by === 'weight' ? g.mass / scale : g.count,
			placed: by === 'weight' ? g.placedMass / scale : g.placedCount,
			words: words(g)
		}));
		const heavy = unit === 'inch' ? 'lb' : 'kg';
		const said = by === 'count' ? '' : heavy;
		// Drawn anew in the other light too.
		void preferences.theme;
		return drawn ? whenIdle(() => drawn.show(bars, said)) : undefined;
	});
</script>

<div class="by no-print" role="group" aria-label="Shown by">
	{#each ['weight', 'count'] as const as b (b)}<button type="button" aria-pressed={by === b} onclick={() => (by = b)}
			>{b}</button
		>{/each}
	<span><i class="on"></i> hangs <i></i> to place</span>
</div>
<div class="chart" style:height="{Math.max(70, shown.length * 24 + 26)}px" bind:this={box} aria-hidden="true"></div>
<ul class="sr-only">
	{#each shown as g (g.group)}<li>{words(g)}</li>{/each}
</ul>

<style>
	.by {
		display: flex;
		gap: 0.3rem;
		align-items: center;
		font-size: 0.85rem;
		color: var(--pencil);
	}
	button {
		min-height: 28px;
		padding: 0 0.5rem;
		border: 1px solid var(--hair);
		color: var(--ink);
	}
	button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--paper);
	}
	span {
		margin-left: auto;
	}
	i {
		display: inline-block;
		width: 11px;
		height: 11px;
		margin-left: 0.4rem;
		border: 1.2px solid var(--ink);
	}
	i.on {
		background: var(--chalk);
	}
</style>
