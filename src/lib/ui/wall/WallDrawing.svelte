<script lang="ts">
	import { select } from 'd3-selection';
	import { zoom, zoomIdentity, type ZoomTransform } from 'd3-zoom';
	import { loadPath } from '$core/loads/load-path';
	import { formatLength } from '$core/units/format-length';
	import { sayPhrase } from '$core/units/phrase';
	import type { OpenPlan, Selection } from '$lib/state/open-plan.svelte';
	import { paper } from '$lib/state/paper.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { nameOf, OBSTRUCTION_WORDS } from '$core/survey/names';
	import { tallest } from '$core/survey/outline';
	import type { Problem } from '$core/result';
	import { sayProblem } from '$lib/state/commit';
	import type { SurveyDesk } from '$lib/state/survey-desk.svelte';
	import { sayVerdict } from '../say';
	import { extentOf, placeOf } from './extent';
	import { followDrag } from './drag';
	import GripShape from './Grip.svelte';
	import HolderOnWall from './HolderOnWall.svelte';
	import { dragMove, nudgeMove, type Grip, type Move } from './moves';
	import LabelLayer from './LabelLayer.svelte';
	import MarginLayer from './MarginLayer.svelte';
	import MeasureLayer from './MeasureLayer.svelte';
	import ObstructionShape from './ObstructionShape.svelte';
	import ReachShape from './ReachShape.svelte';
	import RowEnds from './RowEnds.svelte';
	import RowShape from './RowShape.svelte';
	import ScanLayer from './ScanLayer.svelte';
	import StudShape from './StudShape.svelte';
	import SurveyMarks from './SurveyMarks.svelte';
	import WallBack from './WallBack.svelte';
	import { fitView, type View } from './view';
	import VialLayer from './VialLayer.svelte';
	import WallOverlay from './WallOverlay.svelte';
	import ZoomButtons from './ZoomButtons.svelte';

	let { open, stage, desk }: { open: OpenPlan; stage: string; desk: SurveyDesk } = $props();

	const SNAP_PX = 8;
	/** How long a refusal is shown, ms. */
	const SAID_FOR = 4000;
	/** What a page has room for beside its margins, px. */
	const PAGE = { width: 700, height: 380 };
	let wide = $state(800);
	let high = $state(500);
	let transform = $state.raw<ZoomTransform>(zoomIdentity);
	let pointer = $state.raw<{ x: number; y: number } | null>(null);
	let dragging = $state.raw<{ move: Move | null } | null>(null);
	/** Why the last press did nothing. */
	let refused = $state('');
	let refusing: ReturnType<typeof setTimeout> | undefined;
	let svg: SVGSVGElement;

	const plan = $derived(open.shown);
	const wall = $derived(plan.wall);
	const unit = $derived(preferences.unit);
	/** On paper the whole wall is shown, and nothing is picked. */
	const width = $derived(paper.on ? PAGE.width : wide);
	const height = $derived(paper.on ? PAGE.height : high);
	const selection = $derived(paper.on ? null : open.selection);
	const base = $derived(fitView(width, height, wall));
	const view = $derived<View>(
		paper.on ? base : { k: base.k * transform.k, x: transform.applyX(base.x), y: transform.applyY(base.y) }
	);
	const standing = $derived([...open.standing.values()]);
	const extent = $derived(extentOf(plan, open.standing, selection));
	/** By its id, which a drag leaves alone: hundreds ask whether they are picked. */
	const pickedId = $derived(selection?.kind === 'holder' ? selection.id : null);
	const picked = $derived(pickedId === null ? undefined : open.standing.get(pickedId));
	const path = $derived(picked ? loadPath(picked, wall, open.shown.cutting.kerf) : null);
	/** Verdicts of those that lie still, and that of the picked one where it stands. */
	const vials = $derived(
		stage === 'wall' ? [] : [...open.checks.holders.values()].filter((h) => h.placed.holder.id !== pickedId)
	);
	const vial = $derived(
		stage !== 'wall' && picked
			? { placed: picked, verdict: open.checks.holders.get(picked.holder.id)?.verdict ?? 'unloaded' }
			: undefined
	);
	const say = (mm: number) => formatLength(mm, unit);
	const isPicked = (kind: Selection['kind'], id: string) => selection?.kind === kind && selection.id === id;
	const pieces = $derived(desk.scan.proved(open.plan.wall.pilots)?.pieces ?? []);
	const faint = $derived({
		rows: stage === 'wall' ? 0.45 : 1,
		holders: stage === 'wall' || stage === 'rows' ? 0.4 : 1
	});

	const zooming = zoom<SVGSVGElement, unknown>()
		.scaleExtent([0.5, 40])
		.filter(
			(event: Event) => event.type === 'wheel' || (!desk.measuring && !(event.target as Element).closest('[data-grip]'))
		)
		.on('zoom', (event: { transform: ZoomTransform }) => (transform = event.transform));

	$effect(() => {
		select(svg).call(zooming).on('dblclick.zoom', null);
		return () => void select(svg).on('.zoom', null);
	});

	/** Zooms by a factor about the middle; 0 shows the whole wall again. */
	export function zoomBy(factor: number): void {
		if (factor === 0) select(svg).call(zooming.transform, zoomIdentity);
		else select(svg).call(zooming.scaleBy, factor);
	}

	/** Place on the wall of a place on the page; `box` is where the drawing is on the page. */
	function toWall(event: PointerEvent, box: DOMRect) {
		return { x: (event.clientX - box.left - view.x) / view.k, y: (view.y - (event.clientY - box.top)) / view.k };
	}

	function hover(event: PointerEvent) {
		if (dragging) return;
		const at = toWall(event, svg.getBoundingClientRect());
		pointer = at.x >= 0 && at.x <= wall.width && at.y >= 0 && at.y <= tallest(wall) ? at : null;
	}

	function grab(event: PointerEvent, grip: Grip) {
		if (event.button !== 0) return;
		event.stopPropagation();
		open.selection = { kind: grip.kind, id: grip.id };
		// Measured once: asking again and again would lay the page out in the middle of every move.
		const box = svg.getBoundingClientRect();
		const start = toWall(event, box);
		followDrag(event, {
			move(e) {
				const now = toWall(e, box);
				const reach = e.altKey ? -1 : SNAP_PX / view.k;
				const move = dragMove(grip, now.x - start.x, now.y - start.y, { plan: open.plan, unit, reach });
				const [wrong] = open.show(move?.command ?? null);
				// What cannot be done leaves the thing where it could last be.
				if (wrong) refuse(wrong);
				else dragging = { move };
			},
			end(done) {
				const command = dragging?.move?.command;
				dragging = null;
				open.show(null);
				if (done && command) open.do(command);
			}
		});
	}

	function refuse(problem: Problem) {
		clearTimeout(refusing);
		refused = sayProblem(problem, unit);
		refusing = setTimeout(() => (refused = ''), SAID_FOR);
	}

	/** A measure is laid from where the pointer is pressed to where it is let go. */
	function lay(event: PointerEvent) {
		if (!desk.measuring || event.button !== 0) return;
		event.stopPropagation();
		const box = svg.getBoundingClientRect();
		const from = toWall(event, box);
		const before = desk.measure;
		followDrag(event, {
			move: (e) => (desk.measure = { from, to: toWall(e, box) }),
			end(done) {
				if (!done) desk.measure = before;
			}
		});
	}

	const LISTS = { stud: 'studs', obstruction: 'obstructions', row: 'rows', holder: 'holders' } as const;

	function keyed(event: KeyboardEvent, selection: Selection) {
		if (event.key === 'Enter' || event.key === ' ') {
			event.preventDefault();
			open.selection = selection;
			return;
		}
		if (event.key === 'Delete' || event.key === 'Backspace') {
			event.preventDefault();
			open.remove(LISTS[selection.kind], selection.id);
			svg.focus();
			return;
		}
		const command = nudgeMove(selection, event.key, event.shiftKey, open.plan, unit);
		if (!command) return;
		event.preventDefault();
		open.selection = selection;
		const [wrong] = open.do(command, `nudge ${selection.id} ${event.key.startsWith('Arrow') ? event.key : ''}`);
		if (wrong) refuse(wrong);
	}

	function onboard(event: KeyboardEvent) {
		if (event.target !== svg) return;
		if (event.key === '+' || event.key === '=') zoomBy(1.4);
		if (event.key === '-') zoomBy(1 / 1.4);
		if (event.key === '0') zoomBy(0);
	}
