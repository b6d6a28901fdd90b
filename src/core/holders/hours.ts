import { operationsOf } from '../solid/operations';
import { cutOf } from '../solid/cut-part';
import type { Holder } from '../plan/types';
import { count, hours, phrase, type Phrase } from '../units/phrase';
import type { Built } from './built';
import { screwsOf } from './made-of';

/**
 * Minutes of a patient amateur, by what is done: our own judgement, to be bettered by a log of what was built. Setting
 * up is once for all that is alike, the rest for every one. Drying is waited for, not counted.
 */
const MINUTES = {
	/** Measuring, marking and cutting to length. */
	cut: { first: 5, each: 2 },
	rip: { first: 6, each: 2 },
	hole: { first: 3, each: 1 },
	tilted: { first: 8, each: 1.5 },
	slot: { first: 10, each: 2 },
	'glue-up': { first: 10, each: 20 },
	/** Put together: every part meets another. */
	assembled: 4,
	/** Pilot, countersink, drive. */
	screw: 1,
	/** Levelled on its row, or on the wall. */
	hung: 15
} as const;

/** How long a holder takes to make, and how that comes about. */
export interface Hours {
	minutes: number;
	pieces: number;
	setUps: number;
	screws: number;
	sum: Phrase;
}

/**
 * Hours to make a holder and hang it.
 * @example hoursFor(holder, built).minutes / 60
 */
export function hoursFor(holder: Pick<Holder, 'mount'>, built: Built): Hours {
	let [minutes, setUps, pieces] = [0, 0, 0];
	const take = (work: { first: number; each: number }, times: number) => {
		minutes += work.first + work.each * times;
		setUps++;
	};
	for (const part of built.parts) {
		const n = part.stands.length;
		pieces += n;
		minutes += MINUTES.assembled * n;
		if (cutOf(part)) take(MINUTES.cut, n);
		for (const { operation, times } of operationsOf(part)) {
			const tilted = operation.kind === 'hole' && (operation.tilt ?? 0) > 0;
			take(MINUTES[tilted ? 'tilted' : operation.kind], times);
		}
	}
	const screws = screwsOf(holder, built).reduce((all, s) => all + s.count, 0);
	minutes += MINUTES.screw * screws + MINUTES.hung;
	return {
		minutes,
		pieces,
		setUps,
		screws,
		sum: phrase('{p} pieces, {u} set-ups, {s} screws, hanging it: about {h}', {
			p: count(pieces),
			u: count(setUps),
			s: count(screws),
			h: hours(minutes / 60)
		})
	};
}
