<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { KINDS } from '$core/things/typical/kinds';
	import { preferences } from '$lib/state/preferences.svelte';
	import ReadTable from './ReadTable.svelte';
	import { MOST_LINES, type ThingsEntry } from './things-entry.svelte';
	import TypedLine from './TypedLine.svelte';

	/** New things by typing: what is typed is read at once and shown as it was understood; Enter takes it. */
	let { entry }: { entry: ThingsEntry } = $props();

	let line: TypedLine;
	const groups = [...new Set(KINDS.map((k) => k.group))];
	const example = $derived(
		preferences.unit === 'inch' ? '6 bar clamps 24in 3.5lb bar 1/4' : '6 bar clamps 600mm 1.6kg bar 6'
	);

	function take() {
		if (entry.take()) line.focus();
	}
	function start(select: HTMLSelectElement) {
		const kind = KINDS.find((k) => k.name === select.value);
		select.value = '';
		if (!kind) return;
		entry.startWith(kind);
		line.focus();
	}
</script>

<TypedLine
	bind:this={line}
	bind:text={entry.text}
	label="Add things, a line each"
	placeholder="Such as: {example}"
	help="Enter takes, Shift+Enter starts another line; #group, @where it is used, daily to seldom"
	error={entry.error}
	{take}
	clear={() => entry.clear()}
>
	<select aria-label="Start from a typical kind" value="" onchange={(e) => start(e.currentTarget)}>
		<option value="">Typical kinds</option>
		{#each groups as g (g)}
			<optgroup label={g}>
				{#each KINDS.filter((k) => k.group === g) as k (k.name)}<option value={k.name}>{k.name}</option>{/each}
			</optgroup>
		{/each}
	</select>
	<Button size="sm" disabled={!entry.ready} onclick={take}>
		Take{entry.reads.length > 1 ? ` ${entry.reads.length}` : ''}
	</Button>
</TypedLine>
{#if entry.lines.length > MOST_LINES}
	<p class="error" role="alert">
		{entry.lines.length} lines are more than {MOST_LINES} at once: bring them in as a file.
	</p>
{/if}
{#if entry.reads.length > 0}<ReadTable {entry} />{/if}

<style>
	select {
		width: 10rem;
	}
</style>
