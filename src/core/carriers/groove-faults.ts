import { fine, mm, phrase } from '../units/phrase';
import type { Millimetres } from '../units/quantity';
import type { Found } from './carrier';
import { findings } from './findings';
import { tippingRoom, type Grooved } from './lift-in';

/** A panel in an upper and a lower groove. */
export interface Lifted extends Grooved {
	lower: Millimetres;
	upper: Millimetres;
	/** So much higher than the opening. */
	over: Millimetres;
	/** How thick the boards are that the grooves are in. */
	board: Millimetres;
	/** Width of a groove. */
	groove: Millimetres;
	/** The field that a fault is told at. */
	field: string;
}

/** Less wood than this under a groove breaks out. */
const LEAST_WOOD: Millimetres = 4;
/** Less than this in the upper groove, and a bump brings a panel down. */
const LEAST_HOLD: Millimetres = 2;

/**
 * Whether a panel can be lifted in and stays: higher than its opening by more than the lower groove and less than the
 * upper; grooves wide enough to tip it in, and wood left under them.
 * @example grooveFaults({ ...door, over: 12, upper: 11 })[0]?.level // 'stop'
 */
export function grooveFaults(p: Lifted): Found[] {
	const { found, say } = findings();
	for (const [deep, name] of [
		[p.lower, 'A lower'],
		[p.upper, 'An upper']
	] as const)
		if (p.board - deep < LEAST_WOOD)
			say(
				'stop',
				p.field,
				phrase(`${name} groove of {d} leaves {l} of its board: {m} at least`, {
					d: mm(deep),
					l: mm(Math.max(0, p.board - deep)),
					m: mm(LEAST_WOOD)
				})
			);
	if (p.over >= p.upper)
		say(
			'stop',
			p.field,
			phrase('A panel {o} higher than its opening cannot be lifted in: the upper groove is {u} deep', {
				o: mm(p.over),
				u: mm(p.upper)
			})
		);
	else if (p.over <= p.lower)
		say(
			'stop',
			p.field,
			phrase(
				'A panel {o} higher than its opening falls out: it stands {l} deep, and its head is below the upper groove',
				{
					o: mm(p.over),
					l: mm(p.lower)
				}
			)
		);
	else {
		const needs = tippingRoom(p);
		if (needs > p.groove + 0.005)
			say(
				'stop',
				p.field,
				phrase('A panel binds as it is tipped in: its groove is {w} wide, and {n} is needed', {
					w: fine(p.groove),
					n: fine(needs)
				})
			);
		if (p.over - p.lower < LEAST_HOLD)
			say(
				'mind',
				p.field,
				phrase('Only {h} of a panel stands in the upper groove: a bump brings it down', { h: mm(p.over - p.lower) })
			);
	}
	return found;
}
