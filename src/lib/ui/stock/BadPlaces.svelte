<script lang="ts">
	import { Button } from 'flowbite-svelte';
	import { clearLengths, cutOut, isLongEnough, readStretches, type Stretch } from '$core/lumber/clear-lengths';
	import type { Board } from '$core/lumber/board';
	import { itemChange } from '$core/shop/changes';
	import { formatLength } from '$core/units/format-length';
	import { sayProblem } from '$lib/state/commit';
	import { newId } from '$lib/state/new-id';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { StockDesk } from '$lib/state/stock-desk.svelte';
	import Section from '../panels/Section.svelte';
	import TextField from '../panels/TextField.svelte';

	/** Knots, checks, rot and old screw holes of one board of a line: what is clear between them, and cutting it out. */
	let { desk, board }: { desk: StockDesk; board: Board } = $props();

	const unit = $derived(preferences.unit);
	const say = (x: number) => formatLength(x, unit);
	const rule = $derived(desk.shop.shop.settings);
	let bad = $state.raw<Stretch[]>([]);
	let problem = $state('');
	/** As they are written here, also after the board or the unit has changed. */
	const words = $derived(bad.map((b) => `${say(b.from)} to ${say(b.to)}`).join('; '));
	const onBoard = $derived(bad.every((b) => b.to <= board.shortest + 0.5));
	const clear = $derived(onBoard ? clearLengths(board.shortest, bad) : []);

	function read(typed: string): string | undefined {
		const got = readStretches(typed, board.shortest, unit);
		if (!got.ok) return got.error;
		bad = got.value;
		problem = '';
		return undefined;
	}
	function cut() {
		const at = desk.shop.shop.boards.findIndex((b) => b.id === board.id);
		const { pieces, left } = cutOut(board, bad, rule, newId);
		const [wrong] = desk.shop.do('cut out bad places', [
			...pieces.map((b) => itemChange('boards', null, b)),
			itemChange('boards', board, left, at)
		]);
		problem = wrong ? sayProblem(wrong, unit) : '';
		if (!wrong) desk.pick(pieces.map((b) => b.id));
	}
</script>

<Section title="Bad places">
	<p class="about">
		Knots, checks and nails along one board{board.shortest < board.longest ? ', the shortest,' : ''} from its left end, as
		“600 to 650; 1800 to 1830”. What is clear between them becomes boards to cut from.
	</p>
	<TextField label="Bad from and to" value={words} commit={read} />
	{#if !onBoard}
		<p class="error" role="alert">The board is only {say(board.shortest)} long now.</p>
	{:else if bad.length > 0}
		<ul>
			{#each clear as s (s.from)}
				<li>{say(s.to - s.from)} clear, from {say(s.from)}{isLongEnough(s, rule) ? '' : ': too short to be kept'}</li>
			{/each}
		</ul>
		<Button size="sm" color="alternative" onclick={cut}
			>Cut them out of {board.count > 1 ? 'one of these' : 'it'}</Button
		>
		{#if problem}<p class="error" role="alert">{problem}</p>{/if}
	{/if}
</Section>

<style>
	ul {
		margin: 0.3rem 0;
		font-size: 0.9rem;
	}
</style>
