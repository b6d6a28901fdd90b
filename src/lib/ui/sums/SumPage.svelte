<script lang="ts">
	import { replaceState } from '$app/navigation';
	import { page } from '$app/state';
	import { untrack } from 'svelte';
	import { Button } from 'flowbite-svelte';
	import { inputsFromQuery, sumQuery } from '$exchange/sum-link';
	import type { Inputs, InputValue } from '$core/sums/inputs';
	import { SUMS } from '$core/sums/registry';
	import type { Sum } from '$core/sums/sum';
	import type { Problem } from '$core/result';
	import { sayProblem } from '$lib/state/commit';
	import { SumInputs } from '$lib/state/sum-inputs.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import Preferences from '../shell/Preferences.svelte';
	import AnswerSlip from './AnswerSlip.svelte';
	import Diagram from './Diagram.svelte';
	import { gatherRefusals } from '../panels/refusals';
	import FormField from '../form/FormField.svelte';

	let { sum }: { sum: Sum } = $props();

	const unit = $derived(preferences.unit);
	const linked = untrack(() => inputsFromQuery(sum, page.url.searchParams, preferences.unit));
	const addressOf = (inputs: Inputs) => `/sums/${sum.name}?${sumQuery(inputs)}`;
	let copied = $state('');
	const inputs = new SumInputs(
		untrack(() => sum),
		linked.inputs,
		(next) => {
			copied = '';
			replaceState(addressOf(next), {});
		}
	);
	const { read, problems } = $derived(inputs);
	const refusals = gatherRefusals();
	/**
	 * Everything that keeps the sum from being worked out: what the inputs lack, and what stands in a field and was not
	 * taken.
	 */
	const faults = $derived([
		...problems.map((p) => ({ label: sum.fields[p.path]?.label ?? p.path, why: sayProblem(p, unit) })),
		...refusals.values()
	]);
	const drawing = $derived(read.ok && faults.length === 0 ? sum.answer(read.value).drawing : null);
	const shown = $derived(Object.entries(sum.fields).filter(([, f]) => f.when?.(inputs.now) ?? true));
	const said = (problem: Problem | undefined) => problem && sayProblem(problem, unit);

	function keyed(event: KeyboardEvent) {
		if (!(event.ctrlKey || event.metaKey) || (event.target as Element).matches('input, select')) return;
		const key = event.key.toLowerCase();
		if (key !== 'z' && key !== 'y') return;
		event.preventDefault();
		if (key === 'y' || event.shiftKey) inputs.redo();
		else inputs.undo();
	}

	async function copy() {
		const link = new URL(addressOf(inputs.now), location.href).href;
		try {
			await navigator.clipboard.writeText(link);
			copied = 'Link copied';
		} catch {
			copied = `Copy it from the address line: ${link.length} letters`;
		}
	}
</script>

<svelte:window onkeydown={keyed} />

<div class="page">
	<header class="no-print">
		<a class="home" href="/">Kammer</a>
		<p class="where"><a href="/sums">Quick sums</a></p>
		<div class="tools">
			<Button size="sm" color="alternative" disabled={!inputs.canUndo} onclick={() => inputs.undo()}>Undo</Button>
			<Button size="sm" color="alternative" disabled={!inputs.canRedo} onclick={() => inputs.redo()}>Redo</Button>
			<Preferences />
		</div>
	</header>
	<nav class="no-print" aria-label="Quick sums">
		{#each SUMS as s (s.name)}<a href="/sums/{s.name}" aria-current={s === sum ? 'page' : undefined}>{s.title}</a
			>{/each}
	</nav>
	<main>
		<h1>{sum.question}</h1>
		{#if linked.unread.length > 0}<p class="error" role="alert">
				The link's {linked.unread.map((n) => (sum.fields[n]?.label ?? n).toLowerCase()).join(', ')} could not be read: it
				starts as usual.
			</p>{/if}
		{#if drawing}<Diagram {drawing} />{:else}<p class="nothing">No drawing while a field is wrong.</p>{/if}
		<div class="fields">
			{#each shown as [name, field] (name)}<FormField
					{field}
					value={inputs.now[name] as InputValue}
					commit={(v) => said(inputs.set(name, v as InputValue))}
					wrong={said(inputs.wrongWith(name))}
				/>{/each}
		</div>
		<p class="link no-print">
			<Button size="sm" color="alternative" onclick={copy}>Copy link</Button>
			<span role="status"
				>{copied ||
					(faults.length > 0
						? 'The link carries the figures without what is wrong.'
						: 'The link carries these figures.')}</span
			>
		</p>
	</main>
	<aside class="slip" aria-label="Worked sum">
		<h2>{sum.title}</h2>
		{#if read.ok && faults.length === 0}
			<AnswerSlip {sum} inputs={read.value} take={(next) => inputs.take(next)} />
		{:else}
			<p class="error" role="alert">Nothing is worked out until this is right:</p>
			<ul>
				{#each faults as f, i (i)}<li>{f.label}: {f.why}</li>{/each}
			</ul>
		{/if}
	</aside>
</div>

<style>
	.page {
		display: grid;
		grid-template: auto minmax(0, 1fr) / 215px minmax(0, 1fr) 400px;
		grid-template-areas: 'top top top' 'nav main slip';
		height: 100dvh;
	}
	header {
		grid-area: top;
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.4rem 1rem;
		padding: 0.4rem 1rem;
		min-height: 50px;
		border-bottom: 2px solid var(--ink);
	}
	.home {
		font-size: 1.25rem;
		font-weight: 800;
	}
	.where {
		font-size: 1.1rem;
	}
	.tools {
		display: flex;
		gap: 0.4rem;
		margin-left: auto;
	}
	nav {
		grid-area: nav;
		overflow-y: auto;
		border-right: 2px solid var(--ink);
	}
	nav a {
		display: block;
		padding: 0.55rem 1rem 0.55rem 0.8rem;
		border-bottom: 1px solid var(--hair);
		border-left: 4px solid transparent;
	}
	nav a[aria-current='page'] {
		background: var(--sheet);
		font-weight: 700;
		border-left-color: var(--chalk);
	}
	main {
		grid-area: main;
		min-height: 0;
		padding: 1rem 1.2rem 2rem;
		overflow-y: auto;
	}
	h1 {
		margin-bottom: 0.6rem;
		font-size: 1.4rem;
		font-weight: 800;
	}
	.fields {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
		gap: 0.6rem 0.8rem;
		margin-top: 0.9rem;
	}
	.link {
		margin-top: 1rem;
		color: var(--pencil);
	}
	.nothing {
		padding: 2rem;
		color: var(--pencil);
		border: 1px dashed var(--hair);
		text-align: center;
	}
	@media (max-width: 900px) {
		.page {
			grid-template: auto auto auto auto / minmax(0, 1fr);
			grid-template-areas: 'top' 'nav' 'main' 'slip';
			height: auto;
		}
		nav {
			display: flex;
			overflow-x: auto;
			border-right: 0;
			border-bottom: 2px solid var(--ink);
		}
		nav a {
			white-space: nowrap;
			border-left: 0;
			border-bottom: 4px solid transparent;
		}
		nav a[aria-current='page'] {
			border-bottom-color: var(--chalk);
		}
		.fields {
			grid-template-columns: 1fr 1fr;
		}
	}
	@media print {
		.page {
			display: block;
			height: auto;
		}
	}
</style>
