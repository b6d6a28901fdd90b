<script lang="ts">
	import { worstFirst } from '$core/verdict/check';
	import { holderWeights } from '$core/places/in-place';
	import { formatQuantity } from '$core/units/format-quantity';
	import { sayPhrase } from '$core/units/phrase';
	import { GRAVITY } from '$core/units/quantity';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayMargin, sayWhy } from '../say';
	import VerdictMark from '../VerdictMark.svelte';

	let { open }: { open: OpenPlan } = $props();

	/** More than these would be a table to read, not a list of what is open. */
	const MOST = 40;
	const unit = $derived(preferences.unit);
	/** The order is that of the plan as it is: a list that jumps about during a drag cannot be read. */
	const order = $derived(
		[...open.settled.holders]
			.flatMap(([id, { verdict, check }]) => (check ? [{ id, told: { verdict, margin: check.margin } }] : []))
			.sort((a, b) => worstFirst(a.told, b.told))
			.map((e) => e.id)
	);
	/**
	 * The judged holders themselves, the same objects while nothing about them changes: a drag leaves the other entries
	 * alone.
	 */
	const entries = $derived(order.slice(0, MOST).flatMap((id) => open.marks.holders.get(id) ?? []));
</script>

<section aria-label="Least margin first" class="no-print">
	<h2>Least margin first</h2>
	{#if order.length === 0}
		<p>Nothing hangs on this wall yet.</p>
	{:else}
		<ul>
			{#each entries as { placed, verdict, check, stop } (placed.holder.id)}
				{@const { id, name } = placed.holder}
				{@const judged = check ? sayWhy(check, unit) : ''}
				{@const why = stop ? sayPhrase(stop.message, unit) : judged}
				<li>
					<button
						type="button"
						aria-current={open.selection?.id === id}
						onclick={() => (open.selection = { kind: 'holder', id })}
					>
						<VerdictMark {verdict} />
						<strong>{name || 'Holder'}</strong>
						<span class="why" title={why}>{why}</span>
						<span class="weight"
							>{formatQuantity({ value: holderWeights(placed.built).total / GRAVITY, dim: 'mass' }, unit)}</span
						>
						<b class="sum">{stop ? 'stop' : sayMargin(check)}</b>
					</button>
				</li>
			{/each}
		</ul>
		{#if order.length > MOST}<p>and {order.length - MOST} more with larger margins</p>{/if}
	{/if}
</section>

<style>
	section {
		container-type: inline-size;
		height: 100%;
		padding: 0.6rem 1rem;
		overflow-y: auto;
		background: var(--paper);
	}
	h2,
	p {
		color: var(--pencil);
		font-weight: 600;
	}
	button {
		display: grid;
		grid-template-columns: 40px minmax(8rem, 14rem) 1fr auto 4rem;
		gap: 0.75rem;
		align-items: center;
		width: 100%;
		min-height: 34px;
		text-align: left;
		border-bottom: 1px solid var(--hair);
	}
	button[aria-current='true'] {
		background: var(--sheet);
	}
	strong {
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	/* Two lines of reason before it is cut. */
	.why {
		display: -webkit-box;
		overflow: hidden;
		line-height: 1.15;
		-webkit-box-orient: vertical;
		-webkit-line-clamp: 2;
		line-clamp: 2;
	}
	.why,
	.weight {
		color: var(--pencil);
	}
	b {
		text-align: right;
	}
	@container (max-width: 620px) {
		button {
			grid-template-columns: 36px minmax(5rem, 7.6rem) minmax(0, 1fr) 3.4rem;
			gap: 0.5rem;
		}
		.weight {
			display: none;
		}
	}
	@media (max-width: 900px) {
		button {
			grid-template-columns: 40px 1fr 4rem;
		}
		.why {
			grid-column: 2 / 4;
			grid-row: 2;
			white-space: normal;
		}
		.weight {
			display: none;
		}
	}
</style>
