<script lang="ts">
	import { hookOutline, profileOutline, type CleatProfile } from '$core/cleats/profile';
	import { formatLength } from '$core/units/format-length';
	import { preferences } from '$lib/state/preferences.svelte';

	/** A row seen from its end, to scale: stud, cladding, cleat with its screws, and the hook that rides on it. */
	interface Props {
		profile: CleatProfile;
		cladding: number;
		stud: number;
		screws: { length: number; heights: readonly number[] };
	}
	let { profile, cladding, stud, screws }: Props = $props();

	const HEIGHT = 150;
	const ROOM = 12;
	const say = (mm: number) => formatLength(mm, preferences.unit, { tick: 32, decimals: 1 });
	const high = $derived(profile.back + profile.front);
	const k = $derived((HEIGHT - 2 * ROOM) / high);
	/** Place in px of a distance out from the wall and a height above the cleat's lower edge. */
	const x = (out: number) => ROOM + (stud + cladding + out) * k;
	const y = (up: number) => HEIGHT - ROOM - up * k;
	const width = $derived(x(profile.thickness) + 96);
	const points = (corners: readonly (readonly [number, number])[]) =>
		corners.map(([out, up]) => `${x(out)},${y(up)}`).join(' ');
</script>

<svg viewBox="0 0 {width} {HEIGHT}" {width} height={HEIGHT} role="img" aria-label="The row seen from its end, to scale">
	<rect x={x(-stud - cladding)} y="0" width={stud * k} height={HEIGHT} fill="var(--stud)" stroke="var(--stud-line)" />
	{#if cladding > 0}<rect
			x={x(-cladding)}
			y="0"
			width={cladding * k}
			height={HEIGHT}
			fill="var(--wall)"
			stroke="var(--hair)"
		/>{/if}
	<polygon points={points(hookOutline(profile))} fill="var(--ply)" stroke="var(--ply-edge)" stroke-dasharray="4 3" />
	<polygon points={points(profileOutline(profile))} fill="var(--pine)" stroke="var(--pine-edge)" stroke-width="1.4" />
	{#each screws.heights as up (up)}
		<path
			d="M{x(profile.thickness)} {y(up)}H{x(profile.thickness - screws.length)}"
			stroke="var(--ink)"
			stroke-width="2"
		/>
		<path d="M{x(profile.thickness)} {y(up) - 4}v8" stroke="var(--ink)" stroke-width="3" />
	{/each}
	<text x={x(profile.thickness) + 8} y={y(profile.front + profile.back / 2) + 4}>hook</text>
	<text x={x(profile.thickness) + 8} y={y(profile.front / 2) + 4}>{say(profile.front)} high</text>
	<text x={x(-cladding) - 4} y={y(high) + 8} text-anchor="end">stud</text>
</svg>

<style>
	svg {
		max-width: 100%;
		margin-block: 0.4rem;
	}
	text {
		font-size: 12px;
		fill: var(--ink);
	}
</style>
