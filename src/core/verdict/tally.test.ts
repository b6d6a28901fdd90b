import { expect, it } from 'vitest';
import { tallyOf } from './tally';

it('counts every verdict, those nobody has as none', () => {
	const of = (['close', 'holds', 'close', 'cannot-be-built'] as const).map((verdict) => ({ verdict }));
	expect(tallyOf(of)).toEqual({
		holds: 1,
		close: 2,
		'does-not-hold': 0,
		'cannot-be-judged': 0,
		'cannot-be-built': 1,
		unloaded: 0
	});
});
