<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { families } from '$core/holders/registry';
	import { pairPitch } from '$core/holders/peg-rack/build';
	import { spacingSum } from '$core/holders/spacing';
	import { BEARING_WORDS } from '$core/loads/checks/seat-checks';
	import { combine } from '$core/loads/statics/seat';
	import { holderWeights } from '$core/loads/place';
	import { SCREWS, type ScrewSize } from '$core/materials/screws';
	import { stock, STOCKS, type StockId } from '$core/materials/stocks';
	import type { Holder, PegRackParams, Spacing } from '$core/plan/types';
	import { formatLength } from '$core/units/format-length';
	import { formatQuantity } from '$core/units/format-quantity';
	import { mm, phrase, sayPhrase } from '$core/units/phrase';
	import { GRAVITY } from '$core/units/quantity';
	import { fieldCommit } from '$lib/state/commit';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayMarks, sayVerdict } from '../say';
	import VerdictMark from '../VerdictMark.svelte';
	import ChoiceField from './ChoiceField.svelte';
	import LengthField from './LengthField.svelte';
	import MassField from './MassField.svelte';
	import NumberField from './NumberField.svelte';
	import Section from './Section.svelte';
	import TextField from './TextField.svelte';
	import ThingChoice from './ThingChoice.svelte';
	import TickField from './TickField.svelte';
	import Warnings from './Warnings.svelte';

	let { open, holder, duplicate }: { open: OpenPlan; holder: Holder; duplicate: () => void } = $props();

	const unit = $derived(preferences.unit);
	const p = $derived(holder.params);
	const say = (x: number) => formatLength(x, unit);
	const judged = $derived(open.checks.holders.get(holder.id));
	const placed = $derived(judged?.placed);
	const weights = $derived(placed && holderWeights(placed.built, placed.profile.thickness));
	const full = $derived(weights && combine([weights.self, ...weights.things]));
	const warnings = $derived(
		open.checks.warnings.filter((w) => w.subject.kind === 'holder' && w.subject.id === holder.id)
	);
	const shown = $derived(placed?.holder ?? holder);

	const change = (c: Partial<Holder>) =>
		fieldCommit(open, { kind: 'change', list: 'holders', id: holder.id, change: c }, unit);
	const set = (c: Partial<PegRackParams>) => change({ params: { ...p, ...c } });
	const face = (c: Partial<PegRackParams['face']>) => set({ face: { ...p.face, ...c } });
	const pegs = (c: Partial<PegRackParams['pegs']>) => set({ pegs: { ...p.pegs, ...c } });
	const load = (c: Partial<PegRackParams['load']>) => set({ load: { ...p.load, ...c } });
	const hook = (c: Partial<PegRackParams['hook']['screws']>) =>
		set({ hook: { ...p.hook, screws: { ...p.hook.screws, ...c } } });

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

	function setStock(id: StockId) {
		const next = stock(id);
		const through = p.pegs.depth >= stock(p.face.stock).thickness;
		return set({
			face: { ...p.face, stock: id, height: Math.min(p.face.height, next.width) },
			pegs: {
				...p.pegs,
				depth: through ? Math.round(next.thickness * 100) / 100 : p.pegs.depth,
				height: Math.min(p.pegs.height, next.width - p.pegs.diameter)
			}
		});
	}

	const remove = () => open.remove('holders', holder.id);
</script>

<h2>{holder.name || 'Peg rack'}</h2>
<p class="about">
	{sayPhrase(families[holder.family].describe(p), unit)}{#if full}, {formatQuantity(
			{ value: full.weight / GRAVITY, dim: 'mass' },
			unit
		)} loaded{/if}
