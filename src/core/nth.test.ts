import { describe, expect, it } from 'vitest';
import { lastOf, nth } from './nth';

describe('an item that must be there', () => {
	it('is given, whatever it is', () => {
		expect(nth([40, 50], 1)).toBe(50);
		expect(nth([undefined, 0], 0)).toBeUndefined();
		expect(nth(new Float64Array([1, 2]), 0)).toBe(1);
		expect(lastOf([40, 50])).toBe(50);
	});

	it('is never made up: no place, one before the first or after the last, is a fault that names it', () => {
		for (const place of [-1, 2, Number.NaN, Infinity]) expect(() => nth([40, 50], place)).toThrow(RangeError);
		expect(() => nth([40, 50], 2)).toThrow('Nothing at 2 of 2');
		expect(() => lastOf([])).toThrow('Nothing at -1 of 0');
	});
});
