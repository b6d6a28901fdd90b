<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { markOf, onStuds } from '$core/arrange/first-rack';
	import { loadWell } from '$core/arrange/load-well';
	import { placedCounts } from '$core/shop/places';
	import { toHang } from '$core/shop/to-hang';
	import { shopHere } from '$lib/state/shop-context';
	import { carrierKind } from '$core/kinds/registry';
	import { alone, onRowHook, onRowTop } from '$core/plan/held';
	import { rackMounts } from '$core/mounts/registry';
	import type { Mount, Rack, RackMount } from '$core/plan/types';
	import type { RackPlaced } from '$core/places/rack/place';
	import { formatLength } from '$core/units/format-length';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import ChoiceField from './ChoiceField.svelte';
	import LengthField from './LengthField.svelte';
	import StuffCompared from './StuffCompared.svelte';

	/** Where a rack is held: by itself on the wall, on a row's end, on the sheet behind a row. */
	interface Props {
		open: OpenPlan;
		rack: Rack;
		placed: RackPlaced | undefined;
		set: (mount: Mount) => string | undefined;
		change: (to: Pick<Rack, 'mount' | 'carriers'>) => string | undefined;
	}
	let { open, rack, placed, set, change }: Props = $props();

	/** Where so many go is told one by one; the drawing shows them all. */
	const MOST = 4;
	const unit = $derived(preferences.unit);
	const say = (x: number) => formatLength(x, unit);
	const ways = $derived(rackMounts(carrierKind(rack.carriers[0]?.kind ?? '').held ?? []));
	const mark = $derived(markOf(rack));
	/** Where it is shown, in a drag too. */
	const mount = $derived(placed?.holder.mount ?? rack.mount);
	const rows = $derived(
		[...open.plan.rows]
			.filter((r) => !onRowTop(mount) || r.backer)
			.sort((a, b) => b.y - a.y)
			.map((r) => ({ value: r.id, name: `${r.name || 'Row'}, ${say(r.y)} up` }))
	);

	/** The other way to hold it, near where it is now. */
	function otherwise(kind: RackMount['kind']) {
		if (kind === rack.mount.kind) return undefined;
		const [x, y] = [Math.round(placed?.left ?? 0), Math.round(placed?.foot ?? 0)];
		if (kind === 'own') return set({ kind, x, y });
		const among = open.plan.rows.filter((r) => kind !== 'row-top' || r.backer);
		const near = [...among].sort((a, b) => Math.abs(a.y - y) - Math.abs(b.y - y))[0];
		if (!near) return kind === 'row-top' ? 'No row has a sheet behind it' : 'There is no row: lay one out first';
		return set(kind === 'row-end' ? { kind, row: near.id } : { kind, row: near.id, x });
	}
	const own = $derived(rack.mount);
	const kind = $derived(carrierKind(rack.carriers[0]?.kind ?? ''));
	let problem = $state<string | undefined>();
	const shop = shopHere();
	let said = $state('');
	/** What of the stock-take it takes and hangs nowhere else, laid on it level by level. */
	function loadIt() {
		said = '';
		if (!shop) return;
		const elsewhere = placedCounts(shop.places.filter((p) => p.holder !== rack.id || p.wall !== open.id));
		const free = toHang(shop.shop).map((thing) => ({ thing, count: thing.count - (elsewhere.get(thing.id) ?? 0) }));
		const made = loadWell(open.plan, rack, free);
		if (!made || made.laid.length === 0) return void (said = 'Nothing of the stock-take that is free goes on it.');
		problem = change({ mount: made.rack.mount, carriers: made.rack.carriers });
		if (problem) return;
		said = `${made.laid.map((l) => `${l.count} × ${l.name} ${l.level}`).join('; ')}. Heaviest lowest, what is used often in reach.`;
	}
	/** Its first upright onto the stud next to it, the others on those that follow. */
	function toStuds() {
		if (!alone(rack.mount)) return;
		if (kind.fromAbove) {
			problem = change(onStuds(open.plan, rack));
			return;
		}
		const from = rack.mount.x + mark.at[0];
		const near = [...open.plan.wall.studs].sort((a, b) => Math.abs(a.x - from) - Math.abs(b.x - from))[0];
		if (!near) return void (problem = 'No stud is behind it: survey the wall first');
		const { mount, carriers } = onStuds(open.plan, { ...rack, mount: { ...rack.mount, x: near.x - mark.at[0] } });
		problem = change({ mount, carriers });
	}
</script>

{#if ways.length > 1}
	<ChoiceField label="Held" value={rack.mount.kind} choices={ways} commit={otherwise} />
{/if}
<div class="grid">
	{#if alone(own) && alone(mount)}
		<LengthField
			label="{mark.name} from the left"
			value={mount.x + mark.at[0]}
			commit={(x) => set({ ...own, x: x - mark.at[0] })}
		/>
		<LengthField
			label="{mark.at[1] === 0 ? 'Foot' : mark.name} above the floor"
			value={mount.y + mark.at[1]}
			commit={(y) => set({ ...own, y: y - mark.at[1] })}
		/>
	{:else if !alone(own) && !alone(mount)}
		<ChoiceField label="Row" value={mount.row} choices={rows} commit={(row: string) => set({ ...own, row })} />
		{#if onRowTop(own) && onRowTop(mount)}
			<LengthField label="Left end" value={mount.x} commit={(x) => set({ ...own, x })} />
		{:else if onRowHook(own) && onRowHook(mount)}
			<LengthField
				label="{mark.name} from the left"
				value={mount.x + mark.at[0]}
				commit={(x) => set({ ...own, x: x - mark.at[0] })}
			/>
		{/if}
	{/if}
</div>
{#if kind.onStuds}
	<Button size="xs" color="alternative" onclick={toStuds}
		>{kind.fromAbove ? 'Onto the studs and joists' : 'Onto the studs'}</Button
	>
	{#if problem}<p class="error" role="alert">{problem}</p>{/if}
{/if}
{#if shop && kind.fit}
	<Button size="xs" color="alternative" onclick={loadIt}>Load it well</Button>
	{#if said}<p class="marks" aria-live="polite">{said}</p>{/if}
{/if}
{#if kind.others}<StuffCompared plan={open.plan} {rack} {change} />{/if}
{#each (placed?.screws ?? []).slice(0, MOST) as s, i (i)}
	<p class="marks">
		At {say(s.x)}, {say(s.y)} up: {s.fault || !s.support
			? 'enters nothing that holds'
			: `in the ${s.support.member ?? 'stud'} at ${say(s.support.x)}`}.
	</p>
{/each}
{#if placed?.under}<p class="marks">Stands on {placed.under.name}, {say(placed.under.out)} deep.</p>{/if}
