<script lang="ts">
	import type { Snippet } from 'svelte';

	/** A line to type into: Enter takes it, Shift and Enter begin another, Escape clears it. */
	interface Props {
		label: string;
		text: string;
		placeholder: string;
		help: string;
		error: string;
		take: () => void;
		clear: () => void;
		/** Beside the line: what takes it. */
		children: Snippet;
	}
	let { label, text = $bindable(), placeholder, help, error, take, clear, children }: Props = $props();

	const id = $props.id();
	let area: HTMLTextAreaElement;

	export function focus() {
		area.focus();
	}
	function keyed(event: KeyboardEvent) {
		if (event.key === 'Enter' && !event.shiftKey) {
			event.preventDefault();
			take();
		} else if (event.key === 'Escape') {
			event.stopPropagation();
			clear();
		}
	}
</script>

<label for="{id}-text">{label}</label>
<div class="line">
	<textarea
		bind:this={area}
		id="{id}-text"
		rows={Math.min(6, Math.max(1, text.split('\n').length))}
		{placeholder}
		bind:value={text}
		onkeydown={keyed}
		aria-describedby="{id}-help"></textarea>
	{@render children()}
</div>
<p id="{id}-help" class="help">{help}</p>
{#if error}<p class="error" role="alert">{error}</p>{/if}

<style>
	label {
		font-size: 0.85rem;
		color: var(--pencil);
	}
	.line {
		display: flex;
		flex-wrap: wrap;
		gap: 0.5rem;
		align-items: start;
	}
	textarea {
		flex: 1 1 16rem;
		min-width: 0;
		padding: 0.4rem 0.6rem;
		border: 1px solid var(--pencil);
		border-radius: 2px;
		background: var(--sheet);
		color: var(--ink);
		font-family: var(--font-mono);
		font-size: 0.93rem;
		resize: vertical;
	}
	.help {
		font-size: 0.8rem;
		color: var(--pencil);
	}
</style>
