<script lang="ts">
	import { VERDICT_WORDS, type Verdict } from '$core/loads/check';
	import Vial from './Vial.svelte';

	let { verdict, size = 36 }: { verdict: Verdict; size?: number } = $props();
</script>

<svg class="inline-block shrink-0 align-middle" width={size} height={(size * 14) / 36} viewBox="0 0 36 14" role="img" aria-label={VERDICT_WORDS[verdict]}>
	<Vial {verdict} />
</svg>
