<script lang="ts">
	import { levelsOf, swapped } from '$core/arrange/levels';
	import type { RackPlaced } from '$core/places/rack/place';
	import { formatQuantity } from '$core/units/format-quantity';
	import type { LengthUnit } from '$core/units/parse-length';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { followDrag } from './drag';

	/**
	 * What lies on each level of a picked rack, in a tag at its end: dragged onto another level, or moved by arrow keys,
	 * the two change places. `k` is px per mm; `still` is only read.
	 */
	let {
		open,
		placed,
		unit,
		k,
		still
	}: { open: OpenPlan; placed: RackPlaced; unit: LengthUnit; k: number; still: boolean } = $props();

	const WIDE = 92;
	const HIGH = 17;
	const levels = $derived(levelsOf(placed));
	/** How far each tag is over its own level, px: where levels are drawn nearer than a tag is high, they make room. */
	const lifted = $derived.by(() => {
		let low = -Infinity;
		return levels.map(({ up }) => {
			const own = up * k;
			low = Math.max(own, low + HIGH);
			return low - own;
		});
	});
	let held = $state<number | null>(null);
	let over = $state<number | null>(null);

	const say = (mass: number | null) =>
		mass === null ? 'not weighed' : formatQuantity({ value: mass, dim: 'mass' }, unit);

	function swap(a: number, b: number | null) {
		if (b === null || a === b) return;
		const { carriers } = swapped(placed.holder, a, b);
		open.do({ kind: 'change', list: 'holders', id: placed.holder.id, change: { carriers } });
	}

	/** The level whose tag is nearest to a pointer, by how high that is on the wall. */
	function levelAt(event: PointerEvent, svg: SVGGraphicsElement): number | null {
		const matrix = svg.getScreenCTM();
		if (!matrix) return null;
		const up = -new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse()).y;
		const off = levels.map((l, i) => Math.abs(l.up + (lifted[i] ?? 0) / k - up));
		return levels[off.indexOf(Math.min(...off))]?.group ?? null;
	}

	function grab(event: PointerEvent, group: number) {
		if (still) return;
		event.stopPropagation();
		const svg = (event.currentTarget as SVGGraphicsElement).parentNode as SVGGraphicsElement;
		followDrag(event, {
			move(last) {
				held = group;
				over = levelAt(last, svg);
			},
			end(done) {
				if (done) swap(group, over);
				held = over = null;
			}
		});
	}

	function keyed(event: KeyboardEvent, i: number) {
		const step = { ArrowUp: 1, ArrowDown: -1 }[event.key];
		if (still || step === undefined) return;
		event.stopPropagation();
		event.preventDefault();
		const [from, to] = [levels[i], levels[i + step]];
		if (from && to) swap(from.group, to.group);
	}
</script>

<g class="levels">
	{#each levels as l, i (l.group)}
		<g
			data-level={l.group}
			data-grip={still ? undefined : ''}
			role="button"
			tabindex={still ? -1 : 0}
			class:still
			class:over={over === l.group && held !== l.group}
			aria-label="Level {i + 1}, {say(l.mass)}: {l.words || 'nothing'}.{still
				? ''
				: ' Arrow up or down changes it with the next'}"
			transform="translate({l.right + 14 / k} {-l.up}) scale({1 / k})"
			onpointerdown={(e) => grab(e, l.group)}
			onkeydown={(e) => keyed(e, i)}
		>
			<path d="M-10 0L0 {-(lifted[i] ?? 0)}" />
			<rect x="0" y={-HIGH / 2 - (lifted[i] ?? 0)} width={WIDE} height={HIGH} />
			<text x="5" y={4.5 - (lifted[i] ?? 0)}>{say(l.mass)}</text>
			<title>{l.words || 'nothing'}</title>
		</g>
	{/each}
</g>

<style>
	g[role='button'] {
		cursor: grab;
	}
	.still {
		pointer-events: none;
	}
	rect {
		fill: var(--sheet);
		stroke: var(--ink);
		stroke-width: 1;
	}
	path {
		stroke: var(--ink);
		stroke-width: 1;
		fill: none;
	}
	.over rect {
		stroke: var(--chalk);
		stroke-width: 3;
	}
	text {
		font-size: 12px;
		fill: var(--ink);
		font-variant-numeric: tabular-nums;
	}
	g[role='button']:focus-visible rect {
		stroke: var(--chalk);
		stroke-width: 3;
	}
	g[role='button']:focus-visible {
		outline: none;
	}
</style>
