import type { Verdict } from './check';

/** How many of some things have each verdict. @example tallyOf(checks.holders.values()).close // 3 */
export function tallyOf(judged: Iterable<{ verdict: Verdict }>): Record<Verdict, number> {
	const tally: Record<Verdict, number> = {
		holds: 0,
		close: 0,
		'does-not-hold': 0,
		'cannot-be-judged': 0,
		'cannot-be-built': 0,
		unloaded: 0
	};
	for (const { verdict } of judged) tally[verdict]++;
	return tally;
}
