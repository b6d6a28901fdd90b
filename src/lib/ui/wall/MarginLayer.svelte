<script lang="ts">
	import type { PlaceLoad } from '$core/checks/by-place';
	import { VERDICT_WORDS, type Verdict } from '$core/verdict/check';
	import { rowProfile } from '$core/plan/profile';
	import { tallest } from '$core/survey/outline';
	import type { Plan } from '$core/plan/types';
	import type { View } from './view';

	/** Studs and rows by their margin: a colour and a pattern for each verdict. Takes no pointer. */
	interface Props {
		width: number;
		height: number;
		view: View;
		plan: Plan;
		studs: readonly PlaceLoad[];
		rows: readonly PlaceLoad[];
	}
	let { width, height, view, plan, studs, rows }: Props = $props();

	const OPACITY: Partial<Record<Verdict, number>> = { unloaded: 0, holds: 0.22 };
	const VERDICTS = Object.keys(VERDICT_WORDS) as Verdict[];
	const studOf = $derived(new Map(plan.wall.studs.map((s) => [s.id, s])));
	const rowOf = $derived(new Map(plan.rows.map((r) => [r.id, r])));
	const top = $derived(view.y - tallest(plan.wall) * view.k);

	const studBands = $derived(
		studs.flatMap((p) => {
			const s = studOf.get(p.id);
			return s ? [{ p, x: view.x + (s.x - s.width / 2) * view.k, w: Math.max(5, s.width * view.k) }] : [];
		})
	);
	/**
	 * Load and capacity stand on the foot of every stud: what it would carry as an outline, what it carries filled, cut
	 * off where that says no more.
	 */
	const TALLEST_BAR = 0.24;
	const CUT_AT = 3;
	const heaviest = $derived(Math.max(1, ...studs.map((p) => p.load)));
	const barHeight = $derived((view.y - top) * TALLEST_BAR);
	const bar = (force: number) => (barHeight * Math.min(CUT_AT * heaviest, force)) / (CUT_AT * heaviest);
	const rowBands = $derived(
		rows.flatMap((p) => {
			const r = rowOf.get(p.id);
			if (!r) return [];
			const { front } = rowProfile(r, plan.cutting.kerf);
			return [
				{
					p,
					x: view.x + r.left * view.k,
					y: view.y - (r.y + front) * view.k,
					w: (r.right - r.left) * view.k,
					h: Math.max(4, front * view.k)
				}
			];
		})
	);
</script>

<svg class="layer" {width} {height} aria-hidden="true">
	<defs>
		{#each VERDICTS as v (v)}
			<pattern id="margin-{v}" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
				<rect width="7" height="7" fill="var(--{v})" opacity={OPACITY[v] ?? 0.14} />
				{#if v === 'close'}<path d="M0 0V7" stroke="var(--close)" stroke-width="2.4" />{/if}
				{#if v === 'does-not-hold'}<path d="M0 0V7M0 0H7" stroke="var(--does-not-hold)" stroke-width="2.4" />{/if}
				{#if v === 'cannot-be-built'}<path d="M0 0V7M3.5 0V7" stroke="var(--cannot-be-built)" stroke-width="1.6" />{/if}
				{#if v === 'cannot-be-judged'}<circle cx="3.5" cy="3.5" r="1.4" fill="var(--cannot-be-judged)" />{/if}
			</pattern>
		{/each}
	</defs>
	{#each studBands as { p, x, w } (p.id)}<rect
			{x}
			y={top}
			width={w}
			height={view.y - top}
			fill="url(#margin-{p.verdict})"
		/>{/each}
	{#each studBands as { p, x, w } (p.id)}
		{#if p.load > 0}
			<rect
				x={x - 1}
				y={view.y - bar(p.load)}
				width={w + 2}
				height={bar(p.load)}
				fill="var(--{p.verdict})"
				opacity="0.75"
			/>
			{#if p.capacity !== null}<path
					d="M{x - 2} {view.y}V{view.y - bar(p.capacity)}{p.capacity < CUT_AT * heaviest
						? `h${w + 4}`
						: `m${w + 4} 0`}V{view.y}"
					fill="none"
					stroke="var(--ink)"
					stroke-width="1.2"
				/>{/if}
		{/if}
	{/each}
	{#each rowBands as { p, x, y, w, h } (p.id)}<rect
			{x}
			{y}
			width={w}
			height={h}
			fill="url(#margin-{p.verdict})"
			stroke="var(--{p.verdict})"
			stroke-width="1.4"
		/>{/each}
</svg>
