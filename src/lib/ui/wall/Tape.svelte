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
	const depth = { minor: 5, middle: 9, major: 13 };
</script>

<g class="tape" aria-hidden="true">
	{#if floor}
		<rect x={TAPE} y="0" width={Math.max(0, length - TAPE)} height={TAPE} fill="var(--tape)" stroke="var(--tape-edge)" />
		{#each ticks as t (t.at)}
			<path d="M{px(t.at)} 0v{depth[t.size]}" stroke={t.red ? 'var(--tape-red)' : 'var(--tape-ink)'} stroke-width={t.size === 'minor' ? 0.7 : 1.1} />
			{#if t.label}<text x={px(t.at)} y="25" text-anchor="middle" fill={t.red ? 'var(--tape-red)' : 'var(--tape-ink)'}>{t.label}</text>{/if}
		{/each}
		{#if extent}
			<rect x={px(extent.from)} y="0" width={Math.max(2, px(extent.to) - px(extent.from))} height="5" fill="var(--chalk)" />
			{@const near = px(extent.from) < TAPE + 84}
			<text class="read" x={px(extent.from) + (near ? 3 : -3)} y="25" text-anchor={near ? 'start' : 'end'}>{extent.words[0]}</text>
			<text class="read" x={px(extent.to) + 3} y="25">{extent.words[1]}</text>
		{/if}
		{#if pointer}
			<path d="M{px(pointer.at)} 0v{TAPE}" stroke="var(--chalk)" />
			<text class="read" x={px(pointer.at) + 3} y="12">{pointer.word}</text>
		{/if}
	{:else}
		<rect x="0" y="0" width={TAPE} height={length} fill="var(--tape)" stroke="var(--tape-edge)" />
		{#each ticks as t (t.at)}
			<path d="M{TAPE} {px(t.at)}h{-depth[t.size]}" stroke={t.red ? 'var(--tape-red)' : 'var(--tape-ink)'} stroke-width={t.size === 'minor' ? 0.7 : 1.1} />
			{#if t.label}<text transform="translate(12 {px(t.at)}) rotate(-90)" text-anchor="middle" fill={t.red ? 'var(--tape-red)' : 'var(--tape-ink)'}>{t.label}</text>{/if}
		{/each}
		{#if extent}
			<rect x={TAPE - 5} y={px(extent.to)} width="5" height={Math.max(2, px(extent.from) - px(extent.to))} fill="var(--chalk)" />
			<text class="read" transform="translate(12 {px(extent.to) - 3}) rotate(-90)">{extent.words[1]}</text>
			<text class="read" transform="translate(12 {px(extent.from) + 3}) rotate(-90)" text-anchor="end">{extent.words[0]}</text>
		{/if}
		{#if pointer}
			<path d="M0 {px(pointer.at)}h{TAPE}" stroke="var(--chalk)" />
			<text class="read" transform="translate(26 {px(pointer.at) - 3}) rotate(-90)">{pointer.word}</text>
		{/if}
	{/if}
</g>

<style>
	text {
		font: 600 12px var(--font-mono);
	}
	.read {
		fill: #fff;
		stroke: #174c85;
		stroke-width: 5px;
		paint-order: stroke;
		stroke-linejoin: round;
	}
</style>
