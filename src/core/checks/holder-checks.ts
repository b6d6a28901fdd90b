import { remembering } from '../remembering';
import { phrase, type Phrase } from '../units/phrase';
import { failedStep, missingStep, type Check } from '../verdict/check';
import { holderWeights, type Placed, type InPlace } from './place';
import { grabChecks } from './grab-checks';
import { hookLoad } from './hook-loads';
import { hookChecks } from './hook-check';
import { memberChecks } from './member-checks';
import { seatChecks } from './seat-checks';

/** A holder whose weight hangs past its row's end, or does once some of it is taken off. */
function offItsRow(p: Placed, reason: Phrase): Check {
	const { id } = p.holder;
	return { ...failedStep('place', reason, 'statics'), id: `holder:${id}:place`, subject: { kind: 'holder', id } };
}

/** What carries a thing whose weight nobody knows cannot be judged, whatever the rest of it comes to. */
export const unknownLoads = remembering((p: InPlace): Check[] => {
	const { id } = p.holder;
	return p.built.unknown.map((name, i) => ({
		...missingStep(
			'load',
			phrase('nobody has said what {name} weighs', { name: name || 'what it carries' }),
			'whoever weighs it'
		),
		id: `holder:${id}:load-${i + 1}`,
		subject: { kind: 'holder', id }
	}));
});

/**
 * Checks of a holder by itself: seat, part load, hook, the members of its carriers, a grab. A holder whose place has
 * not changed is not checked again.
 */
export const holderChecks = remembering((p: Placed): Check[] => {
	const weights = holderWeights(p.built);
	const load = hookLoad(p);
	// Past the end of its row nothing else about it matters.
	if (!load) return [offItsRow(p, phrase('its weight hangs past the end of its row'))];
	const swings = load.swingsOff
		? [offItsRow(p, phrase('with only the things at one end left on, its weight hangs past the end of its hook'))]
		: [];
	return [
		...unknownLoads(p),
		...swings,
		...seatChecks(p, weights),
		...hookChecks(p),
		...memberChecks(p),
		...grabChecks(p, weights)
	];
});
