<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { Point } from '$core/survey/outline';
	import { tallest } from '$core/survey/outline';
	import { quadFrom, type QuadDistances } from '$core/survey/quad';
	import { formatLength } from '$core/units/format-length';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { setWall } from '$lib/state/survey-commit';
	import type { SurveyDesk } from '$lib/state/survey-desk.svelte';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import LengthField from '../panels/LengthField.svelte';
	import NumberField from '../panels/NumberField.svelte';
	import Section from '../panels/Section.svelte';
	import TickField from '../panels/TickField.svelte';
	import PhotoPoints from './PhotoPoints.svelte';

	/** A photograph behind the drawing, straightened by four known points, and a measure to lay on it. */
	let { open, desk }: { open: OpenPlan; desk: SurveyDesk } = $props();

	const wall = $derived(open.plan.wall);
	const unit = $derived(preferences.unit);
	const say = (mm: number) => formatLength(mm, unit);
	const job = $derived(desk.photo);
	let input: HTMLInputElement;
	const CORNERS = ['lower left', 'lower right', 'upper right', 'upper left'] as const;
	let by = $state<'places' | 'distances'>('places');
	// Points begin at the corners of the wall.
	// svelte-ignore state_referenced_locally
	let known = $state<[Point, Point, Point, Point]>([
		{ x: 0, y: 0 },
		{ x: wall.width, y: 0 },
		{ x: wall.width, y: wall.shape?.right ?? wall.height },
		{ x: 0, y: wall.height }
	]);
	// svelte-ignore state_referenced_locally
	let far = $state<QuadDistances>({
		bottom: wall.width,
		right: wall.shape?.right ?? wall.height,
		top: wall.width,
		left: wall.height,
		diagonal: Math.round(Math.hypot(wall.width, wall.height))
	});
	const quad = $derived(by === 'places' ? null : quadFrom(far, known[0]));
	const measure = $derived(desk.measure);
	const onWall = (v: number, most: number) => (v < -most || v > 2 * most ? 'Must be on or near the wall' : undefined);

	const opening = $derived(job.opened ? 'Keeping it' : 'Opening');

	function setOpacity(percent: number) {
		if (percent < 0 || percent > 100) return 'Must be between 0 and 100 %';
		return wall.photo && setWall(open, { photo: { ...wall.photo, opacity: percent / 100 } }, [], unit);
	}

	async function straighten() {
		const drawn = quad?.ok ? quad.value : null;
		const points = by === 'places' ? known : drawn;
		if (!points) return;
		const photo = await job.straighten(points, { left: 0, right: wall.width, low: 0, high: tallest(wall) });
		if (!photo) return;
		const wrong = setWall(open, { photo: { ...photo, opacity: 0.6 } }, [], unit);
		if (wrong) job.failure = wrong;
		else job.close();
	}
	function open_(event: Event) {
		const file = (event.currentTarget as HTMLInputElement).files?.[0];
		input.value = '';
		if (file) job.open(file);
	}
	const point = (i: number, change: Partial<Point>) => {
		const next = { ...(known[i] as Point), ...change };
		const wrong = onWall(next.x, wall.width) ?? onWall(next.y, tallest(wall));
		if (!wrong) known[i] = next;
		return wrong;
	};
	const distance = (name: keyof QuadDistances) => (v: number) =>
		v < 10 ? 'Must be at least 10 mm (3/8")' : void (far[name] = v);
	const end = (which: 'from' | 'to', change: Partial<Point>) => {
		const now = measure ?? { from: { x: 0, y: 1000 }, to: { x: 1000, y: 1000 } };
		desk.measure = { ...now, [which]: { ...now[which], ...change } };
		return undefined;
	};
	function boxOfMeasure() {
		if (!measure) return;
		const [x, y] = [
			Math.max(0, Math.min(measure.from.x, measure.to.x)),
			Math.max(0, Math.min(measure.from.y, measure.to.y))
		];
		const item = {
			id: newId(),
			kind: 'other' as const,
			name: 'from the photograph',
			x: Math.round(x),
			y: Math.round(y),
			width: Math.max(10, Math.round(Math.abs(measure.to.x - measure.from.x))),
			height: Math.max(10, Math.round(Math.abs(measure.to.y - measure.from.y))),
			how: 'photo' as const
		};
		const [wrong] = open.do({ kind: 'add', list: 'obstructions', item });
		if (wrong) job.failure = `${wrong.path.split('.').at(-1)} ${wrong.message}`;
		else open.selection = { kind: 'obstruction', id: item.id };
	}
</script>

<h2>Photo</h2>
<input
	bind:this={input}
	type="file"
	accept="image/jpeg,image/png"
	class="sr-only"
	aria-label="Photograph file"
	tabindex="-1"
	onchange={open_}
