<script lang="ts">
	import type { Wall } from '$core/plan/types';
	import { floorAt, outlineOf, tallest } from '$core/survey/outline';

	/** The wall itself: its outline, and a photograph of it. */
	let { wall, pick }: { wall: Wall; pick: () => void } = $props();

	const outline = $derived(
		outlineOf(wall)
			.map((p) => `${p.x} ${-p.y}`)
			.join('L')
	);
	const floor = $derived(floorAt(wall, wall.width));
	const top = $derived(tallest(wall));
	const { photo } = $derived(wall);
	/** Courses of the masonry, or the planks of a boarded wall, seen through what covers them: face of one, mm. */
	const FACES = { brick: { long: 225, high: 75 }, block: { long: 450, high: 225 }, concrete: null };
	const face = $derived(wall.build?.kind === 'masonry' ? FACES[wall.build.material] : null);
	const PLANK = 150;
</script>

<path
	data-wall
	class="thin"
	d="M{outline}z"
	fill="var(--wall)"
	stroke="var(--ink)"
	stroke-width="1.2"
	role="presentation"
	onclick={pick}
/>
{#if face}
	<defs>
		<pattern id="courses" width={face.long} height={2 * face.high} patternUnits="userSpaceOnUse">
			<path
				class="thin bond"
				d="M0 0H{face.long}M0 {face.high}H{face.long}M{face.long / 4} 0v{face.high}M{(face.long * 3) /
					4} {face.high}v{face.high}"
			/>
		</pattern>
	</defs>
{:else if wall.build?.kind === 'plank'}
	<defs
		><pattern id="courses" width="10" height={PLANK} patternUnits="userSpaceOnUse"
			><path class="thin bond" d="M0 0H10" /></pattern
		></defs
	>
{/if}
{#if face || wall.build?.kind === 'plank'}<path d="M{outline}z" fill="url(#courses)" pointer-events="none" />{/if}
{#if photo}
	<image
		href="/api/photos/{photo.id}"
		x={photo.x}
		y={-photo.y - photo.height}
		width={photo.width}
		height={photo.height}
		opacity={photo.opacity}
		preserveAspectRatio="none"
		role="presentation"
		onclick={pick}
	/>
{/if}
{#if !wall.surface || wall.surface === 'wall'}
	<path
		class="thin"
		d="M{-wall.width} {floor}L0 0L{wall.width} {-floor}L{wall.width * 2} {-2 * floor}"
		fill="none"
		stroke="var(--ink)"
		stroke-width="2.4"
	/>
{/if}
{#if wall.corners}
	{#each [{ c: wall.corners.left, x: 0 }, { c: wall.corners.right, x: wall.width - wall.corners.right.taken }] as { c, x }, side (side)}
		{#if c.taken > 0}<rect {x} y={-top} width={c.taken} height={top} fill="var(--ink)" opacity="0.07" />{/if}
	{/each}
{/if}
{#each wall.ledges ?? [] as l (l.id)}
	<rect
		class="thin"
		x={l.x ?? 0}
		y={-l.y - l.height}
		width={l.width ?? wall.width}
		height={l.height}
		fill="var(--pine)"
		opacity="0.5"
		stroke="var(--pine-edge)"
		stroke-width="1"
	/>
{/each}

<style>
	.bond {
		fill: none;
		stroke: var(--stud-line);
		stroke-width: 1;
		opacity: 0.45;
	}
	.thin {
		vector-effect: non-scaling-stroke;
	}
</style>
