<script lang="ts">
	import { workingSpace } from '$core/handling/service-panel';
	import type { Obstruction } from '$core/plan/types';

	let { obstruction: o, selected }: { obstruction: Obstruction; selected: boolean } = $props();
	const middle = $derived(o.x + o.width / 2);
</script>

<rect
	class="thin" x={o.x} y={-o.y - o.height} width={o.width} height={o.height} fill="var(--glass)" stroke={selected ? 'var(--chalk)' : 'var(--ink)'}
	stroke-width={selected ? 2.5 : 1.2}
/>
{#if o.kind === 'window'}
	<path class="thin" d="M{middle} {-o.y}v{-o.height}M{o.x} {-o.y - o.height / 2}h{o.width}" stroke="var(--ink)" stroke-width="1" />
{:else if o.kind === 'door'}
	<circle cx={o.x + o.width * 0.9} cy={-o.y - o.height * 0.5} r={Math.min(30, o.width * 0.05)} fill="var(--ink)" />
{:else if o.kind === 'outlet'}
	<circle cx={middle} cy={-o.y - o.height * 0.65} r={o.width * 0.1} fill="var(--ink)" />
	<circle cx={middle} cy={-o.y - o.height * 0.35} r={o.width * 0.1} fill="var(--ink)" />
{:else if o.kind === 'service-panel'}
	{@const space = workingSpace(o)}
	<rect class="thin" x={space.left} y={-space.high} width={space.right - space.left} height={space.high - space.low} fill="none" stroke="var(--does-not-hold)" stroke-width="1.2" stroke-dasharray="6 4" />
	<path class="thin" d="M{middle + o.width * 0.08} {-o.y - o.height * 0.75}l{-o.width * 0.2} {o.height * 0.3}h{o.width * 0.24}l{-o.width * 0.2} {o.height * 0.3}" fill="none" stroke="var(--ink)" stroke-width="1.4" />
{:else if o.kind === 'switch'}
	<rect x={middle - o.width * 0.12} y={-o.y - o.height * 0.68} width={o.width * 0.24} height={o.height * 0.36} fill="var(--ink)" />
{/if}

<style>
	.thin {
		vector-effect: non-scaling-stroke;
	}
</style>
