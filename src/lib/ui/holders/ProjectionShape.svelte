<script lang="ts">
	import type { Part } from '$core/solid/part';
	import type { Edge, Projection } from '$core/solid/project';
	import type { Vec2 } from '$core/solid/vector';

	/** Solids from one side, y down, in mm: what each covers, then its edges. */
	interface Props {
		drawing: Projection;
		parts: readonly Part[];
		/** Dashes behind something show too. */
		hidden?: boolean;
	}
	let { drawing, parts, hidden = true }: Props = $props();

	const round = $derived(new Set(parts.filter((p) => p.material.kind === 'dowel').map((p) => p.id)));
	const num = (x: number) => String(Math.round(x * 100) / 100);
	const polygon = (points: readonly Vec2[]) =>
		`${points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${num(x)} ${num(-y)}`).join('')}z`;
	const lines = (edges: readonly Edge[]) =>
		edges.map(([a, b]) => `M${num(a[0])} ${num(-a[1])}L${num(b[0])} ${num(-b[1])}`).join('');
</script>

{#each drawing.faces as face, i (i)}
	<path
		d={face.polygons.map(polygon).join('')}
		fill={round.has(face.part) ? 'var(--pine)' : 'var(--ply)'}
		fill-rule="evenodd"
	/>
{/each}
{#if hidden}<path class="edge behind" d={lines(drawing.hidden)} />{/if}
<path class="edge" d={lines(drawing.visible)} />

<style>
	.edge {
		fill: none;
		stroke: var(--ply-edge);
		stroke-width: 1.2px;
		stroke-linecap: round;
		vector-effect: non-scaling-stroke;
	}
	.behind {
		stroke-width: 0.9px;
		stroke-dasharray: 4 3;
		opacity: 0.75;
	}
</style>
