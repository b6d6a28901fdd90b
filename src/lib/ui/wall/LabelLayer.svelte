<script lang="ts">
	import { placeLabels, type AskedLabel, type Box } from '$core/drawing/place-labels';
	import type { PlaceLoad } from '$core/checks/by-place';
	import type { Verdict } from '$core/verdict/check';
	import type { LoadPath } from '$core/checks/load-path';
	import type { AnyPlaced } from '$core/places/any-place';
	import { rowProfile } from '$core/plan/profile';
	import type { Plan } from '$core/plan/types';
	import { topAt } from '$core/survey/outline';
	import { studAt } from '$core/survey/supports';
	import { formatQuantity } from '$core/units/format-quantity';
	import type { LengthUnit } from '$core/units/parse-length';
	import { sayShortMargin } from '../say';
	import { VIAL } from '../vial-shape';
	import { TAPE, vialPlace, vialSize, type View } from './view';

	/**
	 * All words written on the wall that move with the zoom, placed together so that none covers another, a vial or the
	 * tapes: what the picked holder's screws take first, then margins, the least first, then names of rows, then names of
	 * holders. What has no room is left out.
	 */
	interface Props {
		width: number;
		height: number;
		view: View;
		unit: LengthUnit;
		plan: Plan;
		standing: readonly AnyPlaced[];
		/** Whether vials stand over the holders. */
		vials: boolean;
		/** Names only where rows and holders are not faint. */
		names: { rows: boolean; holders: boolean };
		path: LoadPath | null;
		/** Margins to write: none but where loads are read. */
		loads: { studs: readonly PlaceLoad[]; rows: readonly PlaceLoad[] } | null;
		/** What is held in the hand: names stay where they were meanwhile, and its own is not shown. */
		moved: string | null;
	}
	let { width, height, view, unit, plan, standing, vials, names, path, loads, moved }: Props = $props();

	const HIGH = 15;
	/** Width of a figure and of a letter of a name, px. */
	const FIGURE = 7.4;
	const LETTER = 6.2;
	interface Word {
		text: string;
		style: 'load' | 'name' | Verdict;
	}

	const px = (x: number) => view.x + x * view.k;
	const py = (y: number) => view.y - y * view.k;
	const boxOf = (left: number, right: number, low: number, high: number): Box => ({
		x: px(left),
		y: py(high),
		width: (right - left) * view.k,
		height: (high - low) * view.k
	});
	const toldOf = (p: PlaceLoad) => ({
		margin: p.margin,
		verdict: p.verdict,
		...(p.check?.second ? { second: p.check.second } : {})
	});

	const frame = $derived<Box>({ x: TAPE, y: 0, width: width - TAPE, height: height - TAPE });
	const vialBoxes = $derived.by(() => {
		if (!vials) return [];
		const size = vialSize(view);
		const [w, h] = [VIAL.width * size, VIAL.height * size];
		return standing.map((p) => {
			const [x, y] = vialPlace(view, p);
			return { x: x - w / 2, y: y - h / 2, width: w, height: h };
		});
	});

	type Said = AskedLabel & { word: Word };
	function said(id: string, rank: number, word: Word, at: (wide: number) => [number, number][]): Said {
		const wide = word.text.length * (word.style === 'name' ? LETTER : FIGURE) + 4;
		return { id, rank, word, width: wide, height: HIGH, at: at(wide) };
	}

	const loadLabels = $derived(
		[...(path?.screws ?? [])]
			.sort((a, b) => Math.abs(b.across) - Math.abs(a.across))
			.map((s, i) => {
				const [x, y] = [px(s.at[0]), py(s.at[1])];
				const text = formatQuantity({ value: s.across, dim: 'force' }, unit);
				return said(`load ${i}`, i / 1000, { text, style: 'load' }, (w) => [
					[x - w / 2, y + 32],
					[x - w / 2, y - HIGH - 12],
					[x + 10, y - HIGH / 2],
					[x - w - 10, y - HIGH / 2]
				]);
			})
	);
	const rankOf = (p: PlaceLoad) => Math.min(99, p.margin ?? -1) / 100;
	const marginLabels = $derived.by(() => {
		if (!loads) return [];
		const studs = loads.studs.flatMap((p) => {
			const s = plan.wall.studs.find((x) => x.id === p.id);
			if (!s || p.verdict === 'unloaded') return [];
			const high = topAt(plan.wall, s.x);
			const [x, y] = [px(studAt(s, high)), py(high)];
			return [
				said(`stud ${p.id}`, 3 + rankOf(p), { text: sayShortMargin(toldOf(p)), style: p.verdict }, (w) => [
					[x - w / 2, y - HIGH - 1],
					[x - w / 2, y + 2]
				])
			];
		});
		const rows = loads.rows.flatMap((p) => {
			const r = plan.rows.find((x) => x.id === p.id);
			if (!r || !(p.load > 0 || p.stop)) return [];
			const y = py(r.y + rowProfile(r, plan.cutting.kerf).front / 2) - HIGH / 2;
			return [
				said(`row ${p.id}`, 2 + rankOf(p), { text: sayShortMargin(toldOf(p)), style: p.verdict }, (w) => [
					[px(r.right) + 4, y],
					[px(r.left) - w - 4, y],
					[px(r.right) - w, y - HIGH],
					[px(r.right) - w, y + HIGH]
				])
			];
		});
		return [...studs, ...rows];
	});
	const nameLabels = $derived.by(() => {
		const rows = (names.rows ? plan.rows : []).map((r) => {
			const [left, top, low] = [
				px(r.left),
				py(r.y + rowProfile(r, plan.cutting.kerf).front),
				py(r.y - (r.backer?.below ?? 0))
			];
			return said(`name of row ${r.id}`, 5, { text: r.name, style: 'name' }, (w) => [
				[left - w - 4, (top + low - HIGH) / 2],
				[left, top - HIGH - 1],
				[left, low + 1],
				[px(r.right) - w, top - HIGH - 1],
				[px(r.right) - w, low + 1]
			]);
		});
		const holders = (names.holders ? standing : []).map((p) => {
			const [x, y] = vialPlace(view, p);
			const beside = vials ? (VIAL.width / 2) * vialSize(view) + 3 : 0;
			const over = y - HIGH / 2 + 1;
			// Beside its vial it covers no tool; under its face it may.
			return said(`name of ${p.holder.id}`, 6, { text: p.holder.name, style: 'name' }, (w) => [
				[x + beside, over],
				[x - beside - w, over],
				[x - w / 2, over - HIGH - 4],
				[x - w / 2, py(p.foot) + 2]
			]);
		});
		return [...rows, ...holders].filter((l) => l.word.text);
	});
	/** Names keep off all that is built; figures may stand on wood. */
	const built = $derived([
		...standing.map((p) => boxOf(p.left, p.right, p.foot, p.top)),
		...plan.rows.map((r) =>
			boxOf(r.left, r.right, r.y - (r.backer?.below ?? 0), r.y + rowProfile(r, plan.cutting.kerf).front)
		)
	]);
	const written = (asked: readonly Said[], placed: ReadonlyMap<string, Box>) =>
		asked.flatMap(({ id, word }) => {
			const box = placed.get(id);
			return box ? [{ id, ...word, x: box.x + box.width / 2, y: box.y + 11.5 }] : [];
		});
	const figuresAt = $derived(placeLabels([...loadLabels, ...marginLabels], vialBoxes, frame));
	const figures = $derived(written([...loadLabels, ...marginLabels], figuresAt));
	let lastNames: ReturnType<typeof written> = [];
	const nameWords = $derived.by(() => {
		// To place hundreds anew at every step of a hand takes a quarter of its time.
		if (moved !== null) return lastNames.filter(({ id }) => id !== `name of ${moved}`);
		const kept = [...vialBoxes, ...built, ...figuresAt.values()];
		lastNames = written(nameLabels, placeLabels(nameLabels, kept, frame));
		return lastNames;
	});
	const words = $derived([...figures, ...nameWords]);
	const FILL: Partial<Record<Word['style'], string>> = { load: 'var(--chalk)', name: 'var(--ink)' };
</script>

<svg class="layer" {width} {height} aria-hidden="true">
	{#each words as { id, text, style, x, y } (id)}
		<text {x} {y} text-anchor="middle" class={style} style:fill={FILL[style] ?? `var(--${style})`}>{text}</text>
	{/each}
</svg>

<style>
	text {
		font: 700 12px var(--font-mono);
		stroke: var(--sheet);
		stroke-width: 3.5px;
		paint-order: stroke;
	}
	.name {
		font: 600 12px var(--font-sans);
	}
</style>
