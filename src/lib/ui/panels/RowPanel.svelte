<script lang="ts">
	import { hungOn } from '$core/plan/held';
	import { boughtLength } from '$core/cutting/bought-length';
	import { Button } from 'flowbite-svelte';
	import { blockCommands, jointsFor } from '$core/arrange/joints';
	import type { Bevel } from '$core/cleats/profile';
	import { rowMarks } from '$core/cleats/row-marks';
	import { segmentsOn } from '$core/cleats/segments';
	import { screwLines } from '$core/cleats/row-screws';
	import { SCREWS, type ScrewSize } from '$core/materials/screws';
	import { CLEAT_STOCKS, stock, type StockId } from '$core/materials/stocks';
	import { rowProfile } from '$core/plan/profile';
	import type { Row } from '$core/plan/types';
	import { claddingDepth } from '$core/survey/cladding-depth';
	import { formatLength } from '$core/units/format-length';
	import { angle, mm, phrase } from '$core/units/phrase';
	import { parseLengths } from '$core/units/parse-lengths';
	import { fieldCommit } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayMarks, sayVerdict } from '../say';
	import VerdictMark from '../VerdictMark.svelte';
	import ChoiceField from './ChoiceField.svelte';
	import CleatSection from './CleatSection.svelte';
	import Field from './Field.svelte';
	import LengthField from './LengthField.svelte';
	import NumberField from './NumberField.svelte';
	import RollSection from './RollSection.svelte';
	import Section from './Section.svelte';
	import SumTable from './SumTable.svelte';
	import TextField from './TextField.svelte';
	import Warnings from './Warnings.svelte';

	let { open, row }: { open: OpenPlan; row: Row } = $props();

	const unit = $derived(preferences.unit);
	const set = (change: Partial<Row>) => fieldCommit(open, { kind: 'change', list: 'rows', id: row.id, change }, unit);
	const shown = $derived(open.shown.rows.find((r) => r.id === row.id) ?? row);
	const profile = $derived(rowProfile(row, open.plan.cutting.kerf));
	const judged = $derived(open.checks.rows.get(row.id));
	const warnings = $derived(open.checks.warnings.filter((w) => w.subject.kind === 'row' && w.subject.id === row.id));
	const segments = $derived(segmentsOn(row, open.plan.wall, open.plan.cutting.kerf));
	const marks = $derived(rowMarks(segments));
	/** Above the cleat's lower edge, or the sheet's foot. */
	const heights = $derived(screwLines(row, profile).map((y) => y - row.y + (row.backer?.below ?? 0)));
	const say = (x: number) => formatLength(x, unit);
	const board = $derived(boughtLength(open.plan.cutting, row.stock));
	const tooLong = $derived(marks.some((m) => m.length > board + 0.01));
	const rip = $derived([
		{
			label: 'blade takes',
			sum: phrase('{k} / cos {b}', { k: mm(open.plan.cutting.kerf), b: angle(row.bevel) }),
			result: mm(profile.lost)
		},
		{
			label: 'each half',
			sum: phrase('({w} - {l}) / 2, at mid slope', { w: mm(row.blank), l: mm(profile.lost) }),
			result: mm(profile.middle)
		},
		{
			label: 'wall side',
			sum: phrase('{m} - {t} × tan {b} / 2', { m: mm(profile.middle), t: mm(profile.thickness), b: angle(row.bevel) }),
			result: mm(profile.back)
		},
		{
			label: 'room side',
			sum: phrase('{m} + {t} × tan {b} / 2', { m: mm(profile.middle), t: mm(profile.thickness), b: angle(row.bevel) }),
			result: mm(profile.front)
		}
	]);

	function setStock(id: StockId) {
		const next = stock(id);
		return set({ stock: id, blank: next.kind === 'solid' ? next.width : Math.min(row.blank, 130) });
	}

	/** Joints on studs, and the blocks beside them, as one step to undo. */
	function layJoints() {
		const joints = jointsFor(open.plan, row, board);
		const change = { kind: 'change', list: 'rows', id: row.id, change: { joints: joints.joints } } as const;
		open.do({
			kind: 'together',
			label: 'put in joints',
			commands: [...blockCommands(open.plan, joints, newId), change]
		});
	}

	const remove = () => open.remove('rows', row.id);
