<script lang="ts">
	import { Accordion, AccordionItem, Button } from 'flowbite-svelte';
	import type { Wall } from '$core/plan/types';
	import { topAt } from '$core/survey/outline';
	import { formatLength } from '$core/units/format-length';
	import { preferences } from '$lib/state/preferences.svelte';
	import LengthField from '../panels/LengthField.svelte';

	/** Holes drilled to prove what a sweep found, or instead of one. */
	interface Props {
		wall: Wall;
		drill: (x: number, y: number) => void;
		note: (x: number, y: number, hit: 'wood' | 'nothing') => void;
		forget: (id: string) => void;
	}
	let { wall, drill, note, forget }: Props = $props();

	const say = (mm: number) => formatLength(mm, preferences.unit);
	let at = $state({ x: 0, y: 1200 });
</script>

<Accordion flush class="fold">
	<AccordionItem transitionType="none">
		{#snippet header()}Pilot holes, {(wall.pilots ?? []).length}{/snippet}
		<div class="grid mt-2">
			<LengthField
				label="Hole, from the left end"
				value={at.x}
				commit={(x) => (x >= 0 && x <= wall.width ? void (at.x = x) : 'Must be on the wall')}
			/>
			<LengthField
				label="Hole, above the floor"
				value={at.y}
				commit={(y) => (y >= 0 && y <= topAt(wall, at.x) ? void (at.y = y) : 'Must be on the wall')}
			/>
		</div>
		<div class="actions">
			<Button size="xs" onclick={() => drill(at.x, at.y)}>Drill there (simulated)</Button>
			<Button size="xs" color="alternative" onclick={() => note(at.x, at.y, 'wood')}>I found wood</Button>
			<Button size="xs" color="alternative" onclick={() => note(at.x, at.y, 'nothing')}>I found nothing</Button>
		</div>
		<ul class="list">
			{#each wall.pilots ?? [] as h (h.id)}<li>
					<button
						type="button"
						title="Forget this hole"
						aria-label="Forget the pilot hole at {say(h.x)}"
						onclick={() => forget(h.id)}>{say(h.x)}, {say(h.y)}: {h.hit} ×</button
					>
				</li>{/each}
		</ul>
	</AccordionItem>
</Accordion>
