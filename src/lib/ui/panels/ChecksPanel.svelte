<script lang="ts">
	import { untrack } from 'svelte';
	import { proofFactor } from '$core/verdict/proof-load';
	import { STANDING_NOTE } from '$core/verdict/standing-note';
	import { sumQuery } from '$exchange/sum-link';
	import { byThing } from '$core/checks/by-thing';
	import { watchOf } from '$core/kinds/watch';
	import { massOf } from '$core/checks/capacity';
	import { governingCheck, type Check } from '$core/verdict/check';
	import { openFirst } from '$core/checks/check-plan';
	import { formatLength } from '$core/units/format-length';
	import { formatQuantity } from '$core/units/format-quantity';
	import { sumFromCheck } from '$core/sums/from-check';
	import { sayPhrase } from '$core/units/phrase';
	import { onRow } from '$core/places/any-place';
	import { holderWeights } from '$core/places/in-place';
	import { GRAVITY } from '$core/units/quantity';
	import type { OpenPlan, Selection } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayMargin, sayStep, sayVerdict } from '../say';
	import VerdictMark from '../VerdictMark.svelte';
	import type { Outlook } from '$lib/state/outlook.svelte';
	import HandlingSection from './HandlingSection.svelte';
	import Later from './Later.svelte';
	import ProofLoadSection from './ProofLoadSection.svelte';
	import ProofRecords from './ProofRecords.svelte';
	import RemedyList from './RemedyList.svelte';
	import SecondLineSum from './SecondLineSum.svelte';
	import Section from './Section.svelte';
	import StepList from './StepList.svelte';
	import SumTable from './SumTable.svelte';
	import Warnings from './Warnings.svelte';

	let { open, outlook }: { open: OpenPlan; outlook: Outlook } = $props();

	const unit = $derived(preferences.unit);
	/** What the slip is about: a moment behind the press, so that the drawing answers first. */
	let selection = $state.raw<Selection | null>(untrack(() => open.selection));
	$effect(() => {
		const now = open.selection;
		const soon = setTimeout(() => (selection = now));
		return () => clearTimeout(soon);
	});
	const holder = $derived(selection?.kind === 'holder' ? open.checks.holders.get(selection.id) : undefined);
	const placed = $derived(holder?.placed);
	const row = $derived(selection?.kind === 'row' ? open.shown.rows.find((r) => r.id === selection?.id) : undefined);
	const stud = $derived(
		selection?.kind === 'stud' ? open.shown.wall.studs.find((s) => s.id === selection?.id) : undefined
	);

	/** The checks on the load path of what is picked; of the whole wall when nothing is. */
	const checks = $derived.by((): readonly Check[] => {
		if (holder) return holder.path;
		if (row) return open.checks.rows.get(row.id)?.path ?? [];
		if (stud)
			return open.checks.checks.filter(
				(c) =>
					(c.subject.kind === 'stud' && c.subject.id === stud.id) ||
					(c.subject.kind === 'fixing' && c.subject.stud === stud.id)
			);
		return open.checks.checks;
	});
	const published = $derived(openFirst(checks));
	let picked = $state<string | null>(null);
	const beside = $derived(checks.filter((c) => c.basis === 'grab'));
	const check = $derived([...published, ...beside].find((c) => c.id === picked) ?? governingCheck(checks));
	interface Listed {
		of: string | undefined;
		steps: readonly Check[];
		beside: readonly Check[];
		read: Check | undefined;
	}
	let kept: Listed | undefined;
	/**
	 * Every step, for the lists. A drag leaves them as they were before it: the verdict and its sum follow the hand, a
	 * list that jumps about cannot be read.
	 */
	const listed = $derived.by((): Listed => {
		const of = selection?.id;
		if (!kept || !open.dragging || kept.of !== of) kept = { of, steps: published, beside, read: check };
		return kept;
	});
	/** The place of the check that is read shows on the wall, as long as it is read. */
	$effect(() => {
		open.pointed = check && (selection || picked) ? check.subject : null;
		return () => (open.pointed = null);
	});
	/** Practice's rule for the same screws. */
	const rule = $derived.by(() => {
		const subject = check?.subject;
		if (subject?.kind !== 'fixing') return undefined;
		const { of } = subject;
		return (of.kind === 'row' ? open.checks.rows : open.checks.holders)
			.get(of.id)
			?.path.find(
				(c) =>
					c.basis === 'trade-rule' &&
					c.subject.kind === 'fixing' &&
					c.subject.stud === subject.stud &&
					c.subject.x === subject.x
			);
	});
	const warnings = $derived(
		open.checks.warnings.filter(({ subject, level }) => {
			if (placed) return subject.kind === 'holder' && subject.id === placed.holder.id;
			if (row) return subject.kind === 'row' && subject.id === row.id;
			return level === 'stop';
		})
	);
	const asSum = $derived(check && !open.dragging ? sumFromCheck(open.plan, check, placed) : null);
	/** Whose check it is, where it is not plain from what is picked. */
	function ownerOf({ subject }: Check): string {
		if (subject.kind === 'holder')
			return subject.id === placed?.holder.id
				? ''
				: open.shown.holders.find((h) => h.id === subject.id)?.name || 'Holder';
		if (subject.kind === 'fixing' && subject.of.kind === 'holder')
			return subject.of.id === placed?.holder.id
				? ''
				: open.shown.holders.find((h) => h.id === subject.of.id)?.name || 'Holder';
		if (subject.kind !== 'row' && subject.kind !== 'fixing') return '';
		const id = subject.kind === 'row' ? subject.id : subject.of.id;
		return id === row?.id ? '' : open.shown.rows.find((r) => r.id === id)?.name || 'Row';
	}
	const title = $derived.by(() => {
		if (placed) return placed.holder.name || 'Holder';
		if (row) return row.name || 'Row';
		return stud ? `Stud at ${formatLength(stud.x, unit)}` : 'Will it hold?';
	});
	/** The verdict of what is picked, whichever of its steps is read. */
	const whole = $derived(holder ?? (row ? open.checks.rows.get(row.id) : undefined));
	/** Everything that hangs, by its name, when nothing is picked. */
	const things = $derived(selection ? [] : byThing(open.shown, open.checks));
	const weight = $derived(placed ? holderWeights(placed.built).total / GRAVITY : 0);