</script>

<h2>{row.name || 'Row'}</h2>
<p class="verdict"><VerdictMark verdict={judged?.verdict ?? 'unloaded'} /> <span>{sayVerdict(judged, unit)}</span></p>
<Warnings {warnings} />
<Section title="Where">
	<div class="grid">
		<TextField label="Name" value={row.name} commit={(name) => set({ name })} />
		<LengthField label="Lower edge, above the floor" value={shown.y} commit={(y) => set({ y })} />
		<LengthField label="Left end" value={shown.left} commit={(left) => set({ left })} />
		<LengthField label="Right end" value={shown.right} commit={(right) => set({ right })} />
	</div>
	<Field
		label="Joints, from the wall's left end"
		value={row.joints}
		read={(text) => parseLengths(text, unit)}
		write={(js) => js.map(say).join(', ')}
		commit={(joints) => set({ joints })}
		hint={tooLong ? `A cleat here is longer than a bought board, ${say(board)}` : 'On a stud each, with commas between'}
	/>
	{#if tooLong}<Button size="xs" color="alternative" class="mt-1" onclick={layJoints}>Put joints on studs</Button>{/if}
</Section>
<Section title="Cleat">
	<div class="grid">
		<ChoiceField
			label="Stock"
			value={row.stock}
			choices={CLEAT_STOCKS.map((id) => ({ value: id, name: stock(id).title }))}
			commit={setStock}
		/>
		<ChoiceField
			label="Bevel"
			value={row.bevel}
			choices={[
				{ value: 45, name: '45°' },
				{ value: 30, name: '30°' }
			]}
			commit={(bevel: Bevel) => set({ bevel })}
		/>
		<LengthField
			label="Board before the rip"
			value={row.blank}
			commit={(blank) => set({ blank })}
			hint="Two cleats a rip"
		/>
	</div>
	<CleatSection
		{profile}
		cladding={claddingDepth(open.plan.wall.cladding)}
		stud={segments.flatMap((s) => s.fixings)[0]?.stud.depth ?? 0}
		screws={{ length: row.screws.length, heights: row.backer ? [] : heights }}
	/>
	<SumTable lines={rip} />
</Section>
<Section
	title={open.plan.wall.build && open.plan.wall.build.kind !== 'framed'
		? 'Screws into the wall'
		: 'Screws at every stud'}
>
	<div class="grid">
		<ChoiceField
			label="Size"
			value={row.screws.size}
			choices={SCREWS.map((s) => ({ value: s.size, name: s.size }))}
			commit={(size: ScrewSize) => set({ screws: { ...row.screws, size } })}
		/>
		<LengthField
			label="Length"
			value={row.screws.length}
			commit={(length) => set({ screws: { ...row.screws, length } })}
		/>
		{#if row.backer}
			{@const backer = row.backer}
			<NumberField
				label="Through the sheet, at each stud"
				value={backer.perStud}
				commit={(perStud) => set({ backer: { ...backer, perStud } })}
			/>
		{:else}
			<ChoiceField
				label="At each stud"
				value={row.screws.perStud}
				choices={[
					{ value: 1, name: 'One' },
					{ value: 2, name: 'Two, stacked' }
				]}
				commit={(perStud: 1 | 2) => set({ screws: { ...row.screws, perStud } })}
			/>
		{/if}
	</div>
	{#each marks as m, i (i)}
		<p class="marks">
			<b>{marks.length > 1 ? `Cleat ${i + 1}, ` : ''}{say(m.length)} long.</b> Pilots from its left end:
			<span class="sum">{sayMarks(m.marks, unit) || 'none'}</span>
		</p>
	{/each}
	<p class="marks">
		Above {row.backer ? "the sheet's" : 'its'} lower edge: <span class="sum">{heights.map(say).join(' and ')}</span>
	</p>
</Section>
<RollSection {row} {profile} {set} />
<div class="actions">
	<Button size="sm" color="alternative" onclick={() => (open.selection = null)}>All rows</Button>
	<Button size="sm" color="alternative" onclick={remove}
		>Delete row{hungOn(open.plan, row.id).length > 0 ? ' and its holders' : ''}</Button
	>
</div>
