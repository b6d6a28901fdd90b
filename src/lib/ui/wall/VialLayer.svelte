<script lang="ts">
	import { VERDICT_WORDS, type Verdict } from '$core/verdict/check';
	import type { JudgedHolder } from '$core/checks/check-plan';
	import Vial from '../Vial.svelte';
	import { vialPlace, vialSize, type View } from './view';

	/**
	 * The verdicts of the holders that lie still, over them. All vials of one verdict are one shape, on a layer of their
	 * own: a full wall has hundreds, and a drag of another holder leaves them alone.
	 */
	interface Props {
		width: number;
		height: number;
		view: View;
		holders: readonly JudgedHolder[];
	}
	let { width, height, view, holders }: Props = $props();

	const VERDICTS = Object.keys(VERDICT_WORDS) as Verdict[];
	const at = (verdict: Verdict) =>
		holders.filter((h) => h.verdict === verdict).map(({ placed }) => vialPlace(view, placed));
</script>

<svg class="layer" {width} {height} aria-hidden="true">
	{#each VERDICTS as verdict (verdict)}<Vial {verdict} at={at(verdict)} size={vialSize(view)} />{/each}
</svg>
