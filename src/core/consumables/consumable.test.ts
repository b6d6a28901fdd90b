import { expect, it } from 'vitest';
import { supply } from './consumable';

it.each([
	[0, 1, 3, 'out', 3],
	[1, 1, 3, 'low', 2],
	[2, 1, 3, 'enough', 0],
	[3, 1, 3, 'enough', 0],
	[5, 1, 3, 'plenty', 0],
	[0, 0, 0, 'out', 0],
	[2, 4, 1, 'low', 0]
] as const)('%d of them, low at %d, enough %d: %s, buy %d', (count, low, enough, stands, buy) => expect(supply({ count, low, enough })).toEqual({ stands, buy }));
