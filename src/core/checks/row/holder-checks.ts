import type { Wall } from '../../plan/types';
import { remembering } from '../../remembering';
import { phrase, type Phrase } from '../../units/phrase';
import { failedStep, type Check } from '../../verdict/check';
import { holderWeights } from '../../places/in-place';
import type { Placed } from '../../places/row/place';
import { testedChecks } from '../tested';
import { unknownLoads } from '../unknown-loads';
import { grabChecks } from './grab-checks';
import { hungBackChecks } from './back-check';
import { hookLoad } from '../../places/row/hook-loads';
import { hookChecks } from './hook-check';
import { memberChecks } from '../member-checks';
import { quakeSeat } from './quake-check';
import { seatChecks } from './seat-checks';

/** A holder whose weight hangs past its row's end, or does once some of it is taken off. */
function offItsRow(p: Placed, reason: Phrase): Check {
	const { id } = p.holder;
	return { ...failedStep('place', reason, 'statics'), id: `holder:${id}:place`, subject: { kind: 'holder', id } };
}

/**
 * Checks of a holder by itself: seat, part load, hook, its back, the members of its carriers, a grab. A holder whose
 * place has not changed is not checked again.
 */
export const holderChecks = remembering((p: Placed, quake: Wall['quake'], high: Wall['height']): Check[] => {
	const weights = holderWeights(p.built);
	const load = hookLoad(p);
	// Past the end of its row nothing else about it matters.
	if (!load) return [offItsRow(p, phrase('its weight hangs past the end of its row'))];
	const swings = load.swingsOff
		? [offItsRow(p, phrase('with only the things at one end left on, its weight hangs past the end of its hook'))]
		: [];
	return [
		...unknownLoads(p),
		...testedChecks(p),
		...swings,
		...seatChecks(p, weights),
		...quakeSeat(p, { quake, height: high }, weights),
		...hookChecks(p),
		...hungBackChecks(p),
		...memberChecks(p),
		...grabChecks(p, weights)
	];
});