/>
{#if job.opened}
	<p class="marks">
		Put the four points on things whose place you know, one after another about a shape: the corners of the wall, a
		window, a sheet of paper taped to it.
	</p>
	<PhotoPoints {job} />
	<ChoiceField
		label="What you know of them"
		value={by}
		choices={[
			{ value: 'places', name: 'Their places on the wall' },
			{ value: 'distances', name: 'Their distances' }
		] as const}
		commit={(v) => void (by = v)}
	/>
	<div class="grid mt-2">
		{#if by === 'places'}
			{#each CORNERS as name, i (name)}
				<LengthField label="{i + 1}, {name}: from the left" value={known[i]?.x ?? 0} commit={(x) => point(i, { x })} />
				<LengthField label="{i + 1}, {name}: up" value={known[i]?.y ?? 0} commit={(y) => point(i, { y })} />
			{/each}
		{:else}
			<LengthField label="1, lower left: from the left" value={known[0].x} commit={(x) => point(0, { x })} />
			<LengthField label="1, lower left: up" value={known[0].y} commit={(y) => point(0, { y })} />
			<LengthField label="1 to 2, along the bottom" value={far.bottom} commit={distance('bottom')} />
			<LengthField label="2 to 3, up the right" value={far.right} commit={distance('right')} />
			<LengthField label="4 to 3, along the top" value={far.top} commit={distance('top')} />
			<LengthField label="1 to 4, up the left" value={far.left} commit={distance('left')} />
			<LengthField label="1 to 3, corner to corner" value={far.diagonal} commit={distance('diagonal')} />
		{/if}
	</div>
	{#if quad && !quad.ok}<p class="error" role="alert">{quad.error}.</p>{/if}
	<div class="actions">
		<Button size="sm" disabled={job.busy || (quad !== null && !quad.ok)} onclick={straighten}>Straighten it</Button>
		<Button size="sm" color="alternative" onclick={() => job.close()}>{job.busy ? 'Stop' : 'Leave it'}</Button>
	</div>
{:else}
	{#if !wall.photo}<p class="empty">
			A photograph of the wall lies behind the drawing, straightened to it: what was forgotten can be measured on it.
		</p>{/if}
	<div class="actions">
		<Button size="sm" color={wall.photo ? 'alternative' : undefined} disabled={job.busy} onclick={() => input.click()}
			>{wall.photo ? 'Another photograph' : 'Choose a photograph'}</Button
		>
		{#if wall.photo}<Button size="sm" color="alternative" onclick={() => setWall(open, { photo: undefined }, [], unit)}
				>Take it off</Button
			>{/if}
	</div>
	<p class="marks">
		JPEG or PNG. Large ones are shrunk; place, time and camera written into the file are taken off before it is kept.
	</p>
{/if}
{#if job.busy}<p role="status">
		{job.progress ? 'Straightening' : opening} … {#if job.progress}<progress
				max={job.progress.of}
				value={job.progress.done}
			></progress>{/if}
	</p>{/if}
{#if job.failure}<p class="error" role="alert">{job.failure}</p>{/if}
{#if wall.photo}
	<NumberField label="Opacity" unit="%" value={Math.round(wall.photo.opacity * 100)} commit={setOpacity} />
	<input
		class="range"
		type="range"
		min="0"
		max="100"
		step="5"
		aria-label="Opacity of the photograph"
		value={wall.photo.opacity * 100}
		onchange={(e) =>
			wall.photo && setWall(open, { photo: { ...wall.photo, opacity: Number(e.currentTarget.value) / 100 } }, [], unit)}
	/>
{/if}
<Section title="Measure on it">
	<TickField
		label="A press on the drawing lays a measure"
		checked={desk.measuring}
		commit={(on) => void (desk.measuring = on)}
	/>
	<div class="grid">
		<LengthField label="From, along" value={measure?.from.x ?? 0} commit={(x) => end('from', { x })} />
		<LengthField label="From, up" value={measure?.from.y ?? 1000} commit={(y) => end('from', { y })} />
		<LengthField label="To, along" value={measure?.to.x ?? 1000} commit={(x) => end('to', { x })} />
		<LengthField label="To, up" value={measure?.to.y ?? 1000} commit={(y) => end('to', { y })} />
	</div>
	{#if measure}
		<p class="marks">
			√({say(Math.abs(measure.to.x - measure.from.x))}² + {say(Math.abs(measure.to.y - measure.from.y))}²) =
			<b>{say(Math.hypot(measure.to.x - measure.from.x, measure.to.y - measure.from.y))}</b>
		</p>
		<div class="actions">
			<Button size="xs" color="alternative" onclick={boxOfMeasure}>Add what lies between as in the way</Button>
			<Button size="xs" color="alternative" onclick={() => (desk.measure = null)}>Take the measure off</Button>
		</div>
	{/if}
	<p class="caution">
		A photograph is straight in the plane of its four points alone, and a lens bends lines: check with a tape before you
		drill by it.
	</p>
</Section>

<style>
	.range {
		width: 100%;
		accent-color: var(--chalk);
	}
	progress {
		width: 8rem;
		accent-color: var(--chalk);
	}
</style>
