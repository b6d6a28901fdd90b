import { once } from '../../once';
import { phrase } from '../../units/phrase';
import { failedStep, type Check } from '../check';
import { holderWeights, type Placed } from '../place';
import { grabChecks } from './grab-checks';
import { hookLoad } from './hook-loads';
import { hookChecks } from './hook-check';
import { pegChecks } from './peg-checks';
import { seatChecks } from './seat-checks';

/** A holder whose weight hangs past its row's end: nothing else about it matters. */
function offItsRow(p: Placed): Check {
	const { id } = p.holder;
	return { ...failedStep('place', phrase('its weight hangs past the end of its row'), 'statics'), id: `holder:${id}:place`, subject: { kind: 'holder', id } };
}

/** Checks of a holder by itself: seat, part load, hook, pegs, lip, tilt, a grab. A holder whose place has not changed is not checked again. */
export const holderChecks = once((p: Placed): Check[] => {
	const weights = holderWeights(p.built, p.profile);
	return hookLoad(p) ? [...seatChecks(p, weights), ...hookChecks(p), ...pegChecks(p), ...grabChecks(p, weights)] : [offItsRow(p)];
});
