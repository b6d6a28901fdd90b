import { seeded } from '$core/seeded';
import { gauss } from './noise';

/** What a store answers when it is asked for a price; null where it has none to tell. */
export interface Quote {
	id: string;
	price: number | null;
}

/** Spread of what prices have moved since they were last asked, as a share. */
const MOVES = 0.06;
/** Share of lines that a store says nothing about: sold out, or not in its list. */
const GAPS = 0.12;
/** So many prices have not moved at all. */
const STILL = 0.4;
/** A first price of what nobody has asked for before lies between these. */
const FIRST = [2, 60] as const;

const cents = (money: number) => Math.max(0.01, Math.round(money * 100) / 100);

/**
 * Answers of the simulated stores: some prices are as they were, some have moved, some are missing. There is no store
 * behind it, and the screen says so.
 * @param asked lines of a price list, with their last price
 * @param seed the same seed gives the same answers
 * @example quotes([{ id: 'a', price: 58 }], 1)[0]?.price
 */
export function quotes(asked: readonly Quote[], seed: number): Quote[] {
	const next = seeded(seed);
	return asked.map(({ id, price }) => {
		const [gap, still, moved, first] = [next(), next(), gauss(next), next()];
		if (gap < GAPS) return { id, price: null };
		if (price === null || price <= 0) return { id, price: cents(FIRST[0] + first * (FIRST[1] - FIRST[0])) };
		return { id, price: still < STILL ? price : cents(price * Math.exp(moved * MOVES)) };
	});
}
