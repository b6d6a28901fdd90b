<script lang="ts">
	import { tapeTicks } from '$core/drawing/tape-ticks';
	import type { LengthUnit } from '$core/units/parse-length';
	import { TAPE, type View } from './view';

	interface Props {
		side: 'floor' | 'corner';
		/** Length of the tape on the screen, px. */
		length: number;
		view: View;
		unit: LengthUnit;
		/** Stretch thrown onto the tape by what is picked, mm. */
		extent?: { from: number; to: number; words: [string, string] } | null;
		/** Where the pointer is, mm. */
		pointer?: { at: number; word: string } | null;
	}
	let { side, length, view, unit, extent = null, pointer = null }: Props = $props();

	const floor = $derived(side === 'floor');
	/** From mm to px along this tape. */
	const px = (mm: number) => (floor ? view.x + mm * view.k : view.y - mm * view.k);
	const from = $derived(floor ? (TAPE - view.x) / view.k : (view.y - length) / view.k);
	const to = $derived(floor ? (length - view.x) / view.k : view.y / view.k);
	const ticks = $derived(tapeTicks(from, to, view.k, unit));
	/** Room a reading takes, px: where the tape ends before that, it stands on the other side of its line. */
	const room = (word: string) => word.length * 7.3 + 6;
	const DEPTH = { minor: 5, middle: 9, major: 13 };
	/** All lines of one kind as one path: a tape has hundreds, and is drawn anew with every step of the zoom. */
	const lines = $derived.by(() => {
		const of = (fine: boolean, red: boolean) =>
			ticks
				.filter((t) => (t.size === 'minor') === fine && t.red === red)
				.map((t) => (floor ? `M${px(t.at)} 0v${DEPTH[t.size]}` : `M${TAPE} ${px(t.at)}h${-DEPTH[t.size]}`))
				.join('');
		return [
			{ d: of(true, false), colour: 'var(--tape-ink)', width: 0.7 },
			{ d: of(false, false), colour: 'var(--tape-ink)', width: 1.1 },
			{ d: of(false, true), colour: 'var(--tape-red)', width: 1.1 }
		];
	});
</script>

<!-- A reading on the tape: white on chalk, so that it stands out from the tape's own figures. -->
{#snippet reading(word: string, x: number, y: number, anchor: 'start' | 'end')}
	{@const wide = room(word)}
	<rect x={anchor === 'start' ? x : x - wide} y={y - 12} width={wide} height="16" rx="2" fill="var(--reading)" />
	<text class="read" x={anchor === 'start' ? x + 3 : x - 3} {y} text-anchor={anchor}>{word}</text>
{/snippet}

<g class="tape" aria-hidden="true">
	{#if floor}
		<rect
			x={TAPE}
			y="0"
			width={Math.max(0, length - TAPE)}
			height={TAPE}
			fill="var(--tape)"
			stroke="var(--tape-edge)"
		/>
		{#each lines as l, i (i)}<path d={l.d} stroke={l.colour} stroke-width={l.width} />{/each}
		{#each ticks.filter((t) => t.label) as t (t.at)}
			<text x={px(t.at)} y="25" text-anchor="middle" fill={t.red ? 'var(--tape-red)' : 'var(--tape-ink)'}
				>{t.label}</text
			>
		{/each}
		{#if extent}
			<rect
				x={px(extent.from)}
				y="0"
				width={Math.max(2, px(extent.to) - px(extent.from))}
				height="5"
				fill="var(--chalk)"
			/>
			{@render reading(
				extent.words[0],
				px(extent.from) - 2,
				25,
				px(extent.from) < TAPE + room(extent.words[0]) ? 'start' : 'end'
			)}
			{@render reading(
				extent.words[1],
				px(extent.to) + 2,
				25,
				px(extent.to) > length - room(extent.words[1]) ? 'end' : 'start'
			)}
		{/if}
		{#if pointer}
			<path d="M{px(pointer.at)} 0v{TAPE}" stroke="var(--chalk)" />
			{@render reading(pointer.word, px(pointer.at) + 2, 13, 'start')}
		{/if}
	{:else}
		<rect x="0" y="0" width={TAPE} height={length} fill="var(--tape)" stroke="var(--tape-edge)" />
		{#each lines as l, i (i)}<path d={l.d} stroke={l.colour} stroke-width={l.width} />{/each}
		{#each ticks.filter((t) => t.label) as t (t.at)}
			<text
				transform="translate(12 {px(t.at)}) rotate(-90)"
				text-anchor="middle"
				fill={t.red ? 'var(--tape-red)' : 'var(--tape-ink)'}>{t.label}</text
			>
		{/each}
		{#if extent}
			<rect
				x={TAPE - 5}
				y={px(extent.to)}
				width="5"
				height={Math.max(2, px(extent.from) - px(extent.to))}
				fill="var(--chalk)"
			/>
			{@const low = px(extent.to) < room(extent.words[1])}
			<!-- Under its line it stands in a lane of its own, beside the other. -->
			<g transform="translate({low ? 27 : 13} {px(extent.to) - 2}) rotate(-90)"
				>{@render reading(extent.words[1], 0, 0, low ? 'end' : 'start')}</g
			>
			<g transform="translate(13 {px(extent.from) + 2}) rotate(-90)">{@render reading(extent.words[0], 0, 0, 'end')}</g>
		{/if}
		{#if pointer}
			<path d="M0 {px(pointer.at)}h{TAPE}" stroke="var(--chalk)" />
			<g transform="translate(26 {px(pointer.at) - 2}) rotate(-90)">{@render reading(pointer.word, 0, 0, 'start')}</g>
		{/if}
	{/if}
</g>

<style>
	text {
		font: 600 12px var(--font-mono);
	}
	.read {
		fill: #fff;
	}
</style>
