<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { cellOf, withCell, type CellValue, type Column } from '$core/table/column';
	import { THING_COLUMNS } from '$core/things/columns';
	import { DIMS } from '$core/things/grips/dims';
	import { gripOf, GRIP_KINDS, type GripKind } from '$core/things/grips/registry';
	import { unmeasured } from '$core/things/measured';
	import type { Thing } from '$core/things/types';
	import { sayPhrase } from '$core/units/phrase';
	import { formatLength } from '$core/units/format-length';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';
	import Section from '../panels/Section.svelte';
	import Diagram from '../sums/Diagram.svelte';
	import ColumnField from './ColumnField.svelte';
	import HangSection from './HangSection.svelte';

	/** One thing, or several at once: what differs among them says so, and what is typed is set for all. */
	let { desk, things, open }: { desk: StockDesk; things: readonly Thing[]; open: OpenPlan | null } = $props();

	const unit = $derived(preferences.unit);
	const one = $derived(things.length === 1 ? (things[0] as Thing) : null);
	const ids = $derived(things.map((t) => t.id));
	const column = (key: string) => THING_COLUMNS.find((c) => c.key === key) as Column;
	const values = (key: string) => things.map((t) => cellOf(t, { key }));
	const groups = $derived([...new Set(desk.shop.shop.things.map((t) => t.group))].filter(Boolean).sort());
	const wheres = $derived([...new Set(desk.shop.shop.things.map((t) => t.where))].filter(Boolean).sort());
	/** The grip they share, if they do. */
	const grip = $derived(things.every((t) => t.grip === things[0]?.grip) ? (things[0]?.grip ?? null) : null);
	const todo = $derived(one ? unmeasured(one) : null);
	/** All of them hang on planned walls: where they are is no question. */
	const hangs = $derived(one !== null && (desk.shop.placed.get(one.id) ?? 0) >= one.count);
	const named = (keys: readonly string[]) => keys.map((k) => column(k).label.toLowerCase()).join(', ');

	function set(c: Column, value: CellValue): string | undefined {
		// What somebody typed is measured, however close it is to what is usual.
		const to = (t: Thing): Thing => ({ ...withCell(t, c, value), typical: t.typical.filter((k) => k !== c.key) });
		const label =
			things.length === 1 ? `change ${c.label.toLowerCase()}` : `change ${c.label.toLowerCase()} of ${things.length}`;
		const [problem] = desk.shop.change('things', ids, to, label);
		return problem && sayProblem(problem, unit);
	}
	function confirmTypical() {
		desk.shop.change('things', ids, (t) => ({ ...t, typical: [] }), 'take as measured');
	}
	function duplicate() {
		const copies = things.map((t) => ({ ...t, id: newId(), name: `${t.name.slice(0, 52)} (copy)` }));
		desk.shop.add('things', copies, copies.length === 1 ? 'duplicate' : `duplicate ${copies.length}`);
		desk.pick(copies.map((c) => c.id));
	}
	function remove() {
		desk.shop.remove('things', ids, ids.length === 1 ? 'delete thing' : `delete ${ids.length} things`);
		desk.pick([]);
	}
	/** "12 mm: bar 10 + 2" for each figure that the grip decides. */
	const figures = $derived(one?.grip ? gripOf(one.grip).figures(one.dims) : []);
</script>

