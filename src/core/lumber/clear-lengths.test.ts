import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { NO_PRICES } from '../prices/ware';
import { offersOf } from '../cutting/offers';
import { newBoard, type Board } from './board';
import { clearLengths, cutOut, readStretches } from './clear-lengths';

const read = (text: string, unit: 'mm' | 'inch' = 'mm') => readStretches(text, 2400, unit);
const places = (text: string, unit: 'mm' | 'inch' = 'mm') => {
	const got = read(text, unit);
	return got.ok ? got.value.map((s) => [s.from, s.to]) : got.error;
};

describe('bad places', () => {
	it.each([
		[
			'600-650; 1800 to 1830',
			[
				[600, 650],
				[1800, 1830]
			]
		],
		[
			'1800–1830, 650 - 600',
			[
				[600, 650],
				[1800, 1830]
			]
		],
		['600 mm to 65 cm', [[600, 650]]],
		['', []],
		// Those that touch are one.
		['600-650; 640-700', [[600, 700]]],
		// No saw cuts out less than 4.
		['700 to 700', [[698, 702]]],
		['0-30', [[0, 30]]],
		['2399 to 2400', [[2397.5, 2400]]]
	] as [string, number[][]][])('%j', (text, want) => expect(places(text)).toEqual(want));
	it('in inches and fractions', () =>
		expect((places('23 5/8 to 25; 3-7/16" to 4"', 'inch') as number[][]).flat().map((x) => x / 25.4)).toEqual(
			[3.4375, 4, 23.625, 25].map((x) => expect.closeTo(x, 9))
		));
	it.each([
		['600', /from where to where/],
		['600-700-800', /Not understood/],
		['2300 to 2500', /not on the board/],
		['wide to 5', /./],
		['-50 to 20', /not on the board/]
	])('%j is refused', (text, why) => expect(places(text)).toMatch(why));
});

describe('clear lengths', () => {
	it('lie between them', () => {
		expect(clearLengths(2400, [{ from: 600, to: 650 }])).toEqual([
			{ from: 0, to: 600 },
			{ from: 650, to: 2400 }
		]);
		expect(
			clearLengths(2400, [
				{ from: 0, to: 30 },
				{ from: 2300, to: 2400 }
			])
		).toEqual([{ from: 30, to: 2300 }]);
		expect(clearLengths(100, [{ from: 0, to: 100 }])).toEqual([]);
	});
	it('and bad places are the whole board together, and never lie over one another', () => {
		const place = fc.tuple(fc.integer({ min: 0, max: 2400 }), fc.integer({ min: 0, max: 2400 }));
		fc.assert(
			fc.property(fc.array(place, { maxLength: 6 }), (all) => {
				const got = read(all.map(([a, b]) => `${a} to ${b}`).join('; '));
				if (!got.ok) throw new Error(got.error);
				const parts = [...got.value, ...clearLengths(2400, got.value)].sort((a, b) => a.from - b.from);
				let at = 0;
				for (const { from, to } of parts) {
					expect(from).toBeCloseTo(at, 9);
					at = to;
				}
				expect(at).toBeCloseTo(2400, 9);
				for (const [a, b] of all)
					expect(got.value.some((s) => s.from <= Math.min(a, b) + 1e-9 && s.to >= Math.max(a, b) - 1e-9)).toBe(true);
			})
		);
	});
});

describe('cutting them out', () => {
	const RULE = { keepLength: 300, keepWidth: 50 };
	let n = 0;
	const newId = () => `n${n++}`;
	const line: Board = { ...newBoard('b', 'sheet', false), count: 3, width: 400, shortest: 2400, longest: 2400 };
	const out = (bad: string, of = line) => {
		const got = read(bad);
		if (!got.ok) throw new Error(got.error);
		return cutOut(of, got.value, RULE, newId);
	};
	it('takes one board off the line, and keeps what is long enough', () => {
		const { pieces, left } = out('600-650; 800-900; 2350-2400');
		expect(pieces.map((p) => [p.count, p.shortest, p.longest, p.offcut])).toEqual([
			[1, 600, 600, true],
			[1, 1450, 1450, true]
		]);
		expect(left).toEqual({ ...line, count: 2 });
	});
	it('keeps what is narrow: the board was kept so', () => {
		const { pieces } = out('600-650', { ...line, width: 32 });
		expect(pieces.map((p) => [p.width, p.shortest])).toEqual([
			[32, 600],
			[32, 1750]
		]);
	});
	it('puts equal ones together, and the last board of a line is gone', () => {
		const { pieces, left } = out('1000-1400', { ...line, count: 1 });
		expect(pieces.map((p) => [p.count, p.shortest])).toEqual([[2, 1000]]);
		expect(left).toBeNull();
	});
	it('leaves boards that nothing is cut across the bad place of', () => {
		const { pieces } = out('1000-1400', { ...line, count: 1 });
		const offers = offersOf('ply-18', { kerf: 3, lengths: [] }, { boards: pieces, buying: NO_PRICES });
		expect(offers.filter((o) => o.owned).map((o) => [o.length, o.count])).toEqual([[1000, 2]]);
	});
});
