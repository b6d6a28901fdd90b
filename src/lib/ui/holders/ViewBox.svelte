<script lang="ts">
	import type { Built } from '$core/holders/built';
	import type { ViewName } from '$core/solid/project';
	import { formatLength } from '$core/units/format-length';
	import { preferences } from '$lib/state/preferences.svelte';
	import Dimension from './Dimension.svelte';
	import ProjectionShape from './ProjectionShape.svelte';
	import { thingsFromAbove, thingsFromFront, thingsFromSide, VIEWS } from './views';

	/** A holder from one side in a box of the page, as large as it fits, with its greatest measures. */
	interface Props {
		built: Built;
		view: ViewName;
		w: number;
		h: number;
		/** What the drawing is, for those who do not see it. */
		label: string;
		/** Dashes of what lies behind. */
		hidden?: boolean;
	}
	let { built, view, w, h, label, hidden = true }: Props = $props();

	const ROOM = { left: 34, right: 16, top: 10, below: 24 };
	const WALL = 9;
	const unit = $derived(preferences.unit);
	const say = (mm: number) => formatLength(mm, unit);
	const drawing = $derived(VIEWS[view](built));
	const box = $derived.by(() => {
		const { reach, face } = built;
		switch (view) {
			case 'front':
				return {
					left: Math.min(0, reach.left),
					right: Math.max(face.width, reach.right),
					low: Math.min(0, reach.low),
					high: Math.max(face.height, reach.high)
				};
			case 'side':
				return { left: 0, right: reach.out, low: Math.min(0, reach.low), high: Math.max(face.height, reach.high) };
			case 'above':
			case 'below':
				return { left: Math.min(0, reach.left), right: Math.max(face.width, reach.right), low: -reach.out, high: 0 };
		}
	});
	const k = $derived(
		Math.max(
			0.01,
			Math.min(
				(w - ROOM.left - ROOM.right) / (box.right - box.left),
				(h - ROOM.top - ROOM.below) / (box.high - box.low)
			)
		)
	);
	const x = $derived(ROOM.left - box.left * k);
	const y = $derived(ROOM.top + box.high * k);
	const floor = $derived(y - box.low * k + 14);
	const face = $derived(built.face);
</script>

<svg width={w} height={h} role="img" aria-label={label}>
	{#if view === 'side'}<rect
			x={x - WALL}
			y={y - box.high * k}
			width={WALL}
			height={(box.high - box.low) * k}
			class="wall"
		/>
	{:else if view === 'above'}<rect {x} y={y - WALL} width={face.width * k} height={WALL} class="wall" />{/if}
	<g transform="translate({x} {y}) scale({k})">
		<ProjectionShape {drawing} parts={built.parts} {hidden} />
		{#if view === 'front'}<path d={thingsFromFront(built)} class="hung" fill-rule="evenodd" />
		{:else}
			{#each view === 'side' ? thingsFromSide(built) : thingsFromAbove(built) as b, i (i)}<rect
					{...b}
					class="thing"
				/>{/each}
		{/if}
	</g>
	{#if view === 'side'}
		<Dimension from={[x, floor]} to={[x + built.reach.out * k, floor]} word={say(built.reach.out)} free />
	{:else}
		<Dimension from={[x, floor]} to={[x + face.width * k, floor]} word={say(face.width)} free />
	{/if}
	{#if view === 'front'}
		<Dimension
			from={[x + box.left * k - 12, y]}
			to={[x + box.left * k - 12, y - face.height * k]}
			word={say(face.height)}
			upright
		/>
	{/if}
</svg>

<style>
	.wall {
		fill: var(--hair);
		stroke: var(--ply-edge);
		stroke-width: 0.5;
	}
	.hung,
	.thing {
		fill: var(--thing);
		stroke: var(--sheet);
		stroke-width: 0.8px;
		vector-effect: non-scaling-stroke;
	}
	.hung {
		fill-opacity: 0.75;
	}
	.thing {
		fill-opacity: 0.55;
	}
</style>
