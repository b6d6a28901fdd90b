import { angle, mm, phrase, ratio } from '../units/phrase';
import type { StepParts, SumLine } from '../verdict/check';
import { FRICTION, seat, SEAT_FACTOR, type SeatInput } from '../mechanics/statics/seat';

const FRICTION_ANGLE = (Math.atan(FRICTION) * 180) / Math.PI;

export const SEAT_SOURCE = 'statics of a body on a slope with one lower bearing';

/**
 * How a seat is judged, by its shape first and by friction as a second line of defence: the same of a holder on the
 * wall and of a quick sum.
 * @returns what a step takes, and its two lines
 * @example seatJudged({ bevel: 45, standOff: 60, drop: 180 }).capacity // { value: 3, dim: 'ratio' }
 */
export function seatJudged(
	input: SeatInput
): Pick<StepParts, 'source' | 'demand' | 'capacity' | 'second'> & { sum: SumLine[] } {
	const s = seat(input);
	const values = { d: mm(input.drop), b: angle(input.bevel), x: mm(input.standOff) };
	return {
		source: SEAT_SOURCE,
		demand: ratio(SEAT_FACTOR),
		capacity: ratio(s.shape),
		second: {
			by: 'friction',
			demand: ratio(SEAT_FACTOR),
			capacity: ratio(s.friction),
			lines: () => [
				{
					label: 'with friction',
					sum: phrase('{d} × tan({b} + {f}) / {x}: a knock may undo it', { ...values, f: angle(FRICTION_ANGLE) }),
					result: ratio(s.friction)
				}
			]
		},
		sum: [
			{ label: 'shape', sum: phrase('{d} × tan {b} / {x}', values), result: ratio(s.shape) },
			{ label: 'to be', sum: phrase('{f} without friction', { f: ratio(SEAT_FACTOR) }), result: ratio(SEAT_FACTOR) }
		]
	};
}
