<script lang="ts">
	import { SCREWS, type ScrewSize } from '$core/materials/screws';
	import { stock, STOCKS } from '$core/materials/stocks';
	import type { CleatProfile } from '$core/cleats/profile';
	import type { Backer, Row } from '$core/plan/types';
	import { preferences } from '$lib/state/preferences.svelte';
	import ChoiceField from './ChoiceField.svelte';
	import LengthField from './LengthField.svelte';
	import Section from './Section.svelte';

	/** What keeps a row from rolling: its screws alone, twist blocks, a backer sheet. */
	interface Props {
		row: Row;
		profile: CleatProfile;
		set: (change: Partial<Row>) => string | undefined;
	}
	let { row, profile, set }: Props = $props();

	const unit = $derived(preferences.unit);
	const bare = $derived(row.twistBlock ? 'block' : 'plain');
	const hold = $derived(row.backer ? 'backer' : bare);
	const backer = (change: Partial<Backer>) => (row.backer ? set({ backer: { ...row.backer, ...change } }) : undefined);
	const behind = (change: Partial<Backer['behind']>) =>
		row.backer ? backer({ behind: { ...row.backer.behind, ...change } }) : undefined;
	const block = (change: Partial<NonNullable<Row['twistBlock']>>) =>
		row.twistBlock ? set({ twistBlock: { ...row.twistBlock, ...change } }) : undefined;

	/** Another way to keep the row from rolling starts from sizes that go with its cleat. */
	function setHold(way: string) {
		const below = Math.round(profile.front);
		const inch = unit === 'inch';
		if (way === 'block') return set({ backer: null, twistBlock: { height: below, width: 90 } });
		if (way === 'plain') return set({ backer: null, twistBlock: null });
		const length = stock('ply-12').thickness + profile.thickness - 1.5;
		return set({
			twistBlock: null,
			backer: {
				stock: inch ? 'ply-1/2' : 'ply-12',
				height: Math.ceil(2 * below + profile.front),
				below,
				behind: { size: inch ? '#8' : '4 mm', length, pitch: 150 },
				perStud: 3
			}
		});
	}
</script>

<Section title="Against rolling">
	<ChoiceField
		label="Held by"
		value={hold}
		choices={[
			{ value: 'plain', name: 'Its screws alone' },
			{ value: 'block', name: 'A twist block at every stud' },
			{ value: 'backer', name: 'A backer sheet, screwed from behind' }
		]}
		commit={setHold}
	/>
	{#if row.backer}
		<div class="grid mt-2">
			<ChoiceField
				label="Sheet"
				value={row.backer.stock}
				choices={STOCKS.filter((b) => b.kind === 'ply').map((b) => ({ value: b.id, name: b.title }))}
				commit={(id) => backer({ stock: id })}
			/>
			<LengthField label="Strip of sheet, height" value={row.backer.height} commit={(height) => backer({ height })} />
			<LengthField label="Of it under the cleat" value={row.backer.below} commit={(below) => backer({ below })} />
			<ChoiceField
				label="From behind"
				value={row.backer.behind.size}
				choices={SCREWS.map((s) => ({ value: s.size, name: s.size }))}
				commit={(size: ScrewSize) => behind({ size })}
			/>
			<LengthField label="Their length" value={row.backer.behind.length} commit={(length) => behind({ length })} />
			<LengthField label="One every" value={row.backer.behind.pitch} commit={(pitch) => behind({ pitch })} />
		</div>
	{:else if row.twistBlock}
		<div class="grid mt-2">
			<LengthField label="Block, height" value={row.twistBlock.height} commit={(height) => block({ height })} />
			<LengthField
				label="Block, width"
				value={row.twistBlock.width}
				commit={(width) => block({ width })}
				hint="Glued and screwed to the cleat"
			/>
		</div>
	{/if}
</Section>
