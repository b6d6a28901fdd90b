<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { jointsFor } from '$core/arrange/first-place';
	import type { Bevel } from '$core/cleats/profile';
	import { rowMarks } from '$core/cleats/row-marks';
	import { rowSegments } from '$core/cleats/segments';
	import { screwHeights } from '$core/loads/statics/roll';
	import { SCREWS, type ScrewSize } from '$core/materials/screws';
	import { CLEAT_STOCKS, stock, type StockId } from '$core/materials/stocks';
	import { rowProfile } from '$core/plan/profile';
	import type { Row } from '$core/plan/types';
	import { claddingDepth } from '$core/survey/cladding-depth';
	import { formatLength } from '$core/units/format-length';
	import { angle, mm, phrase } from '$core/units/phrase';
	import { parseLength } from '$core/units/parse-length';
	import { fail, ok, type Result } from '$core/result';
	import { fieldCommit } from '$lib/state/commit';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayMarks, sayVerdict } from '../say';
	import VerdictMark from '../VerdictMark.svelte';
	import ChoiceField from './ChoiceField.svelte';
	import CleatSection from './CleatSection.svelte';
	import Field from './Field.svelte';
	import LengthField from './LengthField.svelte';
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
	const segments = $derived(rowSegments(row, open.plan.wall.studs));
	const marks = $derived(rowMarks(segments));
	const heights = $derived(screwHeights(profile, row.screws.size, row.screws.perStud).heights);
	const say = (x: number) => formatLength(x, unit);
	const board = $derived(open.plan.cutting.lengths.find((l) => l.stock === row.stock)?.length ?? stock(row.stock).length);
	const tooLong = $derived(marks.some((m) => m.length > board + 0.01));
	const rip = $derived([
		{ label: 'blade takes', sum: phrase('{k} / cos {b}', { k: mm(open.plan.cutting.kerf), b: angle(row.bevel) }), result: mm(profile.lost) },
		{ label: 'each half', sum: phrase('({w} - {l}) / 2, at mid slope', { w: mm(row.blank), l: mm(profile.lost) }), result: mm(profile.middle) },
		{ label: 'wall side', sum: phrase('{m} - {t} × tan {b} / 2', { m: mm(profile.middle), t: mm(profile.thickness), b: angle(row.bevel) }), result: mm(profile.back) },
		{ label: 'room side', sum: phrase('{m} + {t} × tan {b} / 2', { m: mm(profile.middle), t: mm(profile.thickness), b: angle(row.bevel) }), result: mm(profile.front) }
	]);

	function readJoints(text: string): Result<number[]> {
		const joints: number[] = [];
		for (const part of text.split(/[;\n]|,(?=\s)/).map((p) => p.trim()).filter(Boolean)) {
			const got = parseLength(part, unit);
			if (!got.ok) return fail(got.error);
			joints.push(got.value);
		}
		return ok(joints.sort((a, b) => a - b));
	}

	function setStock(id: StockId) {
		const next = stock(id);
		return set({ stock: id, blank: next.kind === 'solid' ? next.width : Math.min(row.blank, 130) });
	}

	function remove() {
		open.selection = null;
		open.do({ kind: 'remove', list: 'rows', id: row.id });
	}
</script>

<h2>{row.name || 'Row'}</h2>
<p class="verdict"><VerdictMark verdict={judged?.verdict ?? 'holds'} /> <span>{sayVerdict(judged, unit)}</span></p>
<Warnings {warnings} />
<Section title="Where">
	<div class="grid">
		<TextField label="Name" value={row.name} commit={(name) => set({ name })} />
		<LengthField label="Lower edge, above the floor" value={shown.y} commit={(y) => set({ y })} />
		<LengthField label="Left end" value={shown.left} commit={(left) => set({ left })} />
		<LengthField label="Right end" value={shown.right} commit={(right) => set({ right })} />
	</div>
	<Field
		label="Joints, from the wall's left end" value={row.joints} read={readJoints} write={(js) => js.map(say).join(', ')} commit={(joints) => set({ joints })}
		hint={tooLong ? `A cleat here is longer than a bought board, ${say(board)}` : 'On a stud each, with commas between'}
	/>
	{#if tooLong}<Button size="xs" color="alternative" class="mt-1" onclick={() => set({ joints: jointsFor(open.plan, row.left, row.right, board) })}>Put joints on studs</Button>{/if}
</Section>
<Section title="Cleat">
	<div class="grid">
		<ChoiceField label="Stock" value={row.stock} choices={CLEAT_STOCKS.map((id) => ({ value: id, name: stock(id).title }))} commit={setStock} />
		<ChoiceField label="Bevel" value={row.bevel} choices={[{ value: 45, name: '45°' }, { value: 30, name: '30°' }]} commit={(bevel: Bevel) => set({ bevel })} />
		<LengthField label="Board before the rip" value={row.blank} commit={(blank) => set({ blank })} hint="Two cleats a rip" />
	</div>
	<CleatSection
		{profile} cladding={claddingDepth(open.plan.wall.cladding)} stud={segments.flatMap((s) => s.fixings)[0]?.stud.depth ?? 0}
		screws={{ length: row.screws.length, heights }}
	/>
	<SumTable lines={rip} />
</Section>
<Section title="Screws at every stud">
	<div class="grid">
		<ChoiceField label="Size" value={row.screws.size} choices={SCREWS.map((s) => ({ value: s.size, name: s.size }))} commit={(size: ScrewSize) => set({ screws: { ...row.screws, size } })} />
		<LengthField label="Length" value={row.screws.length} commit={(length) => set({ screws: { ...row.screws, length } })} />
		<ChoiceField label="At each stud" value={row.screws.perStud} choices={[{ value: 1, name: 'One' }, { value: 2, name: 'Two, stacked' }]} commit={(perStud: 1 | 2) => set({ screws: { ...row.screws, perStud } })} />
	</div>
	{#each marks as m, i (i)}
		<p class="marks"><b>{marks.length > 1 ? `Cleat ${i + 1}, ` : ''}{say(m.length)} long.</b> Pilots from its left end: <span class="sum">{sayMarks(m.marks, unit) || 'none'}</span></p>
	{/each}
	<p class="marks">Above its lower edge: <span class="sum">{heights.map(say).join(' and ')}</span></p>
</Section>
<div class="actions">
	<Button size="sm" color="alternative" onclick={() => (open.selection = null)}>All rows</Button>
	<Button size="sm" color="alternative" onclick={remove}>Delete row{open.plan.holders.some((h) => h.mount.row === row.id) ? ' and its holders' : ''}</Button>
</div>
