<script lang="ts">
	import { select } from 'd3-selection';
	import { zoom, zoomIdentity, type ZoomTransform } from 'd3-zoom';
	import { loadPath } from '$core/loads/load-path';
	import { VERDICT_WORDS } from '$core/loads/check';
	import { rowProfile } from '$core/plan/profile';
	import { formatLength } from '$core/units/format-length';
	import { sayPhrase } from '$core/units/phrase';
	import type { OpenPlan, Selection } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayVerdict } from '../say';
	import Vial from '../Vial.svelte';
	import { extentOf } from './extent';
	import HolderShape from './HolderShape.svelte';
	import LoadPathShape from './LoadPathShape.svelte';
	import { dragMove, nudgeMove, type Grip, type Move } from './moves';
	import RowShape from './RowShape.svelte';
	import Tape from './Tape.svelte';
	import { fitView, TAPE, type View } from './view';

	let { open, stage }: { open: OpenPlan; stage: string } = $props();

	const SNAP_PX = 8;
	let width = $state(800);
	let height = $state(500);
	let transform = $state.raw<ZoomTransform>(zoomIdentity);
	let pointer = $state.raw<{ x: number; y: number } | null>(null);
	let dragging = $state.raw<{ grip: Grip; move: Move | null } | null>(null);
	let svg: SVGSVGElement;

	const plan = $derived(open.shown);
	const wall = $derived(plan.wall);
	const unit = $derived(preferences.unit);
	const base = $derived(fitView(width, height, wall));
	const view = $derived<View>({ k: base.k * transform.k, x: transform.applyX(base.x), y: transform.applyY(base.y) });
	const placed = $derived(open.checks.laid.flatMap((l) => l.placed));
	const extent = $derived(extentOf(plan, placed, open.selection));
	const path = $derived(
		open.selection?.kind === 'holder' ? loadPath(open.checks.laid, open.selection.id, open.checks.paths.get(open.selection.id) ?? []) : null
	);
	const say = (mm: number) => formatLength(mm, unit);
	const isPicked = (kind: Selection['kind'], id: string) => open.selection?.kind === kind && open.selection.id === id;
	const faint = $derived({ rows: stage === 'wall' ? 0.45 : 1, holders: stage === 'wall' || stage === 'rows' ? 0.4 : 1 });

	const zooming = zoom<SVGSVGElement, unknown>()
		.scaleExtent([0.5, 40])
		.filter((event: Event) => !(event.target as Element).closest('[data-grip]') || event.type === 'wheel')
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

	function toWall(event: PointerEvent) {
		const box = svg.getBoundingClientRect();
		return { x: (event.clientX - box.left - view.x) / view.k, y: (view.y - (event.clientY - box.top)) / view.k };
	}

	function hover(event: PointerEvent) {
		const at = toWall(event);
		pointer = at.x >= 0 && at.x <= wall.width && at.y >= 0 && at.y <= wall.height ? at : null;
	}

	function grab(event: PointerEvent, grip: Grip) {
		if (event.button !== 0) return;
		event.stopPropagation();
		open.selection = { kind: grip.kind, id: grip.id };
		const target = event.currentTarget as Element;
		const start = toWall(event);
		const first = { x: event.clientX, y: event.clientY };
		let frame = 0;
		let last = event;
		let moved = false;
		target.setPointerCapture(event.pointerId);
		const step = () => {
			frame = 0;
			const now = toWall(last);
			const reach = last.altKey ? -1 : SNAP_PX / view.k;
			const move = dragMove(grip, now.x - start.x, now.y - start.y, { plan: open.plan, unit, reach });
			dragging = { grip, move };
			open.show(move?.command ?? null);
		};
		const onmove = (e: Event) => {
			last = e as PointerEvent;
			if (!moved && Math.hypot(last.clientX - first.x, last.clientY - first.y) < 4) return;
			moved = true;
			frame ||= requestAnimationFrame(step);
		};
		const end = (done: boolean) => {
			cancelAnimationFrame(frame);
			if (moved && done) step();
			const command = dragging?.move?.command;
			dragging = null;
			open.show(null);
			if (done && moved && command) open.do(command);
			target.removeEventListener('pointermove', onmove);
			target.removeEventListener('pointerup', up);
			target.removeEventListener('pointercancel', cancel);
			window.removeEventListener('keydown', escape, true);
		};
		const up = () => end(true);
		const cancel = () => end(false);
		const escape = (e: KeyboardEvent) => {
			if (e.key !== 'Escape') return;
			e.stopPropagation();
			end(false);
		};
		target.addEventListener('pointermove', onmove);
		target.addEventListener('pointerup', up);
		target.addEventListener('pointercancel', cancel);
		window.addEventListener('keydown', escape, true);
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
			open.selection = null;
			open.do({ kind: 'remove', list: LISTS[selection.kind], id: selection.id });
			svg.focus();
			return;
		}
		const command = nudgeMove(selection, event.key, event.shiftKey, open.plan, unit);
		if (!command) return;
		event.preventDefault();
		open.selection = selection;
		open.do(command, `nudge ${selection.id} ${event.key.startsWith('Arrow') ? event.key : ''}`);
	}

	function onboard(event: KeyboardEvent) {
		if (event.target !== svg) return;
		if (event.key === '+' || event.key === '=') zoomBy(1.4);
		if (event.key === '-') zoomBy(1 / 1.4);
		if (event.key === '0') zoomBy(0);
	}

	const words = (from: number, to: number): [string, string] => [say(from), say(to)];
