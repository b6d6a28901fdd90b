<script lang="ts">
	import type { Stud, Wall } from '$core/plan/types';
	import { topAt } from '$core/survey/outline';
	import { isProved } from '$core/survey/record';
	import { studAt } from '$core/survey/supports';

	let { stud, wall, selected }: { stud: Stud; wall: Wall; selected: boolean } = $props();

	const top = $derived(topAt(wall, stud.x));
	const head = $derived(studAt(stud, top));
	const half = $derived(stud.width / 2);
</script>

<path d="M{stud.x - half} 0L{head - half} {-top}H{head + half}L{stud.x + half} 0z" fill="var(--stud)" />
{#if stud.plies === 2}
	<path class="line" d="M{stud.x} 0L{head} {-top}" stroke="var(--stud-line)" stroke-width="1.6" />
	<path
		class="line"
		d="M{stud.x - half / 2} 0L{head - half / 2} {-top}"
		stroke={selected ? 'var(--chalk)' : 'var(--stud-line)'}
		stroke-width={selected ? 2.5 : 1}
		stroke-dasharray="7 5"
	/>
{:else}
	<path
		class="line"
		d="M{stud.x} 0L{head} {-top}"
		stroke={selected ? 'var(--chalk)' : 'var(--stud-line)'}
		stroke-width={selected ? 2.5 : 1}
		stroke-dasharray={isProved(stud) ? '7 5' : '2 6'}
	/>
{/if}
{#if stud.added}<path
		class="line"
		d="M{stud.x - half} 0L{head - half} {-top}H{head + half}L{stud.x + half} 0z"
		fill="none"
		stroke="var(--pine-edge)"
		stroke-width="1.4"
	/>{/if}

<style>
	.line {
		fill: none;
		vector-effect: non-scaling-stroke;
	}
</style>
