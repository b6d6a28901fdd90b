<script lang="ts">
	import { Checkbox } from 'flowbite-svelte';
	import { fail, ok } from '$core/result';
	import { TOOL_GROUPS, TOOL_KINDS, type ToolKind, type ToolLimit } from '$core/tools/kinds';
	import type { Tool } from '$core/tools/tool';
	import { parseLength } from '$core/units/parse-length';
	import { parseLengths } from '$core/units/parse-lengths';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';
	import DeskPage from './DeskPage.svelte';
	import Field from '../panels/Field.svelte';
	import { writeLength } from '../panels/write';

	/**
	 * The generic list of machines and tools, to tick off; what is owned shows the limits that decide what can be made.
	 */
	let { desk }: { desk: StockDesk } = $props();

	type Value = number | number[] | null;
	const unit = $derived(preferences.unit);
	const tools = $derived(desk.shop.shop.tools);
	const owned = (kind: string) => tools.filter((t) => t.kind === kind);

	function tick(kind: ToolKind, on: boolean) {
		if (on)
			desk.shop.add(
				'tools',
				[{ id: newId(), kind: kind.id, name: '', limits: {}, notes: '' }],
				`own a ${kind.title.toLowerCase()}`
			);
		else
			desk.shop.remove(
				'tools',
				owned(kind.id).map((t) => t.id),
				`no ${kind.title.toLowerCase()}`
			);
	}
	function change(tool: Tool, to: (t: Tool) => Tool, label: string) {
		const [problem] = desk.shop.change('tools', [tool.id], to, label);
		return problem && sayProblem(problem, unit);
	}
	function setLimit(tool: Tool, limit: ToolLimit, value: Value) {
		return change(
			tool,
			(t) => {
				const limits = { ...t.limits };
				if (value === null || (Array.isArray(value) && value.length === 0)) delete limits[limit.key];
				else limits[limit.key] = value;
				return { ...t, limits };
			},
			`change ${limit.title.toLowerCase()}`
		);
	}
	function read(limit: ToolLimit, text: string) {
		if (text.trim() === '') return ok<Value>(null);
		if (limit.kind === 'lengths') return parseLengths(text, unit);
		if (limit.kind === 'length') return parseLength(text, unit);
		const n = Number(text.replace('°', '').replace(',', '.'));
		return Number.isFinite(n) ? ok<Value>(n) : fail(`Not degrees: "${text}"`);
	}
	const write = (limit: ToolLimit, value: Value) => {
		if (value === null) return '';
		if (Array.isArray(value)) return value.map((v) => writeLength(v, unit)).join(', ');
		return limit.kind === 'angle' ? `${value}°` : writeLength(value, unit);
	};
</script>

<DeskPage>
	<p class="marks">
		Tick what the shop has. A limit left empty is not guessed: what leans on it is asked again before it is made.
	</p>
	{#each TOOL_GROUPS as group (group)}
		<h2>{group}</h2>
		{#each TOOL_KINDS.filter((k) => k.group === group) as kind (kind.id)}
			{@const mine = owned(kind.id)}
			<div class="kind" class:mine={mine.length > 0}>
				<Checkbox
					checked={mine.length > 0}
					onchange={(e: Event) => tick(kind, (e.currentTarget as HTMLInputElement).checked)}
					><span>{kind.title}</span></Checkbox
				>
				{#each mine as tool, n (tool.id)}
					<div class="limits">
						{#if mine.length > 1}<Field
								label="Called"
								value={tool.name}
								read={(text) => ok(text.trim())}
								write={(v) => v}
								commit={(name) => change(tool, (t) => ({ ...t, name }), 'rename tool')}
							/>{/if}
						{#each kind.limits as limit (limit.key)}
							<Field
								label={limit.title}
								value={(tool.limits[limit.key] ?? null) as Value}
								hint={limit.hint}
								dim={limit.kind === 'length' ? 'length' : undefined}
								placeholder={limit.kind === 'lengths' ? 'such as 10, 16, 20' : ''}
								read={(text) => read(limit, text)}
								write={(v) => write(limit, v)}
								commit={(v) => setLimit(tool, limit, v)}
							/>
						{/each}
						{#if n > 0}<button
								type="button"
								class="link"
								onclick={() => desk.shop.remove('tools', [tool.id], 'delete tool')}>Not this one</button
							>{/if}
					</div>
				{/each}
				{#if mine.length > 0 && kind.limits.length > 0}
					<button
						type="button"
						class="another"
						onclick={() =>
							desk.shop.add(
								'tools',
								[{ id: newId(), kind: kind.id, name: `${kind.title} ${mine.length + 1}`, limits: {}, notes: '' }],
								`another ${kind.title.toLowerCase()}`
							)}>Another {kind.title.toLowerCase()}</button
					>
				{/if}
			</div>
		{/each}
	{/each}
</DeskPage>

<style>
	.kind {
		padding: 0.45rem 0;
		border-bottom: 1px solid var(--hair);
	}
	.kind span {
		color: var(--ink);
	}
	.mine > :global(label) {
		font-weight: 700;
	}
	.limits {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(min(100%, 150px), 1fr));
		gap: 0.4rem 0.7rem;
		margin: 0.4rem 0 0.3rem 1.6rem;
	}
	.link,
	.another {
		min-height: 30px;
		font-size: 0.85rem;
		color: var(--chalk);
		text-decoration: underline;
	}
	.another {
		margin-left: 1.6rem;
	}
</style>
