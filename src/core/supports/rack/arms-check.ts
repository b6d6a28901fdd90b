import type { ArmsHold } from '../../carriers/hold';
import { combine, worstPart, type OutWeight } from '../../mechanics/statics/seat';
import { seatJudged, SEAT_SOURCE } from '../../members/seat-judged';
import { armLoads, type ArmLoad } from '../../places/rack/arms';
import type { RackPlaced } from '../../places/rack/place';
import { mm, newtons, phrase } from '../../units/phrase';
import { checkOf, failedStep, type Check } from '../../verdict/check';
import { givesNothing, type HeldResult } from '../held-result';

/** Why the foot of an arm does not bear, in words. */
const LOST = {
	'nothing-behind': 'nothing is behind its foot',
	'further-back': 'what is behind its foot lies further back than its cleat',
	'meets-row': 'it meets the row below: a notch over that'
} as const;

/** The worst that an arm may carry: what it always does, and of what lies on it what stands furthest out. */
function worstOf(arm: ArmLoad): OutWeight & { left: number } {
	return worstPart(arm.own, arm.things);
}

/** One arm on its cleat: does it stay on, under the worst part of what lies across it? */
function seatCheck(p: RackPlaced, hold: ArmsHold, i: number, arm: ArmLoad): Check {
	const { id } = p.holder;
	const subject = { kind: 'holder', id } as const;
	const key = `holder:${id}:arm-${i + 1}-seat`;
	const where = { x: mm(arm.x) };
	if (!p.on) return { ...failedStep('seat', phrase('its row is not there'), 'the plan'), id: key, subject };
	const { row, profile } = p.on;
	const lost = p.feet[i];
	// Without its foot it has the lower edge of its own cleat to lean on.
	const low = lost ? row.y : p.foot;
	const drop = row.y + profile.back - low;
	const worst = worstOf(arm);
	const full = combine([arm.own, ...arm.things]);
	const { sum, ...judged } = seatJudged({ bevel: profile.bevel, standOff: worst.standOff, drop });
	return checkOf(key, subject, {
		...judged,
		source: SEAT_SOURCE,
		title: 'seat',
		reason: lost
			? phrase(`the arm at {x@tape} tips: ${LOST[lost]}`, where)
			: phrase('the arm at {x@tape} tips off its cleat', where),
		lines: () => [
			{
				label: 'carries',
				sum: phrase('the most that this arm may have of the boards across it, with any one arm low, and its own wood'),
				result: newtons(full.weight)
			},
			{
				label: 'stands out',
				sum: phrase('of that what stands furthest out, what would hold it down taken off'),
				result: mm(worst.standOff)
			},
			{
				label: 'reaches down',
				sum: phrase('{t} - {l}: from where its tip rides to {w}', {
					t: mm(row.y + profile.back),
					l: mm(low),
					w: lost ? 'the lower edge of its cleat' : 'its foot'
				}),
				result: mm(drop)
			},
			...sum
		],
		notes: [phrase('Round the corners of arms at head height')]
	});
}

/**
 * Arms that hang on a row: each stays on its cleat, or does not. What they put on the row, the row's own checks count.
 * @example armsResult(placed, hold).checks.map((c) => c.title) // ['seat', 'seat', 'seat']
 */
export function armsResult(p: RackPlaced, hold: ArmsHold): HeldResult {
	return givesNothing(...armLoads(p, hold).map((arm, i) => seatCheck(p, hold, i, arm)));
}
