<script lang="ts">
	import type { Wall } from '$core/plan/types';
	import { joistsOver } from '$core/survey/joists';
	import { noGo, safeStrips } from '$core/survey/safe-zones';
	import { topAt } from '$core/survey/outline';
	import { formatLength } from '$core/units/format-length';
	import type { LengthUnit } from '$core/units/parse-length';

	/**
	 * What was surveyed and is not a thing to take hold of: blocking, zones, the reference line, joists, pilot holes,
	 * cables, where a screw may go. `k` is px per mm; where screws are placed, what they keep out of shows.
	 */
	let {
		wall,
		k,
		unit,
		safe,
		full,
		screws
	}: { wall: Wall; k: number; unit: LengthUnit; safe: boolean; full: boolean; screws: boolean } = $props();

	const joists = $derived(joistsOver(wall));
</script>

<g class="marks" aria-hidden="true">
	{#each wall.blocking ?? [] as b (b.id)}<rect
			class="thin"
			x={b.x}
			y={-b.y - b.height}
			width={b.width}
			height={b.height}
			fill="var(--stud)"
			stroke="var(--pine-edge)"
			stroke-width="1.4"
		/>{/each}
	{#if safe}
		{#each safeStrips(wall) as s, i (i)}<rect
				x={s.left}
				y={-s.high}
				width={Math.max(s.right - s.left, 2 / k)}
				height={s.high - s.low}
				fill="var(--holds)"
				opacity="0.75"
			/>{/each}
	{/if}
	{#each noGo(wall) as z (z.obstruction.id)}
		{#if z.kind !== 'opening' && (full || safe || screws)}
			{@const high = Math.min(z.high, topAt(wall, (z.left + z.right) / 2))}
			<rect
				class="thin"
				x={z.left}
				y={-high}
				width={z.right - z.left}
				height={Math.max(0, high - z.low)}
				fill="var(--does-not-hold)"
				fill-opacity={safe ? 0.16 : 0.05}
				stroke="var(--does-not-hold)"
				stroke-width="1"
				stroke-dasharray="2 3"
			/>
		{/if}
	{/each}
	{#if full}
		{#each wall.zones ?? [] as z (z.id)}
			<rect
				class="thin"
				x={z.x}
				y={-z.y - z.height}
				width={z.width}
				height={z.height}
				fill="none"
				stroke="var(--close)"
				stroke-width="1.4"
				stroke-dasharray="10 4 2 4"
			/>
			<text transform="translate({z.x} {-z.y - z.height}) scale({1 / k})" x="4" y="13"
				>{z.name}: {formatLength(z.most, unit)} out</text
			>
		{/each}
		{#if wall.levels?.line !== undefined}
			<path
				class="thin"
				d="M0 {-wall.levels.line}H{wall.width}"
				stroke="var(--chalk)"
				stroke-width="1.4"
				stroke-dasharray="12 4"
			/>
			<text class="chalk" transform="translate(0 {-wall.levels.line}) scale({1 / k})" x="5" y="-4"
				>level line {formatLength(wall.levels.line, unit)}</text
			>
		{/if}
		{#each joists as j (j.left)}<rect
				class="thin"
				x={j.left}
				y={-j.high}
				width={j.right - j.left}
				height={j.high - j.low}
				fill="var(--stud)"
				stroke="var(--stud-line)"
				stroke-width="1"
			/>{/each}
		{#each wall.pilots ?? [] as p (p.id)}
			<circle
				class="thin"
				cx={p.x}
				cy={-p.y}
				r={5 / k}
				fill={p.hit === 'wood' ? 'var(--holds)' : 'var(--wall)'}
				stroke={p.hit === 'wood' ? 'var(--holds)' : 'var(--does-not-hold)'}
				stroke-width="2"
			/>
		{/each}
	{/if}
</g>

<style>
	.marks {
		pointer-events: none;
	}
	.thin {
		vector-effect: non-scaling-stroke;
	}
	text {
		font: 600 11px var(--font-sans);
		fill: var(--close);
		stroke: var(--wall);
		stroke-width: 3px;
		paint-order: stroke;
	}
	.chalk {
		fill: var(--chalk);
	}
</style>
