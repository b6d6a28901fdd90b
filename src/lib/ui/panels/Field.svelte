<script lang="ts" generics="T">
	import { Input } from 'flowbite-svelte';
	import type { Result } from '$core/result';
	import { refusalsHere } from './refusals';

	interface Props {
		label: string;
		value: T;
		/** Understands what was typed. */
		read: (text: string) => Result<T>;
		write: (value: T) => string;
		/** Does it; gives back what is wrong, in words. */
		commit: (value: T) => string | undefined;
		hint?: string;
		disabled?: boolean;
	}
	let { label, value, read, write, commit, hint, disabled = false }: Props = $props();

	const id = $props.id();
	let typed = $state<string | null>(null);
	let error = $state('');
	const text = $derived(typed ?? write(value));
	const refusals = refusalsHere();
	$effect(() => {
		if (!error || !refusals) return;
		refusals.set(id, { label, why: error });
		return () => refusals.delete(id);
	});

	function settle() {
		if (typed === null) return;
		if (typed === write(value)) {
			typed = null;
			error = '';
			return;
		}
		const got = read(typed);
		const wrong = got.ok ? commit(got.value) : got.error;
		error = wrong ?? '';
		// What was typed stays until it is right, so that it can be mended and not typed again.
		if (!wrong) typed = null;
	}

	function keyed(event: KeyboardEvent) {
		if (event.key === 'Enter') settle();
		if (event.key === 'Escape') {
			typed = null;
			error = '';
		}
	}
</script>

<div class="field">
	<label for={id}>{label}</label>
	<Input
		{id}
		size="sm"
		{disabled}
		autocomplete="off"
		value={text}
		aria-invalid={error !== '' ? 'true' : undefined}
		aria-describedby={error || hint ? `${id}-help` : undefined}
		oninput={(e: Event) => (typed = (e.currentTarget as HTMLInputElement).value)}
		onblur={settle}
		onkeydown={keyed}
	/>
	{#if error || hint}
		<p id="{id}-help" class="help" class:wrong={error !== ''} role={error ? 'alert' : undefined}>{error || hint}</p>
	{/if}
</div>
