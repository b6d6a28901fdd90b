<script lang="ts">
	import { onRow as onARow, screwedOn, standsByItself, type AnyPlaced } from '$core/places/any-place';
	import { BEARING_WORDS } from '$core/checks/row/seat-checks';
	import { onRow } from '$core/holders/empty-holder';
	import { screwedAt } from '$core/places/fixed/new-mount';
	import { MOUNT_KINDS } from '$core/mounts/registry';
	import { hangs, isBacked, isFixed, isRack, isRackMount } from '$core/plan/held';
	import { STRIPS } from '$core/plan/plan-fields';
	import type { Holder, Mount, Strips } from '$core/plan/types';
	import { formatLength } from '$core/units/format-length';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import FormFields from '../form/FormFields.svelte';
	import { sayMarks } from '../say';
	import ChoiceField from './ChoiceField.svelte';
	import LengthField from './LengthField.svelte';
	import RackFields from './RackFields.svelte';
	import WallScrews from './WallScrews.svelte';

	/** How a holder is held: hung on a row with its strips, or screwed to the wall with each of its screws. */
	interface Props {
		open: OpenPlan;
		holder: Holder;
		placed: AnyPlaced | undefined;
		set: (mount: Mount) => string | undefined;
		change: (to: Partial<Holder>) => string | undefined;
	}
	let { open, holder, placed, set, change }: Props = $props();

	const unit = $derived(preferences.unit);
	const say = (x: number) => formatLength(x, unit);
	/** Where it is shown, in a drag too. */
	const shown = $derived(placed?.holder ?? holder);
	const rows = $derived(
		[...open.plan.rows]
			.sort((a, b) => b.y - a.y)
			.map((r) => ({ value: r.id, name: `${r.name || 'Row'}, ${say(r.y)} up` }))
	);

	/** The other way to hold it, where it is now. */
	function otherwise(kind: Mount['kind']) {
		if (kind === holder.mount.kind || !isBacked(holder) || isRackMount(holder.mount)) return undefined;
		const { x } = holder.mount;
		if (hangs(holder)) {
			const y = Math.round(placed?.foot ?? open.plan.wall.height / 2);
			return set(screwedAt(open.plan.wall, { x, y }, holder.back, unit));
		}
		const top = (placed?.foot ?? 0) + holder.back.height;
		const near = [...open.plan.rows].sort((a, b) => Math.abs(a.y - top) - Math.abs(b.y - top))[0];
		return near ? set(onRow(near.id, x, unit)) : 'There is no row to hang it on: lay one out first';
	}
</script>

{#if !isRack(holder)}
	<div class="held">
		<ChoiceField label="On the wall" value={holder.mount.kind} choices={MOUNT_KINDS} commit={otherwise} />
	</div>
{/if}
{#if hangs(holder) && hangs(shown)}
	{@const own = holder.mount}
	{@const mount = shown.mount}
	<div class="grid">
		<ChoiceField label="Row" value={mount.row} choices={rows} commit={(row: string) => set({ ...own, row })} />
		<LengthField label="Left end" value={mount.x} commit={(x) => set({ ...own, x })} />
	</div>
	{#if placed && onARow(placed)}
		<p class="marks">
			Foot {say(placed.foot)} up, top {say(placed.top)}; bears on {BEARING_WORDS[placed.bearing.kind]}.
		</p>
	{/if}
	<FormFields
		fields={STRIPS}
		values={{ ...own.strips }}
		commit={(strips) => set({ ...own, strips: strips as unknown as Strips })}
	/>
	{#if placed && onARow(placed)}
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
{:else if isFixed(holder) && isFixed(shown)}
	{@const own = holder.mount}
	{@const mount = shown.mount}
	<div class="grid">
		<LengthField label="Left end" value={mount.x} commit={(x) => set({ ...own, x })} />
		<LengthField label="Foot above the floor" value={mount.y} commit={(y) => set({ ...own, y })} />
	</div>
	<WallScrews {open} back={holder.back} mount={own} placed={placed && screwedOn(placed) ? placed : undefined} {set} />
{:else if isRack(holder)}
	<RackFields {open} rack={holder} placed={placed && standsByItself(placed) ? placed : undefined} {set} {change} />
{/if}

<style>
	.held {
		margin-bottom: 0.6rem;
	}
</style>