</script>

<h2>{title}</h2>
{#if placed}
	<p class="about">
		{onRow(placed) ? `on ${placed.row.name || 'its row'}` : 'screwed to the wall'}, {formatLength(placed.left, unit)} to {formatLength(
			placed.right,
			unit
		)}, {formatQuantity({ value: weight, dim: 'mass' }, unit)} loaded
	</p>
{/if}
{#if whole?.stop}
	<p class="verdict cannot-be-built">
		<VerdictMark verdict="cannot-be-built" size={44} /> <span>{sayVerdict(whole, unit)}</span>
	</p>
{/if}
{#if check && !(whole?.verdict === 'unloaded')}
	<p class="verdict {check.verdict}">
		<VerdictMark verdict={check.verdict} size={44} />
		<span>{sayStep(check, unit)}</span>
	</p>
	{#if whole && whole.check && !whole.stop && whole.check !== check}
		<p class="about">
			One step of it. All in all: {sayVerdict(whole, unit)}.
			<button type="button" class="link" onclick={() => (picked = null)}>Show that</button>
		</p>
	{/if}
	{#if rule}
		<p class="about">
			The trade rule gives {sayMargin(rule)} here ({formatQuantity(
				rule.lines[0]?.result ?? { value: 0, dim: 'force' },
				unit
			)} allowed).
			{rule.notes.map((note) => `${sayPhrase(note, unit)}.`).join(' ')}
		</p>
	{/if}
	<Later after={1}>
		{#if check.lines.length > 0}<SumTable lines={check.lines} />{/if}
		{#if check.second}<SecondLineSum second={check.second} />{/if}
		{#each check.notes as note, i (i)}<p class="marks">{sayPhrase(note, unit)}.</p>{/each}
	</Later>
	<p class="source">{check.source}</p>
	{#if asSum}<p class="marks no-print">
			<a class="link" href="/sums/{asSum.name}?{sumQuery(asSum.inputs)}">Turn these figures over as a quick sum</a>
		</p>{/if}
	{#if outlook.filled}
		{@const { mass, check: full } = outlook.filled}
		<p class="marks">
			<b>With every place taken, {formatQuantity({ value: mass, dim: 'mass' }, unit)}.</b>
			{sayStep(full, unit)}.
			{full.verdict === 'holds'
				? 'So it holds whichever places its things take.'
				: 'Things are counted where they are drawn, from the left: on other places it may be as little as that.'}
		</p>
	{/if}
	{#if outlook.capacity}
		{@const { now, most, first } = outlook.capacity}
		<p class="marks">
			<b>It would stop holding at {formatQuantity(most, unit)}</b> of things; {formatQuantity(now, unit)} hang there. First:
			{sayPhrase(first.reason, unit)}.
		</p>
	{/if}
{:else}
	<p class="empty">
		Nothing hangs on this wall yet. Hang a holder, and every step from its pegs to the studs is worked out here.
	</p>
{/if}
<Warnings {warnings} />
{#if outlook.advice.length > 0}
	<Section
		title={outlook.advice.some((a) => a.after.verdict === 'holds') ? 'What would make it hold' : 'What would help'}
	>
		<RemedyList remedies={outlook.advice} take={(a) => open.do(a.command)} />
	</Section>
{:else if outlook.working && check && check.verdict !== 'holds'}
	<p class="about" role="status">Trying what would help …</p>
{/if}
{#if things.length > 0}
	<Section title="By thing" after={1}>
		<ul>
			{#each things as t (t.name)}
				<li>
					<button type="button" class="thing" onclick={() => (open.selection = { kind: 'holder', id: t.worst })}>
						<VerdictMark verdict={t.verdict} size={30} /><span>{t.count} × {t.name}</span><b>{sayMargin(t.check)}</b>
					</button>
				</li>
			{/each}
		</ul>
	</Section>
{/if}
{#if listed.steps.length > 1}
	<Section title={placed ? 'Every step of its load path' : 'Every check'} after={1}>
		<StepList steps={listed.steps.slice(0, 60)} read={listed.read} pick={(c) => (picked = c.id)} of={ownerOf} />
		{#if listed.steps.length > 60}<p class="about">and {listed.steps.length - 60} more with larger margins</p>{/if}
	</Section>
{/if}
{#if listed.beside.length > 0}
	<Section title="Beside it: grabs, knocks, falls" after={2}>
		<p class="about">
			Somebody hangs on it (60 lb, 267 N, at its outermost point), knocks it, or lets a board go above it. It does not
			decide the verdict.
		</p>
		<StepList steps={listed.beside} read={listed.read} pick={(c) => (picked = c.id)} />
	</Section>
{/if}
{#if placed}
	<ProofRecords
		{open}
		holder={placed.holder}
		target={massOf(placed.holder) * proofFactor(placed.foot - placed.built.hangsBelow)}
	/>
	<HandlingSection {placed} wall={open.shown.wall} stature={open.shown.stature} />
	<ProofLoadSection
		watch={watchOf(placed.holder)}
		working={massOf(placed.holder)}
		foot={placed.foot - placed.built.hangsBelow}
		what="{placed.holder.name || 'Holder'}, {formatLength(placed.left, unit)} from the left, {formatLength(
			placed.foot,
			unit
		)} up."
	/>
{/if}
<p class="caution">{STANDING_NOTE} Test a new rack with its working load, nobody beneath, before you trust it.</p>

<style>
	.thing {
		display: grid;
		grid-template-columns: auto 1fr auto;
		gap: 0.5rem;
		align-items: center;
		width: 100%;
		min-height: 36px;
		padding: 0.15rem 0.25rem;
		text-align: left;
		border-bottom: 1px dotted var(--hair);
	}
</style>
