import { describe, expect, it } from 'vitest';
import { layCuts } from './lay-cuts';

const of = (...lengths: number[]) => lengths.map((length) => ({ length }));

// By hand: a kerf of 3.2 behind each piece.
describe('pieces as they lie', () => {
	it('come longest first, a kerf apart', () => {
		const { cuts, offcut } = layCuts(of(300, 500, 100), 1000, 3.2);
		expect(cuts.map((c) => [c.piece.length, c.from, c.to])).toEqual([
			[500, 0, 500],
			[300, 503.2, 803.2],
			[100, expect.closeTo(806.4, 9), expect.closeTo(906.4, 9)]
		]);
		expect(offcut).toBeCloseTo(1000 - 909.6, 9);
	});
	it('leave nothing where the last ends with the board', () =>
		expect(layCuts(of(400, 596.8), 1000, 3.2)).toMatchObject({ cuts: [{ to: 596.8 }, { to: 1000 }], offcut: 0 }));
	it('leave all of an empty board', () => expect(layCuts([], 1000, 3.2)).toEqual({ cuts: [], offcut: 1000 }));
});
