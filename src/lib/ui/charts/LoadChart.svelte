<script lang="ts">
	import { onMount } from 'svelte';
	import { placeWord, type PlaceLoad } from '$core/checks/by-place';
	import { capital } from '$core/words';
	import { VERDICT_WORDS } from '$core/verdict/check';
	import { formatLength } from '$core/units/format-length';
	import { formatQuantity } from '$core/units/format-quantity';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { whenIdle } from '$lib/state/when-idle';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayShortMargin } from '../say';
	import type { BarChart } from './bar-chart';

	/**
	 * Load and capacity by stud and by row, of the plan as it is: what each carries, and what it would carry before it
	 * stopped holding.
	 */
	let { open }: { open: OpenPlan } = $props();

	let by = $state<'stud' | 'row'>('stud');
	const unit = $derived(preferences.unit);
	const places = $derived(by === 'stud' ? open.loads.studs : open.loads.rows.filter((r) => r.load > 0));
	const word = $derived(placeWord(open.plan));
	const name = (p: PlaceLoad) => (by === 'stud' ? formatLength(p.at, unit) : p.name || formatLength(p.at, unit));
	const newtons = (value: number) => formatQuantity({ value, dim: 'force' }, unit);
	const would = ({ capacity, verdict }: PlaceLoad) =>
		capacity === null ? VERDICT_WORDS[verdict].toLowerCase() : `would carry ${newtons(capacity)}`;
	const words = (p: PlaceLoad) =>
		`${by === 'stud' ? capital(word) : 'Row'} ${name(p)}: carries ${newtons(p.load)}, ${would(p)}`;

	let box: HTMLDivElement;
	let chart = $state.raw<BarChart | null>(null);
	onMount(() => {
		let gone = false;
		// The chart library is large and nothing waits for it: it comes when this stage is first looked at.
		void import('./bar-chart').then(({ barChart }) => {
			if (!gone) chart = barChart(box, (i) => pick(i));
		});
		return () => {
			gone = true;
			chart?.dispose();
		};
	});

	function pick(i: number) {
		const p = places[i];
		if (p && open.exists({ kind: by, id: p.id })) open.selection = { kind: by, id: p.id };
	}

	const picked = $derived(open.selection?.kind === by ? open.selection.id : null);
	/** Drawn in an idle moment: nothing that is dragged or pressed waits for it. */
	$effect(() => {
		const drawn = chart;
		const data = {
			dark: preferences.theme === 'dark',
			unit,
			bars: places.map((p) => ({
				name: name(p),
				load: p.load,
				capacity: p.capacity,
				verdict: p.verdict,
				label:
					p.verdict === 'unloaded'
						? ''
						: sayShortMargin({
								margin: p.margin,
								verdict: p.verdict,
								...(p.check?.second ? { second: p.check.second } : {})
							}),
				words: words(p),
				picked: picked === p.id
			}))
		};
		return drawn ? whenIdle(() => drawn.show(data)) : undefined;
	});
</script>

<section aria-label="Load and capacity">
	<header>
		<h2>Load and capacity</h2>
		<div role="group" aria-label="By" class="no-print">
			{#each ['stud', 'row'] as const as b (b)}<button type="button" aria-pressed={by === b} onclick={() => (by = b)}
					>by {b === 'stud' ? word : b}</button
				>{/each}
		</div>
		<p><span class="key load"></span> carries <span class="key most"></span> would carry</p>
	</header>
	{#if places.length === 0}<p class="none">Nothing hangs on this wall yet.</p>{/if}
	<div class="chart" bind:this={box} aria-hidden="true" hidden={places.length === 0}></div>
	<ul class="sr-only">
		{#each places as p (p.id)}<li>{words(p)}</li>{/each}
	</ul>
</section>

<style>
	section {
		position: relative;
		display: flex;
		flex-direction: column;
		min-height: 190px;
		height: 100%;
		padding: 0.6rem 0.8rem 0.2rem;
		border-left: 1px solid var(--hair);
		background: var(--paper);
	}
	header {
		display: flex;
		flex-wrap: wrap;
		gap: 0.2rem 0.8rem;
		align-items: center;
	}
	h2,
	p {
		font-weight: 600;
		color: var(--pencil);
	}
	p {
		margin-left: auto;
		font-weight: 400;
		font-size: 0.85rem;
	}
	button {
		min-height: 26px;
		padding: 0 0.5rem;
		border: 1px solid var(--hair);
		font-size: 0.85rem;
	}
	button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--paper);
	}
	.chart {
		flex: 1;
		min-height: 120px;
	}
	.none {
		margin: 1rem 0;
	}
	.key {
		display: inline-block;
		width: 12px;
		height: 12px;
		margin-left: 0.5rem;
		vertical-align: -1px;
	}
	.key.load {
		background: var(--chalk);
	}
	.key.most {
		border: 1.5px solid var(--ink);
	}
</style>
