<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { FixedPlaced } from '$core/places/fixed/place';
	import type { WallScrew } from '$core/places/wall-screw';
	import { onStuds } from '$core/places/fixed/new-mount';
	import { FIXING } from '$core/plan/plan-fields';
	import type { Back, FixedMount } from '$core/plan/types';
	import { formatLength } from '$core/units/format-length';
	import { sayPhrase } from '$core/units/phrase';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import FormFields from '../form/FormFields.svelte';
	import LengthField from './LengthField.svelte';

	/** Screws of a back into the wall: each with its place on the back, and what it enters there. */
	interface Props {
		open: OpenPlan;
		back: Back;
		mount: FixedMount;
		placed: FixedPlaced | undefined;
		set: (mount: FixedMount) => string | undefined;
	}
	let { open, back, mount, placed, set }: Props = $props();

	const unit = $derived(preferences.unit);
	const fields = { screws: FIXING.screws };
	type Place = FixedMount['places'][number];

	const changed = (i: number, change: Partial<Place>) =>
		set({ ...mount, places: mount.places.map((p, k) => (k === i ? { ...p, ...change } : p)) });
	const without = (i: number) => void set({ ...mount, places: mount.places.filter((_, k) => k !== i) });
	/** Beside the last one, or in the middle. */
	function added() {
		const last = mount.places.at(-1);
		const place = last
			? { x: Math.min(back.width, last.x + 60), y: last.y }
			: { x: back.width / 2, y: back.height / 2 };
		void set({ ...mount, places: [...mount.places, place] });
	}

	const MEMBER = { blocking: 'the block', plank: 'the boards', masonry: 'a plug' } as const;
	function entered({ support, fault, x }: WallScrew): string {
		if (fault) return sayPhrase(fault, unit);
		const what = support?.member ? MEMBER[support.member] : 'the stud';
		return `In ${what} at ${formatLength(support?.member ? x : (support?.x ?? x), unit)}`;
	}
</script>

<FormFields
	{fields}
	values={{ screws: mount.screws }}
	commit={(v) => set({ ...mount, ...(v as Pick<FixedMount, 'screws'>) })}
/>
<ol class="screws">
	{#each mount.places as p, i (i)}
		{@const screw = placed?.screws[i]}
		<li class:out={screw?.fault}>
			<div class="grid">
				<LengthField label="Screw {i + 1}, from the left" value={p.x} commit={(x) => changed(i, { x })} />
				<LengthField label="Up" value={p.y} commit={(y) => changed(i, { y })} />
			</div>
			<p class="marks">
				{screw ? entered(screw) : ''}
				<button type="button" class="link" onclick={() => without(i)}>take screw {i + 1} out</button>
			</p>
		</li>
	{/each}
</ol>
<div class="actions">
	<Button
		size="xs"
		color="alternative"
		onclick={() => void set({ ...mount, places: onStuds(open.plan.wall, mount, back, mount.screws.size) })}
		>Two at every stud</Button
	>
	<Button size="xs" color="alternative" onclick={added}>Add a screw</Button>
</div>
<p class="caution">
	Cables and pipes run behind a wall: look for them before you drill, power off. Over heads and in masonry the maker’s
	figures and local codes have the last word.
</p>

<style>
	.screws {
		margin: 0.4rem 0;
		padding: 0;
		list-style: none;
	}
	.screws li {
		border-top: 1px solid var(--hair);
		padding-top: 0.3rem;
	}
	.out .marks {
		color: var(--does-not-hold);
	}
</style>
