import type { Price } from './price';

/** What became of a price when it was asked again. */
export interface Asked {
	price: Price;
	/** What is asked now; null where nobody could say: then the old one stands. */
	now: number | null;
}

/** More than so much dearer or cheaper is looked at twice, as a share. */
const MUCH = 0.25;

/** Prices beside what was answered for them; lines that nobody answered for are gaps. */
export function asAnswered(prices: readonly Price[], quotes: readonly { id: string; price: number | null }[]): Asked[] {
	const answers = new Map(quotes.map((q) => [q.id, q.price]));
	return prices.map((price) => ({ price, now: sound(answers.get(price.id)) }));
}

/** Nothing, less than nothing, or no number is no price. */
const sound = (price: number | null | undefined): number | null =>
	typeof price === 'number' && Number.isFinite(price) && price > 0 ? price : null;

/** How much dearer it has become, as a share; null where there was no price, or is none. */
export function risenBy({ price, now }: Asked): number | null {
	return now === null || !price.price ? null : now / price.price - 1;
}

/** Has it moved by more than prices do? */
export const movedMuch = (asked: Asked): boolean => Math.abs(risenBy(asked) ?? 0) > MUCH;

/**
 * Prices as they are after asking: those answered with today's price and day, the rest as they were.
 * @example takeAnswers(asAnswered(prices, quotes), '2026-11-28')
 */
export const takeAnswers = (asked: readonly Asked[], day: string): Price[] =>
	asked.flatMap(({ price, now }) => (now === null ? [] : [{ ...price, price: now, date: day }]));
