import { describe, expect, it, test } from 'vitest';
import { formatQuantity, type Dimension } from './format-quantity';
import { parseLengths } from './parse-lengths';
import { angle, fine, mm, phrase, sayPhrase } from './phrase';

describe('several lengths in one field', () => {
	test.each([
		['0, 600', 'mm', [0, 600]],
		['600; 0', 'mm', [0, 600]],
		['4 1/2, 9', 'inch', [114.3, 228.6]],
		['12,5 mm, 20 mm', 'mm', [12.5, 20]],
		['', 'mm', []],
		['300 to 1900 in 5', 'mm', [300, 700, 1100, 1500, 1900]],
		['4 in to 20 in in 3, 30', 'inch', [101.6, 304.8, 508, 762]],
		// As two pencils step them off: 14 3/4 less an inch at either end, over five.
		['1 to 13 3/4 in 6', 'inch', [0, 1, 2, 3, 4, 5].map((i) => (1 + (i * 12.75) / 5) * 25.4)]
	] as const)('%j in %s', (text, unit, want) => {
		const got = parseLengths(text, unit);
		expect(got.ok && got.value.map((x) => Number(x.toFixed(6)))).toEqual([...want].map((x) => Number(x.toFixed(6))));
	});

	it('are refused with the one that is not understood', () => {
		const got = parseLengths('600, wide', 'mm');
		expect(got.ok ? '' : got.error).toMatch(/wide/);
		for (const [text, words] of [
			['300 to 900 in 1', /whole number/],
			['300 to 900 in some', /whole number/],
			['300 to 900 in 1e9', /whole number/],
			['300 to far in 3', /far/]
		] as const) {
			const none = parseLengths(text, 'mm');
			expect(none.ok ? '' : none.error).toMatch(words);
		}
	});
});

describe('figures', () => {
	// Exact by definition: an inch is 25.4 mm, a pound-force 4.448 N, a pound 0.4536 kg; a psf is 47.88 Pa.
	test.each<[Dimension, number, string, string]>([
		['fine-length', 0.5489, '0.55 mm', '0.022 in'],
		['area-load', 20 * 47.880259e-6, '0.96 kN/m²', '20.0 psf'],
		['angle', Math.PI / 8, '22.5°', '22.5°'],
		['angle', Math.PI / 4, '45°', '45°'],
		['density', 16.018463, '16 kg/m³', '1.0 lb/ft³'],
		['force', 4.4482216, '4 N', '1.0 lb'],
		['mass', 0.45359237, '0.5 kg', '1.0 lb']
	])('of %s, %d', (dim, value, metric, inches) => {
		expect(formatQuantity({ value, dim }, 'mm')).toBe(metric);
		expect(formatQuantity({ value, dim }, 'inch')).toBe(inches);
	});

	it('under a power stand in brackets with their unit', () => {
		expect(sayPhrase(phrase('{d}^4 and {d}³ and {n}²', { d: fine(23.42), n: '7' }), 'mm')).toBe(
			'(23.42 mm)^4 and (23.42 mm)³ and 7²'
		);
		expect(sayPhrase(phrase('tan {a} over {x@tape}', { a: angle(16.7), x: mm(830.4) }), 'mm')).toBe(
			'tan 16.7° over 830 mm'
		);
	});
});
