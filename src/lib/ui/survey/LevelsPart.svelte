<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { Levels } from '$core/plan/types';
	import { levelLine, outOfSquare } from '$core/survey/square';
	import { formatLength } from '$core/units/format-length';
	import { formatQuantity } from '$core/units/format-quantity';
	import { mm, phrase } from '$core/units/phrase';
	import type { SumLine } from '$core/verdict/check';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { setWall } from '$lib/state/survey-commit';
	import LengthField from '../panels/LengthField.svelte';
	import Section from '../panels/Section.svelte';
	import SumTable from '../panels/SumTable.svelte';

	/** The reference line, and whether the wall is square. */
	let { open }: { open: OpenPlan } = $props();

	const wall = $derived(open.plan.wall);
	const unit = $derived(preferences.unit);
	const say = (v: number) => formatLength(v, unit);
	const levels = $derived<Levels>(wall.levels ?? {});
	const right = $derived(wall.shape?.right ?? wall.height);
	const rise = $derived(wall.shape?.floorRise ?? 0);
	const level = $derived(levels.line === undefined ? null : levelLine(levels.line, { width: wall.width, rise }));
	const diagonals = $derived(levels.diagonals ?? {});
	const { up, down } = $derived(diagonals);
	const true_ = $derived({ up: Math.hypot(wall.width, right), down: Math.hypot(wall.width, wall.height) });
	const measured = $derived(up !== undefined && down !== undefined);
	/** One diagonal alone says nothing of square, but it may be one that no such wall has. */
	const square = $derived(
		up === undefined && down === undefined
			? null
			: outOfSquare({ width: wall.width, left: wall.height, right, up: up ?? true_.up, down: down ?? true_.down })
	);
	const set = (change: Partial<Levels>) => setWall(open, { levels: { ...levels, ...change } }, [], unit);
	const UNMEASURED = 'Not measured: as it would be if square';
	const setDiagonal = (change: Partial<NonNullable<Levels['diagonals']>>) =>
		set({ diagonals: { ...diagonals, ...change } });
	const lean = (v: number) =>
		Math.abs(v) < 0.5
			? 'plumb to the floor line'
			: `leans ${say(Math.abs(v))} to the ${v > 0 ? 'right' : 'left'} over its height`;
	const meetsWords = (at: number | null) => {
		if (at !== null) return `It meets the floor ${say(at)} from the left end.`;
		return rise === 0 ? 'The floor is level, as surveyed.' : 'It does not meet the floor on this wall.';
	};
	const degrees = (rad: number) => formatQuantity({ value: rad, dim: 'angle' }, unit);
	const lines = $derived.by((): SumLine[] => {
		if (!square?.ok || up === undefined || down === undefined) return [];
		const values = { w: mm(wall.width), l: mm(wall.height), r: mm(right), d: mm(down), u: mm(up) };
		return [
			{
				label: 'lower left',
				sum: phrase('acos(({w}² + {l}² - {d}²) / (2 × {w} × {l}))', values),
				result: { value: square.value.left, dim: 'angle' }
			},
			{
				label: 'lower right',
				sum: phrase('acos(({w}² + {r}² - {u}²) / (2 × {w} × {r}))', values),
				result: { value: square.value.right, dim: 'angle' }
			}
		];
	});
</script>

<h2>Levels</h2>
<Section title="Reference line">
	{#if levels.line === undefined}
		<p class="empty">A level line all heights are taken from: the floor slopes, a level line does not.</p>
		<Button size="sm" color="alternative" onclick={() => set({ line: Math.min(1000, Math.round(wall.height / 2)) })}
			>Strike a level line</Button
		>
	{:else}
		<LengthField
			label="Level line, above the floor at the left end"
			value={levels.line}
			commit={(line) => (line > wall.height ? 'Must be on the wall' : set({ line }))}
		/>
		{#if level}
			<p class="marks">
				At the right end it stands {say(levels.line)} - {say(rise)} = {say(level.right)} above the floor. {meetsWords(
					level.meets
				)}
			</p>
			<p class="marks">Measure down from it at both ends: the difference is the floor's rise, entered under Build.</p>
		{/if}
		<Button size="xs" color="alternative" class="mt-2" onclick={() => set({ line: undefined })}
			>Take the line off</Button
		>
	{/if}
</Section>
<Section title="Square?">
	<div class="grid">
		<LengthField
			label="Lower left to upper right"
			value={up ?? true_.up}
			commit={(v) => setDiagonal({ up: v })}
			hint={up === undefined ? UNMEASURED : undefined}
		/>
		<LengthField
			label="Upper left to lower right"
			value={down ?? true_.down}
			commit={(v) => setDiagonal({ down: v })}
			hint={down === undefined ? UNMEASURED : undefined}
		/>
	</div>
	{#if square?.ok && measured}
		<p class="marks">
			<b>Left end {lean(square.value.leftLean)}; right end {lean(square.value.rightLean)}.</b> A corner of 90° is
			square: {degrees(square.value.left)} and {degrees(square.value.right)}.
		</p>
		<SumTable {lines} />
	{:else if square && !square.ok}
		<p class="error" role="alert">{square.error}.</p>
	{:else if square}
		<p class="marks">Measure the other diagonal too: one alone says nothing of square.</p>
	{/if}
	{#if levels.diagonals}<Button size="xs" color="alternative" class="mt-2" onclick={() => set({ diagonals: undefined })}
			>Forget the diagonals</Button
		>{/if}
</Section>
