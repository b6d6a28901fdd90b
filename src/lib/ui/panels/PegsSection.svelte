<script lang="ts">
	import { pairPitch } from '$core/holders/peg-rack/build';
	import { spacingSum } from '$core/holders/spacing';
	import type { Placed } from '$core/loads/place';
	import { stock } from '$core/materials/stocks';
	import type { PegRackParams, Spacing } from '$core/plan/types';
	import { mm, phrase, sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayMarks } from '../say';
	import ChoiceField from './ChoiceField.svelte';
	import LengthField from './LengthField.svelte';
	import NumberField from './NumberField.svelte';
	import Section from './Section.svelte';
	import TickField from './TickField.svelte';

	/** How many pegs, how they are spread, and what each is. */
	interface Props {
		params: PegRackParams;
		/** Where it hangs; undefined while its row is gone. */
		placed: Placed | undefined;
		set: (change: Partial<PegRackParams>) => string | undefined;
	}
	let { params: p, placed, set }: Props = $props();

	const unit = $derived(preferences.unit);
	const pegs = (c: Partial<PegRackParams['pegs']>) => set({ pegs: { ...p.pegs, ...c } });

	const spacings: { value: Spacing['kind']; name: string }[] = [
		{ value: 'equal-gaps', name: 'Equal gaps, ends too' },
		{ value: 'pitch', name: 'First at, then every' },
		{ value: 'end-margins', name: 'End margins' }
	];

	/** Another way to space starts from where the seats stand now. */
	function setSpacing(kind: Spacing['kind']) {
		const { count } = p.pegs.spacing;
		const gap = p.face.width / (count + 1);
		const next: Record<Spacing['kind'], Spacing> = {
			'equal-gaps': { kind: 'equal-gaps', count },
			pitch: { kind: 'pitch', count, inset: gap, pitch: gap },
			'end-margins': { kind: 'end-margins', count, margin: gap }
		};
		return pegs({ spacing: next[kind] });
	}
</script>

<Section title="Pegs" after={3}>
	<div class="grid">
		<NumberField
			label={p.pegs.pair ? 'Pairs' : 'Pegs'}
			value={p.pegs.spacing.count}
			commit={(count) => pegs({ spacing: { ...p.pegs.spacing, count } })}
		/>
		<ChoiceField label="Spaced" value={p.pegs.spacing.kind} choices={spacings} commit={setSpacing} />
		{#if p.pegs.spacing.kind === 'pitch'}
			{@const spacing = p.pegs.spacing}
			<LengthField
				label="First at"
				value={spacing.inset}
				commit={(inset) => pegs({ spacing: { ...spacing, inset } })}
			/>
			<LengthField
				label="Then every"
				value={spacing.pitch}
				commit={(pitch) => pegs({ spacing: { ...spacing, pitch } })}
			/>
		{:else if p.pegs.spacing.kind === 'end-margins'}
			{@const spacing = p.pegs.spacing}
			<LengthField
				label="Margin at each end"
				value={spacing.margin}
				commit={(margin) => pegs({ spacing: { ...spacing, margin } })}
			/>
		{/if}
		<LengthField label="Diameter" value={p.pegs.diameter} commit={(diameter) => pegs({ diameter })} />
		<LengthField label="Stand out" value={p.pegs.projection} commit={(projection) => pegs({ projection })} />
		<LengthField
			label="Hole depth"
			value={p.pegs.depth}
			commit={(depth) => pegs({ depth })}
			hint={p.pegs.depth >= stock(p.face.stock).thickness ? 'Through the face' : 'Blind'}
		/>
		<NumberField label="Tilt up" value={p.pegs.tilt} unit="°" commit={(tilt) => pegs({ tilt })} />
		<LengthField label="Holes above the foot" value={p.pegs.height} commit={(height) => pegs({ height })} />
	</div>
	<TickField
		label="In pairs, with a bar between"
		checked={p.pegs.pair !== null}
		commit={(on) => pegs({ pair: on ? { bar: 10, slack: 3 } : null })}
	/>
	{#if p.pegs.pair}
		{@const pair = p.pegs.pair}
		<div class="grid">
			<LengthField label="Bar" value={pair.bar} commit={(bar) => pegs({ pair: { ...pair, bar } })} />
			<LengthField label="Slack" value={pair.slack} commit={(slack) => pegs({ pair: { ...pair, slack } })} />
		</div>
		<p class="marks sum">
			{sayPhrase(
				phrase('holes of a pair: {b} + {s} + {d} = {p}, centre to centre', {
					b: mm(pair.bar),
					s: mm(pair.slack),
					d: mm(p.pegs.diameter),
					p: mm(pairPitch(p.pegs))
				}),
				unit
			)}
		</p>
	{/if}
	<p class="marks sum">{sayPhrase(spacingSum(p.face.width, p.pegs.spacing), unit)}</p>
	{#if placed}
		<p class="marks">
			Marks from the left end: <span class="sum"
				>{sayMarks(
					placed.built.holes.map((h) => h.x),
					unit
				)}</span
			>
		</p>
	{/if}
</Section>
