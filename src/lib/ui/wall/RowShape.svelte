<script lang="ts">
	import { segmentsOn } from '$core/cleats/segments';
	import { rowProfile } from '$core/plan/profile';
	import type { Row, Wall } from '$core/plan/types';

	let { row, wall, kerf, selected }: { row: Row; wall: Wall; kerf: number; selected: boolean } = $props();

	const profile = $derived(rowProfile(row, kerf));
	const segments = $derived(segmentsOn(row, wall, kerf));
	const { backer, twistBlock } = $derived(row);
</script>

{#each segments as s (s.from)}
	{#if backer}<rect
			x={s.from}
			y={-row.y + backer.below - backer.height}
			width={s.to - s.from}
			height={backer.height}
			fill="var(--ply)"
			stroke="var(--ply-edge)"
			stroke-width="1"
			class="thin"
		/>{/if}
	{#if twistBlock && !backer}
		{#each s.fixings as f (f.stud.id)}<rect
				x={f.x - twistBlock.width / 2}
				y={-row.y}
				width={twistBlock.width}
				height={twistBlock.height}
				fill="var(--pine)"
				stroke="var(--pine-edge)"
				stroke-width="1"
				class="thin"
			/>{/each}
	{/if}
	<rect
		x={s.from}
		y={-row.y - profile.front}
		width={s.to - s.from}
		height={profile.front}
		fill="var(--pine)"
		stroke="var(--pine-edge)"
		stroke-width="1"
		class="thin"
	/>
	<path d="M{s.from} {-row.y - profile.back}H{s.to}" stroke="var(--pine-edge)" stroke-width="0.8" class="thin" />
	{#each s.fixings as f (f.stud.id)}
		{#each f.screws as w (w.y)}<circle cx={w.x} cy={-w.y} r="5" fill="var(--pine-edge)" />{/each}
	{/each}
	{#each s.missed as w, i (i)}<path
			d="M{w.x - 6} {-w.y - 6}l12 12m0 -12l-12 12"
			stroke="var(--does-not-hold)"
			stroke-width="1.5"
			class="thin"
		/>{/each}
{/each}
{#if selected}
	<rect
		x={row.left}
		y={-row.y - profile.front}
		width={row.right - row.left}
		height={profile.front}
		fill="none"
		stroke="var(--chalk)"
		stroke-width="2.5"
		class="thin"
	/>
{/if}

<style>
	.thin {
		vector-effect: non-scaling-stroke;
	}
</style>
