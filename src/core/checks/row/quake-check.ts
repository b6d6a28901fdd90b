import { greatestTug, seat } from '../../mechanics/statics/seat';
import { centreUp, type HolderWeights } from '../../places/in-place';
import { dropOf, type Placed } from '../../places/row/place';
import { QUAKE_SOURCE, quakeAt, type ShakenWall } from '../../supports/quake-pulls';
import { quakeArm } from '../../supports/row/quake-lever';
import { angle, mm, newtons, phrase, ratio } from '../../units/phrase';
import type { Newtons } from '../../units/quantity';
import { checkOf, type Check } from '../../verdict/check';
import { stripHolds } from './seat-checks';

/**
 * Does a holder stay on its cleat while the earth shakes? Its own shape may hold it, or a lock strip that is screwed.
 * Loose ones take bumps.
 * @returns nothing where nobody asks, or where it tips with nothing shaking
 */
export function quakeSeat(p: Placed, wall: ShakenWall, weights: HolderWeights): Check[] {
	const q = quakeAt(wall, p.foot + centreUp(p.built));
	const drop = dropOf(p);
	const arm = quakeArm(p);
	if (!q || !(drop > 0) || !(weights.total > 0)) return [];
	const input = { bevel: p.profile.bevel, standOff: Math.max(0, weights.standOff), drop };
	const push = weights.total * q.sideways;
	const light = weights.total * (1 - q.upright);
	const subject = { kind: 'holder', id: p.holder.id } as const;
	const common = {
		title: 'seat, earthquake',
		source: `statics; ${QUAKE_SOURCE}`
	};
	const pushed = {
		label: 'pushed out',
		sum: phrase('{W} × {k}: its share, 0.7 of {s}', {
			W: newtons(weights.total),
			k: ratio(q.sideways),
			s: ratio(q.strength)
		}),
		result: newtons(push)
	};
	if (p.holder.mount.strips.lockStrip === 'screwed') {
		const uplift = liftedBy(push * arm + weights.total * (1 + q.upright) * input.standOff, light, p);
		const holds = stripHolds(p, uplift);
		// Nobody has a figure for its screws: its seat says so.
		if (!holds) return [];
		return [
			checkOf(`holder:${p.holder.id}:quake`, subject, {
				...common,
				demand: newtons(uplift),
				capacity: holds.capacity,
				reason: phrase('an earthquake lifts its lock strip off'),
				lines: () => [pushed, ...holds.lines()]
			})
		];
	}
	// What is pushed below where it bears presses its hook down.
	const takes = arm > 0 ? greatestTug(light, input, arm) : push * seat(input).shape;
	return [
		checkOf(`holder:${p.holder.id}:quake`, subject, {
			...common,
			demand: newtons(push),
			capacity: newtons(takes),
			reason: phrase('an earthquake pushes it off its cleat: a lock strip, screwed'),
			lines: () => [
				pushed,
				{
					label: 'takes',
					sum:
						arm > 0
							? phrase('{W} × (1 - {u}) × ({d} × tan {b} - {x}) / {h}: at its middle, above what it bears on', {
									W: newtons(weights.total),
									u: ratio(q.upright),
									d: mm(drop),
									b: angle(p.profile.bevel),
									x: mm(input.standOff),
									h: mm(arm)
								})
							: phrase('its middle is below what it bears on: a push seats it'),
					result: newtons(takes)
				}
			]
		})
	];
}

/** What lifts a lock strip: the hook pushed out rides up the bevel, less what weighs it down. */
const liftedBy = (turn: number, down: Newtons, p: Placed): Newtons =>
	Math.max(0, turn / dropOf(p) / Math.tan((p.profile.bevel * Math.PI) / 180) - down);
