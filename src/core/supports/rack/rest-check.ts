import type { RestHold } from '../../carriers/hold';
import { holderWeights } from '../../places/in-place';
import type { RackPlaced } from '../../places/rack/place';
import { SEAT_FACTOR } from '../../mechanics/statics/seat';
import { mass, mm, phrase } from '../../units/phrase';
import { GRAVITY } from '../../units/quantity';
import { checkOf, failedStep, missingStep, type Check } from '../../verdict/check';
import { givesNothing, type HeldResult } from '../held-result';

/** What carries it: the row, whose own checks count it; or what somebody says that a trim or a ledge may carry. */
function carried(p: RackPlaced, hold: RestHold, name: string): Check[] {
	if (p.on) return [];
	const { id } = p.holder;
	const subject = { kind: 'holder', id } as const;
	const key = `holder:${id}:carried`;
	const load = holderWeights(p.built).total / GRAVITY;
	if (load === 0) return [];
	if (hold.rated === null)
		return [
			{
				...missingStep('what it is on', phrase('what {name} may carry is not known', { name }), 'whoever put it up', [
					phrase('A trim is often held by a few nails: look, then say what it may carry')
				]),
				id: key,
				subject
			}
		];
	return [
		checkOf(key, subject, {
			title: 'what it is on',
			reason: phrase('what {name} may carry', { name }),
			source: 'as you say',
			demand: mass(load),
			capacity: mass(hold.rated),
			lines: () => []
		})
	];
}

/**
 * What stands on an upper side of the wall: that something is under it, that its middle is well over that, and what
 * carries it.
 * @example restResult(placed, hold).checks.map((c) => c.title) // ['stands', 'what it is on']
 */
export function restResult(p: RackPlaced, hold: RestHold): HeldResult {
	const { id } = p.holder;
	const subject = { kind: 'holder', id } as const;
	const key = `holder:${id}:stands`;
	if (!p.under)
		return givesNothing({
			...failedStep('stands', phrase('nothing is under it there: no ledge, no head of a door, no sheet'), 'the survey'),
			id: key,
			subject
		});
	const { name, out } = p.under;
	// The thing whose middle is furthest out, whatever stands beside it: each may be alone.
	const furthest = Math.max(0, ...p.built.seats.flatMap((s) => s.things.map((t) => t.at[2])));
	return givesNothing(
		checkOf(key, subject, {
			title: 'stands',
			reason: phrase('it tips off {name}', { name }),
			source: `statics, ${SEAT_FACTOR} against a knock`,
			demand: mm(furthest * SEAT_FACTOR),
			capacity: mm(out),
			lines: () => [
				{ label: 'its middle', sum: phrase('half its depth out from the wall'), result: mm(furthest) },
				{
					label: 'may be asked',
					sum: phrase(`{m} × ${SEAT_FACTOR}`, { m: mm(furthest) }),
					result: mm(furthest * SEAT_FACTOR)
				},
				{ label: 'stands on', sum: phrase('{name}, so deep', { name }), result: mm(out) }
			],
			notes: [phrase('Nothing keeps it there but its weight: a slammed door walks it off')]
		}),
		...carried(p, hold, name)
	);
}
