<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { Bill } from '$core/buying/bill';
	import type { CutPlan } from '$core/cutting/cut-plan';
	import { detailWork } from '$core/machining/details';
	import { sawWork } from '$core/machining/steps';
	import type { Tool } from '$core/tools/tool';
	import { formatLength } from '$core/units/format-length';
	import { cutListCsv } from '$exchange/cut-list-csv';
	import { cutPaper, type CutPaper } from '$exchange/cut-paper/paper';
	import { sheetsSvg } from '$exchange/cut-paper/svg';
	import type { Label } from '$exchange/labels/label';
	import { asJson, problemText } from '$lib/state/api';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { pieceLink } from '$lib/state/piece-link';
	import { preferences } from '$lib/state/preferences.svelte';
	import { fileName, saveBlob, saveFile } from '$lib/state/save-file';
	import LabelsSection from '../stock/LabelsSection.svelte';

	/** The cut plan on paper and as files, and a label for every piece. */
	interface Props {
		open: OpenPlan;
		cuts: CutPlan;
		bill: Bill;
		currency: string;
		tools: readonly Tool[];
		/** It is still being bettered. */
		working: boolean;
	}
	let { open, cuts, bill, currency, tools, working }: Props = $props();

	let busy = $state(false);
	let failure = $state('');
	const unit = $derived(preferences.unit);
	const name = (ending: string, what = 'cut plan') => fileName(`${open.plan.name} ${what}`, ending);
	function paper(): CutPaper {
		const details = detailWork(open.plan, tools);
		return cutPaper(open.plan.name.slice(0, 200), { cuts, bill, work: sawWork(cuts, tools), details }, unit, currency);
	}
	const csv = () => saveFile(name('csv', 'cut list'), 'text/csv', cutListCsv(cuts, bill, unit, currency));
	const svg = () => saveFile(name('svg', 'sheets'), 'image/svg+xml', sheetsSvg(open.plan.name, paper().sheets));
	async function dxf() {
		// The writer of drawings comes when one is asked for.
		const { sheetsDxf } = await import('$exchange/cut-paper/dxf');
		saveFile(name('dxf', 'sheets'), 'image/vnd.dxf', sheetsDxf(paper().sheets));
	}
	async function pdf() {
		busy = true;
		failure = '';
		const answer = await fetch(`/api/cut-sheets?unit=${unit}`, asJson(paper(), 'POST')).catch(() => null);
		busy = false;
		if (answer?.ok) saveBlob(name('pdf'), await answer.blob());
		else failure = answer ? (await problemText(answer)).message : 'The server cannot be reached just now.';
	}
	const labels = $derived(
		cuts.groups.flatMap((g) =>
			g.sheets.flatMap((s, n) =>
				s.pieces.map(({ piece, length, width }): Label => ({
					title: `${piece.owner.name} ${piece.name}`.slice(0, 120) || 'Piece',
					note: `${formatLength(length, unit)} x ${formatLength(width, unit)}, ${g.kind} ${n + 1}`,
					path: pieceLink(open.id, piece.id)
				}))
			)
		)
	);
</script>

<div class="actions no-print">
	<Button size="sm" onclick={csv} disabled={working}>Save cut list as CSV</Button>
	<Button size="sm" color="alternative" onclick={pdf} disabled={working || busy}>PDF</Button>
	<Button size="sm" color="alternative" onclick={svg} disabled={working}>SVG</Button>
	<Button size="sm" color="alternative" onclick={dxf} disabled={working}>DXF</Button>
	<Button size="sm" color="alternative" onclick={() => window.print()}>Print</Button>
</div>
{#if failure}<p class="error" role="alert">{failure}</p>{/if}
{#if labels.length > 0}<LabelsSection {labels} />{/if}
