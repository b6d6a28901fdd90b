<script lang="ts">
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import type { OpenShop } from '$lib/state/open-shop.svelte';
	import { openPoints } from '$core/survey/record';
	import { surveyed } from '$core/survey/supports';
	import { STAGES, type StageId } from './stages';

	let { open, shop, stage }: { open: OpenPlan; shop: OpenShop | null; stage: StageId } = $props();

	const plan = $derived(open.shown);
	function stockWords(of: OpenShop | null): { text: string; open: boolean } {
		if (!of) return { text: 'out of reach', open: true };
		const n = of.shop.things.length;
		if (n === 0) return { text: 'nothing yet', open: false };
		const { unmeasured } = of.open;
		return unmeasured > 0
			? { text: `${unmeasured} of ${n} unmeasured`, open: true }
			: { text: `${n} measured`, open: false };
	}

	function readyToCut(stops: number, unsettled: number): { text: string; open: boolean } {
		if (stops > 0) return { text: `${stops} to mend first`, open: true };
		return unsettled > 0 ? { text: 'not settled', open: true } : { text: 'ready', open: false };
	}

	/** The same while only holders move. */
	const wall = $derived(plan.wall);
	const wallWords = $derived.by(() => {
		if (!surveyed(wall)) return { text: 'no studs yet', open: true };
		const n = openPoints({ wall }).length;
		return n > 0 ? { text: `${n} open`, open: true } : { text: 'settled', open: false };
	});
	/** Where a stage stands, in a word, and whether something in it is open. */
	const words = $derived.by((): Record<StageId, { text: string; open: boolean }> => {
		const { close, 'does-not-hold': fails, 'cannot-be-judged': unknown, 'cannot-be-built': unbuilt } = open.tally;
		const parts = [
			unbuilt ? `${unbuilt} cannot be built` : '',
			fails ? `${fails} not` : '',
			unknown ? `${unknown} unknown` : '',
			close ? `${close} close` : ''
		].filter(Boolean);
		const rowStops = open.stops.filter((w) => w.subject.kind === 'row').length;
		const none = { text: 'nothing yet', open: false };
		const counted = (n: number, bad: number) =>
			n === 0 ? none : { text: bad ? `${n}, ${bad} to mend` : String(n), open: bad > 0 };
		return {
			stock: stockWords(shop),
			wall: wallWords,
			rows: counted(plan.rows.length, rowStops),
			holders: counted(plan.holders.length, open.stops.length - rowStops),
			holds: plan.holders.length === 0 ? none : { text: parts.join(', ') || 'all hold', open: parts.length > 0 },
			cut: plan.rows.length + plan.holders.length === 0 ? none : readyToCut(open.stops.length, fails + unknown)
		};
	});

	let band: HTMLElement;
	/** On a narrow screen the band scrolls: where one is stays in sight. */
	$effect(() => {
		const here = band.querySelector<HTMLElement>(`[data-stage="${stage}"]`);
		if (here) band.scrollTo({ left: here.offsetLeft - (band.clientWidth - here.offsetWidth) / 2 });
	});
</script>

<nav bind:this={band} aria-label="Order of work" class="no-print">
	{#each STAGES as s (s.id)}
		<a
			href="/walls/{open.id}/{s.id}"
			data-stage={s.id}
			aria-current={s.id === stage ? 'page' : undefined}
			data-sveltekit-noscroll
			data-sveltekit-keepfocus
		>
			<b>{s.title}</b>
			<small class:open={words[s.id].open}>{words[s.id].text}</small>
		</a>
	{/each}
</nav>

<style>
	nav {
		position: relative;
		display: flex;
		overflow-x: auto;
		border-bottom: 2px solid var(--ink);
		background: var(--paper);
	}
	a {
		flex: 1 0 auto;
		min-width: 5.6rem;
		padding: 0.35rem 1rem 0.3rem;
		border-right: 1px solid var(--hair);
		border-bottom: 5px solid transparent;
	}
	a[aria-current] {
		background: var(--sheet);
		border-bottom-color: var(--chalk);
	}
	b {
		display: block;
		font-size: 1.05rem;
	}
	small {
		font-size: 0.85rem;
		color: var(--pencil);
		white-space: nowrap;
	}
	small.open {
		color: var(--close);
		font-weight: 600;
	}
	@media (max-width: 900px) {
		a {
			padding-inline: 0.7rem;
		}
	}
</style>
