<script lang="ts" generics="T">
	import { Input } from 'flowbite-svelte';
	import type { Result } from '$core/result';
	import { measuring, type MeasureTarget } from '$lib/state/measuring.svelte';
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
		placeholder?: string;
		/** A scale or a meter can read into this field while it has the focus. */
		dim?: 'length' | 'mass';
		/** What is offered while typing. */
		choices?: readonly string[];
	}
	let { label, value, read, write, commit, hint, disabled = false, placeholder, dim, choices }: Props = $props();

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

	function aim() {
		if (!dim) return;
		const take = (measured: number) => {
			const wrong = commit(measured as T);
			error = wrong ?? '';
			if (!wrong) typed = null;
			return wrong;
		};
		aimed = { dim, label, value: typeof value === 'number' ? value : null, take };
		measuring.aim(aimed);
	}
	let aimed: MeasureTarget | undefined;
	$effect(() => () => measuring.release(aimed));

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
		{placeholder}
		list={choices ? `${id}-list` : undefined}
		onfocus={aim}
		onblur={settle}
		onkeydown={keyed}
	/>
	{#if choices}<datalist id="{id}-list"
			>{#each choices as c (c)}<option value={c}></option>{/each}</datalist
		>{/if}
	{#if error || hint}
		<p id="{id}-help" class="help" class:wrong={error !== ''} role={error ? 'alert' : undefined}>{error || hint}</p>
	{/if}
</div>
