<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import type { ObstructionKind } from '$core/plan/types';
	import { nameOf, OBSTRUCTION_WORDS } from '$core/survey/names';
	import { newObstruction, OBSTRUCTION_KINDS } from '$core/survey/new-obstruction';
	import { cablesMayRun } from '$core/survey/safe-zones';
	import { formatLength } from '$core/units/format-length';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';

	/** Everything that stands, moves or hides in the way. */
	let { open }: { open: OpenPlan } = $props();

	const wall = $derived(open.plan.wall);
	const unit = $derived(preferences.unit);
	const say = (mm: number) => formatLength(mm, unit);
	let problem = $state('');

	function add(kind: ObstructionKind) {
		const item = newObstruction(kind, wall, newId(), unit);
		const [wrong] = open.do({ kind: 'add', list: 'obstructions', item });
		problem = wrong ? sayProblem(wrong, unit) : '';
		if (!wrong) open.selection = { kind: 'obstruction', id: item.id };
	}
	const article = (word: string) => (/^[aeiou]/.test(word) ? 'an' : 'a');
</script>

<h2>In the way</h2>
{#if wall.obstructions.length === 0}<p class="empty">
		Nothing yet. Windows, doors with their swing, outlets, pipes, the car: rows and holders keep clear of what stands
		here.
	</p>{/if}
<ul class="cards">
	{#each [...wall.obstructions].sort((a, b) => a.x - b.x) as o (o.id)}
		<li>
			<button type="button" onclick={() => (open.selection = { kind: 'obstruction', id: o.id })}>
				<span></span><span
					><strong>{nameOf(o)}</strong>, {say(o.x)} to {say(o.x + o.width)}<br /><small
						>{o.hidden ? 'in the wall' : `${say(o.y)} to ${say(o.y + o.height)} up`}{o.how === 'guess'
							? ', not measured yet'
							: ''}{cablesMayRun(o) ? ', cables not traced' : ''}</small
					></span
				>
			</button>
		</li>
	{/each}
</ul>
<div class="actions">
	{#each OBSTRUCTION_KINDS as kind (kind)}
		{#if kind !== 'other'}<Button size="xs" color="alternative" onclick={() => add(kind)}
				>Add {article(OBSTRUCTION_WORDS[kind])} {OBSTRUCTION_WORDS[kind]}</Button
			>{/if}
	{/each}
	<Button size="xs" color="alternative" onclick={() => add('other')}>Add something else</Button>
</div>
{#if problem}<p class="error" role="alert">{problem}</p>{/if}
<p class="caution">
	Never drill blind: cables run up and down from outlets and switches. Power off, and trace them first. The working
	space before a service panel stays clear; local rules govern.
</p>
