import { describe, expect, it } from 'vitest';
import type { Ceiling } from '../plan/types';
import { covers, overlap } from './box';
import { joistsOver } from './joists';
import { pitched } from './pitched';

const ceiling: Ceiling = {
	kind: 'joists',
	direction: 'across',
	first: 200,
	pitch: 400,
	width: 45,
	depth: 195,
	height: 2440,
	species: 'c24'
};

describe('places at a pitch', () => {
	it('go as far as the end, and count one that comes to it', () => {
		expect(pitched(100, 400, 900)).toEqual([100, 500, 900]);
		expect(pitched(100, 400, 899)).toEqual([100, 500]);
		// 16 in on centre over 8 ft: the seventh stands at 96 in, whatever the binary digits of 25.4 say.
		expect(pitched(0, 16 * 25.4, 96 * 25.4)).toHaveLength(7);
	});
	it('are none where the first is beyond it', () => expect(pitched(1000, 400, 900)).toEqual([]));
});

describe('joists over a wall', () => {
	it('show their ends, each half its width to both sides, on the ceiling line', () => {
		const ends = joistsOver({ width: 1000, ceiling });
		expect(ends).toEqual([
			{ left: 177.5, right: 222.5, low: 2440, high: 2635 },
			{ left: 577.5, right: 622.5, low: 2440, high: 2635 },
			{ left: 977.5, right: 1022.5, low: 2440, high: 2635 }
		]);
	});
	it('are not seen where they run along it, under a slab, or unsurveyed', () => {
		expect(joistsOver({ width: 1000, ceiling: { ...ceiling, direction: 'along' } })).toEqual([]);
		expect(joistsOver({ width: 1000, ceiling: { ...ceiling, kind: 'slab' } })).toEqual([]);
		expect(joistsOver({ width: 1000 })).toEqual([]);
	});
});

describe('stretches of wall', () => {
	const a = { left: 0, right: 100, low: 0, high: 50 };
	it('overlap by more than a line', () => {
		expect(overlap(a, { left: 99, right: 200, low: 49, high: 80 })).toBe(true);
		expect(overlap(a, { left: 100, right: 200, low: 0, high: 50 })).toBe(false);
		expect(overlap(a, { left: 99.6, right: 200, low: 0, high: 50 })).toBe(false);
		expect(overlap(a, { left: 0, right: 100, low: 50, high: 80 })).toBe(false);
	});
	it('cover what lies within them, to half a millimetre', () => {
		expect(covers(a, { left: 10, right: 90, low: 10, high: 40 })).toBe(true);
		expect(covers(a, { left: -0.4, right: 100.4, low: 0, high: 50 })).toBe(true);
		expect(covers(a, { left: -1, right: 100, low: 0, high: 50 })).toBe(false);
		expect(covers(a, { left: 0, right: 100, low: 0, high: 51 })).toBe(false);
	});
});
