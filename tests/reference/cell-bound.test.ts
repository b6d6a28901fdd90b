import { describe, expect, it } from 'vitest';
import { CellBound } from '$core/cutting/sheets/cell-bound';
import { kindsOf, toHundredths } from '$core/cutting/sheets/problem';
import { seeded } from '$core/seeded';
import { setsFrom } from '../support/exact-sheets';

const SEEDS = 6000;

/**
 * A bound that is too low calls what is not the fewest proven. Where lists are short most of what a sheet could hold is
 * known only as "worth so much", on either side of a cut: what is lost there shows only against trying everything, and
 * only now and then.
 */
describe('the worth of a sheet', () => {
	it.each([1, 2])('is never less than trying everything gives, with lists of %i', (keep) => {
		let tight = 0;
		for (let seed = 1; seed <= SEEDS; seed++) {
			const random = seeded(seed * 7 + keep);
			const between = (a: number, b: number) => a + Math.floor(random() * (b - a));
			const sheet = { length: between(300, 1000), width: between(200, 700) };
			const pieces = Array.from({ length: between(3, 7) }, () => ({
				length: between(sheet.length * 0.2, sheet.length * 0.75),
				width: between(sheet.width * 0.2, sheet.width * 0.75),
				turn: random() < 0.5,
				count: 1
			}));
			const worth = pieces.map(() => 1 + 9 * random());
			const kinds = kindsOf({ pieces, stocks: [], kerf: 3 });
			const bound = new CellBound(kinds, toHundredths(sheet.length), toHundredths(sheet.width), 40, keep);
			const seen = worth.map((v, i) => (bound.unseen[i] ? 0 : v));
			const valueOf = (set: number) => seen.reduce((sum, v, i) => sum + (set & (1 << i) ? v : 0), 0);
			const fits = setsFrom(pieces, sheet, 3);
			const exact = Math.max(...fits.map((is, set) => (is ? valueOf(set) : 0)));
			const { value } = bound.worth(seen);
			expect(value, `seed ${seed}`).toBeGreaterThanOrEqual(exact - 1e-9);
			if (value <= exact + 1e-9) tight++;
		}
		// It is not merely large either.
		expect(tight).toBeGreaterThan(100 * keep * (SEEDS / 1500));
	});
});
