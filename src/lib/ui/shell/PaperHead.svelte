<script lang="ts">
	import { STANDING_NOTE } from '$core/verdict/standing-note';
	import { paper } from '$lib/state/paper.svelte';

	/** What stands over a printed wall: its name, the day, and what none of it replaces. */
	let { name }: { name: string } = $props();
</script>

<header class="on-paper">
	<p class="name">{name}</p>
	<p>{paper.at.toLocaleDateString([], { year: 'numeric', month: 'long', day: 'numeric' })}</p>
	<p>{STANDING_NOTE}</p>
</header>

<style>
	header {
		display: none;
	}
	@media print {
		header {
			display: block;
			margin-bottom: 4mm;
		}
		.name {
			font-size: 1.4rem;
			font-weight: 800;
		}
	}
</style>
