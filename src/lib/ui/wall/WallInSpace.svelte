<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { fileName, saveBlob } from '$lib/state/save-file';
	import InSpace from '../holders/InSpace.svelte';
	import type { SpaceScene } from '../holders/space-scene';

	/** The whole wall in space, and as a file for other programs. */
	let { open }: { open: OpenPlan } = $props();

	let scene = $state.raw<SpaceScene | null>(null);
	let fault = $state('');
	const shown = $derived({
		models: [...open.standing.values()].map((p) => ({ built: p.built, at: [p.left, p.foot, 0] as const })),
		wall: { left: 0, low: 0, width: open.shown.wall.width, height: open.shown.wall.height }
	});

	async function save(ending: 'glb' | 'stl') {
		fault = '';
		try {
			const blob = await scene?.file(ending);
			if (blob) saveBlob(fileName(open.plan.name, ending), blob);
		} catch {
			fault = 'It could not be written';
		}
	}
</script>

<InSpace {shown} label="The wall in space; drag to turn it" opened={(s) => (scene = s)} />
<div class="files no-print">
	<Button size="xs" color="alternative" disabled={!scene} onclick={() => save('glb')}>Save as glTF</Button>
	<Button size="xs" color="alternative" disabled={!scene} onclick={() => save('stl')}>Save as STL</Button>
	{#if fault}<span class="error" role="alert">{fault}</span>{/if}
</div>

<style>
	.files {
		position: absolute;
		z-index: 2;
		bottom: 12px;
		right: 12px;
		display: flex;
		gap: 0.5rem;
		align-items: center;
	}
</style>