</p>
<p class="verdict"><VerdictMark verdict={judged?.verdict ?? 'unloaded'} /> <span>{sayVerdict(judged, unit)}</span></p>
<Warnings {warnings} />
<Section title="Where" after={1}>
	<div class="grid">
		<TextField label="Name" value={holder.name} commit={(name) => change({ name })} />
		<ChoiceField
			label="Row"
			value={shown.mount.row}
			choices={[...open.plan.rows]
				.sort((a, b) => b.y - a.y)
				.map((r) => ({ value: r.id, name: `${r.name || 'Row'}, ${say(r.y)} up` }))}
			commit={(row: string) => change({ mount: { ...holder.mount, row } })}
		/>
		<LengthField label="Left end" value={shown.mount.x} commit={(x) => change({ mount: { ...holder.mount, x } })} />
	</div>
	{#if placed}
		<p class="marks">
			Foot {say(placed.foot)} up, top {say(placed.top)}; bears on {BEARING_WORDS[placed.bearing.kind]}; stands out {say(
				placed.built.projection
			)}.
			{#if full}Weighs {formatQuantity({ value: weights ? weights.self.weight / GRAVITY : 0, dim: 'mass' }, unit)} itself;
				centre of all of it {say(full.standOff)} out from the wall.{/if}
		</p>
	{/if}
</Section>
<Section title="What hangs" after={2}>
	<div class="grid">
		<ThingChoice {open} {holder} />
		<TextField label="Name of one" value={p.load.name} commit={(name) => load({ name })} />
		<MassField label="Weight of one" value={p.load.mass} commit={(mass) => load({ mass })} />
		<NumberField label="On each seat" value={p.load.perSeat} commit={(perSeat) => load({ perSeat })} />
		<LengthField
			label="Room one takes along the peg"
			value={p.load.thickness}
			commit={(thickness) => load({ thickness })}
		/>
		<LengthField label="Width of one" value={p.load.width} commit={(width) => load({ width })} />
		<LengthField label="How far it hangs down" value={p.load.height} commit={(height) => load({ height })} />
	</div>
</Section>
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
<Section title="Face and hook" after={4}>
	<div class="grid">
		<ChoiceField
			label="Face"
			value={p.face.stock}
			choices={STOCKS.map((s) => ({ value: s.id, name: s.title }))}
			commit={setStock}
		/>
		<LengthField label="Width" value={p.face.width} commit={(width) => face({ width })} />
		<LengthField label="Height" value={p.face.height} commit={(height) => face({ height })} />
		<ChoiceField
			label="Hook screws"
			value={p.hook.screws.size}
			choices={SCREWS.map((s) => ({ value: s.size, name: s.size }))}
			commit={(size: ScrewSize) => hook({ size })}
		/>
		<LengthField label="Their length" value={p.hook.screws.length} commit={(length) => hook({ length })} />
		<NumberField label="How many" value={p.hook.screws.count} commit={(count) => hook({ count })} />
		<ChoiceField
			label="Driven from"
			value={p.hook.from}
			choices={[
				{ value: 'back', name: 'The back, through the hook' },
				{ value: 'front', name: 'The front, through the face' }
			] as const}
			commit={(from) => set({ hook: { ...p.hook, from } })}
		/>
	</div>
	<TickField
		label="Hook glued as well"
		checked={p.hook.glued}
		commit={(glued) => set({ hook: { ...p.hook, glued } })}
	/>
	<TickField
		label="Spacer at the foot, as thick as the cleat"
		checked={p.spacer}
		commit={(spacer) => set({ spacer })}
	/>
	<TickField
		label="Second hook, on the next row the face covers"
		checked={p.secondHook ?? false}
		commit={(secondHook) => set({ secondHook })}
	/>
	<TickField label="Lock strip over the cleat" checked={p.lockStrip} commit={(lockStrip) => set({ lockStrip })} />
	{#if placed}
		<p class="marks">
			Hook screws from the left end: <span class="sum"
				>{sayMarks(
					placed.built.hookScrews.map((s) => s.x),
					unit
				)}</span
			>
		</p>
	{/if}
	<p class="caution">
		Ripping a narrow 45° strip: guard on, push stick, never a short piece on the saw. Eyes, ears, dust.
	</p>
</Section>
<div class="actions">
	<Button size="sm" color="alternative" onclick={() => (open.selection = null)}>All holders</Button>
	<Button size="sm" color="alternative" onclick={duplicate}>Duplicate</Button>
	<Button size="sm" color="alternative" onclick={remove}>Delete holder</Button>
</div>
