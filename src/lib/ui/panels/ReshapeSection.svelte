<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { rowFor } from '$core/holders/offers';
	import { mirrorHolder } from '$core/patterns/mirror';
	import { patternOf } from '$core/patterns/pattern';
	import { scaleHolder } from '$core/patterns/scale';
	import { hangs } from '$core/plan/held';
	import type { Backed, Holder } from '$core/plan/types';
	import { sayPhrase } from '$core/units/phrase';
	import { fieldCommit, sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { shopHere } from '$lib/state/shop-context';
	import NumberField from './NumberField.svelte';
	import TextField from './TextField.svelte';

	/** A holder for more or fewer, as in a mirror, or kept as a pattern of the shop. */
	let { open, holder }: { open: OpenPlan; holder: Backed } = $props();

	const unit = $derived(preferences.unit);
	const shop = shopHere();
	let said = $state('');
	let problem = $state('');
	let name = $state<string | null>(null);
	const named = $derived(name ?? (holder.name || 'Holder'));

	function change(to: Partial<Holder>, done: string) {
		problem = fieldCommit(open, { kind: 'change', list: 'holders', id: holder.id, change: to }, unit) ?? '';
		said = problem ? '' : done;
	}

	function mirror() {
		const { id: _, ...mirrored } = mirrorHolder(holder);
		change(mirrored, 'Mirrored: left is right.');
	}

	/** Gives back what is wrong with the number; what is wrong with the holder stands below. */
	function scale(by: number): string | undefined {
		if (!hangs(holder)) return undefined;
		if (!(by > 0 && by <= 10)) return 'From 0.1 to 10 times as many';
		const row = open.plan.rows.find((r) => r.id === holder.mount.row);
		const scaled = scaleHolder(holder, by, rowFor(row, open.plan.cutting.kerf, unit));
		said = '';
		if (!scaled.ok) {
			problem = `Not scaled. ${sayPhrase(scaled.error, unit)}`;
			return undefined;
		}
		const { id: _, ...now } = scaled.value;
		change(now, 'Counts and boards scaled; what things go into is as it was.');
		return undefined;
	}

	function keep() {
		const pattern = patternOf(holder, newId(), named.trim() || 'Pattern', unit);
		const [wrong] = shop?.add('patterns', [pattern], `keep ${pattern.name}`) ?? [];
		problem = wrong ? sayProblem(wrong, unit) : '';
		said = wrong ? '' : `Kept as “${pattern.name}”: it stands under Patterns, and is offered to what it fits.`;
		name = null;
	}
</script>

<div class="grid">
	{#if hangs(holder)}
		<NumberField
			label="Places, times as many"
			value={1}
			hint="0.5 is half as many. Counts and boards scale; what a thing goes into never does"
			commit={scale}
		/>
	{/if}
	{#if shop}
		<TextField
			label="Keep as a pattern named"
			value={named}
			commit={(v) => {
				name = v;
				return undefined;
			}}
		/>
	{/if}
</div>
<div class="actions">
	<Button size="xs" color="alternative" onclick={mirror}>Mirror</Button>
	{#if shop}<Button size="xs" color="alternative" onclick={keep}>Keep as a pattern</Button>{/if}
</div>
{#if said}<p class="marks" role="status">{said}</p>{/if}
{#if problem}<p class="error" role="alert">{problem}</p>{/if}
