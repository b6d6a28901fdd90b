<script lang="ts">
	import type { CutGroup } from '$core/cutting/cut-group';
	import type { CutSheet } from '$core/cutting/cut-sheet';
	import { isBar, metalOf } from '$core/cutting/groups';
	import type { Offer } from '$core/cutting/offers';
	import { formatLength } from '$core/units/format-length';
	import type { CutTicks } from '$lib/state/cut-ticks.svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { drawSheet, WIDE } from './draw-sheet';
	import SheetPieces from './SheetPieces.svelte';

	/**
	 * One sheet, board or rod as it lies on the bench: its grain, a pencil line for every cut with its number in the order
	 * they are made, and on each piece what is written on the wood. What is left is wood too, with its size.
	 */
	interface Props {
		open: OpenPlan;
		group: CutGroup;
		sheet: CutSheet;
		/** Of so many of its group, from 1. */
		number: number;
		ticks: CutTicks;
		onDown: (words: string) => void;
	}
	let { open, group, sheet, number, ticks, onDown }: Props = $props();

	const unit = $derived(preferences.unit);
	const say = (x: number) => formatLength(x, unit);
	const offer = $derived(group.offers[sheet.offer] as Offer);
	const longest = $derived(Math.max(...group.sheets.map((s) => group.offers[s.offer]?.length ?? 0)));
	const drawn = $derived(
		drawSheet(sheet, { ...offer, longest }, number, ({ length, width }) =>
			bar ? say(length) : `${say(length)} x ${say(width)}`
		)
	);
	const bar = $derived(isBar(group));
	const wood = $derived(group.kind === 'sheet' ? 'ply' : 'pine');
	const stuff = $derived(metalOf(group) ? 'metal' : wood);
	const size = $derived(bar ? say(offer.length) : `${say(offer.width)} x ${say(offer.length)}`);
	const from = $derived(offer.owned ? `yours${offer.owned.where ? `, ${offer.owned.where}` : ''}` : 'bought');
	/** What is taken off before the first cut that is numbered. */
	const trimmed = $derived.by(() => {
		const { ends, edges } = offer.trim;
		const off = [ends > 0 ? `${say(ends)} off each end` : '', edges > 0 ? `${say(edges)} off each edge` : ''];
		const first = off.filter(Boolean).join(' and ');
		return first ? `; first ${first}, then this is left` : '';
	});
	const told = $derived(
		`${group.kind} ${number}, ${size}, ${from}: ${drawn.pieces.length} pieces, ${drawn.cuts.length} cuts`
	);
	/** Numbers of cuts in circles, as long as they do not cover one another. */
	const circled = $derived(drawn.cuts.length <= 40);
	const picked = (owner: { id: string }) => open.selection?.id === owner.id;
</script>

<figure class:owned={offer.owned}>
	<figcaption>
		<b>{number}</b>
		{size}, {from}{trimmed}
	</figcaption>
	<div class="scroll">
		<svg viewBox="-14 -12 {WIDE + 28} {drawn.high + 24}" role="img" aria-label={told}>
			<rect
				width={drawn.wide}
				height={drawn.high}
				style:fill="var(--{stuff})"
				style:stroke="var(--{stuff}-edge)"
				stroke-width="1.5"
			/>
			{#if stuff !== 'metal'}<path d={drawn.grain} class="grain" style:stroke="var(--{stuff}-edge)" />{/if}
			{#each drawn.rests as r, i (i)}
				<text class="rest" x={r.x + r.w / 2} y={r.y + r.h / 2 + 4}>{r.words}</text>
			{/each}
			{#each drawn.pieces as p (p.laid.piece.id)}
				<rect
					class="piece"
					class:picked={picked(p.laid.piece.owner)}
					class:done={ticks.has(p.laid.piece.id)}
					x={p.x}
					y={p.y}
					width={p.w}
					height={p.h}
					data-piece={p.laid.piece.id}
				/>
				{#if p.words !== null}
					<text class="n" x={p.x + 5} y={p.y + Math.min(p.h / 2 + 5, 17)}
						>{p.n}<tspan class="what" dx="6">{p.words}</tspan></text
					>
				{/if}
			{/each}
			{#each drawn.cuts as c (c.n)}
				<path d={c.path} class="cut" class:bevel={c.cut.bevel} />
			{/each}
			{#if circled}
				{#each drawn.cuts as c (c.n)}
					<circle cx={c.at.x} cy={c.at.y} r="9" />
					<text class="order" x={c.at.x} y={c.at.y + 4}>{c.n}</text>
				{/each}
			{/if}
		</svg>
	</div>
	<SheetPieces {open} {group} {sheet} {ticks} {onDown} />
</figure>

<style>
	figure {
		margin-bottom: 1rem;
		break-inside: avoid;
	}
	figcaption {
		font-size: 0.85rem;
		color: var(--pencil);
	}
	figcaption b {
		margin-right: 0.4rem;
		color: var(--ink);
	}
	.scroll {
		max-width: 1000px;
		overflow-x: auto;
		overflow-y: hidden;
	}
	svg {
		display: block;
		width: 100%;
	}
	/* On a phone a board is looked along, not squeezed. */
	@media screen and (max-width: 900px) {
		.scroll > svg {
			min-width: 44rem;
		}
	}
	.grain {
		fill: none;
		opacity: 0.3;
	}
	.piece {
		fill: #fff;
		fill-opacity: 0.28;
		stroke: var(--cut-line);
		stroke-width: 0.8;
	}
	:global(.dark) .piece {
		fill-opacity: 0.1;
	}
	.piece.picked {
		stroke: var(--chalk);
		stroke-width: 4;
	}
	.piece.done {
		fill: var(--cut-line);
		fill-opacity: 0.3;
	}
	.cut {
		fill: none;
		stroke: var(--cut-line);
		stroke-width: 1.6;
	}
	.cut.bevel {
		stroke-dasharray: 9 3;
	}
	text {
		font-family: var(--font-sans);
		fill: #1f2b2a;
		font-size: 13px;
	}
	:global(.dark) text {
		fill: #fff;
	}
	.n {
		font-weight: 700;
	}
	.what {
		font-weight: 400;
	}
	.rest {
		font-size: 12px;
		font-style: italic;
		text-anchor: middle;
	}
	circle {
		fill: var(--sheet);
		stroke: var(--cut-line);
	}
	.order,
	:global(.dark) .order {
		fill: var(--ink);
		font-size: 11px;
		font-weight: 700;
		text-anchor: middle;
	}
</style>
