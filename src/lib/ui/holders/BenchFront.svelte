<script lang="ts">
	import { carrierKind } from '$core/kinds/registry';
	import type { AnyPlaced } from '$core/places/any-place';
	import { describeHolder } from '$core/holders/describe';
	import { formatLength } from '$core/units/format-length';
	import { sayPhrase } from '$core/units/phrase';
	import { sayProblem } from '$lib/state/commit';
	import type { HolderDesk } from '$lib/state/holder-desk.svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { followDrag } from '../wall/drag';
	import Tape from '../wall/Tape.svelte';
	import { TAPE, type View } from '../wall/view';
	import { moveCarrier, nudgeCarrier, type CarrierMove } from './carrier-drag';
	import Dimension, { roomFor } from './Dimension.svelte';
	import ScrewMarks from '../wall/ScrewMarks.svelte';
	import ProjectionShape from './ProjectionShape.svelte';
	import { thingsFromFront, VIEWS } from './views';

	/** One holder large, from the front, between the two tapes: its carriers are dragged on it, or moved by keys. */
	let { open, placed, desk }: { open: OpenPlan; placed: AnyPlaced; desk: HolderDesk } = $props();

	/** Room for the title above, for dimensions, and for words. */
	const ROOM = { left: 46, right: 24, top: 106, below: 26 };
	const SNAP_PX = 8;
	let wide = $state(800);
	let high = $state(500);

	const unit = $derived(preferences.unit);
	const built = $derived(placed.built);
	const front = $derived(VIEWS.front(built));
	const box = $derived({
		left: Math.min(0, built.reach.left),
		right: Math.max(built.face.width, built.reach.right),
		low: Math.min(0, built.reach.low),
		high: Math.max(built.face.height, built.reach.high)
	});
	const view = $derived.by((): View => {
		const room = { w: wide - TAPE - ROOM.left - ROOM.right, h: high - TAPE - ROOM.top - ROOM.below };
		const k = Math.max(0.02, Math.min(room.w / (box.right - box.left), room.h / (box.high - box.low)));
		return { k, x: TAPE + ROOM.left - box.left * k, y: high - TAPE - ROOM.below + box.low * k };
	});
	const say = (mm: number) => formatLength(mm, unit);
	const px = (x: number) => view.x + x * view.k;
	const py = (y: number) => view.y - y * view.k;
	/** Seats of the carrier that is picked, or of the first: their spacing is written over the back. */
	const shown = $derived(desk.carrier ?? built.carriers[0]?.id);
	const seats = $derived(
		[...new Set(built.seats.filter((s) => s.carrier === shown).map((s) => Math.round(s.at[0] * 100) / 100))].sort(
			(a, b) => a - b
		)
	);
	const dimsAt = $derived(py(box.high) - 12);
	const firstWord = $derived(say(seats[0] ?? 0));
	const nextWord = $derived(say((seats[1] ?? 0) - (seats[0] ?? 0)));
	/** Too short for its own figure the first one's is written beside the next. */
	const firstFits = $derived((seats[0] ?? 0) * view.k > roomFor(firstWord));

	let move = $state.raw<CarrierMove | null>(null);
	let refused = $state('');
	let svg: SVGSVGElement;

	function grab(event: PointerEvent, id: string) {
		if (event.button !== 0) return;
		event.stopPropagation();
		desk.carrier = id;
		const { holder } = placed;
		const start = { x: event.clientX, y: event.clientY };
		const before = built;
		followDrag(event, {
			move: (e) => {
				const by = { dx: (e.clientX - start.x) / view.k, dy: -(e.clientY - start.y) / view.k };
				move = moveCarrier(holder, before, id, by, { unit, reach: e.altKey ? -1 : SNAP_PX / view.k });
				const [wrong] = open.show(move?.command ?? null);
				refused = wrong ? sayProblem(wrong, unit) : '';
			},
			end: (done) => {
				const command = move?.command;
				move = null;
				open.show(null);
				if (done && command) open.do(command);
			}
		});
	}

	function keyed(event: KeyboardEvent, id: string) {
		const nudge = nudgeCarrier(placed.holder, built, id, event.key, event.shiftKey, unit);
		if (!nudge) return;
		event.preventDefault();
		desk.carrier = id;
		const [wrong] = open.do(nudge.command, `carrier ${id}`);
		refused = wrong ? sayProblem(wrong, unit) : '';
	}
