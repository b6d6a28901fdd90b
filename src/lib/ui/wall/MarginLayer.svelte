<script lang="ts">
	import type { PlaceLoad } from '$core/loads/by-place';
	import { VERDICT_WORDS, type Verdict } from '$core/loads/check';
	import { rowProfile } from '$core/plan/profile';
	import { tallest } from '$core/survey/outline';
	import type { Plan } from '$core/plan/types';
	import { sayShortMargin } from '../say';
	import type { View } from './view';

	/** Studs and rows by their margin: a colour and a pattern for each verdict, and the margin written beside it. Takes no pointer. */
	interface Props {
		width: number;
		height: number;
		view: View;
		plan: Plan;
		studs: readonly PlaceLoad[];
		rows: readonly PlaceLoad[];
	}
	let { width, height, view, plan, studs, rows }: Props = $props();

	const toldOf = (p: PlaceLoad) => ({ margin: p.margin, verdict: p.verdict, ...(p.check?.second ? { second: p.check.second } : {}) });
	const VERDICTS = Object.keys(VERDICT_WORDS) as Verdict[];
	/** Room a figure takes, px. */
	const FIGURE = 36;
	const studOf = $derived(new Map(plan.wall.studs.map((s) => [s.id, s])));
	const rowOf = $derived(new Map(plan.rows.map((r) => [r.id, r])));
	const top = $derived(view.y - tallest(plan.wall) * view.k);

	const studBands = $derived(
		studs.flatMap((p) => {
			const s = studOf.get(p.id);
			return s ? [{ p, x: view.x + (s.x - s.width / 2) * view.k, w: Math.max(5, s.width * view.k) }] : [];
		})
	);
	/** Load and capacity stand on the foot of every stud: what it would carry as an outline, what it carries filled, cut off where that says no more. */
	const TALLEST_BAR = 0.24;
	const CUT_AT = 3;
	const heaviest = $derived(Math.max(1, ...studs.map((p) => p.load)));
	const barHeight = $derived((view.y - top) * TALLEST_BAR);
	const bar = (force: number) => (barHeight * Math.min(CUT_AT * heaviest, force)) / (CUT_AT * heaviest);
	/** The least margins are written first, as long as none stands on another. */
	const written = $derived.by(() => {
		const taken: number[] = [];
		return [...studBands]
			.sort((a, b) => (a.p.margin ?? -1) - (b.p.margin ?? -1))
			.filter(({ p, x, w }) => {
				if (p.verdict === 'unloaded') return false;
				const at = x + w / 2;
				if (taken.some((t) => Math.abs(t - at) < FIGURE)) return false;
				taken.push(at);
				return true;
			});
	});
	const rowBands = $derived(
		rows.flatMap((p) => {
			const r = rowOf.get(p.id);
			if (!r) return [];
			const { front } = rowProfile(r, plan.cutting.kerf);
			return [{ p, x: view.x + r.left * view.k, y: view.y - (r.y + front) * view.k, w: (r.right - r.left) * view.k, h: Math.max(4, front * view.k), right: view.x + r.right * view.k }];
		})
	);
</script>

<svg class="layer" {width} {height} aria-hidden="true">
	<defs>
		{#each VERDICTS as v (v)}
			<pattern id="margin-{v}" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
				<rect width="7" height="7" fill="var(--{v})" opacity={v === 'unloaded' ? 0 : v === 'holds' ? 0.22 : 0.14} />
				{#if v === 'close'}<path d="M0 0V7" stroke="var(--close)" stroke-width="2.4" />{/if}
				{#if v === 'does-not-hold'}<path d="M0 0V7M0 0H7" stroke="var(--does-not-hold)" stroke-width="2.4" />{/if}
				{#if v === 'cannot-be-built'}<path d="M0 0V7M3.5 0V7" stroke="var(--cannot-be-built)" stroke-width="1.6" />{/if}
				{#if v === 'cannot-be-judged'}<circle cx="3.5" cy="3.5" r="1.4" fill="var(--cannot-be-judged)" />{/if}
			</pattern>
		{/each}
	</defs>
	{#each studBands as { p, x, w } (p.id)}<rect {x} y={top} width={w} height={view.y - top} fill="url(#margin-{p.verdict})" />{/each}
	{#each studBands as { p, x, w } (p.id)}
		{#if p.load > 0}
			<rect x={x - 1} y={view.y - bar(p.load)} width={w + 2} height={bar(p.load)} fill="var(--{p.verdict})" opacity="0.75" />
			{#if p.capacity !== null}<path d="M{x - 2} {view.y}V{view.y - bar(p.capacity)}{p.capacity < CUT_AT * heaviest ? `h${w + 4}` : `m${w + 4} 0`}V{view.y}" fill="none" stroke="var(--ink)" stroke-width="1.2" />{/if}
		{/if}
	{/each}
	{#each rowBands as { p, x, y, w, h } (p.id)}<rect {x} {y} width={w} height={h} fill="url(#margin-{p.verdict})" stroke="var(--{p.verdict})" stroke-width="1.4" />{/each}
	{#each written as { p, x, w } (p.id)}<text x={x + w / 2} y={top - 5} text-anchor="middle" fill="var(--{p.verdict})">{sayShortMargin(toldOf(p))}</text>{/each}
	{#each rowBands as { p, y, h, right } (p.id)}
		<text x={Math.min(right + 5, width - 4)} y={y + h / 2 + 4} text-anchor={right + 40 > width ? 'end' : 'start'} fill="var(--{p.verdict})">{p.load > 0 || p.stop ? sayShortMargin(toldOf(p)) : ''}</text>
	{/each}
</svg>

<style>
	text {
		font: 700 12px var(--font-mono);
		stroke: var(--sheet);
		stroke-width: 3.5px;
		paint-order: stroke;
	}
</style>
