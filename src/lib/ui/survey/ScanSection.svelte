<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { SpeciesId } from '$core/materials/woods';
	import { tallest } from '$core/survey/outline';
	import { takeScan } from '$core/survey/scan/take-scan';
	import type { ProvedPiece } from '$core/survey/scan/retrain';
	import { formatLength } from '$core/units/format-length';
	import { parseLengths } from '$core/units/parse-lengths';
	import { DEFAULT_NOISE } from '$devices/stud-scanner';
	import { tracesCsv } from '$exchange/traces-csv';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { fileName, saveFile } from '$lib/state/save-file';
	import type { SurveyDesk } from '$lib/state/survey-desk.svelte';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import Field from '../panels/Field.svelte';
	import Later from '../panels/Later.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import { SPECIES_CHOICES } from '../panels/species';
	import FoundPieces from './FoundPieces.svelte';
	import PilotHoles from './PilotHoles.svelte';

	/** Sweep, read what was found, prove it with pilot holes, take it. */
	let { open, desk }: { open: OpenPlan; desk: SurveyDesk } = $props();

	const scan = $derived(desk.scan);
	const wall = $derived(open.plan.wall);
	const unit = $derived(preferences.unit);
	const say = (mm: number) => formatLength(mm, unit);
	const top = $derived(tallest(wall));
	/** At round figures of the tape in hand. */
	const step = $derived(unit === 'inch' ? 2 * 25.4 : 50);
	const usual = $derived([0.2, 0.4, 0.6, 0.8].map((share) => Math.round((wall.height * share) / step) * step));
	let heights = $state<number[] | null>(null);
	let noise = $state(DEFAULT_NOISE);
	// What a sweep cannot tell, to begin with like the studs that are there.
	// svelte-ignore state_referenced_locally
	let depth = $state(wall.studs[0]?.depth ?? (preferences.unit === 'inch' ? 88.9 : 95));
	// svelte-ignore state_referenced_locally
	let species = $state<SpeciesId>(wall.studs[0]?.species ?? 'unknown');
	let left = $state.raw<ReadonlySet<string>>(new Set());
	let problem = $state('');
	let done = $state('');
	let input: HTMLInputElement;
	const NOISES = [
		{ value: DEFAULT_NOISE / 2, name: 'a good one' },
		{ value: DEFAULT_NOISE, name: 'an ordinary one' },
		{ value: DEFAULT_NOISE * 2, name: 'a poor one' }
	] as const;

	const proved = $derived(scan.proved(wall.pilots));
	const pieces = $derived(proved?.pieces ?? []);
	const pitchWords = $derived.by(() => {
		const pitch = scan.found?.pitch;
		if (!pitch) return '';
		const breaks = pitch.breaks.map((b) =>
			b.kind === 'odd'
				? `The pitch breaks between ${say(b.from)} and ${say(b.to)}.`
				: `Between ${say(b.from)} and ${say(b.to)} ${b.missing === 1 ? 'one is' : `${b.missing} are`} missing, or was not seen.`
		);
		return [`Most stand ${say(pitch.pitch)} apart.`, ...breaks].join(' ');
	});
	const key = (p: ProvedPiece) => `${p.kind} ${p.marks[0]?.x}`;
	/** One that a pilot hole denied is not taken, unless somebody says so. */
	const taken = $derived(pieces.filter((p) => !left.has(key(p)) && p.proof !== 'nothing'));
	const busy = $derived(scan.left.length > 0 || scan.progress !== null);

	function setHeights(list: number[]) {
		if (list.length === 0) return 'Say at least one height';
		if (list.length > 20) return 'At most 20 heights';
		if (list.some((y) => y < 0 || y > top)) return `Heights must be on the wall, up to ${say(top)}`;
		heights = list;
		return undefined;
	}
	function sweepAll() {
		done = '';
		problem = '';
		left = new Set();
		scan.sweep(wall, heights ?? usual, noise);
	}
	async function drill(x: number, y: number) {
		const hit = await scan.drill(wall, x, y);
		if (hit === null) problem = 'The wall cannot be drilled just now: the server cannot be reached.';
		else note(x, y, hit);
	}
	function note(x: number, y: number, hit: 'wood' | 'nothing') {
		const [wrong] = open.do({ kind: 'add', list: 'pilots', item: { id: newId(), x: Math.round(x * 10) / 10, y, hit } });
		problem = wrong ? sayProblem(wrong, unit) : '';
		if (!wrong) done = `Pilot hole at ${say(x)}, ${say(y)} up: ${hit}.`;
	}
	function flip(p: ProvedPiece) {
		const next = new Set(left);
		if (!next.delete(key(p))) next.add(key(p));
		left = next;
	}
	function take() {
		const next = takeScan(wall, taken, scan.found?.live ?? [], { depth, species }, newId);
		const [wrong] = open.do({ kind: 'set-survey', wall: next });
		problem = wrong ? sayProblem(wrong, unit) : '';
		if (!wrong) done = `${next.studs.length} studs stand on the wall now. Undo takes them back.`;
	}
	function bring(event: Event) {
		const file = (event.currentTarget as HTMLInputElement).files?.[0];
		input.value = '';
		done = '';
		problem = '';
		if (file) void scan.bring(file);
	}
