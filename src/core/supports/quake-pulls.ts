import type { Wall } from '../plan/types';
import { rollPull } from '../mechanics/statics/roll';
import { sideways } from '../mechanics/statics/sideways';
import { quakeShares, type QuakeShares } from '../mechanics/statics/earthquake';
import { count, mm, moment, newtons, phrase, ratio } from '../units/phrase';
import type { Millimetres, NewtonMillimetres, Newtons } from '../units/quantity';
import type { SumLine } from '../verdict/check';

/** Where the figures come from, for those that an earthquake asks. */
export const QUAKE_SOURCE = 'ASCE 7-16 13.3.1, from memory; local codes govern';

/** A wall, as far as an earthquake goes. */
export type ShakenWall = Pick<Wall, 'height'> & { quake?: Wall['quake'] | undefined };

/** What an earthquake adds to a weight that hangs on the wall so high; null where nobody asks for it. */
export const quakeAt = (wall: ShakenWall, up: Millimetres): QuakeShares | null =>
	wall.quake ? quakeShares(wall.quake, up, wall.height) : null;

/** Screws over each other at one place, and what they take while nothing shakes. */
export interface Shaken {
	/** Each above what all of it turns about, ascending. */
	heights: readonly Millimetres[];
	crush: Millimetres;
	/** Weight, and how it rolls out of the wall. */
	down: Newtons;
	roll: NewtonMillimetres;
	/** Pulled straight out beside that. */
	pull: Newtons;
	/** Where the earthquake pushes, above what it turns about; and how many times the weight's share comes there. */
	at: Millimetres;
	times: number;
	/** The weight turns it about the only screws there are, to a side; null where others hold it against that. */
	turn: NewtonMillimetres | null;
}

/** What the screw that takes most is asked for, one way or the other. */
export interface QuakeAsked {
	pull: Newtons;
	across: Newtons;
	lines: () => SumLine[];
}

/**
 * What screws take while it shakes: pushed out from the wall with the weight's own roll, or along the wall.
 * @returns both ways, to be held against what they hold
 * @example quakePulls(shaken, quakeShares(1, 1500, 2500))[0].pull
 */
export function quakePulls(s: Shaken, q: QuakeShares): [out: QuakeAsked, along: QuakeAsked] {
	const n = s.heights.length;
	const weight = s.down * (1 + q.upright);
	const push = s.down * q.sideways * s.times;
	const roll = s.roll * (1 + q.upright);
	const more = push * Math.max(0, s.at - s.crush);
	const worst = (M: NewtonMillimetres, direct: Newtons) => Math.max(0, ...rollPull(M, s.heights, s.crush), direct / n);
	const middle = s.heights.reduce((a, b) => a + b, 0) / n;
	// A push along the wall over or under the only screws there are turns it too.
	const turn = s.turn === null ? 0 : s.turn * (1 + q.upright) + push * Math.abs(s.at - middle);
	const side = Math.max(...sideways(turn, s.heights));
	const share: SumLine[] = [
		{
			label: 'pushed with',
			sum: phrase('{V} × {k}{times}: its share, 0.7 of {s}', {
				V: newtons(s.down),
				k: ratio(q.sideways),
				s: ratio(q.strength),
				times: s.times === 1 ? '' : ` × ${s.times.toFixed(2)}`
			}),
			result: newtons(push)
		},
		{
			label: 'weight with it',
			sum: phrase('{V} × (1 + {u})', { V: newtons(s.down), u: ratio(q.upright) }),
			result: newtons(weight)
		}
	];
	const across = weight / n;
	const drawn = worst(roll + more, s.pull + push);
	const along = Math.hypot(across, push / n + side);
	return [
		{
			pull: drawn,
			across,
			lines: () => [
				...share,
				{
					label: 'rolls out',
					sum: phrase('{M} × (1 + {u}) + {H} × ({y} - {p})', {
						M: moment(s.roll),
						u: ratio(q.upright),
						H: newtons(push),
						y: mm(s.at),
						p: mm(s.crush)
					}),
					result: moment(roll + more)
				},
				{ label: 'pull on the worst', sum: phrase('of {n}, about the foot', { n: count(n) }), result: newtons(drawn) },
				{ label: 'across each', sum: phrase('{V} / {n}', { V: newtons(weight), n: count(n) }), result: newtons(across) }
			]
		},
		{
			pull: worst(roll, s.pull),
			across: along,
			lines: () => [
				...share,
				{
					label: 'across each',
					sum: phrase('weight down and {H} along the wall, on {n}', { H: newtons(push), n: count(n) }),
					result: newtons(along)
				}
			]
		}
	];
}
