<script lang="ts">
	import type { SecondLine } from '$core/verdict/check';
	import SumTable from './SumTable.svelte';

	/** What stands behind a step that does not hold by itself, with a sum and a number of its own. */
	let { second }: { second: SecondLine } = $props();
</script>

<h3>By {second.by}: {second.margin >= 100 ? '100+' : second.margin.toFixed(2)}</h3>
<SumTable lines={second.lines} />

<style>
	h3 {
		margin-top: 0.6rem;
		font-weight: 700;
	}
</style>
