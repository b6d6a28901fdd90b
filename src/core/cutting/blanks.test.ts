import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { saw } from '../../../tests/support/saw';
import { blanksOf, layBlank } from './blanks';
import { relaxed } from './cut-rectangles';
import type { Piece } from './pieces';
import { areaBound } from './sheets/area-bound';
import { kindsOf } from './sheets/problem';

const cleat = (length: number, id: string): Piece => ({
	id,
	name: 'cleat',
	owner: { kind: 'row', id: 'r', name: 'Row' },
	length,
	form: { kind: 'cleat', stock: 'ply-18', blank: 130, bevel: 30 }
});
const KERF = 3.2;
const lane = fc
	.array(fc.integer({ min: 60, max: 900 }), { minLength: 1, maxLength: 5 })
	.map((all) => all.map((l, i) => cleat(l, `${l}-${i}`)));
const sum = (all: readonly number[]) => all.reduce((a, b) => a + b, 0);
const longest = (lanes: readonly (readonly Piece[])[]) =>
	Math.max(...lanes.map((l) => sum(l.map((p) => p.length)) + (l.length - 1) * KERF));

describe('a bound for cleats', () => {
	// A strip of 1000 x 130 gives two of 1000: half of what the rip leaves each, 63.4, and with a kerf each they fill it.
	it('takes each as wide as its half: two fill the strip they are ripped from', () => {
		const stocks = [{ length: 1000, width: 130, cost: 1, count: Infinity }];
		const { pieces } = relaxed({ pieces: [], stocks, kerf: KERF }, [], [cleat(1000, 'a'), cleat(1000, 'b')]);
		expect(pieces).toEqual([{ length: 1000, width: 63.4, turn: false, count: 2 }]);
		const p = { pieces, stocks, kerf: KERF };
		expect(areaBound(p, kindsOf(p))).toBeCloseTo(1, 9);
	});
});

describe('blanks for cleats', () => {
	it('hold every cleat once, and together with the cuts between them take no more length than their lanes', () => {
		fc.assert(
			fc.property(fc.array(lane, { minLength: 1, maxLength: 4 }), (lanes) => {
				const blanks = blanksOf(lanes, 130, 30, KERF);
				const ids = (all: readonly Piece[]) => all.map((p) => `${p.id} ${p.length}`).sort();
				expect(ids(blanks.flatMap((b) => b.halves.flat()))).toEqual(ids(lanes.flat()));
				for (const b of blanks) {
					expect(b.length).toBeCloseTo(longest(b.halves.filter((h) => h.length > 0)), 6);
					const { pieces, cuts, rests } = layBlank(b, 0, 0, KERF);
					const bench = saw({ length: b.length, width: 130 }, KERF, cuts);
					expect(bench).toHaveLength(pieces.length + rests.length);
				}
				if (lanes.length <= 2) {
					const all = sum(blanks.map((b) => b.length)) + (blanks.length - 1) * KERF;
					expect(all).toBeLessThanOrEqual(longest(lanes) + 1e-6);
				}
			})
		);
	});

	// Both lanes end a cut at 600: two blanks, 600 and 400 long. 700 against 600 would lose 100: one blank of 1003.2.
	it('are cut apart where that loses nothing, and left whole where it would', () => {
		const lengths = (a: number[], b: number[]) =>
			blanksOf(
				[a, b].map((l, i) => l.map((x, n) => cleat(x, `${i}-${n}`))),
				130,
				30,
				KERF
			).map((b) => b.length);
		expect(lengths([600, 400], [600, 400])).toEqual([600, 400]);
		expect(lengths([600, 400], [700, 250])).toEqual([1003.2]);
		// 602 and 400 are less than 1003.2, but not with the cut between them.
		expect(lengths([600, 400], [602, 398])).toEqual([1003.2]);
	});
});
