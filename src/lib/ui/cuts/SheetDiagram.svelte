<script lang="ts">
	import type { Millimetres } from '$core/units/quantity';
	import { layCuts } from '$core/cutting/lay-cuts';
	import { formatLength } from '$core/units/format-length';
	import { preferences } from '$lib/state/preferences.svelte';

	/**
	 * One bought sheet as it lies on the bench: its grain along it, and a pencil line for every rip, numbered in the
	 * order they are made from the near edge.
	 */
	interface Props {
		number: number;
		/** Bought size, mm. */
		width: Millimetres;
		length: Millimetres;
		kerf: Millimetres;
		/** Widths of the strips, mm. */
		strips: readonly Millimetres[];
	}
	let { number, width, length, kerf, strips }: Props = $props();

	const unit = $derived(preferences.unit);
	/** Drawn so long, in units of the picture; its width keeps the true proportion. */
	const LONG = 520;
	const k = $derived(LONG / length);
	const laid = $derived(
		layCuts(
			strips.map((strip) => ({ length: strip })),
			width,
			kerf
		)
	);
	/** The last strip may end with the sheet: no cut there. */
	const ripped = (to: Millimetres) => to < width - 0.5;
	const tall = $derived(width * k);
	/** Numbers stand in two lanes: narrow strips bring them close. */
	const orderX = (i: number) => LONG + 4 + ((i + 1) % 2) * 10;
	/** From the near edge up the picture. */
	const y = (mm: number) => tall - mm * k;
	const grain = $derived(
		Array.from(
			{ length: Math.floor(tall / 9) },
			(_, i) => `M4 ${6 + i * 9}h${180 + ((i * 67) % 190)}m${18 + ((i * 31) % 25)} 0h${LONG - 250 - ((i * 67) % 190)}`
		).join('')
	);
	const told = $derived(
		`Sheet ${number}, ${formatLength(width, unit)} x ${formatLength(length, unit)}: ${strips.map((s) => formatLength(s, unit)).join(', ')}`
	);
</script>

<figure>
	<svg viewBox="-1 -1 {LONG + 24} {tall + 2}" role="img" aria-label={told}>
		<rect width={LONG} height={tall} fill="var(--ply)" stroke="var(--ply-edge)" stroke-width="1.4" />
		<path d={grain} fill="none" stroke="var(--ply-edge)" stroke-width="0.8" opacity="0.3" />
		{#each laid.cuts as { piece, from, to }, i (i)}
			<text x="8" y={y(from + piece.length / 2) + 4} font-size={Math.max(6, Math.min(13, piece.length * k - 1))}
				>{formatLength(piece.length, unit)}</text
			>
			{#if ripped(to)}
				<path d="M0 {y(to)}H{LONG}" stroke="var(--cut-line)" stroke-width="1.4" />
				<circle cx={orderX(i)} cy={y(to)} r="7" fill="var(--sheet)" stroke="var(--cut-line)" />
				<text class="order" x={orderX(i)} y={y(to) + 3.4} text-anchor="middle">{i + 1}</text>
			{/if}
		{/each}
		{#if laid.offcut * k > 12}<text x="8" y={y(width - laid.offcut / 2) + 4} class="rest"
				>{formatLength(laid.offcut, unit)} left</text
			>{/if}
	</svg>
</figure>

<style>
	figure {
		max-width: 620px;
		margin-bottom: 0.8rem;
		break-inside: avoid;
	}
	text {
		font-family: var(--font-sans);
		font-weight: 700;
		fill: #1f2b2a;
	}
	:global(.dark) text {
		fill: #fff;
	}
	.rest {
		font-size: 11px;
		font-weight: 500;
	}
	.order {
		font-size: 9.5px;
		fill: var(--ink);
	}
	:global(.dark) .order {
		fill: var(--ink);
	}
</style>
