import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { formatLength, roundToTape, tickSize } from './format-length';
import { formatQuantity } from './format-quantity';
import { parseLength } from './parse-length';
import { parseMass } from './parse-mass';
import { mm, phrase, sayPhrase } from './phrase';

const inches = (n: number) => n * 25.4;
const read = (text: string, unit: 'inch' | 'mm' = 'mm') => {
	const got = parseLength(text, unit);
	return got.ok ? got.value : got.error;
};

describe('reading a length', () => {
	test.each<[string, 'inch' | 'mm', number]>([
		['3 7/16', 'inch', inches(3.4375)],
		['3-7/16"', 'mm', inches(3.4375)],
		['3 - 7/16 in', 'mm', inches(3.4375)],
		['3.4375in', 'mm', inches(3.4375)],
		['7\' 2 1/2"', 'mm', inches(86.5)],
		["7'2.5", 'mm', inches(86.5)],
		['7 ft 2 1/2 in', 'mm', inches(86.5)],
		['7\'-2 1/2"', 'mm', inches(86.5)],
		['7′ 2½″', 'mm', inches(86.5)],
		['3½', 'inch', inches(3.5)],
		['½', 'inch', inches(0.5)],
		['⅞"', 'mm', inches(0.875)],
		['3 7⁄16"', 'mm', inches(3.4375)],
		['87 mm', 'inch', 87],
		['87', 'mm', 87],
		['87', 'inch', inches(87)],
		['12.5cm', 'inch', 125],
		['12,5 cm', 'inch', 125],
		['1,250 m', 'mm', 1250],
		['87,5', 'mm', 87.5],
		['1.2 m', 'inch', 1200],
		['1 m 20 cm', 'inch', 1200],
		['.5', 'inch', inches(0.5)],
		['7/16', 'inch', inches(0.4375)],
		['-3', 'mm', -3],
		['  40 millimetres ', 'inch', 40],
		["3''", 'mm', inches(3)],
		['2 feet', 'mm', inches(24)]
	])('%s in %s', (text, unit, want) => {
		expect(read(text, unit)).toBeCloseTo(want, 9);
	});

	test.each([
		['three', /Not understood: "three"/],
		['3 7/0', /divides by zero/],
		['', /Type a length/],
		['1,200', /Is "1,200" mm 1200 or 1.2\?/],
		['1,200 mm', /without the comma/],
		['12 parsecs', /Not understood: "parsecs"/],
		['2 in 3 ft', /larger unit first/],
		['5 mm 3', /Not understood|no unit/],
		['9'.repeat(70), /too long/],
		['NaN', /Not understood: "NaN"/],
		['1e400', /Not understood/]
	])('refuses %s and says why', (text, why) => {
		const got = parseLength(text, 'mm');
		expect(got.ok ? 'taken' : got.error).toMatch(why);
	});
});

describe('writing a length', () => {
	it('reduces fractions and drops what is nothing', () => {
		expect(formatLength(inches(3.4375), 'inch')).toBe('3 7/16"');
		expect(formatLength(inches(3.5), 'inch')).toBe('3 1/2"');
		expect(formatLength(inches(0.25), 'inch')).toBe('1/4"');
		expect(formatLength(0, 'inch')).toBe('0"');
		expect(formatLength(inches(-0.5), 'inch')).toBe('-1/2"');
		expect(formatLength(inches(86.5), 'inch', { feet: true })).toBe('7\' 2 1/2"');
		expect(formatLength(inches(23 / 32), 'inch', { tick: 32 })).toBe('23/32"');
		expect(formatLength(87.3125, 'mm')).toBe('87 mm');
		expect(formatLength(-0.2, 'mm')).toBe('0 mm');
		expect(formatLength(Number.NaN, 'mm')).toBe('no length');
	});

	it('carries a fraction that rounds up to a whole inch', () => {
		expect(formatLength(inches(2.999), 'inch')).toBe('3"');
	});

	it('reads back what it wrote, to half a tick', () => {
		fc.assert(
			fc.property(
				fc.double({ min: -40_000, max: 40_000, noNaN: true }),
				fc.constantFrom('inch', 'mm'),
				fc.boolean(),
				fc.constantFrom(16, 32),
				(x, unit, feet, tick) => {
					const back = parseLength(formatLength(x, unit, { tick, feet }), unit);
					expect(back.ok).toBe(true);
					if (back.ok) expect(Math.abs(back.value - x)).toBeLessThanOrEqual(tickSize(unit, tick) / 2 + 1e-6);
				}
			)
		);
	});

	it('writes what is on the tape exactly', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 20_000 }), (n) => {
				const x = (n * 25.4) / 16;
				expect(read(formatLength(x, 'inch'), 'inch')).toBeCloseTo(x, 6);
				expect(roundToTape(x, 'inch')).toBeCloseTo(x, 9);
			})
		);
	});
});

describe('weights and other quantities', () => {
	it('reads weights in the units people use', () => {
		const kg = (t: string, unit: 'inch' | 'mm' = 'mm') => {
			const got = parseMass(t, unit);
			return got.ok ? got.value : got.error;
		};
		expect(kg('2.4 kg')).toBeCloseTo(2.4);
		expect(kg('800 g')).toBeCloseTo(0.8);
		expect(kg('5 lb')).toBeCloseTo(2.26796185, 8);
		expect(kg('12 oz')).toBeCloseTo(0.3401942775, 8);
		expect(kg('3', 'inch')).toBeCloseTo(1.36077711, 8);
		expect(kg('heavy')).toMatch(/Not understood: "heavy"/);
	});

	it('says the same force in either system', () => {
		expect(formatQuantity({ value: 190, dim: 'force' }, 'mm')).toBe('190 N');
		expect(formatQuantity({ value: 190, dim: 'force' }, 'inch')).toBe('42.7 lb');
		expect(formatQuantity({ value: Math.PI / 4, dim: 'angle' }, 'inch')).toBe('45°');
		expect(formatQuantity({ value: Infinity, dim: 'ratio' }, 'mm')).toBe('no limit');
	});

	it('fills a phrase, rounding places to the tape', () => {
		const p = phrase('stud {x@tape}, {y}', { x: mm(830.4), y: mm(12.7) });
		expect(sayPhrase(p, 'mm')).toBe('stud 830 mm, 12.7 mm');
		expect(sayPhrase(p, 'inch')).toBe('stud 32 11/16", 1/2"');
	});
});

describe('feet, and pounds with ounces', () => {
	it('stay exact', () => {
		const read = (text: string) => {
			const got = parseLength(text, 'inch');
			return got.ok ? got.value : Number.NaN;
		};
		expect([read("20'"), read("8'"), read('3 ft 2 in'), read('7\' 2 1/2"')]).toEqual([6096, 2438.4, 965.2, 2197.1]);
		for (let feet = 1; feet <= 100; feet++) {
			expect(read(`${feet}'`)).toBe(Number((feet * 304.8).toFixed(1)));
			// A length means the same on every screen: the tape of sums is finer, and shows no other figure.
			expect(formatQuantity({ value: read(`${feet}'`), dim: 'length' }, 'inch')).toBe(
				formatLength(read(`${feet}'`), 'inch')
			);
		}
	});
	it('are read together', () => {
		const kg = (text: string) => {
			const got = parseMass(text, 'inch');
			return got.ok ? got.value : got.error;
		};
		expect(kg('3 lb 4 oz')).toBeCloseTo(3.25 * 0.45359237, 9);
		expect(kg('3lb 4oz')).toBe(kg('3 lb, 4 oz'));
		expect(kg('3 lb 16 oz')).toMatch(/a pound or more/);
	});
});
