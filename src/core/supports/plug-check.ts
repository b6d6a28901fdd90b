import type { Fixing } from '../cleats/segments';
import type { PlugChoice } from '../plan/types';
import { mass, mm, newtons, phrase } from '../units/phrase';
import { weightOf } from '../units/quantity';
import { checkOf, missingStep, type Check, type SumLine } from '../verdict/check';

/** What the screws at one place of a row have to take. */
export interface PlugDemand {
	pull: number;
	across: number;
	lines: () => SumLine[];
}

const NOTE = phrase(
	'Allowable by its maker, for this wall and this hole. Crumbling brick, hollow block and old mortar hold less: the maker and the wall have the last word'
);

/**
 * A screw in a plug: the maker's recommended load for this wall, or not judged. There is no general value.
 * @param id of the check
 */
export function plugCheck(
	id: string,
	subject: Check['subject'],
	fixing: Pick<Fixing, 'x'>,
	plug: PlugChoice,
	d: PlugDemand
): Check {
	const each = Math.hypot(d.pull, d.across);
	const together: SumLine = {
		label: 'both at once',
		sum: phrase('√({T}² + {V}²)', { T: newtons(d.pull), V: newtons(d.across) }),
		result: newtons(each)
	};
	const at = { x: mm(fixing.x) };
	if (plug.load === null) {
		return {
			...missingStep('plug', phrase("the plug maker's load at {x@tape} is not known", at), 'the plug maker', [
				phrase('Each would have to hold {r}', { r: newtons(each) }),
				NOTE
			]),
			lines: [...d.lines(), together],
			id,
			subject
		};
	}
	return checkOf(id, subject, {
		title: 'plug',
		reason: phrase('plug at {x@tape}', at),
		source: "the plug maker's recommended load",
		demand: newtons(each),
		capacity: newtons(weightOf(plug.load)),
		lines: () => [
			...d.lines(),
			together,
			{
				label: 'plug holds',
				sum: phrase("{m} hung on it: its maker's word", { m: mass(plug.load ?? 0) }),
				result: newtons(weightOf(plug.load ?? 0))
			}
		],
		notes: [NOTE]
	});
}
