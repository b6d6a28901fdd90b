<script lang="ts">
	import type { Placed } from '$core/loads/place';
	import { thingShape } from './thing-shape';

	let { placed, selected }: { placed: Placed; selected: boolean } = $props();

	const params = $derived(placed.holder.params);
	const shape = $derived(thingShape(params.load.name, params.load.width, params.load.height));
</script>

<g transform="translate({placed.left} {-placed.foot})">
	<rect
		x="0" y={-placed.built.face.height} width={placed.built.face.width} height={placed.built.face.height} fill="var(--ply)" stroke={selected ? 'var(--chalk)' : 'var(--ply-edge)'}
		stroke-width={selected ? 2.5 : 1.2} class="thin"
	/>
	{#if params.load.mass > 0}
		{#each placed.built.seats as seat (seat.x)}
			<path d={shape} transform="translate({seat.x} {-seat.y - params.pegs.diameter / 2})" fill="var(--thing)" fill-opacity="0.88" stroke="var(--sheet)" stroke-width="0.8" fill-rule="evenodd" class="thin" />
		{/each}
	{/if}
	{#each placed.built.holes as hole (hole.x)}
		<circle cx={hole.x} cy={-hole.y} r={hole.diameter / 2} fill="var(--pine)" stroke="var(--ply-edge)" stroke-width="1" class="thin" />
	{/each}
</g>

<style>
	.thin {
		vector-effect: non-scaling-stroke;
	}
</style>
