<script lang="ts">
	import type { CutPlan } from '$core/cutting/cut-plan';
	import { detailWork } from '$core/machining/details';
	import { SAW_STEPS, sawWork } from '$core/machining/steps';
	import type { Plan } from '$core/plan/types';
	import type { Answer } from '$core/tools/can';
	import type { Tool } from '$core/tools/tool';
	import { capital } from '$core/words';
	import type { Phrase } from '$core/units/phrase';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';
	import { whereWords } from './words';

	/** What is set and cut at the saw, one setting after another, and what is made in the parts then. */
	let { plan, cuts, tools }: { plan: Plan; cuts: CutPlan; tools: readonly Tool[] } = $props();

	const unit = $derived(preferences.unit);
	const work = $derived(sawWork(cuts, tools));
	const details = $derived(detailWork(plan, tools));
	const say = (p: Phrase) => sayPhrase(p, unit);
	const CAN = { yes: '', no: 'not with your tools: ', unknown: 'not known: ' };
	const withTool = ({ can, why }: Answer) => `${CAN[can]}${say(why)}`;
</script>

{#if work.steps.length + details.length === 0}
	<p>Nothing to cut.</p>
{:else}
	<p class="about">
		The saw is set {work.steps.length === 1 ? 'once' : `${work.steps.length} times`}{work.steps.length === work.bound
			? ': no order sets it less often'
			: `; no order sets it less often than ${work.bound} times`}. A number is a board's, then the numbers of its cuts
		as they are drawn. Wear eyes, ears and a mask; follow the saw's own instructions, they have the last word.
	</p>
	<ol>
		{#each work.steps as step, i (i)}
			<li>
				<b>{capital(SAW_STEPS[step.kind])}</b>
				<span class="setting">{say(step.setting)}</span>
				<span class="where">{whereWords(step, unit)}</span>
				<small class:wrong={step.by.can === 'no'}>{withTool(step.by)}</small>
				{#if step.gang > 1}<small>Up to {step.gang} at once, taped together</small>{/if}
				{#if step.instead}<small class="instead">{say(step.instead)}</small>{/if}
				{#each step.cautions as c, n (n)}<small class="caution">{say(c)}</small>{/each}
			</li>
		{/each}
	</ol>
	{#if details.length > 0}
		<h3>In the parts</h3>
		<ol start={work.steps.length + 1}>
			{#each details as step, i (i)}
				<li>
					<b>{capital(say(step.setting))}</b>
					<span class="where"
						>{step.parts.map((p) => `${p.owner} ${p.part}${p.times > 1 ? `, ${p.times} times` : ''}`).join('; ')}</span
					>
					<small class:wrong={step.by.can === 'no'}>{withTool(step.by)}</small>
					{#if step.instead}<small class="instead">{say(step.instead)}</small>{/if}
					{#each step.cautions as c, n (n)}<small class="caution">{say(c)}</small>{/each}
				</li>
			{/each}
		</ol>
	{/if}
{/if}

<style>
	ol {
		padding-left: 2rem;
		list-style: decimal;
	}
	li {
		padding: 0.35rem 0;
		border-bottom: 1px dotted var(--hair);
		break-inside: avoid;
	}
	li::marker {
		color: var(--pencil);
		font-variant-numeric: tabular-nums;
	}
	.setting {
		margin-left: 0.6rem;
		font-weight: 700;
		font-variant-numeric: tabular-nums;
	}
	.where {
		margin-left: 0.6rem;
	}
	small {
		display: block;
		color: var(--pencil);
	}
	.wrong {
		font-weight: 700;
		color: var(--does-not-hold);
	}
	.instead {
		color: var(--ink);
	}
	.caution {
		color: var(--close);
	}
	h3 {
		margin-top: 1rem;
		font-weight: 700;
	}
	.about {
		padding-right: 15rem;
		margin-bottom: 0.5rem;
		font-size: 0.9rem;
		color: var(--pencil);
	}
	@media (max-width: 700px) {
		.about {
			padding: 2rem 0 0;
		}
	}
</style>
