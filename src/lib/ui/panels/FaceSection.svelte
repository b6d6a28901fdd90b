<script lang="ts">
	import type { Placed } from '$core/loads/place';
	import { SCREWS, type ScrewSize } from '$core/materials/screws';
	import { stock, STOCKS, type StockId } from '$core/materials/stocks';
	import type { PegRackParams } from '$core/plan/types';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayMarks } from '../say';
	import ChoiceField from './ChoiceField.svelte';
	import LengthField from './LengthField.svelte';
	import NumberField from './NumberField.svelte';
	import Section from './Section.svelte';
	import TickField from './TickField.svelte';

	/** The board that pegs stand on, and how it hangs. */
	interface Props {
		params: PegRackParams;
		/** Where it hangs; undefined while its row is gone. */
		placed: Placed | undefined;
		set: (change: Partial<PegRackParams>) => string | undefined;
	}
	let { params: p, placed, set }: Props = $props();

	const unit = $derived(preferences.unit);
	const face = (c: Partial<PegRackParams['face']>) => set({ face: { ...p.face, ...c } });
	const hook = (c: Partial<PegRackParams['hook']['screws']>) =>
		set({ hook: { ...p.hook, screws: { ...p.hook.screws, ...c } } });

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
</script>

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