</script>

<div class="frame" bind:clientWidth={width} bind:clientHeight={height}>
	<!-- The drawing is one stop for the keyboard; each thing on it is another. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
	<svg
		bind:this={svg} {width} {height} role="group" aria-label="Drawing of the wall. Plus and minus zoom, zero shows all." tabindex="0" onpointermove={hover} onpointerleave={() => (pointer = null)}
		onkeydown={onboard} onclick={(e) => e.target === e.currentTarget && (open.selection = null)}
	>
		<g transform="translate({view.x} {view.y}) scale({view.k})">
			<rect class="thin" x="0" y={-wall.height} width={wall.width} height={wall.height} fill="var(--wall)" stroke="var(--ink)" stroke-width="1.2" role="presentation" onclick={() => (open.selection = null)} />
			{#each wall.studs as stud (stud.id)}
				<g
					data-grip role="button" tabindex={stage === 'wall' ? 0 : -1} class="grip" class:still={stage !== 'wall'} aria-label="Stud at {say(stud.x)}" aria-pressed={isPicked('stud', stud.id)}
					onpointerdown={(e) => stage === 'wall' && grab(e, { kind: 'stud', id: stud.id })} onkeydown={(e) => keyed(e, { kind: 'stud', id: stud.id })}
				>
					<rect x={stud.x - stud.width / 2} y={-wall.height} width={stud.width} height={wall.height} fill="var(--stud)" />
					<path class="thin" d="M{stud.x} {-wall.height}V0" stroke={isPicked('stud', stud.id) ? 'var(--chalk)' : 'var(--stud-line)'} stroke-width={isPicked('stud', stud.id) ? 2.5 : 1} stroke-dasharray="7 5" />
				</g>
			{/each}
			{#each wall.obstructions as o (o.id)}
				<g
					data-grip role="button" tabindex={stage === 'wall' ? 0 : -1} class="grip" class:still={stage !== 'wall'} aria-label="{o.name || o.kind}, {o.kind}, {say(o.x)} to {say(o.x + o.width)}" aria-pressed={isPicked('obstruction', o.id)}
					onpointerdown={(e) => stage === 'wall' && grab(e, { kind: 'obstruction', id: o.id })} onkeydown={(e) => keyed(e, { kind: 'obstruction', id: o.id })}
				>
					<rect class="thin" x={o.x} y={-o.y - o.height} width={o.width} height={o.height} fill="var(--glass)" stroke={isPicked('obstruction', o.id) ? 'var(--chalk)' : 'var(--ink)'} stroke-width={isPicked('obstruction', o.id) ? 2.5 : 1.2} />
					{#if o.kind === 'window'}
						<path class="thin" d="M{o.x + o.width / 2} {-o.y}v{-o.height}M{o.x} {-o.y - o.height / 2}h{o.width}" stroke="var(--ink)" stroke-width="1" />
					{:else if o.kind === 'outlet' || o.kind === 'switch'}
						<circle cx={o.x + o.width / 2} cy={-o.y - o.height * 0.65} r={o.width * 0.1} fill="var(--ink)" />
						<circle cx={o.x + o.width / 2} cy={-o.y - o.height * 0.35} r={o.width * 0.1} fill="var(--ink)" />
					{/if}
				</g>
			{/each}
			<path class="thin" d="M{-wall.width} 0H{wall.width * 2}" stroke="var(--ink)" stroke-width="2.4" />
			<g opacity={faint.rows}>
				{#each plan.rows as row (row.id)}
					<g
						data-grip data-row={row.id} role="button" tabindex="0" class="grip" aria-label="Row {row.name}, {say(row.y)} up. {sayVerdict(open.checks.rows.get(row.id), unit)}" aria-pressed={isPicked('row', row.id)}
						onpointerdown={(e) => grab(e, { kind: 'row', id: row.id })} onkeydown={(e) => keyed(e, { kind: 'row', id: row.id })}
					>
						<RowShape {row} studs={wall.studs} kerf={plan.cutting.kerf} selected={isPicked('row', row.id)} />
					</g>
				{/each}
			</g>
			<g opacity={faint.holders}>
				{#each placed as p (p.holder.id)}
					<g
						data-grip data-holder={p.holder.id} role="button" tabindex="0" class="grip" aria-label="{p.holder.name || 'Holder'}. {sayVerdict(open.checks.holders.get(p.holder.id), unit)}" aria-pressed={isPicked('holder', p.holder.id)}
						onpointerdown={(e) => grab(e, { kind: 'holder', id: p.holder.id })} onkeydown={(e) => keyed(e, { kind: 'holder', id: p.holder.id })}
					>
						<HolderShape placed={p} selected={isPicked('holder', p.holder.id)} />
					</g>
				{/each}
			</g>
			{#each plan.rows as row (row.id)}
				{#if isPicked('row', row.id)}
					{#each ['left', 'right'] as const as part (part)}
						<rect
							data-grip role="presentation" class="thin end" x={row[part] - 7 / view.k} y={-row.y - rowProfile(row, plan.cutting.kerf).front / 2 - 11 / view.k} width={14 / view.k} height={22 / view.k}
							fill="var(--sheet)" stroke="var(--chalk)" stroke-width="2" onpointerdown={(e) => grab(e, { kind: 'row', id: row.id, part })}
						/>
					{/each}
				{/if}
			{/each}
			{#if path}<LoadPathShape {path} k={view.k} />{/if}
			{#if stage !== 'wall'}
				{#each placed as p (p.holder.id)}
					{@const verdict = open.checks.holders.get(p.holder.id)?.verdict ?? 'holds'}
					<g class="vial" transform="translate({(p.left + p.right) / 2} {-p.top}) scale({1 / view.k}) translate(-18 -18)">
						<title>{VERDICT_WORDS[verdict]}</title>
						<Vial {verdict} />
					</g>
				{/each}
			{/if}
		</g>
		{#if extent}
			<g class="throw" aria-hidden="true">
				{#each [extent.left, extent.right] as x (x)}<path d="M{view.x + x * view.k} {view.y - extent.low * view.k}V{height - TAPE}" />{/each}
				{#each [extent.low, extent.high] as y (y)}<path d="M{view.x + extent.left * view.k} {view.y - y * view.k}H{TAPE}" />{/each}
			</g>
		{/if}
		<g transform="translate(0 {height - TAPE})">
			<Tape side="floor" length={width} {view} {unit} extent={extent && { from: extent.left, to: extent.right, words: words(extent.left, extent.right) }} pointer={pointer && !dragging ? { at: pointer.x, word: say(pointer.x) } : null} />
		</g>
		<Tape side="corner" length={height - TAPE} {view} {unit} extent={extent && { from: extent.low, to: extent.high, words: words(extent.low, extent.high) }} pointer={pointer && !dragging ? { at: pointer.y, word: say(pointer.y) } : null} />
		<rect x="0" y={height - TAPE} width={TAPE} height={TAPE} fill="var(--ink)" />
		<path d="M15 {height - 21}l6 10h-12z" fill="var(--tape)" />
	</svg>
	{#if dragging?.move?.why}<p class="why" role="status">{sayPhrase(dragging.move.why, unit)}</p>{/if}
	<div class="zoom no-print" role="group" aria-label="Zoom">
		<button type="button" aria-label="Zoom in" onclick={() => zoomBy(1.4)}>+</button>
		<button type="button" aria-label="Zoom out" onclick={() => zoomBy(1 / 1.4)}>−</button>
		<button type="button" aria-label="All: show the whole wall" onclick={() => zoomBy(0)}>All</button>
	</div>
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
	svg {
		display: block;
		position: absolute;
		inset: 0;
		touch-action: none;
		user-select: none;
		cursor: grab;
	}
	.thin {
		vector-effect: non-scaling-stroke;
	}
	.grip {
		cursor: move;
	}
	.grip.still {
		cursor: inherit;
		pointer-events: none;
	}
	.grip:focus-visible {
		outline: none;
		filter: drop-shadow(0 0 6px var(--chalk));
	}
	.end {
		cursor: ew-resize;
	}
	.vial {
		pointer-events: none;
	}
	.throw path {
		stroke: var(--chalk);
		stroke-width: 1;
		stroke-dasharray: 2 4;
		fill: none;
	}
	.throw {
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
	.zoom {
		position: absolute;
		right: 6px;
		bottom: 34px;
		display: flex;
		gap: 4px;
	}
	.zoom button {
		min-width: 34px;
		height: 30px;
		padding: 0 8px;
		border: 1px solid var(--hair);
		border-radius: 2px;
		background: var(--sheet);
		color: var(--ink);
		font-weight: 700;
	}
</style>
