<script lang="ts">
	import { onMount } from 'svelte';
	import { Button } from 'flowbite-svelte';
	import { LABEL_LAYOUTS, type Label } from '$exchange/labels/label';
	import { qrPath } from '$exchange/labels/qr';
	import { ROLL, type PrinterEvent } from '$devices/label-printer';
	import { asJson, problemText } from '$lib/state/api';
	import { preferences } from '$lib/state/preferences.svelte';
	import { saveBlob } from '$lib/state/save-file';
	import ChoiceField from '../panels/ChoiceField.svelte';
	import NumberField from '../panels/NumberField.svelte';
	import Section from '../panels/Section.svelte';

	/** Labels as a sheet to print, or on the simulated printer; the code on each opens its place on the wall. */
	let { labels }: { labels: readonly Label[] } = $props();

	const MOST_SHOWN = 12;
	let layout = $state(preferences.unit === 'inch' ? 'letter-30' : 'a4-24');
	let skip = $state(0);
	let busy = $state(false);
	let error = $state('');
	let roll = $state(ROLL);
	let job = $state.raw<{ labels: readonly Label[]; printed: number; words: string } | null>(null);
	let source: EventSource | null = null;
	const sheet = $derived(LABEL_LAYOUTS.find((l) => l.id === layout)!);
	const places = $derived(sheet.across * sheet.down);

	async function save() {
		busy = true;
		error = '';
		const response = await fetch('/api/labels', asJson({ labels, layout, skip }, 'POST')).catch(() => null);
		busy = false;
		if (response?.ok) saveBlob('labels.pdf', await response.blob());
		else error = response ? (await problemText(response)).message : 'The server cannot be reached just now.';
	}
	function print(from = 0) {
		const list = labels;
		job = { labels: list, printed: from, words: 'printing …' };
		source?.close();
		const line = new EventSource(`/api/devices/label-printer/jobs?labels=${list.length - from}&roll=${roll}`);
		source = line;
		line.onmessage = ({ data }: MessageEvent<string>) => {
			const e = JSON.parse(data) as PrinterEvent;
			if (e.kind === 'printed') {
				roll = e.left;
				job = { labels: list, printed: from + e.label + 1, words: 'printing …' };
			} else {
				line.close();
				job = { labels: list, printed: from + e.printed, words: e.kind === 'done' ? 'done' : e.why };
			}
		};
		line.onerror = () => {
			line.close();
			if (job && job.words === 'printing …') job = { ...job, words: 'The printer does not answer any more' };
		};
	}
	const going = $derived(job?.words === 'printing …');
	function cancel() {
		source?.close();
		if (job) job = { ...job, words: `stopped after ${job.printed}` };
	}
	function refill() {
		roll = ROLL;
		if (job && job.printed < job.labels.length) print(job.printed);
	}
	onMount(() => () => source?.close());
</script>

<Section title="Labels" after={2}>
	<p class="marks">
		{labels.length}
		{labels.length === 1 ? 'label' : 'labels'}, each with a code that opens the thing's place on the wall.
	</p>
	<div class="grid">
		<ChoiceField
			label="Sheet"
			value={layout}
			choices={LABEL_LAYOUTS.map((l) => ({ value: l.id, name: l.title }))}
			commit={(l: string) => {
				layout = l;
				skip = 0;
				return undefined;
			}}
		/>
		<NumberField
			label="Places used up on the first"
			value={skip}
			commit={(n) =>
				Number.isInteger(n) && n >= 0 && n < places ? void (skip = n) : `Must be a whole number below ${places}`}
		/>
	</div>
	<div class="actions">
		<Button size="sm" disabled={busy || labels.length === 0} onclick={save}>Save label sheet as PDF</Button>
		{#if going}<Button size="sm" color="alternative" onclick={cancel}>Stop printing</Button>
		{:else}<Button size="sm" color="alternative" disabled={labels.length === 0} onclick={() => print()}
				>Print on the simulated printer</Button
			>{/if}
	</div>
	{#if error}<p class="error" role="alert">{error}</p>{/if}
	{#if job}
		<p class="marks" role="status">
			Simulated label printer: {job.printed} of {job.labels.length}, {job.words}. {roll} left on the roll. {#if roll === 0}<Button
					size="xs"
					onclick={refill}>New roll</Button
				>{/if}
		</p>
		<ul class="strip" aria-label="Printed labels">
			{#each job.labels.slice(Math.max(0, job.printed - MOST_SHOWN), job.printed) as l, i (i)}
				{@const code = qrPath(location.origin + l.path)}
				<li>
					<svg viewBox="-4 -4 {code.size + 8} {code.size + 8}" role="img" aria-label="Code of {l.title}"
						><rect x="-4" y="-4" width={code.size + 8} height={code.size + 8} fill="#fff" /><path
							d={code.d}
							fill="#000"
						/></svg
					><span><b>{l.title}</b><small>{l.note}</small></span>
				</li>
			{/each}
		</ul>
	{/if}
</Section>

<style>
	.strip {
		max-height: 260px;
		overflow-y: auto;
		border: 1.5px dashed var(--pencil);
	}
	li {
		display: flex;
		gap: 0.6rem;
		align-items: center;
		padding: 0.3rem;
		border-bottom: 1px dashed var(--hair);
		background: #fff;
		color: #1f2b2a;
	}
	svg {
		width: 62px;
		flex: none;
	}
	small {
		display: block;
	}
</style>