</script>

<div class="frame" bind:clientWidth={wide} bind:clientHeight={high}>
	<div class="head" style:left="{TAPE + ROOM.left}px">
		<p class="title">{placed.holder.name || 'Holder'}</p>
		{#if wide > 520}<p class="about">from the front, to scale; {sayPhrase(describeHolder(placed.holder), unit)}</p>{/if}
	</div>
	<svg bind:this={svg} width={wide} height={high} role="group" aria-label="The holder from the front">
		<g transform="translate({view.x} {view.y}) scale({view.k})">
			<ProjectionShape drawing={front} parts={built.parts} />
			<path d={thingsFromFront(built)} class="things" fill-rule="evenodd" />
			<ScrewMarks {placed} />
		</g>
		{#each built.carriers as c (c.id)}
			{@const { title } = carrierKind(c.kind)}
			<rect
				role="button"
				tabindex="0"
				aria-label="{title}: drag it, or move it by arrow keys"
				aria-pressed={desk.carrier === c.id}
				class="grip"
				class:picked={desk.carrier === c.id}
				x={px(c.taken.left) - 3}
				y={py(c.taken.high) - 3}
				width={Math.max(8, (c.taken.right - c.taken.left) * view.k + 6)}
				height={Math.max(8, (c.taken.high - c.taken.low) * view.k + 6)}
				onpointerdown={(e) => grab(e, c.id)}
				onkeydown={(e) => keyed(e, c.id)}
			/>
		{/each}
		<Dimension from={[px(0), dimsAt - 18]} to={[px(built.face.width), dimsAt - 18]} word={say(built.face.width)} />
		{#if seats.length > 0}
			<Dimension from={[px(0), dimsAt]} to={[px(seats[0] ?? 0), dimsAt]} word={firstWord} free={seats.length === 1} />
		{/if}
		{#if seats.length > 1}
			<Dimension
				from={[px(seats[0] ?? 0), dimsAt]}
				to={[px(seats[1] ?? 0), dimsAt]}
				word={firstFits ? nextWord : `${firstWord}, then ${nextWord}`}
				free
			/>
		{/if}
		<Dimension
			from={[px(box.left) - 14, py(0)]}
			to={[px(box.left) - 14, py(built.face.height)]}
			word={say(built.face.height)}
			upright
		/>
		<g transform="translate(0 {high - TAPE})"><Tape side="floor" length={wide} {view} {unit} extent={null} /></g>
		<Tape side="corner" length={high - TAPE} {view} {unit} extent={null} />
		<rect x="0" y={high - TAPE} width={TAPE} height={TAPE} fill="var(--ink)" />
	</svg>
	{#if refused}<p class="toast" role="alert">{refused}</p>
	{:else if move?.why}<p class="toast" role="status">at {move.why}</p>{/if}
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
	}
	/* Beside the switch of views, however long the words are. */
	.head {
		position: absolute;
		z-index: 1;
		top: 14px;
		right: 220px;
		pointer-events: none;
	}
	.head p {
		margin: 0;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.title {
		color: var(--ink);
		font-weight: 700;
		font-size: 15px;
	}
	.about {
		color: var(--pencil);
		font-size: 12px;
	}
	.things {
		fill: var(--thing);
		stroke: var(--sheet);
		stroke-width: 0.8px;
		vector-effect: non-scaling-stroke;
		pointer-events: none;
	}
	.grip {
		fill: transparent;
		stroke: transparent;
		stroke-width: 2;
		cursor: grab;
	}
	.grip:hover,
	.grip:focus-visible,
	.picked {
		stroke: var(--chalk);
	}
	.grip:focus-visible {
		outline: none;
		stroke-width: 3;
	}
</style>
