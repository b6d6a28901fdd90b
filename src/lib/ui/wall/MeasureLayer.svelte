<script lang="ts">
	import type { Point } from '$core/survey/outline';
	import { formatLength } from '$core/units/format-length';
	import type { LengthUnit } from '$core/units/parse-length';
	import type { View } from './view';

	/** A measure laid on the drawing. Takes no pointer. */
	let {
		width,
		height,
		view,
		unit,
		measure
	}: { width: number; height: number; view: View; unit: LengthUnit; measure: { from: Point; to: Point } } = $props();

	const px = (p: Point) => ({ x: view.x + p.x * view.k, y: view.y - p.y * view.k });
	const a = $derived(px(measure.from));
	const b = $derived(px(measure.to));
	const length = $derived(Math.hypot(measure.to.x - measure.from.x, measure.to.y - measure.from.y));
</script>

<svg class="layer" {width} {height} aria-hidden="true">
	<path d="M{a.x} {a.y}L{b.x} {b.y}" />
	<circle cx={a.x} cy={a.y} r="4" /><circle cx={b.x} cy={b.y} r="4" />
	<text x={(a.x + b.x) / 2} y={(a.y + b.y) / 2 - 8} text-anchor="middle">{formatLength(length, unit)}</text>
</svg>

<style>
	path {
		stroke: var(--tape-edge);
		stroke-width: 3;
	}
	circle {
		fill: var(--tape);
		stroke: var(--ink);
	}
	text {
		font: 700 14px var(--font-mono);
		fill: var(--ink);
		stroke: var(--sheet);
		stroke-width: 4px;
		paint-order: stroke;
	}
</style>
