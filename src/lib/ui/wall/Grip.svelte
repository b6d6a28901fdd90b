<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Selection } from '$lib/state/open-plan.svelte';

	/** A thing on the drawing that can be picked, dragged and moved by keys. */
	interface Props {
		thing: Selection;
		/** What a screen reader says. */
		label: string;
		pressed: boolean;
		/** Stands where it is in this stage: not to be taken hold of. */
		still?: boolean;
		grab: (event: PointerEvent, thing: Selection) => void;
		keyed: (event: KeyboardEvent, thing: Selection) => void;
		children: Snippet;
	}
	let { thing, label, pressed, still = false, grab, keyed, children }: Props = $props();
</script>

<g
	{...{ [`data-${thing.kind}`]: thing.id }}
	data-grip={still ? undefined : ''}
	role="button"
	tabindex={still ? -1 : 0}
	class="grip"
	class:still
	aria-label={label}
	aria-pressed={pressed}
	onpointerdown={(e) => !still && grab(e, thing)}
	onkeydown={(e) => keyed(e, thing)}
>
	{@render children()}
</g>

<style>
	.grip {
		cursor: move;
	}
	.still {
		cursor: inherit;
		pointer-events: none;
	}
	.grip:focus-visible {
		/* The drawing is scaled by --k: the ring is not. */
		outline: calc(3px / var(--k)) solid var(--chalk);
		outline-offset: calc(2px / var(--k));
	}
</style>
