import fc from 'fast-check';
import Fraction from 'fraction.js';
import { describe, expect, it } from 'vitest';
import { formatLength, roundToTape } from '$core/units/format-length';
import { parseLength } from '$core/units/parse-length';

/** Fractions worked out by a general library for exact fractions. */
const inches = (text: string): Fraction => new Fraction(text.replace('"', '').trim());

describe('inches, against a library of exact fractions', () => {
	it('are read as it reads them', () => {
		const part = fc.record({ whole: fc.nat(400), num: fc.nat(63), den: fc.constantFrom(2, 4, 8, 16, 32, 64) });
		fc.assert(
			fc.property(
				part,
				fc.constantFrom(' ', '-'),
				fc.constantFrom('', '"', ' in', ' inches'),
				({ whole, num, den }, gap, unit) => {
					const got = parseLength(`${whole}${gap}${num}/${den}${unit}`, 'inch');
					const want = new Fraction(num, den).add(whole).valueOf() * 25.4;
					expect(got.ok && got.value).toBeCloseTo(want, 9);
				}
			)
		);
	});

	it('are written reduced, and to the nearest tick', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 9000, noNaN: true }),
				fc.constantFrom(16 as const, 32 as const),
				(mm, tick) => {
					const said = formatLength(mm, 'inch', { tick });
					const nearest = new Fraction(Math.round((mm / 25.4) * tick), tick);
					expect(inches(said).equals(nearest), `${mm} mm is ${said}, not ${nearest.toFraction(true)}`).toBe(true);
					expect(said.replace('"', '')).toBe(nearest.toFraction(true));
					expect(Math.abs(inches(said).valueOf() * 25.4 - mm)).toBeLessThanOrEqual(25.4 / tick / 2 + 1e-9);
				}
			)
		);
	});

	it('that are on the tape stay where they are', () => {
		fc.assert(
			fc.property(fc.nat(6000), fc.constantFrom(16 as const, 32 as const), (n, tick) => {
				const mm = (n / tick) * 25.4;
				expect(roundToTape(mm, 'inch', tick)).toBeCloseTo(mm, 9);
				const back = parseLength(formatLength(mm, 'inch', { tick, feet: true }), 'inch');
				expect(back.ok && back.value).toBeCloseTo(mm, 9);
			})
		);
	});
});
