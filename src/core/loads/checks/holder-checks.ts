import { phrase } from '../../units/phrase';
import type { Check } from '../check';
import { holderWeights, type Bearing, type Placed } from '../place';
import { contactOf } from './row-loads';
import { hookCheck } from './hook-check';
import { pegChecks } from './peg-checks';
import { seatChecks } from './seat-checks';

interface Known {
	row: Placed['row'];
	built: Placed['built'];
	bearing: Bearing;
	checks: Check[];
}
const known = new WeakMap<Placed['holder'], Known>();

/** A holder whose weight hangs past its row's end: nothing else about it matters. */
function offItsRow(p: Placed): Check {
	return {
		id: `holder:${p.holder.id}:place`,
		subject: { kind: 'holder', id: p.holder.id },
		title: 'place',
		margin: 0,
		verdict: 'does-not-hold',
		basis: 'published',
		source: 'statics',
		reason: phrase('its weight hangs past the end of its row'),
		lines: [],
		notes: []
	};
}

/** Checks of a holder by itself: seat, part load, hook, pegs, lip. A holder that has not changed is not checked again. */
export function holderChecks(p: Placed): Check[] {
	const before = known.get(p.holder);
	if (before && before.row === p.row && before.built === p.built && before.bearing.y === p.bearing.y && before.bearing.kind === p.bearing.kind && before.bearing.taken === p.bearing.taken) {
		return before.checks;
	}
	const weights = holderWeights(p.built, p.profile);
	const checks = contactOf(p, p.row) ? [...seatChecks(p, weights), hookCheck(p, weights.total), ...pegChecks(p)] : [offItsRow(p)];
	known.set(p.holder, { row: p.row, built: p.built, bearing: p.bearing, checks });
	return checks;
}
