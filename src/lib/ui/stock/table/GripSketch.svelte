<script lang="ts">
	import type { Point, Shape } from '$core/drawing/shapes';
	import { gripOf, type GripKind } from '$core/things/grips/registry';
	import type { Dims } from '$core/things/grips/grip';

	/** How a thing is carried, as a drawing the size of a word: the same that its slip shows large. */
	let { grip, dims }: { grip: GripKind; dims: Dims } = $props();

	const SIZE = { width: 34, height: 24 };
	const FILL = { wood: 'var(--pine)', ply: 'var(--ply)', steel: 'var(--thing)', wall: 'var(--hair)', thing: 'var(--glass)', bent: 'none' } as const;

	const drawn = $derived.by(() => {
		const shapes = gripOf(grip).draw(dims).shapes.filter((s): s is Extract<Shape, { look: unknown }> => 'look' in s);
		const points = shapes.flatMap((s): readonly Point[] => (s.kind === 'circle' ? [[s.at[0] - s.radius, s.at[1] - s.radius], [s.at[0] + s.radius, s.at[1] + s.radius]] : s.points));
		const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
		const [left, low] = [Math.min(...xs), Math.min(...ys)];
		const k = Math.min((SIZE.width - 3) / Math.max(1, Math.max(...xs) - left), (SIZE.height - 3) / Math.max(1, Math.max(...ys) - low));
		const x = (p: Point) => (1.5 + (p[0] - left) * k).toFixed(1);
		const y = (p: Point) => (SIZE.height - 1.5 - (p[1] - low) * k).toFixed(1);
		return shapes.map((s) =>
			s.kind === 'circle'
				? { d: `M${(Number(x(s.at)) - s.radius * k).toFixed(1)} ${y(s.at)}a${(s.radius * k).toFixed(1)} ${(s.radius * k).toFixed(1)} 0 1 0 ${(2 * s.radius * k).toFixed(1)} 0a${(s.radius * k).toFixed(1)} ${(s.radius * k).toFixed(1)} 0 1 0 ${(-2 * s.radius * k).toFixed(1)} 0z`, fill: FILL[s.look] }
				: { d: `${s.points.map((p, i) => `${i ? 'L' : 'M'}${x(p)} ${y(p)}`).join('')}${s.kind === 'polygon' ? 'z' : ''}`, fill: s.kind === 'polygon' ? FILL[s.look] : 'none' }
		);
	});
</script>

<svg width={SIZE.width} height={SIZE.height} aria-hidden="true">
	{#each drawn as d, i (i)}<path d={d.d} fill={d.fill} stroke="var(--thing)" stroke-width="1" />{/each}
</svg>

<style>
	svg {
		flex: none;
	}
</style>
