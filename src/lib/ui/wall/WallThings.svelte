<script lang="ts">
	import { levelsOf } from '$core/arrange/levels';
	import { nameOf, OBSTRUCTION_WORDS } from '$core/survey/names';
	import { formatLength } from '$core/units/format-length';
	import { standsByItself } from '$core/places/any-place';
	import type { OpenPlan, Selection } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { sayVerdict } from '../say';
	import GripShape from './Grip.svelte';
	import HolderOnWall from './HolderOnWall.svelte';
	import ObstructionShape from './ObstructionShape.svelte';
	import RackLevels from './RackLevels.svelte';
	import ReachShape from './ReachShape.svelte';
	import RowEnds from './RowEnds.svelte';
	import RowShape from './RowShape.svelte';
	import StudShape from './StudShape.svelte';
	import SurveyMarks from './SurveyMarks.svelte';
	import WallBack from './WallBack.svelte';
	import type { WallHand } from './wall-hand.svelte';

	/** The wall and all that stands and hangs on it, from the back to the front, in millimetres. */
	interface Props {
		open: OpenPlan;
		stage: string;
		hand: WallHand;
		/** What is picked; on paper nothing is. */
		selection: Selection | null;
		/** Marks where a screw may go. */
		safe: boolean;
		/** px per mm */
		k: number;
		faint: { rows: number; holders: number };
	}
	let { open, stage, hand, selection, safe, k, faint }: Props = $props();

	const plan = $derived(open.shown);
	const wall = $derived(plan.wall);
	const unit = $derived(preferences.unit);
	const standing = $derived([...open.standing.values()]);
	/** By its id, which a drag leaves alone: hundreds ask whether they are picked. */
	const pickedId = $derived(selection?.kind === 'holder' ? selection.id : null);
	/** The picked rack, where it has more than one level. */
	const levelled = $derived.by(() => {
		const placed = pickedId === null ? undefined : open.standing.get(pickedId);
		return placed && standsByItself(placed) && levelsOf(placed).length > 1 ? placed : null;
	});
	const say = (mm: number) => formatLength(mm, unit);
	const isPicked = (kind: Selection['kind'], id: string) => selection?.kind === kind && selection.id === id;
	const { grab, keyed } = $derived(hand);
</script>

<WallBack {wall} pick={() => (open.selection = null)} />
{#each wall.studs as stud (stud.id)}
	<GripShape
		thing={{ kind: 'stud', id: stud.id }}
		label="Stud at {say(stud.x)}"
		pressed={isPicked('stud', stud.id)}
		still={stage !== 'wall'}
		{grab}
		{keyed}
	>
		<StudShape {stud} {wall} selected={isPicked('stud', stud.id)} />
	</GripShape>
{/each}
<SurveyMarks {wall} {k} {unit} {safe} full={stage === 'wall'} screws={stage === 'rows'} />
{#each wall.obstructions as o (o.id)}
	<GripShape
		thing={{ kind: 'obstruction', id: o.id }}
		label="{nameOf(o)}, {OBSTRUCTION_WORDS[o.kind]}, {say(o.x)} to {say(o.x + o.width)}"
		pressed={isPicked('obstruction', o.id)}
		still={stage !== 'wall'}
		{grab}
		{keyed}
	>
		<ObstructionShape
			obstruction={o}
			selected={isPicked('obstruction', o.id)}
			swept={stage !== 'stock' && stage !== 'cut'}
		/>
	</GripShape>
{/each}
{#if plan.stature !== undefined && stage !== 'cut'}<ReachShape stature={plan.stature} {wall} {k} {unit} />{/if}
<g opacity={faint.rows}>
	{#each plan.rows as row (row.id)}
		<GripShape
			thing={{ kind: 'row', id: row.id }}
			label="Row {row.name}, {say(row.y)} up. {sayVerdict(open.settled.rows.get(row.id), unit)}"
			pressed={isPicked('row', row.id)}
			{grab}
			{keyed}
		>
			<RowShape {row} {wall} kerf={plan.cutting.kerf} selected={isPicked('row', row.id)} />
		</GripShape>
	{/each}
</g>
<g opacity={faint.holders}>
	{#each standing as p (p.holder.id)}
		<HolderOnWall
			placed={p}
			judged={open.settled.holders.get(p.holder.id)}
			selected={p.holder.id === pickedId}
			{unit}
			{grab}
			{keyed}
		/>
	{/each}
</g>
{#if levelled}<RackLevels {open} placed={levelled} {unit} {k} still={stage !== 'holders'} />{/if}
{#each plan.rows as row (row.id)}
	{#if isPicked('row', row.id)}<RowEnds {row} kerf={plan.cutting.kerf} {k} {grab} />{/if}
{/each}
