<script lang="ts">
	import { page } from '$app/state';
	import { OpenPlan } from '$lib/state/open-plan.svelte';
	import type { StageId } from '$lib/ui/shell/stages';
	import Workbench from '$lib/ui/shell/Workbench.svelte';

	let { data } = $props();

	const stage = $derived((page.params.stage ?? 'holders') as StageId);
	const open = $derived(new OpenPlan(data.stored, data.place, data.keep));
</script>

<svelte:head><title>{open.plan.name} · Kammer</title></svelte:head>

{#key open}
	<Workbench {open} {stage} />
{/key}
