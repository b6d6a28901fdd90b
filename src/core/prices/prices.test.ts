import { describe, expect, it } from 'vitest';
import { slipwayShop } from '../demo/slipway-shop';
import { isValidItem, itemProblems } from '../shop/valid';
import { sayMoney } from './money';
import { eachOf, newPrice, PRICE_COLUMNS, priceName, type Price } from './price';
import { priceFor, sells, type Ware } from './ware';

const price = (figures: Partial<Price>): Price => ({ ...newPrice('a', 'board'), ...figures });

describe('what one costs', () => {
	it.each([
		['a piece by itself', { price: 12 }, 12],
		['of a box of 200, without its tax of 25 %', { price: 8, pack: 200, taxed: false }, 0.05],
		['by the metre', { price: 2.5, per: 'metre', length: 2400 }, 6],
		['by the square metre', { price: 10, per: 'square-metre', length: 2500, width: 1200 }, 30],
		['each, in a pack of six', { price: 3, per: 'piece', pack: 6 }, 3],
		['by the metre, its length not said', { price: 2.5, per: 'metre' }, null],
		['nobody has asked', { price: null }, null],
		['nothing: that is no price', { price: 0 }, null]
	] as const)('%s', (_, figures, want) => {
		const got = eachOf(price(figures), 25);
		if (want === null) expect(got).toBeNull();
		else expect(got).toBeCloseTo(want, 12);
	});

	it('is written as on a bill', () => {
		expect([sayMoney(1234.5, 'EUR'), sayMoney(0.005, ''), sayMoney(1234567.891, 'kr')]).toEqual([
			'1 234.50 EUR',
			'0.01',
			'1 234 567.89 kr'
		]);
	});
});

describe('a line sells', () => {
	const board = price({ material: 'spruce', thickness: 44, width: 94, length: 2400 });
	const c16: Ware = { sold: 'wood', stock: '44x94', width: 94, length: 2400 };
	it('a wood of a strength class only where it says that class', () => {
		expect(sells(board, c16)).toBe(false);
		expect(sells({ ...board, name: 'Planed spruce, c16' }, c16)).toBe(true);
		expect(sells({ ...board, name: 'C16', sold: 'sheet' }, c16)).toBe(false);
		expect(sells({ ...board, name: 'C16', thickness: 38 }, c16)).toBe(false);
	});
	it.each([
		['a screw of its size and length', { sold: 'screw', width: 4.2, length: 32 }, { size: '#8', length: 32 }, true],
		['not a thicker one', { sold: 'screw', width: 4.8, length: 32 }, { size: '#8', length: 32 }, false],
		['not a longer one', { sold: 'screw', width: 4.2, length: 38 }, { size: '#8', length: 32 }, false]
	] as const)('%s', (_, line, ware, want) => expect(sells(price(line), { sold: 'screw', ...ware })).toBe(want));
	it('a solid rod is no tube of the same width', () => {
		const tube = price({ sold: 'rod', material: 'rod-aluminium', width: 25, thickness: 2, length: 2500 });
		expect(sells(tube, { sold: 'rod', rod: 'aluminium-tube-25' })).toBe(true);
		expect(sells({ ...tube, thickness: null }, { sold: 'rod', rod: 'aluminium-tube-25' })).toBe(false);
	});
	it('a strap of its width and thickness, in any length', () => {
		const strap = price({ sold: 'strap', material: 'rod-steel', width: 30, thickness: 4, length: 6000 });
		const ware: Ware = { sold: 'strap', strap: 'strap-30' };
		expect(sells(strap, ware)).toBe(true);
		for (const other of [
			{ thickness: 3 },
			{ width: 25 },
			{ thickness: null },
			{ length: null },
			{ sold: 'rod' as const }
		])
			expect(sells({ ...strap, ...other }, ware)).toBe(false);
	});
	it.each([
		c16,
		{ sold: 'wood', stock: 'ply-18', width: 1220, length: 2440 },
		{ sold: 'dowel', diameter: 25, length: 1000 },
		{ sold: 'rod', rod: 'emt-3/4' },
		{ sold: 'rod', rod: 'steel-12' },
		{ sold: 'strap', strap: 'strap-3/4' },
		{ sold: 'strap', strap: 'strap-30' },
		{ sold: 'screw', size: '#10', length: 80 },
		{ sold: 'plug', diameter: 8, length: 50 },
		{ sold: 'part', name: 'brads', length: 32 },
		{ sold: 'glue' }
	] as const)('just what it was made for: $sold', (ware) => {
		const line = priceFor(ware, 'x');
		expect([sells(line, ware), isValidItem('prices', line)]).toEqual([true, true]);
	});
});

describe('a price list', () => {
	it('offers every choice once: birch is a board and a dowel', () => {
		for (const c of PRICE_COLUMNS) {
			if (c.kind !== 'choice') continue;
			for (const of of ['value', 'name'] as const) {
				const all = c.choices.map((x) => x[of]);
				expect(new Set(all).size, c.key).toBe(all.length);
			}
		}
	});
	it('of the demo is right, and says some prices not', () => {
		const { prices } = slipwayShop();
		expect(prices.flatMap((p) => itemProblems('prices', p))).toEqual([]);
		expect(prices.filter((p) => p.price === null).map(priceName)).toEqual(['Plywood', 'Dowel']);
	});
	it.each([
		['price', { price: -1 }],
		['price', { price: Number.NaN }],
		['pack', { pack: 0 }],
		['date', { date: '2026-02-30' }],
		['date', { date: 'May' }],
		['sold', { sold: 'timber' as never }],
		['length', { length: -5 }]
	])('refuses a wrong %s: %j', (path, figures) => {
		expect(itemProblems('prices', price(figures)).map((p) => p.path)).toContain(path);
	});
});
