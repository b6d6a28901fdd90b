<script lang="ts">
	import type { Offer } from '$core/holders/offers';
	import { formatLength } from '$core/units/format-length';
	import { sayPhrase } from '$core/units/phrase';
	import { preferences } from '$lib/state/preferences.svelte';
	import ProjectionShape from './ProjectionShape.svelte';

	/** A way to carry a thing: drawn, with its figures, and whether it can be made. */
	let { offer, first, take }: { offer: Offer; first: boolean; take: () => void } = $props();

	const unit = $derived(preferences.unit);
	const say = (mm: number) => formatLength(mm, unit);
	const SIZE = { w: 56, h: 44 };
	const face = $derived(offer.built.face);
	const k = $derived(Math.min(SIZE.w / face.width, SIZE.h / face.height));
	const made = $derived(offer.made);
</script>

<button type="button" class:first onclick={take}>
	<svg width={SIZE.w} height={SIZE.h} aria-hidden="true">
		<g transform="translate({(SIZE.w - face.width * k) / 2} {SIZE.h - 1}) scale({k})">
			<ProjectionShape drawing={offer.front} parts={offer.built.parts} hidden={false} />
		</g>
	</svg>
	<span>
		<strong>{offer.title}</strong>
		<small
			>{made.fitted.seats}
			{made.fitted.seats === 1 ? 'place' : 'places'}, {say(face.width)} wide, {say(offer.built.reach.out)} out{made.over >
			0
				? `; ${made.over} over`
				: ''}</small
		>
		{#each made.fitted.sums.slice(0, 2) as s (s.label)}
			<small>{s.label}: {sayPhrase(s.sum, unit)} = {say(s.value)}</small>
		{/each}
		<small class:blocked={offer.blocked}
			>{offer.blocked
				? `${offer.blocked.part}: ${sayPhrase(offer.blocked.answer.why, unit)}`
				: 'made with your tools'}</small
		>
	</span>
</button>

<style>
	button {
		display: grid;
		grid-template-columns: 60px minmax(0, 1fr);
		gap: 0.5rem;
		width: 100%;
		margin-bottom: 0.4rem;
		padding: 0.4rem;
		border: 1px solid var(--hair);
		background: var(--sheet);
		text-align: left;
	}
	button:hover,
	.first {
		border-color: var(--chalk);
	}
	.first {
		border-width: 2px;
	}
	small {
		display: block;
		font-size: 0.76rem;
		line-height: 1.25;
		color: var(--pencil);
	}
	.blocked {
		color: var(--close);
	}
</style>
