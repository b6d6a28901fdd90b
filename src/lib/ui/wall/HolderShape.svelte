<script lang="ts">
	import type { AnyPlaced } from '$core/places/any-place';
	import { holderPicture } from './holder-picture';
	import ScrewMarks from './ScrewMarks.svelte';

	let { placed, selected }: { placed: AnyPlaced; selected: boolean } = $props();

	/** A shape a part, and one for all that hangs: a full wall has hundreds of them. */
	const picture = $derived(holderPicture(placed.built));
	const face = $derived(placed.built.face);
	/** Battens have the wall between them: only their outline is theirs. */
	const back = $derived(placed.holder.back);
	const closed = $derived(back !== undefined && back.made.kind !== 'battens');
</script>

<g transform="translate({placed.left} {-placed.foot})">
	{#if back || selected}<rect
			x="0"
			y={-face.height}
			width={face.width}
			height={face.height}
			fill={closed ? 'var(--ply)' : 'transparent'}
			stroke-dasharray={closed ? undefined : '4 3'}
			stroke={selected ? 'var(--chalk)' : 'var(--ply-edge)'}
			stroke-width={selected ? 2.5 : 1.2}
			class="thin"
		/>{/if}
	{#each picture.boards as d, i (i)}
		<path {d} fill="var(--ply)" stroke="var(--ply-edge)" stroke-width="1.2" fill-rule="evenodd" class="thin" />
	{/each}
	<path
		d={picture.things}
		fill="var(--thing)"
		stroke="var(--sheet)"
		stroke-width="0.8"
		fill-rule="evenodd"
		class="thin"
	/>
	{#if picture.doors}<path
			d={picture.doors}
			fill="none"
			stroke="var(--ply-edge)"
			stroke-width="1.2"
			stroke-dasharray="5 3"
			class="thin"
		/>{/if}
	<ScrewMarks {placed} />
	{#if picture.rods}<path
			d={picture.rods}
			fill="var(--pine)"
			stroke="var(--ply-edge)"
			stroke-width="1"
			class="thin"
		/>{/if}
</g>

<style>
	.thin {
		vector-effect: non-scaling-stroke;
	}
</style>
