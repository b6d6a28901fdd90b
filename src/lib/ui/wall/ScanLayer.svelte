<script lang="ts">
	import type { ScanFound } from '$core/survey/scan/analyse';
	import type { ProvedPiece } from '$core/survey/scan/retrain';
	import { placeOf, type Trace } from '$core/survey/scan/trace';
	import type { View } from './view';

	/**
	 * Sweeps over the wall at their heights, as pencil marks on a strip of masking tape, what was found of them, and live
	 * stretches. Takes no pointer.
	 */
	interface Props {
		width: number;
		height: number;
		view: View;
		wallWidth: number;
		wallHeight: number;
		traces: readonly Trace[];
		sweeping: Trace | null;
		found: ScanFound | null;
		pieces: readonly ProvedPiece[];
	}
	let { width, height, view, wallWidth, wallHeight, traces, sweeping, found, pieces }: Props = $props();

	/** Height of a stud's lift on the screen, px. */
	const LIFT = 24;

	/** Pixels to a point of a line: a browser reads thousands of points slowly. */
	const GRAIN = 2;
	/** A line of one point to every other pixel or so: of the samples there, the one farthest from the point before. */
	function lineOf(trace: Trace): string {
		const { density } = trace;
		let base = Infinity;
		for (const d of density) base = Math.min(base, d);
		const y = view.y - trace.y * view.k;
		const hop = Math.max(1, Math.floor((GRAIN * density.length) / Math.max(200, width)));
		let line = '';
		let before = density[0] ?? 0;
		for (let i = 0; i < density.length; i += hop) {
			let at = i;
			for (let j = i; j < Math.min(density.length, i + hop); j++)
				if (Math.abs((density[j] as number) - before) > Math.abs((density[at] as number) - before)) at = j;
			before = density[at] as number;
			const x = Math.round(view.x + placeOf(trace, at) * view.k);
			const lifted = Math.round(10 * (y - (before - base) * LIFT)) / 10;
			line += `${line === '' ? 'M' : 'L'}${x} ${lifted}`;
		}
		return line;
	}
	const lines = $derived(traces.map((t) => ({ y: t.y, d: lineOf(t) })));
	const now = $derived(
		sweeping && sweeping.density.length > 1
			? {
					d: lineOf(sweeping),
					x: view.x + placeOf(sweeping, sweeping.density.length - 1) * view.k,
					y: view.y - sweeping.y * view.k
				}
			: null
	);
	const at = (p: ProvedPiece, y: number) => view.x + (p.x + (p.lean * y) / 1000) * view.k;
</script>

<svg class="layer" {width} {height} aria-hidden="true">
	{#each found?.live ?? [] as l, i (i)}
		<rect
			class="live"
			x={view.x + l.left * view.k}
			y={view.y - wallHeight * view.k}
			width={(l.right - l.left) * view.k}
			height={wallHeight * view.k}
		/>
	{/each}
	{#each pieces as p, i (i)}
		{@const half = (p.width / 2) * view.k}
		<path
			class={p.kind}
			class:denied={p.proof === 'nothing'}
			d="M{at(p, 0) - half} {view.y}L{at(p, wallHeight) - half} {view.y - wallHeight * view.k}M{at(p, 0) +
				half} {view.y}L{at(p, wallHeight) + half} {view.y - wallHeight * view.k}"
		/>
		{#each p.marks as m (m.y)}<circle class="mark" cx={view.x + m.x * view.k} cy={view.y - m.y * view.k} r="3" />{/each}
	{/each}
	{#each lines as l (l.y)}<rect
			class="masking"
			x={view.x}
			y={view.y - l.y * view.k - LIFT - 8}
			width={wallWidth * view.k}
			height={LIFT + 16}
		/><path class="trace" d={l.d} />{/each}
	{#if now}
		<rect class="masking" x={view.x} y={now.y - LIFT - 8} width={Math.max(0, now.x - view.x)} height={LIFT + 16} />
		<path class="trace" d={now.d} />
		<circle class="head" cx={now.x} cy={now.y} r="7" />
	{/if}
</svg>

<style>
	.masking {
		fill: #e9dfb4;
		fill-opacity: 0.82;
	}
	:global(.dark) .masking {
		fill: #b9ad7c;
	}
	.trace {
		fill: none;
		stroke: #2b3331;
		stroke-width: 1.4;
	}
	.head {
		fill: var(--chalk);
	}
	.stud {
		fill: none;
		stroke: var(--holds);
		stroke-width: 1.6;
	}
	.pipe {
		fill: none;
		stroke: var(--does-not-hold);
		stroke-width: 1.6;
		stroke-dasharray: 3 3;
	}
	.denied {
		opacity: 0.35;
	}
	.mark {
		fill: var(--holds);
	}
	.live {
		fill: var(--does-not-hold);
		fill-opacity: 0.14;
		stroke: var(--does-not-hold);
		stroke-dasharray: 2 3;
	}
</style>
