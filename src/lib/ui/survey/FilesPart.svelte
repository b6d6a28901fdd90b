<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { Problem } from '$core/result';
	import { decodeText } from '$exchange/table-csv/decode';
	import { DRAWN_LIMITS, type Drawn } from '$exchange/drawing-in/shape';
	import { readSurvey, surveyJson } from '$exchange/survey/json';
	import { surveyListCsv } from '$exchange/survey/list-csv';
	import { asJson } from '$lib/state/api';
	import { sayProblem } from '$lib/state/commit';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { fileName, saveBlob, saveFile } from '$lib/state/save-file';
	import Section from '../panels/Section.svelte';
	import DrawingPreview from './DrawingPreview.svelte';

	/** The survey in and out. */
	let { open }: { open: OpenPlan } = $props();

	const unit = $derived(preferences.unit);
	let input: HTMLInputElement;
	let drawing: HTMLInputElement;
	let problems = $state.raw<readonly Problem[]>([]);
	let failure = $state('');
	let done = $state('');
	let drawn = $state.raw<{ name: string; drawn: Drawn } | null>(null);
	let busy = $state(false);

	function begin() {
		failure = '';
		done = '';
		problems = [];
		drawn = null;
	}
	async function picked(from: HTMLInputElement): Promise<{ name: string; text: string } | null> {
		const file = from.files?.[0];
		from.value = '';
		begin();
		if (!file) return null;
		if (file.size > DRAWN_LIMITS.bytes) {
			failure = `${file.name} is larger than 20 MB: no survey is.`;
			return null;
		}
		return { name: file.name, text: decodeText(new Uint8Array(await file.arrayBuffer())).text };
	}
	async function bringSurvey() {
		const file = await picked(input);
		if (!file) return;
		const read = readSurvey(file.text);
		if (!read.ok) {
			failure = `${file.name} was not taken.`;
			problems = read.error;
			return;
		}
		const wrong = open.do({ kind: 'set-survey', wall: read.value.wall });
		problems = wrong;
		if (wrong.length > 0) failure = `${file.name} was not taken: the rows and holders here do not fit it.`;
		else done = `The survey of ${read.value.name || file.name} stands here now. Undo takes it back.`;
	}
	async function bringDrawing() {
		const file = await picked(drawing);
		if (!file) return;
		// Readers of drawings come when one is brought in.
		const read = /<svg[\s>]/i.test(file.text.slice(0, 5000))
			? (await import('$exchange/drawing-in/svg')).readSvg(file.text)
			: (await import('$exchange/drawing-in/dxf')).readDxf(file.text);
		if (read.ok) drawn = { name: file.name, drawn: read.value };
		else failure = `${file.name} was not taken. ${read.error}.`;
	}
	async function sheet() {
		begin();
		busy = true;
		const answer = await fetch(`/api/survey-sheet?unit=${unit}`, asJson(open.plan, 'POST')).catch(() => null);
		busy = false;
		if (answer?.ok) saveBlob(fileName(`${open.plan.name} survey sheet`, 'pdf'), await answer.blob());
		else failure = 'The sheet cannot be made just now: the server cannot be reached.';
	}
</script>

<h2>Files</h2>
{#if drawn}
	<DrawingPreview
		{open}
		name={drawn.name}
		drawn={drawn.drawn}
		close={(words) => {
			drawn = null;
			done = words;
		}}
	/>
{:else}
	<Section title="To the wall">
		<p class="marks">A sheet with the wall to scale, what is known, and blanks for what is to be measured.</p>
		<div class="actions">
			<Button size="sm" disabled={busy} onclick={sheet}>{busy ? 'Making the sheet …' : 'Survey sheet as PDF'}</Button>
		</div>
	</Section>
	<Section title="Out">
		<div class="actions">
			<Button
				size="sm"
				color="alternative"
				onclick={() =>
					saveFile(fileName(`${open.plan.name} survey`, 'json'), 'application/json', surveyJson(open.plan))}
				>Survey as JSON</Button
			>
			<Button
				size="sm"
				color="alternative"
				onclick={() => saveFile(fileName(`${open.plan.name} studs`, 'csv'), 'text/csv', surveyListCsv(open.plan, unit))}
				>Studs and obstructions as CSV</Button
			>
		</div>
	</Section>
	<Section title="In">
		<div class="actions">
			<Button size="sm" color="alternative" onclick={() => input.click()}>Import a survey</Button>
			<Button size="sm" color="alternative" onclick={() => drawing.click()}>Outline from a drawing</Button>
		</div>
		<p class="marks">
			A survey is JSON, as exported here. A drawing is DXF or SVG: its largest closed shape becomes the wall. It is
			shown first.
		</p>
	</Section>
{/if}
<input
	bind:this={input}
	type="file"
	accept="application/json,.json"
	class="sr-only"
	aria-label="Survey file"
	tabindex="-1"
	onchange={bringSurvey}
/>
<input
	bind:this={drawing}
	type="file"
	accept=".dxf,.svg,image/svg+xml"
	class="sr-only"
	aria-label="Drawing file"
	tabindex="-1"
	onchange={bringDrawing}
/>
{#if failure}<p class="error" role="alert">{failure}</p>{/if}
{#if problems.length > 0}<ul class="marks">
		{#each problems.slice(0, 8) as p, i (i)}<li><code>{p.path}</code> {sayProblem(p, unit)}</li>{/each}
	</ul>{/if}
{#if done}<p class="marks" role="status">{done}</p>{/if}
