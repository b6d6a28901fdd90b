<script lang="ts">
	import { roomPlan, roomSection, type Room, type RoomView } from '$core/checks/room-views';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import type { RoomDesk } from '$lib/state/room-desk.svelte';
	import { formatLength } from '$core/units/format-length';
	import { preferences } from '$lib/state/preferences.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import Diagram from '../sums/Diagram.svelte';

	/** The room that the wall is in: from above, its ceiling from below, or cut across at any place along the wall. */
	let { open, desk, view }: { open: OpenPlan; desk: RoomDesk; view: RoomView } = $props();

	let high = $state(500);
	const wall = $derived(open.shown.wall);
	const placed = $derived([...open.standing.values()]);
	const stopped = $derived(
		new Set(
			[...open.marks.holders.values()].filter((h) => h.verdict === 'cannot-be-built').map((h) => h.placed.holder.id)
		)
	);
	const room = $derived<Room>({ wall, placed, stopped, stature: open.shown.stature ?? null });
	const cut = $derived(Math.min(wall.width, Math.max(0, desk.cut ?? wall.width / 2)));
	const drawing = $derived(view === 'section' ? roomSection(room, cut) : roomPlan(room, view));
	const there = $derived(
		placed.filter((p) => p.left + p.built.reach.left <= cut && cut <= p.left + p.built.reach.right)
	);
	const HINTS: Record<RoomView, string> = {
		above: 'Dashed: what sweeps, what must stay clear, and where the walkway begins.',
		below: 'Looking up from eye height: joists behind, what hangs lowest in front. Dashed: what stands lower.',
		section: 'Dashed: what sweeps there, head height, and whoever works here.'
	};
	function move(x: number): string | undefined {
		if (x < 0 || x > wall.width) return `Between 0 and ${formatLength(wall.width, preferences.unit)}`;
		desk.cut = x;
		return undefined;
	}
</script>

<div class="room" bind:clientHeight={high}>
	<div class="drawn"><Diagram {drawing} tallest={Math.max(160, high - (view === 'section' ? 350 : 230))} /></div>
	{#if view === 'section'}
		<div class="cut no-print">
			<label>
				Cut at
				<input
					type="range"
					min="0"
					max={wall.width}
					step="10"
					value={cut}
					oninput={(e) => (desk.cut = +e.currentTarget.value)}
				/>
			</label>
			<LengthField label="Along the wall" value={cut} commit={move} />
		</div>
		<p class="marks">
			{there.length === 0
				? 'Nothing is cut there.'
				: `Cut there: ${there.map((p) => p.holder.name || 'a holder').join(', ')}.`}
		</p>
	{/if}
	<p class="marks">{HINTS[view]}</p>
</div>

<style>
	.room {
		height: 100%;
		overflow: auto;
		padding: 3rem 0.9rem 0.9rem;
	}
	.cut {
		display: flex;
		align-items: end;
		gap: 1rem;
		margin-top: 0.6rem;
	}
	label {
		flex: 1;
		font-size: 0.85rem;
	}
	input[type='range'] {
		width: 100%;
		accent-color: var(--chalk);
	}
</style>
