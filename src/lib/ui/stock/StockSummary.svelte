<script lang="ts">
	import { boardName, boardsTotal, type Board } from '$core/lumber/board';
	import { supply } from '$core/consumables/consumable';
	import { THING_COLUMNS } from '$core/things/columns';
	import { unmeasured } from '$core/things/measured';
	import { formatQuantity } from '$core/units/format-quantity';
	import { sayPhrase } from '$core/units/phrase';
	import { sayProblem } from '$lib/state/commit';
	import { preferences } from '$lib/state/preferences.svelte';
	import { LIST_WORDS, type StockDesk } from '$lib/state/stock-desk.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import Section from '../panels/Section.svelte';
	import TextField from '../panels/TextField.svelte';
	import PriceSummary from './prices/PriceSummary.svelte';
	import GroupWeights from './GroupWeights.svelte';

	/** What the stock-take comes to, while nothing is picked. */
	let { desk }: { desk: StockDesk } = $props();

	const MOST = 12;
	const unit = $derived(preferences.unit);
	const shop = $derived(desk.shop);
	const total = $derived(shop.total);
	const kg = (value: number) => formatQuantity({ value, dim: 'mass' }, unit);
	const title = (key: string) => (THING_COLUMNS.find((c) => c.key === key)?.label ?? key).toLowerCase();
	const open = $derived(
		shop.shop.things.filter((t) => unmeasured(t).missing.length + unmeasured(t).typical.length > 0)
	);
	const toBuy = $derived(shop.shop.consumables.filter((c) => supply(c).buy > 0));
	const boards = $derived(boardsTotal(shop.shop.boards));
	const heights = $derived.by(() => {
		const by = new Map<string, Board[]>();
		for (const b of shop.shop.boards)
			by.set(b.where || 'no place said', [...(by.get(b.where || 'no place said') ?? []), b]);
		return [...by];
	});

	const settings = (change: object, label: string) => {
		const [problem] = shop.do(label, [
			{ list: 'settings', id: 'settings', before: shop.shop.settings, after: { ...shop.shop.settings, ...change } }
		]);
		return problem && sayProblem(problem, unit);
	};
</script>

<h2>{desk.list === 'things' ? 'Stock-take' : LIST_WORDS[desk.list]}</h2>
{#if desk.list === 'boards'}
	<p class="about">{shop.shop.boards.length} lines, {sayPhrase(boards.sum, unit)} in all.</p>
	{#each heights as [where, list] (where)}
		<p class="marks">
			<b>{where}</b>: {list.map((b) => `${b.count} ${boardName(b)}`).join(', ')}; {sayPhrase(
				boardsTotal(list).sum,
				unit
			)}, {formatQuantity({ value: boardsTotal(list).stack, dim: 'length' }, unit)} high laid flat
		</p>
	{/each}
	<Section title="What offcut is kept">
		<div class="grid">
			<LengthField
				label="At least so long"
				value={shop.shop.settings.keepLength}
				commit={(keepLength) => settings({ keepLength }, 'change what offcut is kept')}
			/>
			<LengthField
				label="At least so wide"
				value={shop.shop.settings.keepWidth}
				commit={(keepWidth) => settings({ keepWidth }, 'change what offcut is kept')}
			/>
		</div>
	</Section>
{:else if desk.list === 'consumables'}
	<p class="about">{toBuy.length === 0 ? 'Nothing to buy.' : `To buy, being down to the low mark:`}</p>
	<ul class="list-plain">
		{#each toBuy as c (c.id)}<li>
				<button type="button" onclick={() => desk.pick([c.id])}
					><b>{supply(c).buy}</b>
					{c.unit}
					{c.name} <small>have {c.count}, low at {c.low}, enough {c.enough}</small></button
				>
			</li>{/each}
	</ul>
{:else if desk.list === 'prices'}
	<PriceSummary {desk} />
{:else}
	<p class="about">
		{#if shop.shop.things.length === 0}Empty every drawer, group like with like, count, and measure the one dimension
			that carries each. Type the first line beside the table, or bring in a file.
		{:else}{total.count} things in {total.lines} lines, {kg(total.mass)}{total.unweighed
				? `, and ${total.unweighed} not weighed`
				: ''}. Hanging: {total.placedCount}, {kg(total.placedMass)}; {shop.open.toPlace} lines still to place.{/if}
	</p>
	{#if shop.shop.things.length > 0}
		<Section title="By group"
			><GroupWeights groups={shop.groups} pick={(group) => desk.look({ only: { group } })} /></Section
		>
		<Section title="Still to measure: {open.length} of {shop.shop.things.length}">
			<ul class="list-plain">
				{#each open.slice(0, MOST) as t (t.id)}
					{@const u = unmeasured(t)}
					<li>
						<button type="button" onclick={() => desk.pick([t.id])}
							><b>{t.name}</b>
							<small
								>{u.missing.length
									? `missing: ${u.missing.map(title).join(', ')}`
									: `typical: ${u.typical.map(title).join(', ')}`}</small
							></button
						>
					</li>
				{/each}
			</ul>
			{#if open.length > MOST}<p class="marks">and {open.length - MOST} more: show "to measure" in the table.</p>{/if}
		</Section>
	{/if}
	<Section title="Workshop" after={1}>
		<TextField
			label="Name"
			value={shop.shop.settings.name}
			commit={(name) => settings({ name }, 'rename the workshop')}
		/>
	</Section>
{/if}

<style>
	.list-plain button {
		display: block;
		width: 100%;
		padding: 0.35rem 0.1rem;
		text-align: left;
		border-bottom: 1px solid var(--hair);
	}
	small {
		display: block;
		color: var(--pencil);
	}
</style>
