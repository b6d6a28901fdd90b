<script lang="ts">
	import { rowProfile } from '$core/plan/profile';
	import type { Row } from '$core/plan/types';
	import type { Grip } from './moves';

	/** The two ends of a picked row, to be taken hold of. `k` is px per mm. */
	let { row, kerf, k, grab }: { row: Row; kerf: number; k: number; grab: (event: PointerEvent, grip: Grip) => void } =
		$props();

	const middle = $derived(-row.y - rowProfile(row, kerf).front / 2);
</script>

{#each ['left', 'right'] as const as part (part)}
	<rect
		class="end"
		data-grip
		role="presentation"
		x={row[part] - 7 / k}
		y={middle - 11 / k}
		width={14 / k}
		height={22 / k}
		fill="var(--sheet)"
		stroke="var(--chalk)"
		stroke-width="2"
		onpointerdown={(e) => grab(e, { kind: 'row', id: row.id, part })}
	/>
{/each}

<style>
	.end {
		vector-effect: non-scaling-stroke;
		cursor: ew-resize;
	}
</style>
