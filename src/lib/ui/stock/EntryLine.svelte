<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { newBoard, type BoardForm } from '$core/lumber/board';
	import { newConsumable, readConsumable } from '$core/consumables/consumable';
	import { ownedLike } from '$core/things/alike';
	import { THING_COLUMNS } from '$core/things/columns';
	import { withCell, type CellValue } from '$core/table/column';
	import { DIMS, type DimName } from '$core/things/grips/dims';
	import { writeCell, writeLength } from '$core/table/write-cell';
	import { bareUnits, readCell } from '$core/table/read-cell';
	import { readLine, type LineRead } from '$core/things/read-line';
	import { KINDS } from '$core/things/typical/kinds';
	import { formatLength } from '$core/units/format-length';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';

	/** New lines by typing: what is typed is read at once and shown as it was understood; Enter takes it. */
	let { desk }: { desk: StockDesk } = $props();

	const id = $props.id();
	const unit = $derived(preferences.unit);
	let text = $state('');
	let error = $state('');
	/** Corrections in the shown reading, by the line's text and its place. */
	let mended = $state<Record<string, Record<string, CellValue>>>({});
	let wrong = $state<Record<string, string>>({});
	let area = $state<HTMLTextAreaElement>();
	let ids: string[] = [];

	const lines = $derived(text.split(/\r?\n/).filter((l) => l.trim() !== ''));
	const SHOWN = ['name', 'count', 'group', 'width', 'height', 'depth', 'mass'].map((key) =>
		THING_COLUMNS.find((c) => c.key === key)!
	);
	const GRIP = THING_COLUMNS.find((c) => c.key === 'grip')!;
	const MOST = 200;
	const keyOf = (line: string, i: number) => `${i} ${line}`;
	const idOf = (i: number) => (ids[i] ??= newId());
	const reads = $derived(
		desk.list !== 'things'
			? []
			: lines.slice(0, MOST).map((line, i): LineRead & { key: string } => {
					const read = readLine(line, unit, idOf(i));
					let { thing } = read;
					for (const [key, value] of Object.entries(mended[keyOf(line, i)] ?? {}))
						thing = { ...withCell(thing, { key }, value), typical: thing.typical.filter((k) => k !== key) };
					return { ...read, thing, key: keyOf(line, i) };
				})
	);
	/** Lines that were not understood stand on top. */
	const shown = $derived([...reads].sort((a, b) => Number(b.faults.length > 0) - Number(a.faults.length > 0)));
	const faulty = $derived(
		reads.filter((r) => r.faults.length > 0).length + Object.values(wrong).filter(Boolean).length
	);
	const owned = (name: string) => ownedLike(desk.items as readonly { id: string; name: string; count: number }[], name);
	const example = $derived(unit === 'inch' ? '6 bar clamps 24in 3.5lb bar 1/4' : '6 bar clamps 600mm 1.6kg bar 6');
	const hint = $derived(
		{ things: `Such as: ${example}`, boards: '', consumables: 'Such as: 3 rolls of tape' }[desk.list]
	);

	function correct(r: { key: string }, key: string, typed: string) {
		const column = THING_COLUMNS.find((c) => c.key === key)!;
		const got = readCell(typed, column, bareUnits(unit), unit);
		wrong = { ...wrong, [`${r.key} ${key}`]: got.ok ? '' : got.error };
		if (got.ok) mended = { ...mended, [r.key]: { ...mended[r.key], [key]: got.value } };
	}
	function clear() {
		text = '';
		error = '';
		mended = {};
		wrong = {};
		ids = [];
	}
	/**
	 * What was typed is done with, and stays unpicked: the next word in the slip would change it. New boards are picked,
	 * for their figures are still to be said.
	 */
	function taken(problems: { path: string; message: string }[], picked: string[]) {
		error = problems[0] ? sayProblem(problems[0], unit) : '';
		if (problems.length > 0) return;
		clear();
		desk.pick(picked);
		area?.focus();
	}

	function takeThings() {
		if (reads.length === 0 || faulty > 0 || lines.length > MOST) return;
		const things = reads.map((r) => r.thing);
		taken(
			desk.shop.add('things', things, things.length === 1 ? `add ${things[0]?.name}` : `add ${things.length} things`),
			[]
		);
	}
	/** Adds to what is owned already instead of a second line of the same. */
	function addTo(r: LineRead & { key: string }) {
		const found = owned(r.thing.name);
		if (!found) return;
		const problems = desk.shop.change(
			'things',
			[found.id],
			(t) => ({ ...t, count: t.count + r.thing.count }),
			`add ${r.thing.count} to ${found.name}`
		);
		if (problems.length) return taken(problems, []);
		text = lines.filter((l, i) => keyOf(l, i) !== r.key).join('\n');
		desk.pick([found.id]);
	}

	const consumable = $derived(readConsumable(text));
	function takeConsumable(anew: boolean) {
		if (consumable.name === '') return;
		const found = owned(consumable.name);
		if (found && !anew)
			taken(
				desk.shop.change(
					'consumables',
					[found.id],
					(c) => ({ ...c, count: c.count + consumable.count }),
					`add to ${found.name}`
				),
				[found.id]
			);
		else {
			const item = { ...newConsumable(newId(), consumable.name), count: consumable.count };
			taken(desk.shop.add('consumables', [item], `add ${item.name}`), [item.id]);
		}
	}
	function addBoard(form: BoardForm) {
		const item = newBoard(newId(), form, unit === 'inch');
		taken(desk.shop.add('boards', [item], `add ${form}`), [item.id]);
	}

	function keyed(event: KeyboardEvent) {
		if (event.key === 'Enter' && !event.shiftKey) {
			event.preventDefault();
			if (desk.list === 'things') takeThings();
			else if (!owned(consumable.name)) takeConsumable(true);
		} else if (event.key === 'Escape') {
			event.stopPropagation();
			clear();
		}
	}
	function startWith(kind: string) {
		const found = KINDS.find((k) => k.name === kind);
		if (!found) return;
		const length = found.lengths?.[0];
		text = `${text.trim() === '' ? '' : `${text.trimEnd()}\n`}1 ${found.name}${length ? ` ${formatLength(length, unit).replace(' mm', 'mm')}` : ''}`;
		area?.focus();
	}
	const kindGroups = [...new Set(KINDS.map((k) => k.group))];