</script>

<div class="frame" bind:clientWidth={wide} bind:clientHeight={high}>
	<!-- The drawing is one stop for the keyboard; each thing on it is another. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
	<svg
		bind:this={svg}
		{width}
		{height}
		role="group"
		aria-label="Drawing of the wall. Plus and minus zoom, zero shows all."
		tabindex="0"
		onpointermove={hover}
		onpointerleave={() => (pointer = null)}
		onkeydown={onboard}
		onpointerdowncapture={lay}
		class:laying={desk.measuring}
		onclick={(e) => e.target === e.currentTarget && (open.selection = null)}
	>
		<g transform="translate({view.x} {view.y}) scale({view.k})" style:--k={view.k}>
			<WallBack {wall} pick={() => (open.selection = null)} />
			{#each wall.studs as stud (stud.id)}
				<GripShape
					thing={{ kind: 'stud', id: stud.id }}
					label="Stud at {say(stud.x)}"
					pressed={isPicked('stud', stud.id)}
					still={stage !== 'wall'}
					{grab}
					{keyed}
				>
					<StudShape {stud} {wall} selected={isPicked('stud', stud.id)} />
				</GripShape>
			{/each}
			<SurveyMarks
				{wall}
				k={view.k}
				{unit}
				safe={desk.safe && stage !== 'stock'}
				full={stage === 'wall'}
				screws={stage === 'rows'}
			/>
			{#each wall.obstructions as o (o.id)}
				<GripShape
					thing={{ kind: 'obstruction', id: o.id }}
					label="{nameOf(o)}, {OBSTRUCTION_WORDS[o.kind]}, {say(o.x)} to {say(o.x + o.width)}"
					pressed={isPicked('obstruction', o.id)}
					still={stage !== 'wall'}
					{grab}
					{keyed}
				>
					<ObstructionShape
						obstruction={o}
						selected={isPicked('obstruction', o.id)}
						swept={stage !== 'stock' && stage !== 'cut'}
					/>
				</GripShape>
			{/each}
			{#if plan.stature !== undefined && stage !== 'cut'}<ReachShape
					stature={plan.stature}
					{wall}
					k={view.k}
					{unit}
				/>{/if}
			<g opacity={faint.rows}>
				{#each plan.rows as row (row.id)}
					<GripShape
						thing={{ kind: 'row', id: row.id }}
						label="Row {row.name}, {say(row.y)} up. {sayVerdict(open.settled.rows.get(row.id), unit)}"
						pressed={isPicked('row', row.id)}
						{grab}
						{keyed}
					>
						<RowShape {row} {wall} kerf={plan.cutting.kerf} selected={isPicked('row', row.id)} />
					</GripShape>
				{/each}
			</g>
			<g opacity={faint.holders}>
				{#each standing as p (p.holder.id)}
					<HolderOnWall
						placed={p}
						judged={open.settled.holders.get(p.holder.id)}
						selected={p.holder.id === pickedId}
						{unit}
						{grab}
						{keyed}
					/>
				{/each}
			</g>
			{#each plan.rows as row (row.id)}
				{#if isPicked('row', row.id)}<RowEnds {row} kerf={plan.cutting.kerf} k={view.k} {grab} />{/if}
			{/each}
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
		pointer={dragging || paper.on ? null : pointer}
	/>
	{#if refused}<p class="why" role="alert">{refused}</p>
	{:else if dragging?.move?.why}<p class="why" role="status">{sayPhrase(dragging.move.why, unit)}</p>{/if}
	<ZoomButtons {zoomBy} />
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
	/* Layers of their own: what one draws does not redraw the others. */
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
	.why {
		position: absolute;
		left: 50%;
		top: 8px;
		transform: translateX(-50%);
		padding: 2px 10px;
		background: var(--chalk);
		color: var(--sheet);
		border-radius: 2px;
		font-weight: 600;
	}
</style>
