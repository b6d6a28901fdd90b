import { allowedLine, capacityLines } from '../members/joint-lines';
import { combinedAllowable } from '../mechanics/fasteners/combined';
import { CD_BUMP, jointCapacity, type Joint } from '../mechanics/fasteners/joint';
import { newtons, phrase, type Phrase } from '../units/phrase';
import { checkOf, type Check } from '../verdict/check';
import { QUAKE_SOURCE, type QuakeAsked } from './quake-pulls';

/** What is shaken: its screws, and what they go through and into, in words. */
export interface ShakenJoint {
	joint: Joint;
	words: { side: string; main: string };
	reason: Phrase;
}

/**
 * Screws while the earth shakes, by the worse of all that they may be asked for; loads so short that wood takes 1.6.
 * @example quakeCheck('fixing:h1:s2:400', subject, shaken, quakePulls(of, shares)).margin
 */
export function quakeCheck(
	id: string,
	subject: Check['subject'],
	{ joint, words, reason }: ShakenJoint,
	asked: readonly QuakeAsked[]
): Check {
	const capacity = jointCapacity(joint, CD_BUMP);
	const judged = asked.map((a) => {
		const finite = Number.isFinite(a.pull + a.across);
		const both = combinedAllowable(capacity.axial, capacity.lateral, finite ? a.pull : 0, finite ? a.across : 1);
		const wants = Math.hypot(a.pull, a.across);
		return { ...a, both, wants, used: both.allowed > 0 ? wants / both.allowed : wants * Number.MAX_SAFE_INTEGER };
	});
	const worst = judged.reduce((a, b) => (b.used > a.used ? b : a));
	return checkOf(`${id}:quake`, subject, {
		title: 'screws, earthquake',
		source: `${QUAKE_SOURCE}; NDS 2018 chapter 12, TR12`,
		demand: newtons(worst.wants),
		capacity: newtons(worst.both.allowed),
		reason,
		lines: () => [
			...worst.lines(),
			...capacityLines(joint, capacity, words),
			{
				label: 'both at once',
				sum: phrase('√({T}² + {V}²)', { T: newtons(worst.pull), V: newtons(worst.across) }),
				result: newtons(worst.wants)
			},
			allowedLine(capacity, worst.both)
		]
	});
}
