<script lang="ts">
	import type { Stud } from '$core/plan/types';

	let { stud, height, selected }: { stud: Stud; height: number; selected: boolean } = $props();
</script>

<rect x={stud.x - stud.width / 2} y={-height} width={stud.width} {height} fill="var(--stud)" />
<path d="M{stud.x} {-height}V0" stroke={selected ? 'var(--chalk)' : 'var(--stud-line)'} stroke-width={selected ? 2.5 : 1} stroke-dasharray="7 5" />

<style>
	path {
		vector-effect: non-scaling-stroke;
	}
</style>