</script>

<p class="marks">
	No real scanner is connected: this one sweeps an invented wall behind the drawing, which you are not shown.
</p>
<Field
	label="Sweep at heights"
	value={heights ?? usual}
	read={(text) => parseLengths(text, unit)}
	write={(ys) => ys.map(say).join(', ')}
	commit={setHeights}
	hint="Two or more show a leaning stud"
/>
<div class="grid mt-2">
	<ChoiceField label="The scanner is" value={noise} choices={NOISES} commit={(v: number) => void (noise = v)} />
</div>
<div class="actions">
	{#if busy}<Button size="sm" color="alternative" onclick={() => scan.stop()}>Stop</Button>
	{:else}<Button size="sm" onclick={sweepAll}>{scan.traces.length ? 'Sweep again' : 'Sweep the wall'}</Button>{/if}
	<Button size="sm" color="alternative" disabled={busy} onclick={() => input.click()}>Import sweeps</Button>
	<input
		bind:this={input}
		type="file"
		accept=".csv,.txt,text/csv"
		class="sr-only"
		aria-label="Sweeps file"
		tabindex="-1"
		onchange={bring}
	/>
	{#if scan.traces.length > 0}
		<Button
			size="sm"
			color="alternative"
			onclick={() => saveFile(fileName(`${open.plan.name} sweeps`, 'csv'), 'text/csv', tracesCsv(scan.traces))}
			>Export sweeps</Button
		>
		<Button size="sm" color="alternative" disabled={busy} onclick={() => scan.clear()}>Drop sweeps</Button>
	{/if}
</div>
{#if scan.left.length > 0}<p role="status">
		Sweeping at {say(scan.left[0] ?? 0)}, {scan.left.length}
		{scan.left.length === 1 ? 'height' : 'heights'} left. <progress max="1" value={scan.swept}></progress>
	</p>{/if}
{#if scan.progress}<p role="status">
		Reading sweep {scan.progress.done} of {scan.progress.of}
		<progress max={scan.progress.of} value={scan.progress.done}></progress>
	</p>{/if}
{#if scan.failure}<p class="error" role="alert">{scan.failure}</p>{/if}
{#if scan.found}
	{#if pieces.length === 0}<p class="empty">
			Nothing stands out in these sweeps: no studs, or solid behind. Is this a plank or masonry wall? See Build.
		</p>{/if}
	<FoundPieces {wall} {pieces} {taken} {flip} {drill} />
	{#each scan.found.live as l, i (i)}<p class="live" role="alert">
			Live cable between {say(l.left)} and {say(l.right)}: do not drill there. Power off, and trace it.
		</p>{/each}
	{#if pitchWords}<p class="marks">{pitchWords}</p>{/if}
	{#if proved && Math.abs(proved.offset) >= 0.5}<p class="marks">
			The pilot holes say the scanner shows things {say(Math.abs(proved.offset))} to the {proved.offset > 0
				? 'right'
				: 'left'}; that is taken off.
		</p>{/if}
	{#each proved?.unexplained ?? [] as hole (hole.id)}<p class="marks">
			Wood at {say(hole.x)}, {say(hole.y)} up, where no stud was found: sweep there again, or add one.
		</p>{/each}
	<Later after={1}>
		<div class="grid mt-2">
			<LengthField
				label="Depth of the studs"
				value={depth}
				commit={(v) => (v >= 19 && v <= 400 ? void (depth = v) : 'Must be between 19 mm (3/4") and 400 mm (16")')}
				hint="A scanner cannot tell it"
			/>
			<ChoiceField
				label="Their species"
				value={species}
				choices={SPECIES_CHOICES}
				commit={(v: SpeciesId) => void (species = v)}
			/>
		</div>
		<div class="actions">
			<Button size="sm" disabled={taken.length === 0} onclick={take}
				>Take {taken.filter((p) => p.kind === 'stud').length} studs{wall.studs.length
					? ' in place of those there'
					: ''}</Button
			>
		</div>
	</Later>
{/if}
<PilotHoles {wall} {drill} {note} forget={(id) => void open.do({ kind: 'remove', list: 'pilots', id })} />
{#if problem}<p class="error" role="alert">{problem}</p>{/if}
{#if done}<p class="marks" role="status">{done}</p>{/if}
<p class="caution">
	A pilot hole goes no deeper than cladding and the face of the stud. Never in a live stretch, nor beside one.
</p>

<style>
	.live {
		margin-top: 0.4rem;
		padding: 0.25rem 0.5rem;
		border-left: 4px solid var(--does-not-hold);
		background: var(--paper);
		font-weight: 600;
		color: var(--does-not-hold);
	}
	progress {
		width: 6rem;
		accent-color: var(--chalk);
	}
</style>
