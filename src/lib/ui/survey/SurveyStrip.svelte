<script lang="ts">
	import type { How, WallFact } from '$core/plan/types';
	import { factSaid, WALL_FACTS } from '$core/survey/facts';
	import { FACT_WORDS, HOW_WORDS, howFound, openPoints, type OpenPoint } from '$core/survey/record';
	import { sayPhrase } from '$core/units/phrase';
	import type { OpenPlan } from '$lib/state/open-plan.svelte';
	import { preferences } from '$lib/state/preferences.svelte';
	import type { SurveyDesk } from '$lib/state/survey-desk.svelte';
	import { HOWS } from './how';

	/** Under the wall while it is surveyed: what is open, and the record of how each fact was found. */
	let { open, desk }: { open: OpenPlan; desk: SurveyDesk } = $props();

	const unit = $derived(preferences.unit);
	const wall = $derived(open.plan.wall);
	const points = $derived(openPoints(open.plan));
	const facts = $derived(
		WALL_FACTS.flatMap((fact) => {
			const said = factSaid(wall, fact);
			return said || wall.how?.[fact] !== undefined ? [{ fact, said: said ? sayPhrase(said, unit) : '' }] : [];
		})
	);
	/** Studs counted by how they were found. */
	const studs = $derived([
		...wall.studs.reduce(
			(n, s) => n.set(howFound(s), (n.get(howFound(s)) ?? 0) + 1),
			new Map<ReturnType<typeof howFound>, number>()
		)
	]);

	const setHow = (fact: WallFact, how: How) => void open.do({ kind: 'set-wall', how: { ...wall.how, [fact]: how } });
	function settle(p: OpenPoint) {
		desk.part = p.part;
		open.selection = p.thing ?? null;
	}
</script>

<div class="survey no-print">
	<section aria-label="Still open">
		<h2>Still open</h2>
		{#if points.length === 0}<p>Nothing: a wall to be trusted.</p>{/if}
		<ul>
			{#each points as p, i (i)}
				<li>
					<button type="button" onclick={() => settle(p)}
						><b class={p.level}>{p.level === 'stop' ? 'Stop' : 'Mind'}</b>
						<span>{sayPhrase(p.about, unit)}</span></button
					>
				</li>
			{/each}
		</ul>
	</section>
	<section aria-label="Record">
		<h2>How it was found</h2>
		<dl>
			{#each facts as { fact, said } (fact)}<div>
					<dt>{FACT_WORDS[fact]}</dt>
					<dd>{said}</dd>
					<dd class="how">
						<select
							aria-label="{FACT_WORDS[fact]} was found by"
							value={wall.how?.[fact] ?? 'tape'}
							onchange={(e) => setHow(fact, e.currentTarget.value as How)}
						>
							{#each HOWS as h (h.value)}<option value={h.value}>{h.name}</option>{/each}
						</select>
					</dd>
				</div>{/each}
			{#each studs as [how, n] (how)}<div>
					<dt>Studs</dt>
					<dd>{n}</dd>
					<dd class="how">{HOW_WORDS[how]}</dd>
				</div>{/each}
			{#if (wall.pilots ?? []).length > 0}<div>
					<dt>Pilot holes</dt>
					<dd>{(wall.pilots ?? []).length}</dd>
					<dd class="how">{(wall.pilots ?? []).filter((p) => p.hit === 'wood').length} in wood</dd>
				</div>{/if}
		</dl>
	</section>
</div>

<style>
	.survey {
		display: grid;
		grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
		gap: 1.5rem;
		height: 100%;
		padding: 0.6rem 1rem;
		overflow-y: auto;
		background: var(--paper);
	}
	h2,
	p {
		font-weight: 600;
		color: var(--pencil);
	}
	button {
		display: flex;
		gap: 0.6rem;
		width: 100%;
		min-height: 32px;
		align-items: center;
		text-align: left;
		border-bottom: 1px solid var(--hair);
	}
	b {
		width: 2.6rem;
		color: var(--close);
	}
	b.stop {
		color: var(--does-not-hold);
	}
	dl > div {
		display: grid;
		grid-template-columns: 5.6rem minmax(0, 1fr) minmax(0, 1.5fr);
		gap: 0.5rem;
		align-items: center;
		padding-block: 0.1rem;
		border-bottom: 1px solid var(--hair);
	}
	.how {
		color: var(--pencil);
	}
	.how select {
		width: 100%;
		min-height: 30px;
		padding: 0 1.6rem 0 0.3rem;
		border-color: transparent !important;
		background-color: transparent !important;
		color: var(--pencil) !important;
		font-size: 0.93rem;
	}
	@media (max-width: 900px) {
		.survey {
			grid-template-columns: minmax(0, 1fr);
			height: auto;
		}
	}
</style>
