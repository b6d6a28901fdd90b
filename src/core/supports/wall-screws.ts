import type { Quantity } from '../units/format-quantity';
import { phrase, ratio } from '../units/phrase';
import { N_PER_POUND } from '../units/quantity';
import { missingStep, type Check } from '../verdict/check';

/** What a screw goes into, in a word. */
export const MEMBER = { stud: 'stud', blocking: 'blocking', plank: 'boards', masonry: 'wall' } as const;

/** Load that practice hangs on one deck screw through 3/4 ply into a stud. */
export const TRADE_RULE: number = 80 * N_PER_POUND;

/** A stud whose species nobody has said: told as the softest, judged not at all. */
export function speciesUnknown(
	id: string,
	subject: Check['subject'],
	member: string,
	at: { x: Quantity },
	asSoftest: Check
): Check {
	return {
		...missingStep('screws', phrase(`species of ${member} {x@tape} is not known`, at), 'NDS 2018 Table 12.3.3A', [
			phrase('Counted as the softest framing, G 0.36, its margin would be {m}', {
				m: ratio(asSoftest.margin ?? Infinity)
			})
		]),
		id,
		subject
	};
}
