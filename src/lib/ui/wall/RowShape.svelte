<script lang="ts">
	import { segmentsOn } from '$core/cleats/segments';
	import { screwHeights, sheetScrewHeights } from '$core/loads/statics/roll';
	import { rowProfile } from '$core/plan/profile';
	import type { Row, Wall } from '$core/plan/types';

	let { row, wall, kerf, selected }: { row: Row; wall: Wall; kerf: number; selected: boolean } = $props();

	const profile = $derived(rowProfile(row, kerf));
	const segments = $derived(segmentsOn(row, wall));
	const { backer, twistBlock } = $derived(row);
	/** Above the cleat's lower edge: its own screws, or those of its sheet. */
	const heights = $derived(backer ? sheetScrewHeights(backer.height, backer.perStud).map((y) => y - backer.below) : screwHeights(profile, row.screws.size, row.screws.perStud).heights);
</script>

{#each segments as s (s.from)}
	{#if backer}<rect x={s.from} y={-row.y + backer.below - backer.height} width={s.to - s.from} height={backer.height} fill="var(--ply)" stroke="var(--ply-edge)" stroke-width="1" class="thin" />{/if}
	{#if twistBlock && !backer}
		{#each s.fixings as f (f.stud.id)}<rect x={f.x - twistBlock.width / 2} y={-row.y} width={twistBlock.width} height={twistBlock.height} fill="var(--pine)" stroke="var(--pine-edge)" stroke-width="1" class="thin" />{/each}
	{/if}
	<rect x={s.from} y={-row.y - profile.front} width={s.to - s.from} height={profile.front} fill="var(--pine)" stroke="var(--pine-edge)" stroke-width="1" class="thin" />
	<path d="M{s.from} {-row.y - profile.back}H{s.to}" stroke="var(--pine-edge)" stroke-width="0.8" class="thin" />
	{#each s.fixings as f (f.stud.id)}
		{#each heights as y (y)}<circle cx={f.x} cy={-row.y - y} r="5" fill="var(--pine-edge)" />{/each}
	{/each}
{/each}
{#if selected}
	<rect x={row.left} y={-row.y - profile.front} width={row.right - row.left} height={profile.front} fill="none" stroke="var(--chalk)" stroke-width="2.5" class="thin" />
{/if}

<style>
	.thin {
		vector-effect: non-scaling-stroke;
	}
</style>
