<script lang="ts">
	import HolderSheet from '$lib/ui/holders/HolderSheet.svelte';

	let { data } = $props();
</script>

<HolderSheet {...data} />