{#snippet field(key: string, choices?: readonly string[])}
	<ColumnField
		column={column(key)}
		values={values(key)}
		{choices}
		typical={things.some((t) => t.typical.includes(key))}
		commit={(v) => set(column(key), v)}
	/>
{/snippet}

<h2>{one ? one.name : `${things.length} things`}</h2>
{#if one && todo}
	<p class="about">
		{#if todo.missing.length}Still to measure: {named(todo.missing)}.{/if}
		{#if todo.typical.length}Typical for its kind, not measured: {named(todo.typical)}.{/if}
		{#if !todo.missing.length && !todo.typical.length}Measured.{/if}
	</p>
{:else}
	<p class="about">What you change is changed in all of them, as one step.</p>
{/if}
{#if things.some((t) => t.typical.length > 0)}
	<div class="actions">
		<Button size="sm" color="alternative" onclick={confirmTypical}>These figures are right: take as measured</Button>
	</div>
{/if}
<div class="grid">
	{#if one}{@render field('name')}{/if}
	{@render field('group', groups)}
	{@render field('count')}
	{@render field('mass')}
	{@render field('width')}
	{@render field('height')}
	{@render field('depth')}
	{#if !hangs}{@render field('state')}{/if}
	{@render field('use')}
	{@render field('where', wheres)}
</div>
<HangSection {desk} {things} {open} />
<Section title="Grip: what carries it">
	<div class="grips" role="group" aria-label="Grip">
		{#each GRIP_KINDS as g (g)}
			<button
				type="button"
				aria-pressed={grip === g}
				title={gripOf(g).title}
				onclick={() => set(column('grip'), grip === g ? null : (g as GripKind))}>{gripOf(g).short}</button
			>
		{/each}
	</div>
	{#if grip}
		{@const g = gripOf(grip)}
		<p class="marks"><b>{g.title}.</b> {g.about}</p>
		<div class="drawn"><Diagram drawing={g.draw(one?.dims ?? {})} /></div>
		<div class="grid">
			{#each g.needs as name, i (name)}
				<ColumnField
					column={{ ...DIMS[name], label: `${String.fromCharCode(65 + i)}  ${DIMS[name].label}` }}
					values={values(`dims.${name}`)}
					typical={things.some((t) => t.typical.includes(`dims.${name}`))}
					commit={(v) => set(DIMS[name], v)}
				/>
			{/each}
		</div>
		<p class="marks">{g.decides}</p>
		{#each figures as f, i (i)}
			{#if 'fault' in f}<p class="error">{f.label}: {sayPhrase(f.fault, unit)}</p>
			{:else}<p class="figure sum">
					<span>{f.label}</span> <span>{sayPhrase(f.sum, unit)}</span>
					<b>{formatLength(f.value, unit, { tick: 32, decimals: 1 })}</b>
				</p>{/if}
		{/each}
	{:else}
		<p class="marks">
			{things.length > 1 && things.some((t) => t.grip)
				? 'Various grips.'
				: 'Not said yet: pick how it is carried, and what to measure is drawn here.'}
		</p>
	{/if}
</Section>
<Section title="Needs beyond holding" after={1}>
	{@render field('charger')}
	{#if things.some((t) => t.charger)}
		<div class="grid">{@render field('cord')}{@render field('plugWidth')}{@render field('plugHeight')}</div>
		<p class="marks">
			An outlet within the cord, and still within reach; the hole for the cord is larger than the plug.
		</p>
	{/if}
	{@render field('cover')}
	{@render field('carried')}
	{@render field('hidden')}
	<div class="grid">{@render field('finish')}{@render field('notes')}</div>
</Section>
<div class="actions">
	<Button size="sm" color="alternative" onclick={duplicate}>Duplicate</Button>
	<Button size="sm" color="alternative" onclick={remove}>Delete{things.length > 1 ? ` ${things.length}` : ''}</Button>
	<Button size="sm" color="alternative" onclick={() => desk.pick([])}>All things</Button>
</div>

<style>
	.grips {
		display: flex;
		flex-wrap: wrap;
		gap: 0.3rem;
		margin-bottom: 0.5rem;
	}
	.grips button {
		min-height: 34px;
		padding: 0 0.55rem;
		border: 1px solid var(--hair);
		border-radius: 2px;
		background: var(--paper);
	}
	.grips button[aria-pressed='true'] {
		background: var(--ink);
		color: var(--paper);
	}
	.drawn {
		margin-block: 0.5rem;
	}
	.figure {
		display: grid;
		grid-template-columns: 1fr auto auto;
		gap: 0.8rem;
		padding: 0.2rem 0;
		border-bottom: 1px solid var(--hair);
	}
</style>
