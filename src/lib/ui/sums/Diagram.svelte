<script lang="ts">
	import type { Drawing, Look, Point, Shape } from '$core/drawing/shapes';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';

	/** A neutral line drawing on the screen, to scale, as large as there is room. */
	let { drawing, tallest = 225 }: { drawing: Drawing; /** Its height at most, px. */ tallest?: number } = $props();

	/** Room around it for dimensions and words, px. */
	const EDGE = 76;
	let width = $state(420);
	const unit = $derived(preferences.unit);

	function pointsOf(s: Shape): readonly Point[] {
		switch (s.kind) {
			case 'polygon':
			case 'line':
				return s.points;
			case 'circle':
				return [
					[s.at[0] - s.radius, s.at[1] - s.radius],
					[s.at[0] + s.radius, s.at[1] + s.radius]
				];
			case 'arrow':
			case 'measure':
				return [s.from, s.to];
			case 'mark':
				return [s.at];
		}
	}

	const box = $derived.by(() => {
		const all = drawing.shapes.flatMap(pointsOf);
		const [xs, ys] = [all.map((p) => p[0]), all.map((p) => p[1])];
		return { left: Math.min(...xs), right: Math.max(...xs), low: Math.min(...ys), high: Math.max(...ys) };
	});
	const k = $derived(
		Math.min((width - 2 * EDGE) / Math.max(1, box.right - box.left), tallest / Math.max(1, box.high - box.low))
	);
	const height = $derived((box.high - box.low) * k + 2 * EDGE);
	const x = (mm: number) => EDGE + (width - 2 * EDGE - (box.right - box.left) * k) / 2 + (mm - box.left) * k;
	const y = (mm: number) => EDGE + (box.high - mm) * k;
	const path = (points: readonly Point[]) =>
		points.map((p, i) => `${i ? 'L' : 'M'}${x(p[0]).toFixed(1)} ${y(p[1]).toFixed(1)}`).join('');

	const FILL: Record<Look, string> = {
		wood: 'var(--pine)',
		ply: 'var(--ply)',
		steel: 'var(--thing)',
		wall: 'var(--hair)',
		thing: 'var(--glass)',
		bent: 'none',
		clash: 'none'
	};
	const LINE: Record<Look, string> = {
		wood: 'var(--pine-edge)',
		ply: 'var(--ply-edge)',
		steel: 'var(--thing)',
		wall: 'var(--pencil)',
		thing: 'var(--thing)',
		bent: 'var(--chalk)',
		clash: 'var(--does-not-hold)'
	};

	/** The ends of a dimension line, off to its side, and where its words stand. */
	function dimension(s: Extract<Shape, { kind: 'measure' }>) {
		const off = 16;
		if (s.side === 'below' || s.side === 'above') {
			const at =
				s.side === 'below' ? Math.max(y(s.from[1]), y(s.to[1])) + off : Math.min(y(s.from[1]), y(s.to[1])) - off;
			const [a, b] = [x(s.from[0]), x(s.to[0])];
			return {
				d: `M${a} ${at - 5}v10M${b} ${at - 5}v10M${a} ${at}H${b}`,
				tx: (a + b) / 2,
				ty: s.side === 'below' ? at + 15 : at - 7,
				anchor: 'middle' as const
			};
		}
		const at = s.side === 'left' ? Math.min(x(s.from[0]), x(s.to[0])) - off : Math.max(x(s.from[0]), x(s.to[0])) + off;
		const [a, b] = [y(s.from[1]), y(s.to[1])];
		return {
			d: `M${at - 5} ${a}h10M${at - 5} ${b}h10M${at} ${a}V${b}`,
			tx: s.side === 'left' ? at - 7 : at + 7,
			ty: (a + b) / 2 + 4,
			anchor: s.side === 'left' ? ('end' as const) : ('start' as const)
		};
	}

	/** A load: its line, and a head at its point. */
	function arrow(s: Extract<Shape, { kind: 'arrow' }>) {
		const [ax, ay, bx, by] = [x(s.from[0]), y(s.from[1]), x(s.to[0]), y(s.to[1])];
		const length = Math.hypot(bx - ax, by - ay) || 1;
		const [ux, uy] = [(bx - ax) / length, (by - ay) / length];
		const head = `M${bx} ${by}L${bx - 9 * ux - 5 * uy} ${by - 9 * uy + 5 * ux}L${bx - 9 * ux + 5 * uy} ${by - 9 * uy - 5 * ux}z`;
		// Words stand by the tail of a load that comes down, and under the point of one that goes off to the left.
		const left = bx < ax - 4;
		const words = left
			? { tx: bx, ty: by + 16, anchor: 'middle' as const }
			: {
					tx: Math.min(width - 6, ax + 8),
					ty: ay < by ? ay + 4 : ay + 12,
					anchor: ax > width - 90 ? ('end' as const) : ('start' as const)
				};
		return { line: `M${ax} ${ay}L${bx} ${by}`, head, ...words };
	}
</script>

<div bind:clientWidth={width}>
	<svg {width} {height} role="img" aria-label={drawing.title}>
		{#each drawing.shapes as s, i (i)}
			{#if s.kind === 'polygon'}
				<path d="{path(s.points)}z" fill={FILL[s.look]} stroke={LINE[s.look]} stroke-width="1.2" />
			{:else if s.kind === 'line'}
				<path
					d={path(s.points)}
					fill="none"
					stroke={LINE[s.look]}
					stroke-width={s.look === 'steel' || s.look === 'wood' ? 6 : 2}
					stroke-dasharray={s.look === 'bent' ? '6 4' : undefined}
					stroke-linejoin="round"
				/>
			{:else if s.kind === 'circle'}
				<circle
					cx={x(s.at[0])}
					cy={y(s.at[1])}
					r={s.radius * k}
					fill={FILL[s.look]}
					stroke={LINE[s.look]}
					stroke-width="1.2"
				/>
			{/if}
		{/each}
		{#each drawing.shapes as s, i (i)}
			{#if s.kind === 'measure'}
				{@const d = dimension(s)}
				<path class="measure" d={d.d} /><text x={d.tx} y={d.ty} text-anchor={d.anchor}>{sayPhrase(s.label, unit)}</text>
			{:else if s.kind === 'arrow'}
				{@const a = arrow(s)}
				<path class="load" d={a.line} /><path d={a.head} fill="var(--does-not-hold)" />
				{#if s.label}<text x={a.tx} y={a.ty} text-anchor={a.anchor}>{sayPhrase(s.label, unit)}</text>{/if}
			{:else if s.kind === 'mark'}
				<text x={x(s.at[0])} y={y(s.at[1])} text-anchor="end">{sayPhrase(s.label, unit)}</text>
			{/if}
		{/each}
	</svg>
</div>

<style>
	div {
		background: var(--wall);
		border: 1px solid var(--hair);
	}
	svg {
		display: block;
	}
	.measure {
		fill: none;
		stroke: var(--chalk);
		stroke-width: 1.2;
	}
	.load {
		fill: none;
		stroke: var(--does-not-hold);
		stroke-width: 2.2;
	}
	text {
		font: 600 12px var(--font-mono);
		fill: var(--ink);
		stroke: var(--wall);
		stroke-width: 4px;
		paint-order: stroke;
	}
</style>
