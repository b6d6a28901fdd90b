<script lang="ts">
	import { STANDING_NOTE } from '$core/verdict/standing-note';
	import type { Step } from '$core/verdict/check';
	import type { Inputs } from '$core/sums/inputs';
	import { answerVerdict, headroom, remedies, type Sum } from '$core/sums/sum';
	import { formatQuantity } from '$core/units/format-quantity';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';
	import ProofLoadSection from '../panels/ProofLoadSection.svelte';
	import Section from '../panels/Section.svelte';
	import StepList from '../panels/StepList.svelte';
	import SumTable from '../panels/SumTable.svelte';
	import RemedyList from '../panels/RemedyList.svelte';
	import { sayMarks, sayStep } from '../say';
	import SecondLineSum from '../panels/SecondLineSum.svelte';
	import VerdictMark from '../VerdictMark.svelte';

	/**
	 * What a sum comes to: verdict, the sum of the step that decides, how much more, what would help, every other step.
	 */
	let { sum, inputs, take }: { sum: Sum; inputs: Inputs; take: (inputs: Inputs) => void } = $props();

	const unit = $derived(preferences.unit);
	const answer = $derived(sum.answer(inputs));
	const judged = $derived(answerVerdict(answer));
	let picked = $state<string | null>(null);
	const step = $derived<Step | undefined>(answer.steps.find((s) => s.title === picked) ?? judged?.step);
	const most = $derived(headroom(sum, inputs));
	const proof = $derived(sum.proof?.(inputs) ?? null);
	const helps = $derived(remedies(sum, inputs));
</script>

<p aria-live="polite" class="sr-only">{judged ? sayStep(judged.step, unit) : ''}</p>
{#if judged && step}
	<p class="verdict {step.verdict}">
		<VerdictMark verdict={step.verdict} size={44} />
		<span>{sayStep(step, unit)}</span>
	</p>
	{#if step.lines.length > 0}<SumTable lines={step.lines} />{/if}
	{#if step.second}<SecondLineSum second={step.second} />{/if}
	{#each step.notes as note, i (i)}<p class="marks">{sayPhrase(note, unit)}.</p>{/each}
	<p class="source">{step.source}</p>
	{#if most}<p class="marks">
			<b>It would stop holding at {formatQuantity(most.most, unit)}</b>: {sayPhrase(most.first.reason, unit)}, first.
		</p>{/if}
{/if}
{#if answer.lines.length > 0}<SumTable lines={answer.lines} />{/if}
{#each answer.marks as m (m.label)}<p class="marks">
		<b>{m.label}:</b> <span class="sum">{sayMarks(m.positions, unit)}</span>
	</p>{/each}
{#if helps.length > 0}
	<Section title={helps.some((h) => h.after.verdict === 'holds') ? 'What would make it hold' : 'What would help'}>
		<RemedyList remedies={helps} take={(h) => take(h.inputs)} />
	</Section>
{/if}
{#if answer.steps.length > 1}
	<Section title="Every step">
		<StepList steps={answer.steps} read={step} pick={(s) => (picked = s.title)} grab="Beside it, a grab: " />
	</Section>
{/if}
{#if proof && proof.working > 0}<ProofLoadSection working={proof.working} foot={proof.foot} what={sum.title} />{/if}
{#each answer.notes as note, i (i)}<p class="marks">{sayPhrase(note, unit)}.</p>{/each}
{#if answer.steps.length > 0}<p class="caution">{STANDING_NOTE}</p>{/if}
