<script lang="ts">
	import type { Verdict } from '$core/loads/check';

	/** The spirit-level vial: where the bubble stands is the verdict. 36 x 14 user units, for any svg. */
	let { verdict }: { verdict: Verdict } = $props();

	const bubble: Record<Verdict, number | null> = { holds: 18, close: 24.5, 'does-not-hold': 30, 'cannot-be-judged': null };
	const colour = $derived(`var(--${verdict})`);
	const at = $derived(bubble[verdict]);
</script>

<rect x="1" y="1" width="34" height="12" rx="6" fill="var(--sheet)" stroke={colour} stroke-width="1.8" stroke-dasharray={at === null ? '3 2' : undefined} />
<path d="M13 1.5v11M23 1.5v11" stroke={colour} stroke-width="1.2" />
{#if at !== null}<circle cx={at} cy="7" r="4" fill={colour} />{/if}
