<script lang="ts">
	import { VERDICT_WORDS, type Verdict } from '$core/verdict/check';
	import Vial from './Vial.svelte';
	import { VIAL } from './vial-shape';

	let { verdict, size = VIAL.width }: { verdict: Verdict; size?: number } = $props();
	const middle = [[VIAL.width / 2, VIAL.height / 2]] as const;
</script>

<svg
	class="inline-block shrink-0 align-middle"
	width={size}
	height={(size * VIAL.height) / VIAL.width}
	viewBox="0 0 {VIAL.width} {VIAL.height}"
	role="img"
	aria-label={VERDICT_WORDS[verdict]}
>
	<Vial {verdict} at={middle} />
</svg>
