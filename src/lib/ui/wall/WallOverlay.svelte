<script lang="ts">
	import type { Verdict } from '$core/verdict/check';
	import type { LoadPath } from '$core/checks/load-path';
	import type { AnyPlaced } from '$core/places/any-place';
	import { formatLength } from '$core/units/format-length';
	import type { LengthUnit } from '$core/units/parse-length';
	import Vial from '../Vial.svelte';
	import type { Extent } from './extent';
	import LoadPathShape from './LoadPathShape.svelte';
	import Tape from './Tape.svelte';
	import { TAPE, vialPlace, vialSize, type View } from './view';

	/** What lies over the wall: the tapes, what the picked thing throws onto them, its load path. Takes no pointer. */
	interface Props {
		width: number;
		height: number;
		view: View;
		unit: LengthUnit;
		extent: Extent | null;
		path: LoadPath | null;
		/** Where the check that is read applies. */
		pointed: Extent | null;
		/** The picked holder's verdict, over it. */
		vial: { placed: AnyPlaced; verdict: Verdict } | undefined;
		/** Where the pointer is on the wall, mm. */
		pointer: { x: number; y: number } | null;
	}
	let { width, height, view, unit, extent, path, pointed, vial, pointer }: Props = $props();

	const say = (mm: number) => formatLength(mm, unit);
	const stretch = (from: number, to: number) => ({ from, to, words: [say(from), say(to)] as [string, string] });
</script>

<!-- A drawing that is folded away has no height left for its tapes. -->
{#if height > TAPE}
	<svg class="layer" {width} {height} aria-hidden="true">
		{#if path}<g transform="translate({view.x} {view.y}) scale({view.k})"><LoadPathShape {path} k={view.k} /></g>{/if}
		{#if pointed}
			<rect
				class="pointed"
				x={view.x + pointed.left * view.k}
				y={view.y - pointed.high * view.k}
				width={(pointed.right - pointed.left) * view.k}
				height={(pointed.high - pointed.low) * view.k}
			/>
		{/if}
		{#if vial}<Vial verdict={vial.verdict} at={[vialPlace(view, vial.placed)]} size={vialSize(view)} />{/if}
		{#if extent}
			<g class="throw">
				{#each [extent.left, extent.right] as x, i (i)}<path
						d="M{view.x + x * view.k} {view.y - extent.low * view.k}V{height - TAPE}"
					/>{/each}
				{#each [extent.low, extent.high] as y, i (i)}<path
						d="M{view.x + extent.left * view.k} {view.y - y * view.k}H{TAPE}"
					/>{/each}
			</g>
		{/if}
		<g transform="translate(0 {height - TAPE})">
			<Tape
				side="floor"
				length={width}
				{view}
				{unit}
				extent={extent && stretch(extent.left, extent.right)}
				pointer={pointer && { at: pointer.x, word: say(pointer.x) }}
			/>
		</g>
		<Tape
			side="corner"
			length={height - TAPE}
			{view}
			{unit}
			extent={extent && stretch(extent.low, extent.high)}
			pointer={pointer && { at: pointer.y, word: say(pointer.y) }}
		/>
		<rect x="0" y={height - TAPE} width={TAPE} height={TAPE} fill="var(--ink)" />
		<path d="M15 {height - 21}l6 10h-12z" fill="var(--tape)" />
	</svg>
{/if}

<style>
	.pointed {
		fill: none;
		stroke: var(--chalk);
		stroke-width: 3.5;
		rx: 3px;
	}
	.throw path {
		stroke: var(--chalk);
		stroke-width: 1;
		stroke-dasharray: 2 4;
		fill: none;
	}
</style>
