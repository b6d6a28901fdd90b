<script lang="ts">
	import { workingSpace } from '$core/survey/service-panel';
	import { alongWall } from '$core/solid/room';
	import { sweptBy } from '$core/survey/swept';
	import type { Obstruction } from '$core/plan/types';

	/** `swept` shows the room it moves through, or must have clear. */
	let {
		obstruction: o,
		selected,
		swept = false
	}: { obstruction: Obstruction; selected: boolean; swept?: boolean } = $props();
	const middle = $derived(o.x + o.width / 2);
	const off = $derived((o.near ?? 0) > 0);
	const dashed = $derived(off ? '8 4' : undefined);
	const rooms = $derived.by(() => {
		const { moving, clear } = sweptBy(o);
		return [...moving, ...(o.kind === 'service-panel' ? [] : clear)].map((s) => ({ x: alongWall(s), y: s.y }));
	});
	const line = $derived(selected ? 'var(--chalk)' : 'var(--ink)');
</script>

{#if swept || selected}
	{#each rooms as r, i (i)}<rect
			class="thin"
			x={r.x[0]}
			y={-r.y[1]}
			width={r.x[1] - r.x[0]}
			height={r.y[1] - r.y[0]}
			fill="none"
			stroke="var(--does-not-hold)"
			stroke-width="1.2"
			stroke-dasharray="6 4"
		/>{/each}
{/if}
<rect
	class="thin"
	x={o.x}
	y={-o.y - o.height}
	width={o.width}
	height={o.height}
	fill={o.hidden || off ? 'none' : 'var(--glass)'}
	stroke={o.hidden ? 'var(--does-not-hold)' : line}
	stroke-width={selected ? 2.5 : 1.2}
	stroke-dasharray={o.hidden ? '3 3' : dashed}
	pointer-events={off ? 'stroke' : 'all'}
/>
{#if off}<rect
		x={o.x}
		y={-o.y - o.height}
		width={o.width}
		height={o.height}
		fill="none"
		stroke="transparent"
		stroke-width="60"
		pointer-events="stroke"
	/>{/if}
{#if o.kind === 'window'}
	<path
		class="thin"
		d="M{middle} {-o.y}v{-o.height}M{o.x} {-o.y - o.height / 2}h{o.width}"
		stroke={line}
		stroke-width="1"
	/>
{:else if o.kind === 'door'}
	{@const handle = o.motion?.kind === 'swing' && o.motion.hinge === 'right' ? 0.1 : 0.9}
	<circle cx={o.x + o.width * handle} cy={-o.y - o.height * 0.5} r={Math.min(30, o.width * 0.05)} fill={line} />
{:else if o.kind === 'overhead-door'}
	{#each [0.25, 0.5, 0.75] as part (part)}<path
			class="thin"
			d="M{o.x} {-o.y - o.height * part}h{o.width}"
			stroke={line}
			stroke-width="1"
		/>{/each}
{:else if o.kind === 'outlet'}
	<circle cx={middle} cy={-o.y - o.height * 0.65} r={o.width * 0.1} fill={line} />
	<circle cx={middle} cy={-o.y - o.height * 0.35} r={o.width * 0.1} fill={line} />
	{#if selected && o.cord}<circle
			class="thin"
			cx={middle}
			cy={-o.y - o.height / 2}
			r={o.cord}
			fill="none"
			stroke="var(--chalk)"
			stroke-width="1.2"
			stroke-dasharray="3 5"
		/>{/if}
{:else if o.kind === 'service-panel'}
	{@const space = workingSpace(o)}
	<rect
		class="thin"
		x={space.left}
		y={-space.high}
		width={space.right - space.left}
		height={space.high - space.low}
		fill="none"
		stroke="var(--does-not-hold)"
		stroke-width="1.2"
		stroke-dasharray="6 4"
	/>
	<path
		class="thin"
		d="M{middle + o.width * 0.08} {-o.y - o.height * 0.75}l{-o.width * 0.2} {o.height * 0.3}h{o.width *
			0.24}l{-o.width * 0.2} {o.height * 0.3}"
		fill="none"
		stroke={line}
		stroke-width="1.4"
	/>
{:else if o.kind === 'switch'}
	<rect
		x={middle - o.width * 0.12}
		y={-o.y - o.height * 0.68}
		width={o.width * 0.24}
		height={o.height * 0.36}
		fill={line}
	/>
{:else if o.kind === 'radiator'}
	{#each [0.2, 0.4, 0.6, 0.8] as part (part)}<path
			class="thin"
			d="M{o.x + o.width * part} {-o.y - o.height * 0.1}v{-o.height * 0.8}"
			stroke={line}
			stroke-width="1"
		/>{/each}
{:else if o.kind === 'stairs'}
	<path
		class="thin"
		d="M{o.x} {-o.y}{[0, 1, 2, 3].map(() => `v${-o.height / 4}h${o.width / 4}`).join('')}"
		fill="none"
		stroke={line}
		stroke-width="1.2"
	/>
{:else if o.kind === 'car'}
	{#each [0.2, 0.8] as part (part)}<circle
			class="thin"
			cx={o.x + o.width * part}
			cy={-o.y - o.height * 0.2}
			r={o.height * 0.2}
			fill="none"
			stroke={line}
			stroke-width="1"
		/>{/each}
	<path
		class="thin"
		d="M{o.x + o.width * 0.15} {-o.y - o.height * 0.5}h{o.width * 0.7}"
		stroke={line}
		stroke-width="1"
	/>
{:else if o.kind === 'light'}
	<path
		class="thin"
		d="M{o.x} {-o.y - o.height}L{o.x + o.width} {-o.y}M{o.x} {-o.y}L{o.x + o.width} {-o.y - o.height}"
		stroke={line}
		stroke-width="1"
	/>
{/if}

<style>
	.thin {
		vector-effect: non-scaling-stroke;
	}
</style>
