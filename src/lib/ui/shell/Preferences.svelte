<script lang="ts">
	import { Button, ButtonGroup } from 'flowbite-svelte';
	import { preferences } from '$lib/state/preferences.svelte';

	const dark = $derived(preferences.theme === 'dark');
</script>

<ButtonGroup>
	{#each [{ id: 'inch', word: 'inch' }, { id: 'mm', word: 'mm' }] as const as u (u.id)}
		<Button
			size="sm"
			color="alternative"
			class={preferences.unit === u.id ? '!bg-[var(--ink)] !text-[var(--paper)]' : ''}
			aria-pressed={preferences.unit === u.id}
			onclick={() => preferences.setUnit(u.id)}>{u.word}</Button
		>
	{/each}
</ButtonGroup>
<Button size="sm" color="alternative" aria-pressed={dark} onclick={() => preferences.setTheme(dark ? 'light' : 'dark')}
	>{dark ? 'Light' : 'Dark'}</Button
>
