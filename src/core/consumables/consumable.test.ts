import { expect, it } from 'vitest';
import { readConsumable, supply } from './consumable';

it.each([
	[0, 1, 3, 'out', 3],
	[1, 1, 3, 'low', 2],
	[2, 1, 3, 'enough', 0],
	[3, 1, 3, 'enough', 0],
	[5, 1, 3, 'plenty', 0],
	[0, 0, 0, 'out', 0],
	[2, 4, 1, 'low', 0]
] as const)('%d of them, low at %d, enough %d: %s, buy %d', (count, low, enough, stands, buy) =>
	expect(supply({ count, low, enough })).toEqual({ stands, buy })
);

it.each([
	['2 masking tapes', 2, 'masking tapes'],
	['2,5 rolls of tape', 2.5, 'rolls of tape'],
	['3 x wax', 3, 'wax'],
	['wax', 1, 'wax'],
	['  ', 1, '']
])('%j is %d of %j', (text, count, name) => expect(readConsumable(text)).toEqual({ count, name }));
