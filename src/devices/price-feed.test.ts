import { describe, expect, it } from 'vitest';
import { newPrice, type Price } from '$core/prices/price';
import { asAnswered, movedMuch, risenBy, takeAnswers } from '$core/prices/take-quotes';
import { quotes } from './price-feed';

const priceOf = (figures: Partial<Price>): Price => ({ ...newPrice('a', 'board'), ...figures });

describe('the simulated stores', () => {
	const asked = Array.from({ length: 400 }, (_, i) => ({ id: `p${i}`, price: i % 10 === 0 ? null : 20 + i }));
	const list = asked.map((a) => priceOf({ ...a, date: '2026-01-01' }));
	const answered = asAnswered(list, quotes(asked, 7));
	it('answer the same to the same seed, leave gaps, and move some prices a little', () => {
		expect(quotes(asked, 7)).toEqual(quotes(asked, 7));
		expect(quotes(asked, 8)).not.toEqual(quotes(asked, 7));
		const gaps = answered.filter((a) => a.now === null).length;
		expect(gaps).toBeGreaterThan(20);
		expect(gaps).toBeLessThan(90);
		const rises = answered.map(risenBy).filter((r) => r !== null);
		expect(rises.filter((r) => r === 0).length).toBeGreaterThan(60);
		expect(Math.max(...rises.map(Math.abs))).toBeLessThan(0.4);
	});
	it('leave a price as it was, with its day, where they say nothing or nonsense', () => {
		const wrong = [Number.NaN, 0, -4, Infinity, null].map((p, i) => ({ id: `p${i}`, price: p }));
		expect(takeAnswers(asAnswered(list, wrong), '2026-11-28')).toEqual([]);
		const [first] = takeAnswers(asAnswered(list, [{ id: 'p1', price: 9 }]), '2026-11-28');
		expect([first?.id, first?.price, first?.date]).toEqual(['p1', 9, '2026-11-28']);
	});
	it('are looked at twice where a price moves much', () => {
		const moved = (now: number) => movedMuch({ price: priceOf({ price: 100 }), now });
		expect([moved(124), moved(126), moved(74)]).toEqual([false, true, true]);
	});
});
