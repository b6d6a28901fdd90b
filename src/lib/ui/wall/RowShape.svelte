<script lang="ts">
	import { rowSegments } from '$core/cleats/segments';
	import { screwHeights } from '$core/loads/statics/roll';
	import { rowProfile } from '$core/plan/profile';
	import type { Row, Stud } from '$core/plan/types';

	let { row, studs, kerf, selected }: { row: Row; studs: readonly Stud[]; kerf: number; selected: boolean } = $props();

	const profile = $derived(rowProfile(row, kerf));
	const segments = $derived(rowSegments(row, studs));
	const heights = $derived(screwHeights(profile, row.screws.size, row.screws.perStud).heights);
</script>

{#each segments as s (s.from)}
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
