<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { describeHolder } from '$core/holders/describe';
	import { firstSet } from '$core/patterns/first-set';
	import { holderOf, type Pattern } from '$core/patterns/pattern';
	import { patternFile, readPatterns } from '$core/patterns/read';
	import type { Problem } from '$core/result';
	import { sayPhrase } from '$core/units/phrase';
	import { sayProblem } from '$lib/state/commit';
	import { hangPattern } from '$lib/state/hang-thing';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import type { OpenShop } from '$lib/state/open-shop.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import { fileName, saveFile } from '$lib/state/save-file';
	import TextField from './TextField.svelte';

	/** The patterns of the shop: hung again, named, put away, exchanged as files. */
	let { open, shop }: { open: OpenPlan; shop: OpenShop } = $props();

	const unit = $derived(preferences.unit);
	const patterns = $derived(shop.shop.patterns);
	let said = $state('');
	let problems = $state.raw<readonly Problem[]>([]);
	/** The one that was deleted last, to be brought back. */
	let gone = $state.raw<Pattern | null>(null);
	let file: HTMLInputElement;

	function told(wrong: readonly Problem[], done: string) {
		problems = wrong;
		said = wrong.length > 0 ? '' : done;
		gone = null;
	}
	function hang(pattern: Pattern) {
		const { problem, why } = hangPattern(open, holderOf(pattern, newId()), unit);
		told(problem ? [{ path: '', message: problem }] : [], `${pattern.name}: ${why ?? ''}.`);
	}
	function rename(pattern: Pattern, name: string): string | undefined {
		const [wrong] = shop.change('patterns', [pattern.id], (p) => ({ ...p, name }), 'rename a pattern');
		return wrong && sayProblem(wrong, unit);
	}
	function remove(pattern: Pattern) {
		shop.remove('patterns', [pattern.id], `delete ${pattern.name}`);
		told([], `“${pattern.name}” is deleted. What was made of it stays.`);
		gone = pattern;
	}
	const bringIn = (more: readonly Pattern[]) =>
		told(
			shop.add('patterns', more, 'bring in patterns'),
			`${more.length} ${more.length === 1 ? 'pattern' : 'patterns'} brought in.`
		);
	const addFirst = () => {
		const there = new Set(patterns.map((p) => p.name));
		bringIn(firstSet(unit).flatMap((p) => (there.has(p.name) ? [] : [{ ...p, id: newId() }])));
	};
	async function read() {
		const [picked] = file.files ?? [];
		file.value = '';
		if (!picked) return;
		const found = readPatterns(await picked.text(), newId);
		if (found.ok) bringIn(found.value);
		else told(found.error, '');
	}
	const save = () =>
		saveFile(fileName(`${shop.shop.settings.name} patterns`, 'json'), 'application/json', patternFile(patterns));
</script>

{#if patterns.length === 0}<p class="marks">
		None yet. Keep a holder as a pattern, bring in a file, or start from the first set.
	</p>{/if}
<ul>
	{#each patterns as p (p.id)}
		<li>
			<TextField label="Pattern" value={p.name} commit={(name) => rename(p, name)} />
			<p class="marks">{sayPhrase(describeHolder(holderOf(p, p.id)), unit)}{p.note ? `. ${p.note}` : ''}</p>
			<div class="actions">
				<Button size="xs" color="alternative" onclick={() => hang(p)}
					>Hang it <span class="sr-only">{p.name}</span></Button
				>
				<button type="button" class="link" onclick={() => remove(p)}
					>delete <span class="sr-only">{p.name}</span></button
				>
			</div>
		</li>
	{/each}
</ul>
<div class="actions">
	<Button size="xs" color="alternative" onclick={addFirst}>Put in the first set</Button>
	<Button size="xs" color="alternative" onclick={() => file.click()}>Bring in a file</Button>
	<Button size="xs" color="alternative" disabled={patterns.length === 0} onclick={save}>Save as a file</Button>
	<input
		bind:this={file}
		type="file"
		accept=".json,application/json"
		class="sr-only"
		aria-label="Pattern file"
		tabindex="-1"
		onchange={() => void read()}
	/>
</div>
{#if said}<p class="marks" role="status">
		{said}
		{#if gone}{@const back = gone}<button type="button" class="link" onclick={() => bringIn([back])}
				>bring it back</button
			>{/if}
	</p>{/if}
{#if problems.length > 0}
	<ul class="error" role="alert">
		{#each problems.slice(0, 8) as p, i (i)}<li>{p.path ? `${p.path}: ` : ''}{sayProblem(p, unit)}</li>{/each}
	</ul>
{/if}

<style>
	ul {
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		margin-bottom: 0.6rem;
	}
</style>
