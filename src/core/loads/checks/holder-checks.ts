import { remembering } from '../../remembering';
import { phrase, type Phrase } from '../../units/phrase';
import { failedStep, type Check } from '../check';
import { holderWeights, type Placed } from '../place';
import { grabChecks } from './grab-checks';
import { hookLoad } from './hook-loads';
import { hookChecks } from './hook-check';
import { pegChecks } from './peg-checks';
import { seatChecks } from './seat-checks';

/** A holder whose weight hangs past its row's end, or does once some of it is taken off. */
function offItsRow(p: Placed, reason: Phrase): Check {
	const { id } = p.holder;
	return { ...failedStep('place', reason, 'statics'), id: `holder:${id}:place`, subject: { kind: 'holder', id } };
}

/**
 * Checks of a holder by itself: seat, part load, hook, pegs, lip, tilt, a grab. A holder whose place has not changed is
 * not checked again.
 */
export const holderChecks = remembering((p: Placed): Check[] => {
	const weights = holderWeights(p.built, p.profile.thickness);
	const load = hookLoad(p);
	// Past the end of its row nothing else about it matters.
	if (!load) return [offItsRow(p, phrase('its weight hangs past the end of its row'))];
	const swings = load.swingsOff
		? [offItsRow(p, phrase('with only the things at one end left on, its weight hangs past the end of its hook'))]
		: [];
	return [...swings, ...seatChecks(p, weights), ...hookChecks(p), ...pegChecks(p), ...grabChecks(p, weights)];
});
