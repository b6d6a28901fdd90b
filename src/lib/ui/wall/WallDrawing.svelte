<script lang="ts">
	import { Toast } from 'flowbite-svelte';
	import { loadPath } from '$core/checks/load-path';
	import { tallest } from '$core/survey/outline';
	import { sayPhrase } from '$core/units/phrase';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { paper } from '$lib/state/paper.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { SurveyDesk } from '$lib/state/survey-desk.svelte';
	import { extentOf, placeOf } from './extent';
	import LabelLayer from './LabelLayer.svelte';
	import MarginLayer from './MarginLayer.svelte';
	import MeasureLayer from './MeasureLayer.svelte';
	import ScanLayer from './ScanLayer.svelte';
	import VialLayer from './VialLayer.svelte';
	import { fitView, type View } from './view';
	import { WallHand } from './wall-hand.svelte';
	import WallOverlay from './WallOverlay.svelte';
	import WallThings from './WallThings.svelte';
	import ZoomButtons from './ZoomButtons.svelte';
	import { WallZoom } from './zoom.svelte';

	/** The wall between its tapes, in layers: what one of them draws does not redraw the others. */
	let { open, stage, desk }: { open: OpenPlan; stage: string; desk: SurveyDesk } = $props();

	/** What a page has room for beside its margins, px. */
	const PAGE = { width: 700, height: 380 };
	let wide = $state(800);
	let high = $state(500);

	const plan = $derived(open.shown);
	const wall = $derived(plan.wall);
	const unit = $derived(preferences.unit);
	/** On paper the whole wall is shown, and nothing is picked. */
	const width = $derived(paper.on ? PAGE.width : wide);
	const height = $derived(paper.on ? PAGE.height : high);
	const selection = $derived(paper.on ? null : open.selection);
	const zoom = new WallZoom(
		(event) => event.type === 'wheel' || (!desk.measuring && !(event.target as Element).closest('[data-grip]'))
	);
	const base = $derived(fitView(width, height, wall));
	const view = $derived<View>(paper.on ? base : zoom.of(base));
	const hand = new WallHand({
		get open() {
			return open;
		},
		get desk() {
			return desk;
		},
		get view() {
			return view;
		}
	});

	const standing = $derived([...open.standing.values()]);
	const extent = $derived(extentOf(plan, open.standing, selection));
	const pickedId = $derived(selection?.kind === 'holder' ? selection.id : null);
	const picked = $derived(pickedId === null ? undefined : open.standing.get(pickedId));
	const path = $derived(picked ? loadPath(picked, wall, open.shown.cutting.kerf) : null);
	/** Verdicts of those that lie still, and that of the picked one where it stands. */
	const vials = $derived(
		stage === 'wall' ? [] : [...open.marks.holders.values()].filter((h) => h.placed.holder.id !== pickedId)
	);
	const vial = $derived(
		stage !== 'wall' && picked
			? { placed: picked, verdict: open.marks.holders.get(picked.holder.id)?.verdict ?? 'unloaded' }
			: undefined
	);
	const pieces = $derived(desk.scan.proved(open.plan.wall.pilots)?.pieces ?? []);
	const faint = $derived({
		rows: stage === 'wall' ? 0.45 : 1,
		holders: stage === 'wall' || stage === 'rows' ? 0.4 : 1
	});
	const why = $derived(hand.move?.why);
</script>

<div class="frame" bind:clientWidth={wide} bind:clientHeight={high}>
	<!-- The drawing is one stop for the keyboard; each thing on it is another. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
	<svg
		use:zoom.follow
		use:hand.follow
		{width}
		{height}
		role="group"
		aria-label="Drawing of the wall. Plus and minus zoom, zero shows all."
		tabindex="0"
		onkeydown={zoom.keyed}
		class:laying={desk.measuring}
		onclick={(e) => e.target === e.currentTarget && (open.selection = null)}
	>
		<g transform="translate({view.x} {view.y}) scale({view.k})" style:--k={view.k}>
			<WallThings {open} {stage} {hand} {selection} safe={desk.safe && stage !== 'stock'} k={view.k} {faint} />
		</g>
	</svg>
	{#if stage === 'holds' && !paper.on}<MarginLayer
			{width}
			{height}
			{view}
			plan={open.plan}
			studs={open.loads.studs}
			rows={open.loads.rows}
		/>{/if}
	{#if stage === 'wall' && desk.part === 'studs'}<ScanLayer
			{width}
			{height}
			{view}
			wallWidth={wall.width}
			wallHeight={tallest(wall)}
			traces={desk.scan.traces}
			sweeping={desk.scan.sweeping}
			found={desk.scan.found}
			{pieces}
		/>{/if}
	{#if desk.measure && stage === 'wall'}<MeasureLayer {width} {height} {view} {unit} measure={desk.measure} />{/if}
	<VialLayer {width} {height} {view} holders={vials} />
	<LabelLayer
		{width}
		{height}
		{view}
		{unit}
		{plan}
		{standing}
		{path}
		vials={stage !== 'wall'}
		names={{ rows: faint.rows === 1 || paper.on, holders: faint.holders === 1 || paper.on }}
		loads={stage === 'holds' && !paper.on ? open.loads : null}
		moved={hand.move ? pickedId : null}
	/>
	<WallOverlay
		{width}
		{height}
		{view}
		{unit}
		{extent}
		{path}
		pointed={paper.on ? null : placeOf(plan, open.pointed)}
		{vial}
		pointer={paper.on ? null : hand.pointer}
	/>
	{#if hand.refused}<Toast dismissable={false} class="toast">{hand.refused}</Toast>
	{:else if why}<p class="toast" role="status">{sayPhrase(why, unit)}</p>{/if}
	<ZoomButtons zoomBy={zoom.by} />
</div>

<style>
	.frame {
		position: relative;
		width: 100%;
		height: 100%;
		min-height: 0;
		overflow: hidden;
		background: var(--sheet);
	}
	svg,
	.frame :global(.layer) {
		display: block;
		position: absolute;
		inset: 0;
		will-change: transform;
	}
	svg {
		touch-action: none;
		user-select: none;
		cursor: grab;
	}
	svg.laying {
		cursor: crosshair;
	}
	.frame :global(.layer) {
		pointer-events: none;
	}
</style>