</script>

<div class="entry no-print">
	{#if desk.list === 'boards'}
		<Button size="sm" onclick={() => addBoard('board')}>Add boards</Button>
		<Button size="sm" onclick={() => addBoard('sheet')}>Add sheets</Button>
	{:else}
		<label for="{id}-text">{desk.list === 'things' ? 'Add things, a line each' : 'Add one that is used up'}</label>
		<div class="line">
			<textarea
				bind:this={area}
				id="{id}-text"
				rows={Math.min(6, Math.max(1, text.split('\n').length))}
				placeholder={hint}
				bind:value={text}
				onkeydown={keyed}
				aria-describedby="{id}-help"></textarea>
			{#if desk.list === 'things'}
				<select
					aria-label="Start from a typical kind"
					value=""
					onchange={(e) => {
						startWith(e.currentTarget.value);
						e.currentTarget.value = '';
					}}
				>
					<option value="">Typical kinds</option>
					{#each kindGroups as g (g)}<optgroup label={g}
							>{#each KINDS.filter((k) => k.group === g) as k (k.name)}<option value={k.name}>{k.name}</option
								>{/each}</optgroup
						>{/each}
				</select>
				<Button size="sm" disabled={reads.length === 0 || faulty > 0 || lines.length > MOST} onclick={takeThings}
					>Take{reads.length > 1 ? ` ${reads.length}` : ''}</Button
				>
			{:else if !owned(consumable.name)}
				<Button size="sm" disabled={consumable.name === ''} onclick={() => takeConsumable(true)}>Take</Button>
			{/if}
		</div>
		<p id="{id}-help" class="help">
			Enter takes{desk.list === 'things'
				? ', Shift+Enter starts another line; #group, @where it is used, daily to seldom'
				: ''}
		</p>
	{/if}
	{#if error}<p class="error" role="alert">{error}</p>{/if}
	{#if lines.length > MOST}<p class="error" role="alert">
			{lines.length} lines are more than {MOST} at once: bring them in as a file.
		</p>{/if}
	{#if desk.list === 'consumables' && consumable.name !== '' && owned(consumable.name)}
		{@const found = owned(consumable.name)!}
		<p class="own" role="status">
			You own {found.count} of these ({found.name}).
			<Button size="xs" onclick={() => takeConsumable(false)}>Add {consumable.count} to them</Button>
			<Button size="xs" color="alternative" onclick={() => takeConsumable(true)}>Another line all the same</Button>
		</p>
	{/if}
	{#if reads.length > 0}
		<div class="read">
			<table>
				<caption class="sr-only">As it was understood</caption>
				<thead
					><tr
						>{#each SHOWN as c (c.key)}<th scope="col">{c.label}</th>{/each}<th scope="col">Grip</th></tr
					></thead
				>
				<tbody>
					{#each shown as r (r.key)}
						{@const found = owned(r.thing.name)}
						<tr>
							{#each SHOWN as c (c.key)}
								{@const bad = wrong[`${r.key} ${c.key}`]}
								<td class:typical={r.thing.typical.includes(c.key)}>
									<input
										type="text"
										aria-label="{c.label} of {r.thing.name}"
										value={writeCell((r.thing as unknown as Record<string, CellValue>)[c.key] ?? null, c, unit)}
										aria-invalid={bad ? 'true' : undefined}
										onchange={(e) => correct(r, c.key, e.currentTarget.value)}
									/>
									{#if bad}<span class="wrong" role="alert">{bad}</span>{/if}
								</td>
							{/each}
							<td class="grip"
								>{writeCell(r.thing.grip, GRIP, unit)}{#each Object.entries(r.thing.dims) as [name, value] (name)}
									<span class="dim" class:typical={r.thing.typical.includes(`dims.${name}`)}
										>{DIMS[name as DimName].label.toLowerCase()} {writeLength(value, unit)}</span
									>{/each}</td
							>
						</tr>
						{#if r.faults.length > 0}<tr
								><td colspan="8"><span class="wrong" role="alert">{r.faults.join('; ')}</span></td></tr
							>{/if}
						{#if found}<tr
								><td colspan="8"
									><span class="own"
										>You own {found.count} of these. <Button size="xs" color="alternative" onclick={() => addTo(r)}
											>Add {r.thing.count} to them</Button
										></span
									></td
								></tr
							>{/if}
					{/each}
				</tbody>
			</table>
			<p class="help">
				Slanted figures are typical for {[...new Set(reads.flatMap((r) => r.kind ?? []))].join(', ') || 'the kind'},
				until somebody measures.
			</p>
		</div>
	{/if}
</div>

<style>
	.entry {
		padding: 0.5rem 0.8rem;
		border-bottom: 1px solid var(--hair);
		background: var(--paper);
	}
	label {
		font-size: 0.85rem;
		color: var(--pencil);
	}
	.line {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		align-items: start;
	}
	textarea {
		flex: 1 1 16rem;
		min-width: 0;
		padding: 0.4rem 0.6rem;
		border: 1px solid var(--pencil);
		border-radius: 2px;
		background: var(--sheet);
		color: var(--ink);
		font-family: var(--font-mono);
		font-size: 0.93rem;
		resize: vertical;
	}
	.line select {
		width: 10rem;
	}
	.help {
		font-size: 0.8rem;
		color: var(--pencil);
	}
	.own {
		font-weight: 600;
		color: var(--close);
	}
	.wrong {
		font-size: 0.85rem;
		font-weight: 600;
		color: var(--does-not-hold);
	}
	.read {
		max-height: 210px;
		margin-top: 0.4rem;
		overflow: auto;
	}
	th {
		padding: 0 0.3rem;
		text-align: left;
		font-size: 0.8rem;
		color: var(--pencil);
	}
	td {
		padding: 0.1rem 0.15rem;
		vertical-align: top;
	}
	td input {
		width: 100%;
		min-width: 4.6rem;
		min-height: 32px !important;
		padding: 0 0.35rem;
		font-size: 0.88rem;
	}
	td:first-child input {
		min-width: 11rem;
	}
	td.typical input,
	.typical {
		font-style: italic;
		color: var(--pencil) !important;
	}
	.dim {
		margin-left: 0.5rem;
	}
	.grip {
		padding-top: 0.4rem;
		white-space: nowrap;
		font-size: 0.85rem;
	}
</style>
